/**
 * A call as one open file, and back: everything that it holds, whole or not at all. May use {@code
 * account}, {@code call}, {@code document}, {@code log}, {@code photo}.
 */
@NullMarked
package variablerotor.server.callfile;

import org.jspecify.annotations.NullMarked;
