/** The command line: thin, starts at once. May use the core and JSON. */
@NullMarked
package variablerotor.cli;

import org.jspecify.annotations.NullMarked;
