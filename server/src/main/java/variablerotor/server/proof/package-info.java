/** What repairs showed, kept as far as it was read. May use {@code call}, {@code log}. */
@NullMarked
package variablerotor.server.proof;

import org.jspecify.annotations.NullMarked;
