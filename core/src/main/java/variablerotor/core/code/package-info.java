/**
 * Codes that boards tell: from taps to flashes to a code, and the shop's own books as tables. May
 * use {@code chain}.
 */
@NullMarked
package variablerotor.core.code;

import org.jspecify.annotations.NullMarked;
