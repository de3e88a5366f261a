/**
 * A call as one open file, and back: everything that it holds, whole or not at all.
 *
 * <p>{@code CallFiles} packs and checks the ZIP, {@code CallFileStore} reads and writes rows by
 * their columns, so that a new column needs nothing here.
 *
 * <p>May use {@code account}, {@code call}, {@code document}, {@code log}, {@code photo}.
 */
@NullMarked
package variablerotor.server.callfile;

import org.jspecify.annotations.NullMarked;
