/**
 * The one way to save: put once under the client's id, stamped, locked, never changed. May use
 * {@code account}.
 */
@NullMarked
package variablerotor.server.log;

import org.jspecify.annotations.NullMarked;
