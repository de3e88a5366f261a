/**
 * The steps of the hands: what comes out, what is lost by it and given back, what goes in, how it
 * is set and first powered. May use {@code check}, {@code family}, {@code motor}, {@code route},
 * {@code wiring}.
 */
@NullMarked
package variablerotor.core.fitting;

import org.jspecify.annotations.NullMarked;
