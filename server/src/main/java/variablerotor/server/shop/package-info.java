/** The shop's own figures. May use {@code log}. */
@NullMarked
package variablerotor.server.shop;

import org.jspecify.annotations.NullMarked;
