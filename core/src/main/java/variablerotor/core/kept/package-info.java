/**
 * What was kept outlives the names it was kept in: from the wording of its day to that of today,
 * and what nobody knows any more, as it was told. May use {@code casefile}.
 */
@NullMarked
package variablerotor.core.kept;

import org.jspecify.annotations.NullMarked;
