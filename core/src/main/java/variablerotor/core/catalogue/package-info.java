/**
 * The words and rules that a page shows, and every figure with its source, in one list. May use
 * everything that has words.
 */
package variablerotor.core.catalogue;
