/** What repairs showed, kept as far as it was read. May use the call. */
package variablerotor.server.proof;
