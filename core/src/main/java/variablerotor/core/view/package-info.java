/**
 * The records that page, command line, papers and files read, and the step from a case to its
 * answer. May use everything but {@code bench}.
 */
@NullMarked
package variablerotor.core.view;

import org.jspecify.annotations.NullMarked;
