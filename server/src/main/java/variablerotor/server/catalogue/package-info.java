/** The core's words and rules over HTTP. May use the plumbing alone. */
@NullMarked
package variablerotor.server.catalogue;

import org.jspecify.annotations.NullMarked;
