/**
 * What a way forward costs at first.
 *
 * <p>Hours, rates and watts, each with who says so.
 *
 * <p>May use figures and text alone.
 */
@NullMarked
package variablerotor.core.cost;

import org.jspecify.annotations.NullMarked;
