/**
 * One profile a family of motors, whole: links, terminals, probes, the faults it can have. May use
 * the chain and the kinds of fact.
 */
@NullMarked
package variablerotor.core.family;

import org.jspecify.annotations.NullMarked;
