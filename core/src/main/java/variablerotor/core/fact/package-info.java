/**
 * Every fact that can be read, seen or told, with its unit, range and words, and those in force.
 * May use {@code chain}, {@code winding}.
 */
@NullMarked
package variablerotor.core.fact;

import org.jspecify.annotations.NullMarked;
