/** The shop's own code books, edition by edition, and the count of a lamp. May use the log. */
package variablerotor.server.codebook;
