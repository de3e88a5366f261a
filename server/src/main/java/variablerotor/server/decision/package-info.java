/**
 * The ways forward that were chosen, each with the diagnosis that it stood on: a stage of a call.
 * May use {@code call}, {@code log}.
 */
@NullMarked
package variablerotor.server.decision;

import org.jspecify.annotations.NullMarked;
