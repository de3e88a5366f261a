/**
 * How often an answer is seen under a fault, row by row with its reason; which causes and checks a
 * family has. May use questions and families; infers nothing.
 */
@NullMarked
package variablerotor.core.likelihood;

import org.jspecify.annotations.NullMarked;
