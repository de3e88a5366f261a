package variablerotor.server.account;

import static variablerotor.server.schema.Tables.ACCOUNT;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;

/** Sessions as Spring Session keeps them, and the accounts that they stand on. */
@Repository
class SessionStore {
  private static final Table<?> SESSION = DSL.table(DSL.name("spring_session"));
  private static final Field<String> SESSION_ID =
      DSL.field(DSL.name("session_id"), SQLDataType.CHAR(36));
  private static final Field<Long> EXPIRY_TIME =
      DSL.field(DSL.name("expiry_time"), SQLDataType.BIGINT);

  private final DSLContext db;

  SessionStore(DSLContext db) {
    this.db = db;
  }

  /**
   * Those that are not over.
   *
   * @param now [ms since 1970]
   */
  Set<String> standing(Collection<String> sessions, long now) {
    return new HashSet<>(
        db.select(SESSION_ID)
            .from(SESSION)
            .where(SESSION_ID.in(sessions))
            .and(EXPIRY_TIME.gt(now))
            .fetch(SESSION_ID));
  }

  /** The editions of those of the accounts that are open. */
  Map<UUID, Integer> editions(Collection<UUID> accounts) {
    Map<UUID, Integer> editions = new HashMap<>();
    db.select(ACCOUNT.ID, ACCOUNT.EDITION)
        .from(ACCOUNT)
        .where(ACCOUNT.ID.in(accounts))
        .and(ACCOUNT.CLOSED.isFalse())
        .forEach(row -> editions.put(row.value1(), row.value2()));
    return editions;
  }
}
