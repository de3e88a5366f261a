/**
 * Shapes laid out once, to be drawn by page and paper alike, and the pictures made of them. May use
 * windings and what else a picture is of; knows no page and no paper.
 */
@NullMarked
package variablerotor.core.drawing;

import org.jspecify.annotations.NullMarked;
