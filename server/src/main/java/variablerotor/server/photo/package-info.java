/**
 * Photos of a call, made anew without where and when: a stage of a call. May use {@code account},
 * {@code call}, {@code log}.
 */
@NullMarked
package variablerotor.server.photo;

import org.jspecify.annotations.NullMarked;
