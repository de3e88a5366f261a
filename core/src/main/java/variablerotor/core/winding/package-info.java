/**
 * From pairs to phases to a picture of the fault, with intervals; copper, insulation, back-EMF. May
 * use figures and text alone.
 */
@NullMarked
package variablerotor.core.winding;

import org.jspecify.annotations.NullMarked;
