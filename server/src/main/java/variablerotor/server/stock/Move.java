package variablerotor.server.stock;

import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import variablerotor.core.stock.Place;

/**
 * Parts that were counted, or came or went.
 *
 * @param at a van or a shelf
 * @param where its name
 * @param count how many; counted, how many lie there now
 * @param call that they were taken for; null where it was for none
 * @param toAt where they were moved to; null where they were not moved
 */
public record Move(
    Reason reason,
    Place at,
    String where,
    int count,
    @Nullable UUID call,
    @Nullable Place toAt,
    @Nullable String toWhere) {

  /** Why a count changes. */
  public enum Reason {
    COUNTED,
    RECEIVED,
    /** For a call. */
    TAKEN,
    PUT_BACK,
    MOVED,
    LENT,
    RETURNED
  }

  /** The other half of a move: as many, come to where they were moved to. */
  Move arriving() {
    return of(reason, Objects.requireNonNull(toAt), Objects.requireNonNull(toWhere), count, null);
  }

  /** Of one place, and for a call or none. */
  public static Move of(Reason reason, Place at, String where, int count, @Nullable UUID call) {
    return new Move(reason, at, where, count, call, null, null);
  }
}
