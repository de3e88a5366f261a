/**
 * Shapes laid out once, to be drawn by page and paper alike, and the pictures made of them.
 *
 * <p>A {@code Drawing} is a list of shapes with places; page and paper draw the same list. {@code
 * WindingPicture} is the smallest example of making one.
 *
 * <p>Knows no page and no paper. May use {@code winding}.
 */
@NullMarked
package variablerotor.core.drawing;

import org.jspecify.annotations.NullMarked;
