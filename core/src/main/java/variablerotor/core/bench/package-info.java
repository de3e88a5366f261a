/**
 * Simulated motors with hidden faults, their meter, and the orders of checks judged on them.
 * Nothing that diagnoses may use it. May use {@code chain}, {@code check}, {@code circuit}, {@code
 * diagnosis}, {@code fact}, {@code family}, {@code likelihood}, {@code winding}.
 */
@NullMarked
package variablerotor.core.bench;

import org.jspecify.annotations.NullMarked;
