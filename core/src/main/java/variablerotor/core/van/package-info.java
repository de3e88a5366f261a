/**
 * What a van should carry: of the motors that can be bought the few that cover most of those that
 * are out there.
 *
 * <p>Which few motors cover most calls is a covering problem: {@code VanPlanner} solves it and says
 * where its answer is proved best.
 *
 * <p>May use {@code family}, {@code match}, {@code motor}.
 */
@NullMarked
package variablerotor.core.van;

import org.jspecify.annotations.NullMarked;
