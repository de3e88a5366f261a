/** What runs inside the compiler to JavaScript, so that the core means there what it means here. */
@NullMarked
package variablerotor.js.compiler;

import org.jspecify.annotations.NullMarked;
