/** What ways forward were said to cost: a stage of a call. */
package variablerotor.server.offer;
