/** The shop's people: who they are, signing in, who made a save. May use the plumbing. */
package variablerotor.server.account;
