/**
 * Parts that a shop keeps and a supply house sells: their numbers and ratings, which part meets a
 * need, where it comes from, and what replaced what.
 *
 * <p>A {@code Need} is what a job asks for, a {@code Part} what lies somewhere; {@code Finder} and
 * {@code PickList} bring them together. A rating that nobody wrote down makes a perhaps, never a
 * yes.
 *
 * <p>May use {@code wiring}.
 */
@NullMarked
package variablerotor.core.stock;

import org.jspecify.annotations.NullMarked;
