/**
 * Whether one motor can stand in for another, attribute by attribute.
 *
 * <p>The maker's motor is dear and a week away; another may do. {@code Matching} goes through the
 * plate point by point and says fits, fits with something done, or no.
 *
 * <p>May use {@code family}, {@code motor}, {@code signal}.
 */
@NullMarked
package variablerotor.core.match;

import org.jspecify.annotations.NullMarked;
