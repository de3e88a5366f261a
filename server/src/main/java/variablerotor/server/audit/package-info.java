/**
 * Who did what that others answer for: signed in, changed rights, prices, settings, books, counts,
 * told how a call turned out. Nothing is written for it but what happens to accounts ({@code
 * account}); all else is read from the shop's logs, by the view {@code audit} of the database.
 *
 * <p>Begin with {@code AuditApi}; a new source is a part of that view and a word of {@code Deed}.
 *
 * <p>May use {@code csv}, {@code log}.
 */
@NullMarked
package variablerotor.server.audit;

import org.jspecify.annotations.NullMarked;
