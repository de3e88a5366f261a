/**
 * Motors that the shop can get, in and out as CSV, and the units that each would fit. May use
 * {@code call}, {@code csv}, {@code log}, {@code stock}.
 */
@NullMarked
package variablerotor.server.motor;

import org.jspecify.annotations.NullMarked;
