/**
 * How often an answer is seen under a fault, row by row with its reason; which causes and checks a
 * family has. Infers nothing. May use {@code chain}, {@code check}, {@code fact}, {@code family},
 * {@code signal}.
 */
@NullMarked
package variablerotor.core.likelihood;

import org.jspecify.annotations.NullMarked;
