/** A figure with its unit and who says so. Uses nothing of ours. */
package variablerotor.core.source;
