/**
 * From the plain trees of the open format to our types, every fault told by its path. May use
 * {@code check}, {@code choice}, {@code fact}, {@code family}, {@code fitting}, {@code match},
 * {@code motor}, {@code proof}, {@code route}, {@code signal}, {@code stock}, {@code van}, {@code
 * winding}, {@code wiring}.
 */
@NullMarked
package variablerotor.core.casefile;

import org.jspecify.annotations.NullMarked;
