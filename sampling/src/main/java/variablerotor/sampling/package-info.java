/**
 * Which of the slow tests a run draws: no part of the product. Begin with {@link
 * variablerotor.sampling.Sampled}. Uses nothing of ours.
 */
@NullMarked
package variablerotor.sampling;

import org.jspecify.annotations.NullMarked;
