/**
 * The supply house: what it says of its parts, now or last.
 *
 * <p>The supply house is somebody else's machine and may be slow, wrong or gone: {@code
 * SupplyClient} asks with patience that ends, {@code SupplyStore} remembers the last answer with
 * its age.
 *
 * <p>May use {@code shop}.
 */
@NullMarked
package variablerotor.server.supply;

import org.jspecify.annotations.NullMarked;
