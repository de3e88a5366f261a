/**
 * A unit over the years: its calls, what was left in it, and what its windings read before. May use
 * {@code chain}, {@code check}, {@code diagnosis}, {@code fact}, {@code handover}, {@code job},
 * {@code likelihood}, {@code motor}, {@code route}, {@code winding}.
 */
@NullMarked
package variablerotor.core.history;

import org.jspecify.annotations.NullMarked;
