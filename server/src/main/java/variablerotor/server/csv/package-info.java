/** Tables as text, comma-separated (RFC 4180), in and out. May use the refusals of {@code web}. */
package variablerotor.server.csv;
