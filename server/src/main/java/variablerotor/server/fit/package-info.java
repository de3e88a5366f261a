/** What was done of jobs with the hands, kept as far as it was done. May use the call. */
package variablerotor.server.fit;
