/**
 * What a van should carry: of the motors that can be bought the few that cover most of those that
 * are out there. May use {@code family}, {@code match}, {@code motor}.
 */
@NullMarked
package variablerotor.core.van;

import org.jspecify.annotations.NullMarked;
