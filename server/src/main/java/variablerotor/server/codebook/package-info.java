/**
 * The shop's own code books, edition by edition, and the count of a lamp. May use {@code csv},
 * {@code log}.
 */
@NullMarked
package variablerotor.server.codebook;

import org.jspecify.annotations.NullMarked;
