/** The shop's own figures. May use the log. */
package variablerotor.server.shop;
