/** Between text and the plain trees of the core. May use the core. */
package variablerotor.json;
