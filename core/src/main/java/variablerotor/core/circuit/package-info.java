/**
 * Networks of impedances, sources and contacts between named nodes, and their one solver. Uses
 * nothing of ours.
 */
@NullMarked
package variablerotor.core.circuit;

import org.jspecify.annotations.NullMarked;
