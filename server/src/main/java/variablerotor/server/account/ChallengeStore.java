package variablerotor.server.account;

import static variablerotor.server.schema.Tables.PASSKEY_CHALLENGE;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/**
 * What devices were asked to sign and have not yet: each holds once, in any process of the shop.
 */
@Repository
class ChallengeStore {
  /** At one address; beyond them the oldest go, so that whoever asks for many harms no other. */
  static final int MOST_AT_ADDRESS = 50;

  /** Somebody looks for a finger's dry spot meanwhile. Chosen here. */
  static final Duration HOLDS = Duration.ofMinutes(5);

  private final DSLContext db;

  ChallengeStore(DSLContext db) {
    this.db = db;
  }

  /**
   * @param account who makes a passkey; null where somebody signs in
   */
  void keep(String challenge, @Nullable UUID account, String address, OffsetDateTime now) {
    db.deleteFrom(PASSKEY_CHALLENGE)
        .where(PASSKEY_CHALLENGE.MADE_AT.lt(now.minus(HOLDS)))
        .execute();
    db.insertInto(PASSKEY_CHALLENGE)
        .set(PASSKEY_CHALLENGE.CHALLENGE, challenge)
        .set(PASSKEY_CHALLENGE.ACCOUNT_ID, account)
        .set(PASSKEY_CHALLENGE.ADDRESS, address)
        .set(PASSKEY_CHALLENGE.MADE_AT, now)
        .execute();
    db.deleteFrom(PASSKEY_CHALLENGE)
        .where(
            PASSKEY_CHALLENGE.CHALLENGE.in(
                DSL.select(PASSKEY_CHALLENGE.CHALLENGE)
                    .from(PASSKEY_CHALLENGE)
                    .where(PASSKEY_CHALLENGE.ADDRESS.eq(address))
                    .orderBy(PASSKEY_CHALLENGE.MADE_AT.desc(), PASSKEY_CHALLENGE.CHALLENGE)
                    .offset(MOST_AT_ADDRESS)))
        .execute();
  }

  /**
   * Takes it, so that nobody can take it again.
   *
   * @return whose it is; empty within where it is of a sign-in; empty where there is none
   */
  @SuppressWarnings("OptionalMapToOptional") // There is one, and of an account: two questions.
  Optional<Optional<UUID>> take(String challenge, OffsetDateTime now) {
    return db.deleteFrom(PASSKEY_CHALLENGE)
        .where(PASSKEY_CHALLENGE.CHALLENGE.eq(challenge))
        .and(PASSKEY_CHALLENGE.MADE_AT.ge(now.minus(HOLDS)))
        .returningResult(PASSKEY_CHALLENGE.ACCOUNT_ID)
        .fetchOptional()
        .map(row -> Optional.ofNullable(row.value1()));
  }
}
