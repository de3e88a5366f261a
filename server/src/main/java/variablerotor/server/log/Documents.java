package variablerotor.server.log;

import static variablerotor.server.schema.Tables.ACCOUNT;

import java.time.OffsetDateTime;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import variablerotor.server.web.Refused;

/**
 * Documents of calls in the open format, as they grow: each state is kept whole, and the newest of
 * a call is in force.
 */
public final class Documents {
  private final DSLContext db;
  private final LogStore log;
  private final Table<?> table;
  private final String what;
  private final int most;

  /**
   * @param table with the columns id, seq, call_id, body, author and at
   * @param what they are, in the singular
   * @param most of one call
   */
  Documents(DSLContext db, LogStore log, Table<?> table, String what, int most) {
    this.db = db;
    this.log = log;
    this.table = table;
    this.what = what;
    this.most = most;
  }

  private <T> Field<T> column(String name, Class<T> type) {
    return Objects.requireNonNull(table.field(name, type), name);
  }

  private Field<UUID> call() {
    return column("call_id", UUID.class);
  }

  private Field<String> body() {
    return column("body", String.class);
  }

  /**
   * Keeps a state of it, unless it is kept already. Hold the call first.
   *
   * @return whether it is new
   * @throws Refused where the id is taken by something else, or the call holds too many
   */
  public boolean keep(UUID call, UUID id, String body, Stamp stamp) {
    return log.keep(
        Save.of(what, table, id).told(call(), call).told(body(), body).upTo(most), stamp);
  }

  /**
   * A state of a document, by whom and when.
   *
   * @param wording in which it was written
   */
  public record Kept(String id, String body, int wording, String author, String at) {}

  /** The one in force: those before it are kept, and are not asked for. */
  public Optional<Kept> newest(UUID call) {
    Field<UUID> id = column("id", UUID.class);
    Field<OffsetDateTime> at = column("at", OffsetDateTime.class);
    return db.select(id, body(), ACCOUNT.NAME, at, column("wording", Short.class))
        .from(table)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(column("author", UUID.class)))
        .where(call().eq(call))
        .orderBy(column("seq", Long.class).desc())
        .limit(1)
        .fetchOptional(
            row ->
                new Kept(
                    row.value1().toString(),
                    row.value2(),
                    row.value5(),
                    row.value3(),
                    row.value4().toString()));
  }
}
