/**
 * What is left behind at a unit, and what comes back to it: its label, the return visit. May use
 * {@code fitting}, {@code job}, {@code proof}, {@code route}, {@code wiring}.
 */
@NullMarked
package variablerotor.core.handover;

import org.jspecify.annotations.NullMarked;
