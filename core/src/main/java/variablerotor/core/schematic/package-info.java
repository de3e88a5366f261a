/**
 * Wirings as drawings, laid out by the program: a ladder that shows what feeds what, and a
 * connection drawing that shows each wire from terminal to terminal. May use {@code drawing},
 * {@code wiring}.
 */
@NullMarked
package variablerotor.core.schematic;

import org.jspecify.annotations.NullMarked;
