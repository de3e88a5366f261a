/**
 * The week of a lead, from the shop's own calls: each figure with the calls behind it.
 *
 * <p>{@code WeekStore} finds which calls stand behind a figure, {@code WeekService} works out what
 * needs their whole log.
 *
 * <p>May use {@code call}, {@code csv}, {@code log}, {@code shop}.
 */
@NullMarked
package variablerotor.server.week;

import org.jspecify.annotations.NullMarked;
