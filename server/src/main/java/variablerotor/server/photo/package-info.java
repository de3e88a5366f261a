/** Photos of a call, made anew without where and when: a stage of a call. */
package variablerotor.server.photo;
