/**
 * What a plate says of motor and unit, what its fields may be, and warranty. May use families and
 * text.
 */
package variablerotor.core.motor;
