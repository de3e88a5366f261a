/**
 * Parts that the shop keeps: what they are, where how many lie, what came and went, and which were
 * found for the ways of a call.
 *
 * <p>Stock at a place is counted by moves, one at a time. Begin with {@code StockService}; lists
 * come in through {@code StockImports}, whole or not at all.
 *
 * <p>May use {@code call}, {@code csv}, {@code log}, {@code photo}, {@code supply}.
 */
@NullMarked
package variablerotor.server.stock;

import org.jspecify.annotations.NullMarked;
