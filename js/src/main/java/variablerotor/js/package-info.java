/**
 * What the page can ask of the core compiled to JavaScript: a tree in, a tree out. May use the
 * core.
 */
@NullMarked
package variablerotor.js;

import org.jspecify.annotations.NullMarked;
