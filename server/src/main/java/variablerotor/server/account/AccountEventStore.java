package variablerotor.server.account;

import static variablerotor.server.schema.Tables.ACCOUNT_EVENT;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What happens to accounts, for the audit list; nothing of it is ever changed. */
@Repository
class AccountEventStore {
  /** As the audit list names them. */
  enum Event {
    SIGNED_IN,
    SIGNED_OUT,
    ACCOUNT_OPENED,
    ACCOUNT_CHANGED,
    ACCOUNT_CLOSED,
    PASSWORD_SET,
    INVITED,
    PASSKEY_MADE,
    PASSKEY_ENDED,
    PASSWORD_ENOUGH
  }

  private static final int LONGEST = 300;

  private final DSLContext db;
  private final Clock clock;

  AccountEventStore(DSLContext db, Clock clock) {
    this.db = db;
    this.clock = clock;
  }

  /**
   * @param of whose account
   * @param by who did it
   * @param detail in words; empty for no more to say
   */
  void note(Event event, UUID of, UUID by, String detail) {
    db.insertInto(ACCOUNT_EVENT)
        .set(ACCOUNT_EVENT.ID, UUID.randomUUID())
        .set(ACCOUNT_EVENT.KIND, event.name())
        .set(ACCOUNT_EVENT.ACCOUNT_ID, of)
        .set(ACCOUNT_EVENT.AUTHOR, by)
        .set(
            ACCOUNT_EVENT.DETAIL, detail.length() > LONGEST ? detail.substring(0, LONGEST) : detail)
        .set(ACCOUNT_EVENT.AT, OffsetDateTime.now(clock))
        .execute();
  }
}
