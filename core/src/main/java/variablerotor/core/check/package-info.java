/**
 * Questions: what is asked, with which tools, in which state of the unit, in how many minutes, and
 * how facts answer them. May use facts, families, signals and windings; knows no likelihoods.
 */
@NullMarked
package variablerotor.core.check;

import org.jspecify.annotations.NullMarked;
