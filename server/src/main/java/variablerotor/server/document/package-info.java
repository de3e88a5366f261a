/** Papers of a call. May use the call alone. */
package variablerotor.server.document;
