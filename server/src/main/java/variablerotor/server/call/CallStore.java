package variablerotor.server.call;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.PARTICULARS;
import static variablerotor.server.schema.Tables.SERVICE_CALL;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectOnConditionStep;
import org.jooq.SelectSeekStep1;
import org.jooq.SelectSelectStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.family.Family;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.Stand;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.proof.Proof;
import variablerotor.core.route.Route;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Planned;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.log.Words;
import variablerotor.server.schema.tables.Account;

/** Calls, and what is told of them. Rows are added and never changed, but for the summary. */
@Repository
class CallStore {
  /** Who worked on a call last. */
  private static final Account LAST = ACCOUNT.as("last_by");

  /** Longest text that a call is found by [characters]. */
  private static final int MOST_WORDS = 800;

  private final DSLContext db;
  private final DSLContext searched;
  private final LogStore log;
  private final UnitStore units;

  CallStore(DSLContext db, LogStore log, UnitStore units) {
    this.db = db;
    searched = Planned.forItsValues(db);
    this.log = log;
    this.units = units;
  }

  /**
   * @param practice whether it is on a simulated motor
   */
  record Opened(
      UUID id, String by, OffsetDateTime at, OffsetDateTime changedAt, boolean practice) {}

  /** Adds the call; false where its id is taken. */
  boolean addCall(UUID id, boolean practice, Particulars particulars, Stamp stamp) {
    return db.insertInto(SERVICE_CALL)
            .set(SERVICE_CALL.ID, id)
            .set(SERVICE_CALL.OPENED_BY, stamp.author())
            .set(SERVICE_CALL.OPENED_AT, stamp.at())
            .set(SERVICE_CALL.CHANGED_AT, stamp.at())
            .set(SERVICE_CALL.PRACTICE, practice)
            .set(
                SERVICE_CALL.WORDS,
                (particulars.place() + " " + particulars.unitName()).toLowerCase(Locale.ROOT))
            .set(told(particulars, practice))
            .set(SERVICE_CALL.VERDICT_STATE, VerdictState.OPEN.name())
            .set(SERVICE_CALL.VERDICT_SUSPECTS, "")
            .set(SERVICE_CALL.VERDICT_SENTENCE, "")
            .set(SERVICE_CALL.ENGINE, Engine.VERSION)
            .set(SERVICE_CALL.READINGS, 0)
            .onConflict(SERVICE_CALL.ID)
            .doNothing()
            .execute()
        == 1;
  }

  /** Adds a call of which is told by what follows. */
  void addCall(UUID id, Stamp stamp) {
    db.insertInto(SERVICE_CALL)
        .set(SERVICE_CALL.ID, id)
        .set(SERVICE_CALL.OPENED_BY, stamp.author())
        .set(SERVICE_CALL.OPENED_AT, stamp.at())
        .set(SERVICE_CALL.CHANGED_AT, stamp.at())
        .set(SERVICE_CALL.WORDS, "")
        .set(SERVICE_CALL.PLACE, "")
        .set(SERVICE_CALL.UNIT_NAME, "")
        .set(SERVICE_CALL.FAMILY, "")
        .set(SERVICE_CALL.SYMPTOM, "")
        .set(SERVICE_CALL.VERDICT_STATE, VerdictState.OPEN.name())
        .set(SERVICE_CALL.VERDICT_SUSPECTS, "")
        .set(SERVICE_CALL.VERDICT_SENTENCE, "")
        .set(SERVICE_CALL.ENGINE, Engine.VERSION)
        .set(SERVICE_CALL.READINGS, 0)
        .execute();
  }

  private Map<Field<?>, Object> told(Particulars particulars, boolean practice) {
    Map<Field<?>, Object> told = new LinkedHashMap<>();
    told.put(SERVICE_CALL.PLACE, particulars.place());
    told.put(SERVICE_CALL.UNIT_NAME, particulars.unitName());
    if (!practice) {
      told.put(SERVICE_CALL.UNIT, units.at(particulars.place(), particulars.unitName()));
    }
    told.put(SERVICE_CALL.FAMILY, particulars.motor().family().name());
    told.put(SERVICE_CALL.SYMPTOM, particulars.symptom().name());
    told.put(SERVICE_CALL.WARRANTY_UNTIL, particulars.unit().warrantyUntil());
    return told;
  }

  /** What was told of a call last, as lists and units know it. */
  void retell(UUID call, JobLog log) {
    db.update(SERVICE_CALL)
        .set(told(log.particulars(), log.practice()))
        .where(SERVICE_CALL.ID.eq(call))
        .execute();
  }

