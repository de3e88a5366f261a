/**
 * What a plate says of motor and unit, what its fields may be, and warranty. May use families and
 * text.
 */
@NullMarked
package variablerotor.core.motor;

import org.jspecify.annotations.NullMarked;
