package variablerotor.server.week;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.DECISION;
import static variablerotor.server.schema.Tables.OUTCOME;
import static variablerotor.server.schema.Tables.SERVICE_CALL;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.chain.Suspect;
import variablerotor.core.job.JobLog.Outcome.Was;
import variablerotor.core.job.Stand;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.route.Route;
import variablerotor.server.log.Planned;

/** Which calls stand behind the figures of a week. */
@Repository
class WeekStore {
  private static final Condition REAL = DSL.condition(SERVICE_CALL.PRACTICE).not();

  private final DSLContext db;

  WeekStore(DSLContext db) {
    // How long the weeks are that are asked for decides how they are best looked up.
    this.db = Planned.forItsValues(db);
  }

  /** Neither repaired, handed over nor ended. */
  private static Condition open(OffsetDateTime since) {
    return REAL.and(
            SERVICE_CALL
                .STAND
                .isNull()
                .or(
                    SERVICE_CALL.STAND.notIn(
                        Stand.Place.REPAIRED.name(),
                        Stand.Place.HANDED_OVER.name(),
                        Stand.Place.ENDED.name())))
        .and(SERVICE_CALL.CHANGED_AT.ge(since))
        .andNotExists(DSL.selectOne().from(OUTCOME).where(OUTCOME.CALL_ID.eq(SERVICE_CALL.ID)));
  }

  int countOpen(OffsetDateTime since) {
    return db.fetchCount(SERVICE_CALL, open(since));
  }

  /** What is due first before all, then what was left alone longest. */
  List<UUID> open(OffsetDateTime since, int most) {
    return db.select(SERVICE_CALL.ID)
        .from(SERVICE_CALL)
        .where(open(since))
        .orderBy(SERVICE_CALL.DUE.asc().nullsLast(), SERVICE_CALL.CHANGED_AT, SERVICE_CALL.ID)
        .limit(most)
        .fetch(SERVICE_CALL.ID);
  }

  /** Open calls of units whose warranty ends between these days. */
  List<UUID> warrantyBetween(OffsetDateTime since, LocalDate from, LocalDate to, int most) {
    return db.select(SERVICE_CALL.ID)
        .from(SERVICE_CALL)
        .where(open(since))
        .and(SERVICE_CALL.WARRANTY_UNTIL.between(from, to))
        .orderBy(SERVICE_CALL.WARRANTY_UNTIL, SERVICE_CALL.ID)
        .limit(most)
        .fetch(SERVICE_CALL.ID);
  }

  /** Whose way in force is a bypass: it runs at full speed until that ends. */
  List<UUID> bypassed(OffsetDateTime since, int most) {
    return db.select(SERVICE_CALL.ID)
        .from(SERVICE_CALL)
        .where(REAL)
        .and(SERVICE_CALL.CHOSEN_ROUTE.eq(Route.DRIVE_BYPASS.name()))
        .and(SERVICE_CALL.CHANGED_AT.ge(since))
        .orderBy(SERVICE_CALL.DUE.asc().nullsFirst(), SERVICE_CALL.ID)
        .limit(most)
        .fetch(SERVICE_CALL.ID);
  }

  /** Opened since, to a unit at which something had been chosen not long before. */
  List<UUID> metAgain(OffsetDateTime since, OffsetDateTime earliest, int most) {
    var before = SERVICE_CALL.as("before");
    return db.select(SERVICE_CALL.ID)
        .from(SERVICE_CALL)
        .where(REAL)
        .and(SERVICE_CALL.OPENED_AT.ge(since))
        .and(SERVICE_CALL.UNIT_NAME.ne(""))
        .andExists(
            DSL.selectOne()
                .from(before)
                .where(before.UNIT.eq(SERVICE_CALL.UNIT))
                .and(before.OPENED_AT.lt(SERVICE_CALL.OPENED_AT))
                .and(before.CHANGED_AT.ge(earliest))
                .and(before.CHOSEN_ROUTE.isNotNull())
                .and(DSL.condition(before.PRACTICE).not()))
        .orderBy(SERVICE_CALL.OPENED_AT.desc(), SERVICE_CALL.ID)
        .limit(most)
        .fetch(SERVICE_CALL.ID);
  }

  /**
   * What a call turned out to be.
   *
   * @param was null where this version does not know any more what was said
   * @param chosen the way in force; null where none was chosen
   * @param firstCost of that way as it stood then; null where no price was known
   */
  record Turned(
      UUID call,
      String place,
      String unitName,
      @Nullable Was was,
      List<Suspect> said,
      List<Suspect> found,
      String note,
      String by,
      OffsetDateTime at,
      @Nullable Route chosen,
      @Nullable Double firstCost,
      @Nullable String currency) {}

  /** Of each call what was said of it last, the newest first. */
  List<Turned> turned(OffsetDateTime since, int most) {
    var later = OUTCOME.as("later");
    var newer = DECISION.as("newer");
    return db.select(OUTCOME.fields())
        .select(SERVICE_CALL.PLACE, SERVICE_CALL.UNIT_NAME, ACCOUNT.NAME)
        .select(DECISION.ROUTE, DECISION.FIRST_COST, DECISION.CURRENCY)
        .from(OUTCOME)
        .join(SERVICE_CALL)
        .on(SERVICE_CALL.ID.eq(OUTCOME.CALL_ID))
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(OUTCOME.AUTHOR))
        .leftJoin(DECISION)
        .on(DECISION.CALL_ID.eq(OUTCOME.CALL_ID))
        .andNotExists(
            DSL.selectOne()
                .from(newer)
                .where(newer.CALL_ID.eq(DECISION.CALL_ID))
                .and(newer.SEQ.gt(DECISION.SEQ)))
        .where(REAL)
        .and(OUTCOME.AT.ge(since))
        .andNotExists(
            DSL.selectOne()
                .from(later)
                .where(later.CALL_ID.eq(OUTCOME.CALL_ID))
                .and(later.SEQ.gt(OUTCOME.SEQ)))
        .orderBy(OUTCOME.SEQ.desc())
        .limit(most)
        .fetch(WeekStore::turned);
  }

  private static Turned turned(Record row) {
    return new Turned(
        row.get(OUTCOME.CALL_ID),
        row.get(SERVICE_CALL.PLACE),
        row.get(SERVICE_CALL.UNIT_NAME),
        ReadBack.word(row.get(OUTCOME.WAS), Was.values()),
        suspects(row.get(OUTCOME.SAID)),
        suspects(row.get(OUTCOME.FOUND)),
        row.get(OUTCOME.NOTE),
        row.get(ACCOUNT.NAME),
        row.get(OUTCOME.AT),
        ReadBack.word(row.get(DECISION.ROUTE), Route.values()),
        row.get(DECISION.FIRST_COST),
        row.get(DECISION.CURRENCY));
  }

  private static List<Suspect> suspects(String names) {
    return Arrays.stream(names.split(","))
        .map(one -> ReadBack.word(one, Suspect.values()))
        .filter(Objects::nonNull)
        .toList();
  }
}
