/**
 * Whether one motor can stand in for another, attribute by attribute. May use motors and what they
 * stand in.
 */
@NullMarked
package variablerotor.core.match;

import org.jspecify.annotations.NullMarked;
