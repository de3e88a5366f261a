/** What a way forward costs at first. May use figures and text alone. */
@NullMarked
package variablerotor.core.cost;

import org.jspecify.annotations.NullMarked;
