/**
 * What is left behind at a unit, and what comes back to it: its label, the return visit.
 *
 * <p>The next technician opens the unit in two years and has the label alone. It says what was
 * done, never what was only meant.
 *
 * <p>May use {@code fitting}, {@code job}, {@code proof}, {@code route}, {@code wiring}.
 */
@NullMarked
package variablerotor.core.handover;

import org.jspecify.annotations.NullMarked;
