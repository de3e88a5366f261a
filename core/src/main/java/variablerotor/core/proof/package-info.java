/**
 * The repair held against its limits: what was read on the new part, what it must be, what a fail
 * leads to, and what is still to be read. May use {@code check}, {@code family}, {@code motor},
 * {@code route}, {@code signal}, {@code wiring}.
 */
@NullMarked
package variablerotor.core.proof;

import org.jspecify.annotations.NullMarked;
