/**
 * How what is kept is looked after, as whoever looks after the server tells it. May use the
 * plumbing alone.
 */
@NullMarked
package variablerotor.server.keeping;

import org.jspecify.annotations.NullMarked;
