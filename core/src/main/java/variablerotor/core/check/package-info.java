/**
 * Questions: what is asked, with which tools, in which state of the unit, in how many minutes, and
 * how facts answer them. Knows no likelihoods. May use {@code chain}, {@code fact}, {@code family},
 * {@code signal}, {@code winding}.
 */
@NullMarked
package variablerotor.core.check;

import org.jspecify.annotations.NullMarked;
