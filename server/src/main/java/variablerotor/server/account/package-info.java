/** The shop's people: who they are, signing in, who made a save. May use the plumbing alone. */
@NullMarked
package variablerotor.server.account;

import org.jspecify.annotations.NullMarked;
