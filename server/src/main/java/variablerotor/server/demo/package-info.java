/** The invented shop that fills an empty database. May use everything. */
package variablerotor.server.demo;
