/**
 * The ways forward: which are open, on what conditions, and why not. May use {@code chain}, {@code
 * cost}, {@code diagnosis}, {@code fact}, {@code family}, {@code motor}, {@code winding}.
 */
@NullMarked
package variablerotor.core.route;

import org.jspecify.annotations.NullMarked;
