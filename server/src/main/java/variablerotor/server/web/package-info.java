/** The plumbing: refusals, limits, security, pages, the API's description. Knows no subject. */
package variablerotor.server.web;
