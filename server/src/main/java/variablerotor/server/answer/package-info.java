/**
 * What the customer said to the ways laid before them: a stage of a call. May use {@code call},
 * {@code log}.
 */
@NullMarked
package variablerotor.server.answer;

import org.jspecify.annotations.NullMarked;
