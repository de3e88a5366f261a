/** Between text and the plain trees of the core. May use the core. */
@NullMarked
package variablerotor.json;

import org.jspecify.annotations.NullMarked;
