package variablerotor.server.account;

import static variablerotor.server.schema.Tables.SIGN_IN_GUARD;

import java.time.Duration;
import java.time.OffsetDateTime;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Wrong tries to sign in, by name and address together: a stranger slows down nobody but himself.
 * After the first few each wrong try doubles the wait.
 */
@Repository
class GuardStore {
  /** So many wrong tries cost no wait. */
  static final int FREE = 5;

  private static final Duration FIRST = Duration.ofSeconds(2);
  static final Duration LONGEST = Duration.ofMinutes(10);
  private static final int MOST_DOUBLINGS = 9;

  private final DSLContext db;

  GuardStore(DSLContext db) {
    this.db = db;
  }

  /**
   * Counts a try as wrong before it is looked at, so that many at once are counted one by one.
   *
   * @return how long to wait first; nothing where it may be looked at
   */
  @Transactional
  public Duration begin(String login, String address, OffsetDateTime now) {
    // In one step: between two the row can go, as somebody signs in under the same name.
    Record row =
        db.insertInto(SIGN_IN_GUARD)
            .set(SIGN_IN_GUARD.LOGIN, login)
            .set(SIGN_IN_GUARD.ADDRESS, address)
            .set(SIGN_IN_GUARD.FAILURES, 0)
            .set(SIGN_IN_GUARD.WAIT_UNTIL, now)
            .set(SIGN_IN_GUARD.LAST_AT, now)
            .onConflict(SIGN_IN_GUARD.LOGIN, SIGN_IN_GUARD.ADDRESS)
            .doUpdate()
            .set(SIGN_IN_GUARD.LAST_AT, SIGN_IN_GUARD.LAST_AT)
            .returning()
            .fetchSingle();
    int failures = row.get(SIGN_IN_GUARD.FAILURES);
    Duration wait = left(now, row.get(SIGN_IN_GUARD.WAIT_UNTIL), failures);
    if (wait.compareTo(Duration.ZERO) > 0) {
      return wait;
    }
    db.update(SIGN_IN_GUARD)
        .set(SIGN_IN_GUARD.FAILURES, failures + 1)
        .set(SIGN_IN_GUARD.WAIT_UNTIL, now.plus(delay(failures + 1)))
        .set(SIGN_IN_GUARD.LAST_AT, now)
        .where(SIGN_IN_GUARD.LOGIN.eq(login))
        .and(SIGN_IN_GUARD.ADDRESS.eq(address))
        .execute();
    return Duration.ZERO;
  }

  /** What is left to wait; after a clock was set back no more than is ever given. */
  static Duration left(OffsetDateTime now, OffsetDateTime until, int failures) {
    Duration left = Duration.between(now, until);
    return left.compareTo(delay(failures)) > 0 ? delay(failures) : left;
  }

  static Duration delay(int failures) {
    if (failures < FREE) {
      return Duration.ZERO;
    }
    Duration doubled = FIRST.multipliedBy(1L << Math.min(MOST_DOUBLINGS, failures - FREE));
    return doubled.compareTo(LONGEST) > 0 ? LONGEST : doubled;
  }

  /** The name and password were right: what was wrong before is forgotten. */
  void forget(String login, String address) {
    db.deleteFrom(SIGN_IN_GUARD)
        .where(SIGN_IN_GUARD.LOGIN.eq(login))
        .and(SIGN_IN_GUARD.ADDRESS.eq(address))
        .execute();
  }

  void forgetBefore(OffsetDateTime at) {
    db.deleteFrom(SIGN_IN_GUARD).where(SIGN_IN_GUARD.LAST_AT.lt(at)).execute();
  }
}
