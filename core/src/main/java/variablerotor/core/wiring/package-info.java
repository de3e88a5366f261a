/**
 * Parts, terminals and wires run call by call: which coils pull, what turns, and what would go
 * wrong. May use {@code circuit}.
 */
@NullMarked
package variablerotor.core.wiring;

import org.jspecify.annotations.NullMarked;
