/** Tables as text, comma-separated (RFC 4180), in and out. May use the plumbing alone. */
@NullMarked
package variablerotor.server.csv;

import org.jspecify.annotations.NullMarked;
