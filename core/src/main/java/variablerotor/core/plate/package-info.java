/**
 * What stands on a plate, from the words that were read off its picture.
 *
 * <p>A reader of letters gives words with the places where they stand and how sure it is of each.
 * {@code PlateReader} puts them into lines, knows the labels and units of motors', units' and
 * capacitors' plates, and takes a value only where a label or a unit says what it is. What was
 * mended or is unusual is marked, never passed on as read.
 *
 * <p>May use {@code signal}.
 */
@NullMarked
package variablerotor.core.plate;

import org.jspecify.annotations.NullMarked;
