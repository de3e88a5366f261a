package variablerotor.server.outcome;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.CALL_IMPORT;
import static variablerotor.server.schema.Tables.CHECK_TIME;
import static variablerotor.server.schema.Tables.OUTCOME;
import static variablerotor.server.schema.Tables.OUTCOME_COUNT;
import static variablerotor.server.schema.Tables.SERVICE_CALL;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.JobLog.Outcome.Was;
import variablerotor.core.job.KeptRow;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.core.likelihood.Counted;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.likelihood.Experience.Timed;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Planned;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** What calls turned out to be, of each the last in force; and how many were what. */
@Repository
class OutcomeStore implements CallPart {
  private final DSLContext db;
  private final DSLContext searched;
  private final LogStore log;
  private final LearningStore learning;

  OutcomeStore(DSLContext db, LogStore log, LearningStore learning) {
    this.db = db;
    searched = Planned.forItsValues(db);
    this.log = log;
    this.learning = learning;
  }

  /**
   * @param found what it was; for a yes what was said
   */
  Save outcome(UUID id, UUID call, Was was, List<Suspect> said, List<Suspect> found, String note) {
    Save save =
        Save.of("outcome", OUTCOME, id)
            .told(OUTCOME.CALL_ID, call)
            .told(OUTCOME.WAS, was.name())
            .told(OUTCOME.NOTE, note)
            .made(OUTCOME.SAID, names(said));
    return was == Was.YES
        ? save.made(OUTCOME.FOUND, names(found))
        : save.told(OUTCOME.FOUND, names(found));
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  /**
   * Keeps it, and counts it in the place of what was counted of this call.
   *
   * @param place the family and complaint under which it is counted
   */
  boolean add(Save save, UUID call, Counted place, boolean counts, Stamp stamp) {
    Optional<Counted> before = counts ? counted(call) : Optional.empty();
    boolean added =
        log.keep(
            save.made(OUTCOME.FAMILY, place.family().name())
                .made(OUTCOME.SYMPTOM, place.symptom().name()),
            stamp);
    if (added && counts) {
      before.ifPresent(one -> count(one, -1));
      if (!place.suspects().isEmpty()) {
        count(place, 1);
      }
    }
    return added;
  }

  /** What of this call is counted by now; nothing where it is not known. */
  private Optional<Counted> counted(UUID call) {
    return db.selectFrom(OUTCOME)
        .where(OUTCOME.CALL_ID.eq(call))
        .orderBy(OUTCOME.SEQ.desc())
        .limit(1)
        .fetchOptional()
        .flatMap(row -> counted(row.getFamily(), row.getSymptom(), row.getFound(), 1));
  }

  private static Optional<Counted> counted(String family, String symptom, String found, int calls) {
    Family of = ReadBack.word(family, Family.values());
    Symptom under = ReadBack.word(symptom, Symptom.values());
    List<Suspect> was = suspects(found);
    // What is counted under a name that nobody knows any more moves nothing.
    return of == null || under == null || was == null || was.isEmpty()
        ? Optional.empty()
        : Optional.of(new Counted(of, under, was, calls));
  }

  private void count(Counted one, int more) {
    db.insertInto(OUTCOME_COUNT)
        .set(OUTCOME_COUNT.FAMILY, one.family().name())
        .set(OUTCOME_COUNT.SYMPTOM, one.symptom().name())
        .set(OUTCOME_COUNT.FOUND, names(one.suspects()))
        .set(OUTCOME_COUNT.CALLS, more)
        .onConflictOnConstraint(DSL.name("outcome_count_pkey"))
        .doUpdate()
        .set(OUTCOME_COUNT.CALLS, OUTCOME_COUNT.CALLS.plus(more))
        .execute();
  }

  /** Adds up what checks took. */
  void count(List<Timed> times) {
    for (Timed one : times) {
      db.insertInto(CHECK_TIME)
          .set(CHECK_TIME.FAMILY, one.family().name())
          .set(CHECK_TIME.CHECK_ID, one.check())
          .set(CHECK_TIME.TIMES, one.times())
          .set(CHECK_TIME.MINUTES, one.minutes())
          .onConflictOnConstraint(DSL.name("check_time_pkey"))
          .doUpdate()
          .set(CHECK_TIME.TIMES, CHECK_TIME.TIMES.plus(one.times()))
          .set(CHECK_TIME.MINUTES, CHECK_TIME.MINUTES.plus(one.minutes()))
          .execute();
    }
  }

  /** What checks took, those timed most often first; of all branches that share what they learn. */
  List<Timed> times() {
    Field<BigDecimal> often = DSL.sum(CHECK_TIME.TIMES);
    Field<BigDecimal> minutes = DSL.sum(CHECK_TIME.MINUTES);
    List<Timed> times = new ArrayList<>();
    db.select(CHECK_TIME.FAMILY, CHECK_TIME.CHECK_ID, often, minutes)
        .from(CHECK_TIME)
        .groupBy(CHECK_TIME.FAMILY, CHECK_TIME.CHECK_ID)
        .orderBy(often.desc(), CHECK_TIME.FAMILY, CHECK_TIME.CHECK_ID)
        .forEach(
            row -> {
              Family family = ReadBack.word(row.value1(), Family.values());
              if (family != null) {
                times.add(
                    new Timed(
                        family,
                        row.value2(),
                        row.value3().intValueExact(),
                        row.value4().doubleValue()));
              }
            });
    return times;
  }

  /** Whether nobody said yet what this call turned out to be. */
  boolean isFirst(UUID call) {
    return !db.fetchExists(OUTCOME, OUTCOME.CALL_ID.eq(call));
  }

  /** Whether a call is of the shop's own making: not practice, and not out of a file. */
  boolean isOwn(UUID call) {
    return db.fetchExists(
        DSL.selectOne()
            .from(SERVICE_CALL)
            .where(SERVICE_CALL.ID.eq(call))
            .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
            .andNotExists(
                DSL.selectOne().from(CALL_IMPORT).where(CALL_IMPORT.CALL_ID.eq(SERVICE_CALL.ID))));
  }

  /** Everything that is counted; in all branches that share what they learn. */
  List<Counted> counts() {
    Field<BigDecimal> calls = DSL.sum(OUTCOME_COUNT.CALLS);
    List<Counted> counts = new ArrayList<>();
    db.select(OUTCOME_COUNT.FAMILY, OUTCOME_COUNT.SYMPTOM, OUTCOME_COUNT.FOUND, calls)
        .from(OUTCOME_COUNT)
        .groupBy(OUTCOME_COUNT.FAMILY, OUTCOME_COUNT.SYMPTOM, OUTCOME_COUNT.FOUND)
        .having(calls.gt(BigDecimal.ZERO))
        .orderBy(OUTCOME_COUNT.FAMILY, OUTCOME_COUNT.SYMPTOM, OUTCOME_COUNT.FOUND)
        .forEach(
            row ->
                counted(row.value1(), row.value2(), row.value3(), row.value4().intValueExact())
                    .ifPresent(counts::add));
    return counts;
  }

  /** The calls of the shop's own of which it is known what they were, the newest first. */
  List<UUID> ended(int most) {
    return ended(DSL.noCondition(), most);
  }

  /** Those of this kind. */
  List<UUID> ended(Family family, Symptom symptom, int most) {
    return ended(OUTCOME.FAMILY.eq(family.name()).and(OUTCOME.SYMPTOM.eq(symptom.name())), most);
  }

  private List<UUID> ended(Condition kind, int most) {
    var last = OUTCOME.as("last");
    return searched
        .select(OUTCOME.CALL_ID)
        .from(OUTCOME)
        .join(SERVICE_CALL)
        .on(SERVICE_CALL.ID.eq(OUTCOME.CALL_ID))
        .where(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .and(OUTCOME.FOUND.ne(""))
        .and(kind)
        .andNotExists(
            DSL.selectOne()
                .from(last)
                .where(last.CALL_ID.eq(OUTCOME.CALL_ID))
                .and(last.SEQ.gt(OUTCOME.SEQ)))
        .andNotExists(
            DSL.selectOne().from(CALL_IMPORT).where(CALL_IMPORT.CALL_ID.eq(OUTCOME.CALL_ID)))
        .orderBy(OUTCOME.SEQ.desc())
        .limit(most)
        .fetch(OUTCOME.CALL_ID);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.keptOutcomes(
        db.select(OUTCOME.fields())
            .select(ACCOUNT.NAME)
            .from(OUTCOME)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(OUTCOME.AUTHOR))
            .where(OUTCOME.CALL_ID.eq(call))
            .orderBy(OUTCOME.SEQ)
            .fetch(OutcomeStore::kept));
    LearningStore.Learning how = learning.current();
    if (how.own()) {
      job.experience(Experience.of(counts(), how.strength()).timed(times()));
    }
  }

  private static KeptRow<JobLog.Outcome> kept(Record row) {
    Was was =
        ReadBack.word(
            Wording.today(),
            Wording.Kind.OUTCOME,
            row.get(OUTCOME.WORDING),
            "was",
            row.get(OUTCOME.WAS),
            Was.values());
    List<Suspect> said = suspects(row.get(OUTCOME.SAID));
    List<Suspect> found = suspects(row.get(OUTCOME.FOUND));
    String author = row.get(ACCOUNT.NAME);
    String at = row.get(OUTCOME.AT).toString();
    return new KeptRow<>(
        was == null || said == null || found == null
            ? null
            : new JobLog.Outcome(
                row.get(OUTCOME.ID).toString(),
                was,
                said,
                found,
                row.get(OUTCOME.NOTE),
                author,
                at),
        List.of(new AsTold("what it was", row.get(OUTCOME.WAS) + " " + row.get(OUTCOME.FOUND))),
        "outcome",
        false,
        author,
        at);
  }

  static String names(List<Suspect> suspects) {
    return suspects.stream().map(Suspect::name).collect(Collectors.joining(","));
  }

  /** Null where one of them is not known any more. */
  private static @Nullable List<Suspect> suspects(String names) {
    List<Suspect> all = new ArrayList<>();
    for (String name : names.isEmpty() ? new String[0] : names.split(",")) {
      Suspect one = ReadBack.word(name, Suspect.values());
      if (one == null) {
        return null;
      }
      all.add(one);
    }
    return all;
  }
}
