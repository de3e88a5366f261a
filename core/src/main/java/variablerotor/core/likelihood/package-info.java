/**
 * How often an answer is seen under a fault, row by row with its reason; which causes and checks a
 * family has. Infers nothing.
 *
 * <p>The judgement of the trade in numbers: {@code CommonCauses} says how common each cause is,
 * {@code CommonChecks} and {@code FamilyChecks} how often each answer is seen under it, with a line
 * of reason each. {@code Experience} is what a shop's own ended calls do to the former.
 *
 * <p>May use {@code chain}, {@code check}, {@code fact}, {@code family}, {@code signal}.
 */
@NullMarked
package variablerotor.core.likelihood;

import org.jspecify.annotations.NullMarked;
