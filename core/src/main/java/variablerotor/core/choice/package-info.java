/**
 * What is to be chosen from: every way with what it costs over the years, the motors that would
 * fit, and which way to go. May use {@code check}, {@code cost}, {@code diagnosis}, {@code fact},
 * {@code match}, {@code motor}, {@code route}, {@code stock}.
 */
@NullMarked
package variablerotor.core.choice;

import org.jspecify.annotations.NullMarked;