  /** What follows from it, and the list shows; worked out again with every change. */
  void summarise(UUID call, Job job, Stamp stamp) {
    Stand stand = job.stand();
    Diagnosis.Verdict verdict = job.diagnosis().verdict();
    Route chosen = job.chosen();
    Proof repair = job.repair();
    db.update(SERVICE_CALL)
        .set(SERVICE_CALL.VERDICT_STATE, verdict.state().name())
        .set(
            SERVICE_CALL.VERDICT_SUSPECTS,
            verdict.suspects().stream().map(Enum::name).collect(Collectors.joining(",")))
        .set(SERVICE_CALL.VERDICT_SENTENCE, verdict.sentence())
        .set(SERVICE_CALL.ENGINE, Engine.VERSION)
        .set(SERVICE_CALL.READINGS, job.countInForce())
        .set(SERVICE_CALL.WORDS, words(job, stand))
        .set(SERVICE_CALL.CHANGED_AT, stamp.at())
        .set(SERVICE_CALL.CHANGED_BY, stamp.author())
        .set(SERVICE_CALL.STAND, stand.place().name())
        .set(SERVICE_CALL.STAND_SENTENCE, stand.sentence())
        .set(SERVICE_CALL.DUE, stand.due() == null ? null : LocalDate.parse(stand.due()))
        .set(SERVICE_CALL.CHOSEN_ROUTE, chosen == null ? null : chosen.name())
        .set(SERVICE_CALL.REPAIR_STATE, repair == null ? null : repair.state().name())
        .set(SERVICE_CALL.REPAIR_SENTENCE, repair == null ? null : repair.headline())
        .where(SERVICE_CALL.ID.eq(call))
        .execute();
  }

  /** What a call is found by: where, what, why, which motor and part, in small letters. */
  private static String words(Job job, Stand stand) {
    Particulars told = job.log().particulars();
    List<String> words = new ArrayList<>();
    words.add(told.place());
    words.add(told.unitName());
    words.add(told.complaint());
    words.add(told.symptom().title());
    words.add(told.motor().family().title());
    words.add(job.diagnosis().verdict().sentence());
    words.add(stand.sentence());
    for (JobLog.Decided one : job.log().decisions()) {
      words.add(one.route().title());
      words.add(Objects.requireNonNullElse(one.candidate(), ""));
    }
    job.log().sourced().stream()
        .filter(one -> one.route() != null)
        .forEach(one -> words.add(one.number()));
    String all = String.join(" ", words).toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").trim();
    return all.length() <= MOST_WORDS ? all : all.substring(0, MOST_WORDS);
  }

  void lock(UUID call) {
    log.lock("call", SERVICE_CALL, call);
  }

