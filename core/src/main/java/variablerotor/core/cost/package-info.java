/** What a way forward costs at first. May use figures alone. */
@NullMarked
package variablerotor.core.cost;

import org.jspecify.annotations.NullMarked;
