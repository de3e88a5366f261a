/**
 * The ways forward that were chosen, each with the diagnosis that it stood on: a stage of a call.
 */
package variablerotor.server.decision;
