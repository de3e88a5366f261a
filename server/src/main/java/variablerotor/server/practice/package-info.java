/**
 * Calls on simulated motors, and the meter that can be put to them. May use the call and the log.
 */
package variablerotor.server.practice;
