/**
 * Parts, terminals and wires run call by call: which coils pull, what turns, and what would go
 * wrong.
 *
 * <p>A {@code Wiring} is a list of parts and wires. {@code Simulation} runs one call until nothing
 * moves, {@code Judge} says what would burn, {@code Planner} makes the wiring of a pattern, {@code
 * Mend} finds the wire that was meant. Simulation proves the record, not the copper: {@code
 * BeforePower} derives the ohm checks that prove the copper.
 *
 * <p>May use {@code circuit}.
 */
@NullMarked
package variablerotor.core.wiring;

import org.jspecify.annotations.NullMarked;
