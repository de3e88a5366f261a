/**
 * The ways forward: which are open, on what conditions, and why not.
 *
 * <p>{@code Route} names the ways forward, {@code Ways} opens, conditions or blocks each, {@code
 * ReasonId} says why and what lifts it. Money is not looked at here.
 *
 * <p>May use {@code chain}, {@code cost}, {@code diagnosis}, {@code fact}, {@code family}, {@code
 * motor}, {@code winding}.
 */
@NullMarked
package variablerotor.core.route;

import org.jspecify.annotations.NullMarked;
