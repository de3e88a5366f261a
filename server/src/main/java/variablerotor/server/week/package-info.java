/**
 * The week of a lead, from the shop's own calls: each figure with the calls behind it. May use
 * {@code call}, {@code csv}, {@code shop}.
 */
@NullMarked
package variablerotor.server.week;

import org.jspecify.annotations.NullMarked;
