/**
 * Lamps as a camera sees them: from small pictures of the place where a lamp is, frame by frame, to
 * when it was lit, in which colour, and what that amounts to.
 *
 * <p>A {@code LampPatch} follows one lamp while the hand shakes and the light changes; a {@code
 * LampTrace} parts lit from dark; a {@code LampWatch} holds one lamp or two against each other and
 * gives their flashes to the reader of {@code code}. What the camera could not see is said, never
 * guessed: a round with a gap in it does not count.
 *
 * <p>May use {@code code}.
 */
@NullMarked
package variablerotor.core.lamp;

import org.jspecify.annotations.NullMarked;
