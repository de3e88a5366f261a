/**
 * Volts and speeds against their windows: line, commands, three phases. May use figures and text.
 */
package variablerotor.core.signal;
