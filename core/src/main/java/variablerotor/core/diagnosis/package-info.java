/**
 * Inference: what is believed after the readings, what is proved and why, what to ask next. May use
 * {@code chain}, {@code check}, {@code fact}, {@code family}, {@code likelihood}, {@code signal},
 * {@code winding}.
 */
@NullMarked
package variablerotor.core.diagnosis;

import org.jspecify.annotations.NullMarked;
