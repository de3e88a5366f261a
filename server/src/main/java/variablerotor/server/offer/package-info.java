/** What ways forward were said to cost: a stage of a call. May use {@code call}, {@code log}. */
@NullMarked
package variablerotor.server.offer;

import org.jspecify.annotations.NullMarked;
