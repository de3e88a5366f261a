/**
 * What was kept outlives the names it was kept in: from the wording of its day to that of today,
 * and what nobody knows any more, as it was told.
 *
 * <p>A shop keeps calls for decades, and words of this program change. Each row says in which
 * {@code Wording} it was written; {@code ReadBack} rewords it step by step, and what nobody knows
 * any more is shown as it was told.
 *
 * <p>May use {@code casefile}.
 */
@NullMarked
package variablerotor.core.kept;

import org.jspecify.annotations.NullMarked;
