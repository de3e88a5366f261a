/**
 * Parts that a shop keeps and a supply house sells: their numbers and ratings, which part meets a
 * need, where it comes from, and what replaced what. May use {@code wiring}.
 */
@NullMarked
package variablerotor.core.stock;

import org.jspecify.annotations.NullMarked;
