/**
 * What ended calls turned out to be, and what the shop learns of it. May use {@code call}, {@code
 * csv}, {@code log}.
 */
@NullMarked
package variablerotor.server.outcome;

import org.jspecify.annotations.NullMarked;
