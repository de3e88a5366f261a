/**
 * The ways forward: which are open, on what conditions, and why not. May use plates, costs and a
 * diagnosis.
 */
@NullMarked
package variablerotor.core.route;

import org.jspecify.annotations.NullMarked;
