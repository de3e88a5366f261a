/** The command line: thin, starts at once. May use the core and JSON. */
package variablerotor.cli;
