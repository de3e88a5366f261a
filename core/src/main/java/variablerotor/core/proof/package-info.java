/**
 * The repair held against its limits: what was read on the new part, what it must be, what a fail
 * leads to, and what is still to be read. Uses motor, family, route, the calls of {@code wiring}
 * and the windows of {@code signal}.
 */
@NullMarked
package variablerotor.core.proof;

import org.jspecify.annotations.NullMarked;
