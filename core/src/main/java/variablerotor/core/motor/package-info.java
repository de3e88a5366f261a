/**
 * What a plate says of motor and unit, what its fields may be, and warranty. May use {@code
 * family}, {@code winding}.
 */
@NullMarked
package variablerotor.core.motor;

import org.jspecify.annotations.NullMarked;
