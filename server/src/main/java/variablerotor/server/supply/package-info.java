/** The supply house: what it says of its parts, now or last. May use the shop's figures. */
package variablerotor.server.supply;
