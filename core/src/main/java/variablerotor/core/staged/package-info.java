/**
 * Lamps, sounds and plates that were made up, with what is true of them: for practice, and to
 * measure how well the telephone reads.
 *
 * <p>A {@code LampFilm} draws what a camera would see of a board's lamp in a shaking hand. What is
 * drawn here is not read here: the readers stand in rooms of their own and know nothing of it.
 *
 * <p>May use {@code code}, {@code lamp}, {@code plate}, {@code sound}.
 */
@NullMarked
package variablerotor.core.staged;

import org.jspecify.annotations.NullMarked;
