/** Conversions as they were made, wire by wire: a stage of a call. */
package variablerotor.server.wiring;
