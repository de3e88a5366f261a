package variablerotor.server.keeping;

import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What the database says of itself. */
@Repository
class DatabaseStore {
  private final DSLContext db;

  DatabaseStore(DSLContext db) {
    this.db = db;
  }

  /**
   * @param bytes that it takes on the disk
   * @param schema the newest that it was brought to
   * @param readOnly whether nothing can be written
   */
  record State(long bytes, String schema, boolean readOnly) {}

  State state() {
    return db.fetchSingle(
            """
            select pg_database_size(current_database()) as bytes,
              (select max(version::int)::text from flyway_schema_history where success) as schema,
              pg_is_in_recovery() or current_setting('transaction_read_only') = 'on' as readonly""")
        .map(
            row ->
                new State(
                    row.get("bytes", Long.class),
                    row.get("schema", String.class),
                    row.get("readonly", Boolean.class)));
  }
}
