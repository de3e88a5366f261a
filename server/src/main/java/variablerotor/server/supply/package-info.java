/** The supply house: what it says of its parts, now or last. May use {@code shop}. */
@NullMarked
package variablerotor.server.supply;

import org.jspecify.annotations.NullMarked;
