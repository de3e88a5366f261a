/**
 * The repair held against its limits: what was read on the new part, what it must be, what a fail
 * leads to, and what is still to be read.
 *
 * <p>A repair is done when it is shown to be: {@code Proof} holds readings of the new part against
 * their limits, and where one fails says what to look at. {@code Airflow} works out the air that no
 * meter reads.
 *
 * <p>May use {@code check}, {@code family}, {@code motor}, {@code route}, {@code signal}, {@code
 * wiring}.
 */
@NullMarked
package variablerotor.core.proof;

import org.jspecify.annotations.NullMarked;
