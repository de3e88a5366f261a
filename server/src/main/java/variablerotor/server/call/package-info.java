/**
 * A call as it was opened and told, and the whole that its stages make of it; knows none of them.
 *
 * <p>A call is put together of what each stage keeps of it ({@code CallPart}); no stage is known
 * here. {@code CallService} is the way in: {@code job} for all that follows from a call, {@code
 * after} to answer a save.
 *
 * <p>May use {@code account}, {@code log}, {@code shop}.
 */
@NullMarked
package variablerotor.server.call;

import org.jspecify.annotations.NullMarked;
