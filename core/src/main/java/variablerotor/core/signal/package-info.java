/**
 * Volts and speeds against their windows: line, commands, three phases.
 *
 * <p>A {@code Window} is from which to which value a signal is good, and a hair outside is a
 * question, not a finding. {@code LineVoltage} reads what a plate means by 208-230.
 *
 * <p>May use figures and text alone.
 */
@NullMarked
package variablerotor.core.signal;

import org.jspecify.annotations.NullMarked;
