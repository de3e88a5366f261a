/**
 * Codes that boards tell: from taps to flashes to a code, and the shop's own books as tables.
 *
 * <p>A board tells its code with a lamp, and people miscount. {@code BlinkReader} takes the times
 * of taps and finds flashes, pauses and rounds; {@code CodeTable} reads what a shop wrote down of
 * such codes.
 *
 * <p>May use {@code chain}.
 */
@NullMarked
package variablerotor.core.code;

import org.jspecify.annotations.NullMarked;
