/**
 * From the plain trees of the open format to our types, every fault told by its path. May use
 * facts, plates and what a diagnosis is a function of.
 */
package variablerotor.core.casefile;
