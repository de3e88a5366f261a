/** What the customer said to the ways laid before them: a stage of a call. */
package variablerotor.server.answer;
