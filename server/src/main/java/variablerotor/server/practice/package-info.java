/**
 * Calls on simulated motors, and the meter that can be put to them.
 *
 * <p>A practised call is a call like any other on a {@code Machine} that answers; {@code
 * MeterStreams} plays the meter.
 *
 * <p>May use {@code account}, {@code call}, {@code log}, {@code outcome}.
 */
@NullMarked
package variablerotor.server.practice;

import org.jspecify.annotations.NullMarked;
