/**
 * Parts that the shop keeps: what they are, where how many lie, what came and went, and which were
 * found for the ways of a call. May use calls and what the supply house said.
 */
package variablerotor.server.stock;
