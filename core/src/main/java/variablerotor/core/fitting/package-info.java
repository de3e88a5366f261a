/**
 * The steps of the hands: what comes out, what is lost by it and given back, what goes in, how it
 * is set and first powered.
 *
 * <p>Most of what goes wrong while fitting is forgetting how it was. {@code FitCase} is the job,
 * {@code Steps} makes the list of its steps, {@code Fitting} holds what was done against it and
 * says what comes next.
 *
 * <p>May use {@code check}, {@code family}, {@code motor}, {@code route}, {@code wiring}.
 */
@NullMarked
package variablerotor.core.fitting;

import org.jspecify.annotations.NullMarked;
