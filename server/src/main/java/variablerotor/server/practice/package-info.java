/**
 * Calls on simulated motors, and the meter that can be put to them. May use {@code account}, {@code
 * call}, {@code log}.
 */
@NullMarked
package variablerotor.server.practice;

import org.jspecify.annotations.NullMarked;
