/**
 * The log of a call, and what follows from it. May use everything but {@code bench}, {@code view}.
 */
@NullMarked
package variablerotor.core.job;

import org.jspecify.annotations.NullMarked;
