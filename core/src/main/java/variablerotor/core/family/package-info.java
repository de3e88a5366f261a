/**
 * One profile a family of motors, whole: links, terminals, probes, the faults it can have. May use
 * {@code chain}, {@code fact}.
 */
@NullMarked
package variablerotor.core.family;

import org.jspecify.annotations.NullMarked;
