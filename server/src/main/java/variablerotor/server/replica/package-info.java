/**
 * A streaming replica of the database, where one is named: what {@code MayLag} marks is asked of
 * it, as long as it follows the primary closely and has what the asking device wrote.
 *
 * <p>{@code Replica} knows how far it is, {@code Routing} sends a reading transaction to it or to
 * the primary, {@code OwnWrites} tells a device how far the primary was when its change was kept.
 * Without one nothing here does anything.
 *
 * <p>Uses nothing of ours.
 */
@NullMarked
package variablerotor.server.replica;

import org.jspecify.annotations.NullMarked;
