/**
 * The one way to save: put once under the client's id, stamped, locked, never changed. May use
 * accounts and the plumbing.
 */
package variablerotor.server.log;
