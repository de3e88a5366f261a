/**
 * A call as it was opened and told, and the whole that its stages make of it; knows none of them.
 * May use {@code account}, {@code log}, {@code shop}.
 */
@NullMarked
package variablerotor.server.call;

import org.jspecify.annotations.NullMarked;
