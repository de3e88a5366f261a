/**
 * What a job takes: its list of parts, what was ordered for it, and what was lent meanwhile. May
 * use the stock.
 */
package variablerotor.server.order;
