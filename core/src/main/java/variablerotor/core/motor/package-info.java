/**
 * What a plate says of motor and unit, what its fields may be, and warranty.
 *
 * <p>What stands on plates, and what may stand there. Everything can be missing: a plate in an
 * attic is often unreadable.
 *
 * <p>May use {@code family}, {@code winding}.
 */
@NullMarked
package variablerotor.core.motor;

import org.jspecify.annotations.NullMarked;
