/**
 * From pairs to phases to a picture of the fault, with intervals; copper, insulation, back-EMF. May
 * use figures and text.
 */
package variablerotor.core.winding;
