/**
 * What ended calls turned out to be, and what the shop learns of it.
 *
 * <p>{@code OutcomeService} keeps what a call was and counts it; {@code OutcomeStore} hands a call
 * what the shop counted, if a lead let it ({@code LearningStore}).
 *
 * <p>May use {@code call}, {@code csv}, {@code log}.
 */
@NullMarked
package variablerotor.server.outcome;

import org.jspecify.annotations.NullMarked;
