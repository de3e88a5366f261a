/**
 * From pairs to phases to a picture of the fault, with intervals; copper, insulation, back-EMF.
 *
 * <p>A meter reads pairs of leads; the fault sits in a phase. {@code WindingAnalysis} goes from the
 * one to the other with the meter's own error carried along, so that it can also say that it cannot
 * tell.
 *
 * <p>May use figures and text alone.
 */
@NullMarked
package variablerotor.core.winding;

import org.jspecify.annotations.NullMarked;
