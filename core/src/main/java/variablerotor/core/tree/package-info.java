/** From records to plain trees, the one writer. Uses nothing of ours. */
@NullMarked
package variablerotor.core.tree;

import org.jspecify.annotations.NullMarked;
