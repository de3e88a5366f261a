/**
 * What is to be chosen from: every way with what it costs over the years, the motors that would
 * fit, and which way to go. May use routes, matches and a diagnosis.
 */
@NullMarked
package variablerotor.core.choice;

import org.jspecify.annotations.NullMarked;
