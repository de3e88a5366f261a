/**
 * A call as it was opened and told, and the whole that its stages make of it; knows none of them.
 * May use the log and the shop's figures.
 */
package variablerotor.server.call;
