/**
 * Papers of a call.
 *
 * <p>Layout is data: templates in {@code papers/}, filled with a record a paper ({@code
 * ReportPage}, {@code SheetPage}, …) and printed by {@code Papers}.
 *
 * <p>May use {@code call}, {@code photo}.
 */
@NullMarked
package variablerotor.server.document;

import org.jspecify.annotations.NullMarked;
