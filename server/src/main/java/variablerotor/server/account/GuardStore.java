package variablerotor.server.account;

import static variablerotor.server.schema.Tables.SIGN_IN_GUARD;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Wrong tries to sign in, by what they are counted under: see {@link TryCounter}. After the first
 * few each wrong try doubles the wait.
 */
@Repository
class GuardStore {
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
   * @param counters in their order
   * @return how long to wait first; nothing where it may be looked at
   */
  @Transactional
  public Duration begin(List<TryCounter> counters, OffsetDateTime now) {
    Map<TryCounter, Integer> failures = new LinkedHashMap<>();
    Duration longest = Duration.ZERO;
    for (TryCounter one : counters) {
      Record row = held(one, now);
      boolean over = row.get(SIGN_IN_GUARD.LAST_AT).isBefore(now.minus(one.held()));
      int before = over ? 0 : row.get(SIGN_IN_GUARD.FAILURES);
      failures.put(one, before);
      Duration wait = left(now, row.get(SIGN_IN_GUARD.WAIT_UNTIL), delay(before, one.free()));
      longest = wait.compareTo(longest) > 0 ? wait : longest;
    }
    if (longest.compareTo(Duration.ZERO) > 0) {
      return longest;
    }
    failures.forEach((one, before) -> count(one, before + 1, now));
    return Duration.ZERO;
  }

  /** Its row, made where there is none, and held until the transaction ends. */
  private Record held(TryCounter counter, OffsetDateTime now) {
    // In one step: between two the row can go, as somebody signs in under the same name.
    return db.insertInto(SIGN_IN_GUARD)
        .set(SIGN_IN_GUARD.LOGIN, counter.login())
        .set(SIGN_IN_GUARD.ADDRESS, counter.address())
        .set(SIGN_IN_GUARD.FAILURES, 0)
        .set(SIGN_IN_GUARD.WAIT_UNTIL, now)
        .set(SIGN_IN_GUARD.LAST_AT, now)
        .onConflict(SIGN_IN_GUARD.LOGIN, SIGN_IN_GUARD.ADDRESS)
        .doUpdate()
        .set(SIGN_IN_GUARD.LAST_AT, SIGN_IN_GUARD.LAST_AT)
        .returning()
        .fetchSingle();
  }

  private void count(TryCounter counter, int failures, OffsetDateTime now) {
    db.update(SIGN_IN_GUARD)
        .set(SIGN_IN_GUARD.FAILURES, failures)
        .set(SIGN_IN_GUARD.WAIT_UNTIL, now.plus(delay(failures, counter.free())))
        .set(SIGN_IN_GUARD.LAST_AT, now)
        .where(is(counter))
        .execute();
  }

  private static Condition is(TryCounter counter) {
    return SIGN_IN_GUARD.LOGIN.eq(counter.login()).and(SIGN_IN_GUARD.ADDRESS.eq(counter.address()));
  }

  /** What is left to wait; after a clock was set back no more than is ever given. */
  static Duration left(OffsetDateTime now, OffsetDateTime until, Duration most) {
    Duration left = Duration.between(now, until);
    return left.compareTo(most) > 0 ? most : left;
  }

  static Duration delay(int failures, int free) {
    if (failures < free) {
      return Duration.ZERO;
    }
    Duration doubled = FIRST.multipliedBy(1L << Math.min(MOST_DOUBLINGS, failures - free));
    return doubled.compareTo(LONGEST) > 0 ? LONGEST : doubled;
  }

  /**
   * The name and password were right: what was wrong before is forgotten; of what others are
   * counted under, too, only that this try was.
   */
  @Transactional
  public void right(List<TryCounter> counters, OffsetDateTime now) {
    for (TryCounter one : counters) {
      if (one.isOwn()) {
        db.deleteFrom(SIGN_IN_GUARD).where(is(one)).execute();
      } else {
        int failures = Math.max(0, held(one, now).get(SIGN_IN_GUARD.FAILURES) - 1);
        db.update(SIGN_IN_GUARD)
            .set(SIGN_IN_GUARD.FAILURES, failures)
            .set(SIGN_IN_GUARD.WAIT_UNTIL, now.plus(delay(failures, one.free())))
            .where(is(one))
            .execute();
      }
    }
  }

  void forgetBefore(OffsetDateTime at) {
    db.deleteFrom(SIGN_IN_GUARD).where(SIGN_IN_GUARD.LAST_AT.lt(at)).execute();
  }
}
