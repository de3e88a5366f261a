/**
 * Simulated motors with hidden faults, their meter, and the orders of checks judged on them.
 * Nothing that diagnoses may use it.
 *
 * <p>A real motor tells nobody whether the tool was right; this one does, as it knows what is
 * hidden in it. Begin with {@code HiddenFault} (what is wrong), then {@code SimulatedMotor#truth}
 * (what any check would find on it), then {@code BenchCall} (a whole call by one order of checks).
 * {@code Population} adds thousands of them up, and a {@code RealCall} is one that a shop had.
 *
 * <p>May use {@code chain}, {@code check}, {@code circuit}, {@code diagnosis}, {@code fact}, {@code
 * family}, {@code likelihood}, {@code winding}.
 */
@NullMarked
package variablerotor.core.bench;

import org.jspecify.annotations.NullMarked;
