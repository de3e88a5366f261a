/**
 * Networks of impedances, sources and contacts between named nodes, and their one solver.
 *
 * <p>Both the winding of a motor and the wiring of a cabinet are networks of a few nodes: {@code
 * Circuit} adds branches, {@code LinearSystem} solves it by elimination. Nothing here knows what a
 * motor is.
 *
 * <p>Uses nothing of ours.
 */
@NullMarked
package variablerotor.core.circuit;

import org.jspecify.annotations.NullMarked;
