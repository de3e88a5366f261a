/**
 * Conversions as they were made, wire by wire: a stage of a call. May use {@code call}, {@code
 * log}.
 */
@NullMarked
package variablerotor.server.wiring;

import org.jspecify.annotations.NullMarked;
