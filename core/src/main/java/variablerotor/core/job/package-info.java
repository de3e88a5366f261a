/**
 * The log of a call, and what follows from it.
 *
 * <p>{@code JobLog} is what was recorded of a call, added to and never changed; {@code Job} is
 * everything that follows from it. Nothing is kept that can be worked out, but what a decision
 * stood on.
 *
 * <p>May use everything but {@code bench}, {@code view}.
 */
@NullMarked
package variablerotor.core.job;

import org.jspecify.annotations.NullMarked;
