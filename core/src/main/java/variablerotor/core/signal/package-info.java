/**
 * Volts and speeds against their windows: line, commands, three phases. May use figures and text
 * alone.
 */
@NullMarked
package variablerotor.core.signal;

import org.jspecify.annotations.NullMarked;
