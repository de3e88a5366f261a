/**
 * The words and rules that a page shows, and every figure with its source, in one list. May use
 * everything that has words.
 */
@NullMarked
package variablerotor.core.catalogue;

import org.jspecify.annotations.NullMarked;
