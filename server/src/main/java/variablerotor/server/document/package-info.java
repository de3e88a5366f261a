/** Papers of a call. May use {@code call}, {@code photo}. */
@NullMarked
package variablerotor.server.document;

import org.jspecify.annotations.NullMarked;
