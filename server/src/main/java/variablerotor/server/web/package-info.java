/**
 * The plumbing: refusals, limits, security, pages, the API's description. Knows no subject. Uses
 * nothing of ours.
 */
@NullMarked
package variablerotor.server.web;

import org.jspecify.annotations.NullMarked;
