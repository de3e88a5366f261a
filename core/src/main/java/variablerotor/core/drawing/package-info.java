/**
 * Shapes laid out once, to be drawn by page and paper alike, and the pictures made of them. Knows
 * no page and no paper. May use {@code winding}.
 */
@NullMarked
package variablerotor.core.drawing;

import org.jspecify.annotations.NullMarked;
