/**
 * Every fact that can be read, seen or told, with its unit, range and words, and those in force.
 *
 * <p>One row of {@code FactType} is one thing that can be read: id, unit, range, words. A {@code
 * Fact} is one that was read, {@code Facts} those in force: the later corrects the earlier, and two
 * that were taken again must agree.
 *
 * <p>May use {@code chain}, {@code winding}.
 */
@NullMarked
package variablerotor.core.fact;

import org.jspecify.annotations.NullMarked;
