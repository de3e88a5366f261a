/**
 * What a job takes: its list of parts, what was ordered for it, and what was lent meanwhile. May
 * use {@code call}, {@code log}, {@code shop}, {@code stock}, {@code supply}.
 */
@NullMarked
package variablerotor.server.order;

import org.jspecify.annotations.NullMarked;
