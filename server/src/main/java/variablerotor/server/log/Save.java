package variablerotor.server.log;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.jooq.Field;
import org.jooq.Table;
import org.jspecify.annotations.Nullable;

/** One row for an append-only table, under the id that the client made for it. */
public final class Save {
  /** Many times what any call holds of one kind. */
  private static final int MOST_OF_CALL = 1000;

  final String what;
  final Table<?> table;
  final UUID id;

  /** What the client said: the same id with the same of these is the same save. */
  final Map<Field<?>, @Nullable Object> told = new LinkedHashMap<>();

  /** What the server made of it, which may come out otherwise a second time. */
  final Map<Field<?>, @Nullable Object> made = new LinkedHashMap<>();

  int most = MOST_OF_CALL;

  private Save(String what, Table<?> table, UUID id) {
    this.what = what;
    this.table = table;
    this.id = id;
  }

  /**
   * @param what as in "Another reading has this id already."
   * @param table with the columns id, author and at
   */
  public static Save of(String what, Table<?> table, UUID id) {
    return new Save(what, table, id);
  }

  /** At most so many of the kind on one call; for what takes much room, fewer than usual. */
  public Save upTo(int ofCall) {
    most = ofCall;
    return this;
  }

  public <T> Save told(Field<T> field, @Nullable T value) {
    told.put(field, value);
    return this;
  }

  public <T> Save made(Field<T> field, @Nullable T value) {
    made.put(field, value);
    return this;
  }
}
