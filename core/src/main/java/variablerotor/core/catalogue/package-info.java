/**
 * The words and rules that a page shows, and every figure with its source, in one list.
 *
 * <p>The page asks for this once and shows titles, choices and limits by it, so that no word stands
 * in two places. A new list is a component of {@code Catalogue} and its name in {@code tree()}.
 *
 * <p>May use {@code chain}, {@code check}, {@code choice}, {@code code}, {@code cost}, {@code
 * diagnosis}, {@code fact}, {@code family}, {@code fitting}, {@code history}, {@code job}, {@code
 * likelihood}, {@code motor}, {@code proof}, {@code route}, {@code signal}, {@code stock}, {@code
 * winding}, {@code wiring}.
 */
@NullMarked
package variablerotor.core.catalogue;

import org.jspecify.annotations.NullMarked;
