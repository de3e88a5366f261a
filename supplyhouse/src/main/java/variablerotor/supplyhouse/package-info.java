/** A simulated supply house with an invented catalogue, for practice, demo and tests. */
package variablerotor.supplyhouse;
