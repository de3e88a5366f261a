/**
 * What a job takes: its list of parts, what was ordered for it, and what was lent meanwhile.
 *
 * <p>Orders and loans are events on a row that never changes: {@code Purchases} and {@code Loans}
 * say what can become of one, {@code JobPartsService} what a job still lacks.
 *
 * <p>May use {@code call}, {@code log}, {@code shop}, {@code stock}, {@code supply}.
 */
@NullMarked
package variablerotor.server.order;

import org.jspecify.annotations.NullMarked;
