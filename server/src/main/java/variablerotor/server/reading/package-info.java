/**
 * What was measured, seen and told, and what of it was taken back: a stage of a call. May use
 * {@code call}, {@code log}.
 */
@NullMarked
package variablerotor.server.reading;

import org.jspecify.annotations.NullMarked;
