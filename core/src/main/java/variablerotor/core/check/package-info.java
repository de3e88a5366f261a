/**
 * Questions: what is asked, with which tools, in which state of the unit, in how many minutes, and
 * how facts answer them. Knows no likelihoods.
 *
 * <p>A {@code Question} is what a technician is asked; a {@code Situation} is all that is known of
 * a call; {@code WaysToAnswer} finds the answer to the one in the other, and {@code Standing}
 * leaves out what an open switch or a machine that ran explains away.
 *
 * <p>May use {@code chain}, {@code fact}, {@code family}, {@code signal}, {@code winding}.
 */
@NullMarked
package variablerotor.core.check;

import org.jspecify.annotations.NullMarked;
