/** The core's words and rules over HTTP. */
package variablerotor.server.catalogue;
