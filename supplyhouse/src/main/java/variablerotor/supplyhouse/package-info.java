/** A simulated supply house with an invented catalogue, for practice, demo and tests. */
@NullMarked
package variablerotor.supplyhouse;

import org.jspecify.annotations.NullMarked;
