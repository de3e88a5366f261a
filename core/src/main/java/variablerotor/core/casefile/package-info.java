/**
 * From the plain trees of the open format to our types, every fault told by its path.
 *
 * <p>Files come from outside and are believed in nothing: each reader goes through one document
 * field by field on a {@code Fields}, and throws every fault at once with its path. Begin with
 * {@code CaseReader}; the others are built the same way.
 *
 * <p>May use {@code check}, {@code choice}, {@code code}, {@code fact}, {@code family}, {@code
 * fitting}, {@code match}, {@code motor}, {@code plate}, {@code proof}, {@code route}, {@code
 * signal}, {@code stock}, {@code van}, {@code winding}, {@code wiring}.
 */
@NullMarked
package variablerotor.core.casefile;

import org.jspecify.annotations.NullMarked;
