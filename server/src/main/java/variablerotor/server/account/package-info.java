/**
 * The shop's people: who they are, signing in, who made a save.
 *
 * <p>Begin with {@code Security} in {@code web} for what is let in, and here with {@code SignIn}
 * and {@code SessionApi}. Wrong passwords are counted in {@code GuardStore}.
 *
 * <p>May use the plumbing alone.
 */
@NullMarked
package variablerotor.server.account;

import org.jspecify.annotations.NullMarked;
