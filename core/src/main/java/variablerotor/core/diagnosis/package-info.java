/**
 * Inference: what is believed after the readings, what is proved and why, what to ask next. May use
 * the likelihoods and all below them.
 */
@NullMarked
package variablerotor.core.diagnosis;

import org.jspecify.annotations.NullMarked;
