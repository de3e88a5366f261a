/**
 * The log of a call, and what follows from it. May use diagnosis, ways forward and the open format.
 */
@NullMarked
package variablerotor.core.job;

import org.jspecify.annotations.NullMarked;
