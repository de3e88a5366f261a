/**
 * Whether one motor can stand in for another, attribute by attribute. May use {@code family},
 * {@code motor}, {@code signal}.
 */
@NullMarked
package variablerotor.core.match;

import org.jspecify.annotations.NullMarked;
