/** A figure with its unit and who says so. Uses nothing of ours. */
@NullMarked
package variablerotor.core.source;

import org.jspecify.annotations.NullMarked;
