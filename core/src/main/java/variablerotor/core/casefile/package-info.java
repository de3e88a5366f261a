/**
 * From the plain trees of the open format to our types, every fault told by its path. May use
 * facts, plates and what a diagnosis is a function of.
 */
@NullMarked
package variablerotor.core.casefile;

import org.jspecify.annotations.NullMarked;
