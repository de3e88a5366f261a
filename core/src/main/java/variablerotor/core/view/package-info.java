/**
 * The records that page, command line, papers and files read, and the step from a case to its
 * answer.
 *
 * <p>What others may read of the core. A new thing for the page is a component of a record here,
 * and its name in {@code tree()}.
 *
 * <p>May use everything but {@code bench}.
 */
@NullMarked
package variablerotor.core.view;

import org.jspecify.annotations.NullMarked;
