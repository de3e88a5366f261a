/**
 * Wirings as drawings, laid out by the program: a ladder that shows what feeds what, and a
 * connection drawing that shows each wire from terminal to terminal.
 *
 * <p>{@code Ladder} draws what feeds what, {@code Connections} each wire; both place boxes and
 * lines by rules, so that a wiring that nobody drew before still reads.
 *
 * <p>May use {@code drawing}, {@code wiring}.
 */
@NullMarked
package variablerotor.core.schematic;

import org.jspecify.annotations.NullMarked;
