/**
 * A unit over the years: its calls, the motors in it, and what its windings read before.
 *
 * <p>Calls to one unit, told as one story: {@code UnitHistory}, and as motors that were met or put
 * in: {@code MotorIn}. The pairs of a winding that was sound a year ago are worth more than any
 * rule; {@code Hindsight} asks of ended calls whether the shop's own counts would have helped.
 *
 * <p>May use {@code chain}, {@code check}, {@code diagnosis}, {@code fact}, {@code family}, {@code
 * fitting}, {@code handover}, {@code job}, {@code likelihood}, {@code motor}, {@code route}, {@code
 * winding}.
 */
@NullMarked
package variablerotor.core.history;

import org.jspecify.annotations.NullMarked;
