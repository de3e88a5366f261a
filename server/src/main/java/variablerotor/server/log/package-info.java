/**
 * The one way to save: put once under the client's id, stamped, locked, never changed.
 *
 * <p>{@code Save} says what the client said and what the server made of it; {@code LogStore#keep}
 * keeps it once. The same id with the same is the same save, with another it is refused. Everything
 * that a person records goes this way.
 *
 * <p>May use {@code account}.
 */
@NullMarked
package variablerotor.server.log;

import org.jspecify.annotations.NullMarked;
