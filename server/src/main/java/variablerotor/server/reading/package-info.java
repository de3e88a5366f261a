/** What was measured, seen and told, and what of it was taken back: a stage of a call. */
package variablerotor.server.reading;