  Optional<Opened> opened(UUID call) {
    return db.select(
            SERVICE_CALL.OPENED_AT, SERVICE_CALL.CHANGED_AT, SERVICE_CALL.PRACTICE, ACCOUNT.NAME)
        .from(SERVICE_CALL)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(SERVICE_CALL.OPENED_BY))
        .where(SERVICE_CALL.ID.eq(call))
        .fetchOptional(
            row ->
                new Opened(
                    call,
                    row.get(ACCOUNT.NAME),
                    row.get(SERVICE_CALL.OPENED_AT),
                    row.get(SERVICE_CALL.CHANGED_AT),
                    row.get(SERVICE_CALL.PRACTICE)));
  }

  /** The last call before this one whose place and unit are named alike. */
  Optional<Opened> earlier(UUID call) {
    var mine = SERVICE_CALL.as("mine");
    return db.select(SERVICE_CALL.ID)
        .from(SERVICE_CALL)
        .join(mine)
        .on(mine.UNIT.eq(SERVICE_CALL.UNIT))
        .where(mine.ID.eq(call))
        .and(mine.UNIT_NAME.ne(""))
        .and(SERVICE_CALL.OPENED_AT.lt(mine.OPENED_AT))
        .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .orderBy(SERVICE_CALL.OPENED_AT.desc())
        .limit(1)
        .fetchOptional(SERVICE_CALL.ID)
        .flatMap(this::opened);
  }

  /** Calls to the unit of this one, itself and later ones too, the newest first; none practised. */
  List<Opened> ofUnit(UUID call, int most) {
    var mine = SERVICE_CALL.as("mine");
    return db
        .select(SERVICE_CALL.ID)
        .from(SERVICE_CALL)
        .join(mine)
        .on(mine.UNIT.eq(SERVICE_CALL.UNIT))
        .where(mine.ID.eq(call))
        .and(mine.UNIT_NAME.ne(""))
        .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .orderBy(SERVICE_CALL.OPENED_AT.desc(), SERVICE_CALL.ID)
        .limit(most)
        .fetch(SERVICE_CALL.ID)
        .stream()
        .flatMap(one -> opened(one).stream())
        .toList();
  }

  /** Newest first; every word of the search must stand in what a call is found by. */
  List<CallRow> list(String search, int offset, int most) {
    Condition listed = DSL.condition(SERVICE_CALL.PRACTICE).not();
    if (!search.isBlank()) {
      listed = listed.and(Words.allIn(SERVICE_CALL.WORDS, search));
      listed = Words.narrowed(searched, SERVICE_CALL, SERVICE_CALL.ID, listed);
    }
    // Those that a page passes over are not read whole.
    return rows(
        searched
            .select(SERVICE_CALL.ID)
            .from(SERVICE_CALL)
            .where(listed)
            .orderBy(SERVICE_CALL.CHANGED_AT.desc(), SERVICE_CALL.ID)
            .offset(offset)
            .limit(most)
            .fetch(SERVICE_CALL.ID));
  }

  /** Of which something is due by a day, what is due first before all. */
  List<CallRow> due(LocalDate day, int most) {
    return rows()
        .where(SERVICE_CALL.DUE.le(day))
        .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .orderBy(SERVICE_CALL.DUE, SERVICE_CALL.ID)
        .limit(most)
        .fetch(CallStore::row);
  }

  /** These calls, in their order; without those that are not there. */
  List<CallRow> rows(List<UUID> calls) {
    Map<UUID, CallRow> found =
        rows().where(SERVICE_CALL.ID.in(calls)).fetch(CallStore::row).stream()
            .collect(Collectors.toMap(CallRow::id, row -> row));
    return calls.stream().filter(found::containsKey).map(found::get).toList();
  }

  private SelectOnConditionStep<Record> rows() {
    return db.select(SERVICE_CALL.fields())
        .select(ACCOUNT.NAME, LAST.NAME)
        .from(SERVICE_CALL)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(SERVICE_CALL.OPENED_BY))
        .leftJoin(LAST)
        .on(LAST.ID.eq(SERVICE_CALL.CHANGED_BY));
  }

  private static CallRow row(Record row) {
    String suspects = row.get(SERVICE_CALL.VERDICT_SUSPECTS);
    String chosen = row.get(SERVICE_CALL.CHOSEN_ROUTE);
    String repair = row.get(SERVICE_CALL.REPAIR_STATE);
    String stand = row.get(SERVICE_CALL.STAND);
    String last = row.get(LAST.NAME);
    return new CallRow(
        row.get(SERVICE_CALL.ID),
        row.get(SERVICE_CALL.PLACE),
        row.get(SERVICE_CALL.UNIT_NAME),
        ReadBack.word(row.get(SERVICE_CALL.FAMILY), Family.values()),
        ReadBack.word(row.get(SERVICE_CALL.SYMPTOM), Symptom.values()),
        Objects.requireNonNullElse(
            ReadBack.word(row.get(SERVICE_CALL.VERDICT_STATE), VerdictState.values()),
            VerdictState.OPEN),
        Arrays.stream(suspects.split(","))
            .map(one -> ReadBack.word(one, Suspect.values()))
            .filter(Objects::nonNull)
            .toList(),
        row.get(SERVICE_CALL.VERDICT_SENTENCE),
        row.get(SERVICE_CALL.READINGS),
        ReadBack.word(chosen, Route.values()),
        ReadBack.word(repair, Proof.State.values()),
        row.get(SERVICE_CALL.REPAIR_SENTENCE),
        ReadBack.word(stand, Stand.Place.values()),
        row.get(SERVICE_CALL.STAND_SENTENCE),
        row.get(SERVICE_CALL.DUE),
        row.get(ACCOUNT.NAME),
        last == null ? row.get(ACCOUNT.NAME) : last,
        row.get(SERVICE_CALL.CHANGED_AT));
  }

  /** Of every unit the call changed last, the newest first; no practised ones. */
  List<UUID> units(int most) {
    // Most units of the newest calls are different ones: seldom are more than these looked at.
    for (int looked = 4 * most; ; looked *= 4) {
      Map<UUID, UUID> newest = new LinkedHashMap<>();
      var calls =
          db.select(SERVICE_CALL.ID, SERVICE_CALL.UNIT)
              .from(SERVICE_CALL)
              .where(DSL.condition(SERVICE_CALL.PRACTICE).not())
              .and(SERVICE_CALL.UNIT.isNotNull())
              .orderBy(SERVICE_CALL.CHANGED_AT.desc(), SERVICE_CALL.ID)
              .limit(looked)
              .fetch();
      calls.forEach(row -> newest.putIfAbsent(row.value2(), row.value1()));
      if (newest.size() >= most || calls.size() < looked) {
        return newest.values().stream().limit(most).toList();
      }
    }
  }

  /** How often a unit was called for. */
  record Times(UUID call, int times) {}

  /** Of each unit its call that was changed last, and how many there were. */
  List<Times> times(List<UUID> newest) {
    var same = SERVICE_CALL.as("same");
    Map<UUID, Integer> times = new HashMap<>();
    db.select(same.UNIT, DSL.count())
        .from(same)
        .where(DSL.condition(same.PRACTICE).not())
        .and(
            same.UNIT.in(
                DSL.select(SERVICE_CALL.UNIT).from(SERVICE_CALL).where(SERVICE_CALL.ID.in(newest))))
        .groupBy(same.UNIT)
        .forEach(row -> times.put(row.value1(), row.value2()));
    return db.select(SERVICE_CALL.ID, SERVICE_CALL.UNIT)
        .from(SERVICE_CALL)
        .where(SERVICE_CALL.ID.in(newest))
        .fetch(row -> new Times(row.value1(), times.getOrDefault(row.value2(), 0)));
  }

  /** What was told last of each of these calls. */
  Map<UUID, Telling> particulars(List<UUID> calls) {
    Map<UUID, Telling> told = new HashMap<>();
    tellings()
        .select(PARTICULARS.CALL_ID)
        .distinctOn(PARTICULARS.CALL_ID)
        .from(PARTICULARS)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(PARTICULARS.AUTHOR))
        .where(PARTICULARS.CALL_ID.in(calls))
        .orderBy(PARTICULARS.CALL_ID, PARTICULARS.SEQ.desc())
        .forEach(row -> told.put(row.get(PARTICULARS.CALL_ID), telling(row)));
    return told;
  }

  /** When the shop's first call was opened; none where there is none. */
  Optional<OffsetDateTime> first() {
    return db.select(DSL.min(SERVICE_CALL.OPENED_AT))
        .from(SERVICE_CALL)
        .where(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .fetchOptional(0, OffsetDateTime.class);
  }

  /** Adds what is told of the call; false where it is kept already. */
  boolean addParticulars(UUID id, UUID call, String body, Stamp stamp) {
    return log.keep(
        Save.of("telling", PARTICULARS, id)
            .told(PARTICULARS.CALL_ID, call)
            .told(PARTICULARS.BODY, body),
        stamp);
  }

  /**
   * Adds a telling of single fields; false where it is kept already.
   *
   * @param changes which fields, as JSON
   * @param body the whole that came of it
   */
  boolean addCorrections(UUID id, UUID call, String changes, String body, Stamp stamp) {
    return log.keep(corrections(id, call, changes).made(PARTICULARS.BODY, body), stamp);
  }

  /** Whether this very telling is kept already. */
  boolean holdsCorrections(UUID id, UUID call, String changes) {
    return log.holds(corrections(id, call, changes));
  }

  private static Save corrections(UUID id, UUID call, String changes) {
    return Save.of("telling", PARTICULARS, id)
        .told(PARTICULARS.CALL_ID, call)
        .told(PARTICULARS.CHANGES, changes);
  }

  /**
   * A telling as it was left: the whole, as JSON.
   *
   * @param wording in which it was written
   */
  record Telling(String body, int wording, String by, OffsetDateTime at) {}

  private SelectSelectStep<? extends Record> tellings() {
    return db.select(PARTICULARS.BODY, PARTICULARS.WORDING, ACCOUNT.NAME, PARTICULARS.AT);
  }

  private static Telling telling(Record row) {
    return new Telling(
        row.get(PARTICULARS.BODY),
        row.get(PARTICULARS.WORDING),
        row.get(ACCOUNT.NAME),
        row.get(PARTICULARS.AT));
  }

  private SelectSeekStep1<? extends Record, Long> tellingsOf(UUID call) {
    return tellings()
        .from(PARTICULARS)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(PARTICULARS.AUTHOR))
        .where(PARTICULARS.CALL_ID.eq(call))
        .orderBy(PARTICULARS.SEQ.desc());
  }

  /** Every telling of the call, the newest first. */
  List<Telling> tellings(UUID call) {
    return tellingsOf(call).fetch(CallStore::telling);
  }

  /** What was told last of the call. */
  Telling particulars(UUID call) {
    return tellingsOf(call).limit(1).fetchSingle(CallStore::telling);
  }
}
