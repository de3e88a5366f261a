/**
 * What was done of jobs with the hands, kept as far as it was done. May use {@code call}, {@code
 * log}.
 */
@NullMarked
package variablerotor.server.fit;

import org.jspecify.annotations.NullMarked;
