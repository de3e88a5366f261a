/**
 * The ways forward: which are open, on what conditions, and why not. May use plates, costs and a
 * diagnosis.
 */
package variablerotor.core.route;
