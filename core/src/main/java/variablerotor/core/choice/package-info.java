/**
 * What is to be chosen from: every way with what it costs over the years, the motors that would
 * fit, and which way to go.
 *
 * <p>What is broken is known; now it costs money. {@code Market} holds what was said to cost what,
 * {@code Basis} what can be had, {@code Options} sets them against the ways that {@code route}
 * leaves open and ranks them.
 *
 * <p>May use {@code check}, {@code cost}, {@code diagnosis}, {@code fact}, {@code match}, {@code
 * motor}, {@code route}, {@code stock}.
 */
@NullMarked
package variablerotor.core.choice;

import org.jspecify.annotations.NullMarked;
