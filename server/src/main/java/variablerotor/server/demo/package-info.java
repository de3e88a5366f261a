/** The invented shop that fills an empty database. May use everything. */
@NullMarked
package variablerotor.server.demo;

import org.jspecify.annotations.NullMarked;
