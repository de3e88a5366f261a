/** What runs inside the compiler to JavaScript, so that the core means there what it means here. */
package variablerotor.js.compiler;
