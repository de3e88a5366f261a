/**
 * The plumbing: refusals, limits, security, pages, the API's description. Knows no subject.
 *
 * <p>Read {@code Security} for who may do what, {@code BodyLimit} and {@code Gathered} for how
 * large a request may be, {@code Errors} for how a refusal is told.
 *
 * <p>Uses nothing of ours.
 */
@NullMarked
package variablerotor.server.web;

import org.jspecify.annotations.NullMarked;
