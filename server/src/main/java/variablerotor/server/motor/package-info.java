/** Motors that the shop can get, in and out as CSV, and the units that each would fit. */
package variablerotor.server.motor;
