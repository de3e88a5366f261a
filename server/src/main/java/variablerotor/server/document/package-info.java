/** Papers of a call. May use {@code call}. */
@NullMarked
package variablerotor.server.document;

import org.jspecify.annotations.NullMarked;
