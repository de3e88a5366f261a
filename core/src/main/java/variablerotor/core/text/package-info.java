/**
 * Numbers, dates and lists as they are spoken and written.
 *
 * <p>Numbers without needless digits, days, lists with an and.
 *
 * <p>Uses nothing of ours.
 */
@NullMarked
package variablerotor.core.text;

import org.jspecify.annotations.NullMarked;
