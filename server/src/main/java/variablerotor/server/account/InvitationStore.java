package variablerotor.server.account;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.INVITATION;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Invitations, each by the hash of what its link holds. */
@Repository
class InvitationStore {
  static final Duration HOLDS = Duration.ofDays(1);

  private final DSLContext db;

  InvitationStore(DSLContext db) {
    this.db = db;
  }

  void make(String hash, UUID account, UUID by, OffsetDateTime now) {
    db.insertInto(INVITATION)
        .set(INVITATION.TOKEN_HASH, hash)
        .set(INVITATION.ACCOUNT_ID, account)
        .set(INVITATION.MADE_BY, by)
        .set(INVITATION.MADE_AT, now)
        .execute();
  }

  /** Those of an account that nobody followed hold no more. */
  void end(UUID account) {
    db.deleteFrom(INVITATION)
        .where(INVITATION.ACCOUNT_ID.eq(account))
        .and(INVITATION.USED_AT.isNull())
        .execute();
  }

  /** Whose it is, while it holds. */
  Optional<UUID> account(String hash, OffsetDateTime now) {
    return db.select(INVITATION.ACCOUNT_ID)
        .from(INVITATION)
        .where(holds(hash, now))
        .fetchOptional(INVITATION.ACCOUNT_ID);
  }

  /**
   * From now on it holds no more.
   *
   * @return whether it held
   */
  boolean take(String hash, OffsetDateTime now) {
    return db.update(INVITATION).set(INVITATION.USED_AT, now).where(holds(hash, now)).execute()
        == 1;
  }

  private static Condition holds(String hash, OffsetDateTime now) {
    return INVITATION
        .TOKEN_HASH
        .eq(hash)
        .and(INVITATION.USED_AT.isNull())
        .and(INVITATION.MADE_AT.ge(now.minus(HOLDS)))
        .and(
            INVITATION.ACCOUNT_ID.in(
                DSL.select(ACCOUNT.ID).from(ACCOUNT).where(ACCOUNT.CLOSED.isFalse())));
  }
}
