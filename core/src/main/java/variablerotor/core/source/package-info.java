/**
 * A figure with its unit and who says so.
 *
 * <p>Every constant that decides something is a {@code Figure}: a value, a unit, and who says so.
 * The page shows them on request.
 *
 * <p>Uses nothing of ours.
 */
@NullMarked
package variablerotor.core.source;

import org.jspecify.annotations.NullMarked;
