/**
 * What a microphone hears of a fan: its speed from the tones of its blades, and how it starts and
 * gives up.
 *
 * <p>A wheel of so many blades hums at blades times turns a second, and at whole multiples of that:
 * a comb of tones. A {@code SpeedEar} looks for combs and says the speed, or that it cannot. A
 * {@code StartEar} follows how loud it is and counts tries. {@code Spectrum} and {@code Decimator}
 * prepare the sound for them.
 *
 * <p>May use text and trees alone.
 */
@NullMarked
package variablerotor.core.sound;

import org.jspecify.annotations.NullMarked;
