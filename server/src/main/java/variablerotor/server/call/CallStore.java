package variablerotor.server.call;

import static org.jooq.impl.DSL.concat;
import static org.jooq.impl.DSL.lower;
import static org.jooq.impl.DSL.val;
import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.DECISION;
import static variablerotor.server.schema.Tables.OFFER;
import static variablerotor.server.schema.Tables.PARTICULARS;
import static variablerotor.server.schema.Tables.READING;
import static variablerotor.server.schema.Tables.RETRACTION;
import static variablerotor.server.schema.Tables.SERVICE_CALL;

import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import variablerotor.core.chain.Suspect;
import variablerotor.core.cost.Offer;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.Symptom;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.route.Route;
import variablerotor.core.signal.Family;

/**
 * Calls and all that was recorded on them. Rows are added and never changed, but for the summary.
 */
@Repository
class CallStore {
  private final DSLContext db;

  CallStore(DSLContext db) {
    this.db = db;
  }

  /** Who recorded something, and when. */
  record Stamp(UUID author, OffsetDateTime at) {}

  /**
   * @param practice whether it is on a simulated motor
   */
  record Opened(
      UUID id, String by, OffsetDateTime at, OffsetDateTime changedAt, boolean practice) {}

  /**
   * @param value as JSON
   */
  record ReadingRow(
      UUID id,
      UUID call,
      String fact,
      String value,
      String author,
      OffsetDateTime at,
      boolean retracted) {}

  record OfferRow(UUID id, UUID call, Route route, Offer offer) {}

  record DecisionRow(
      UUID id,
      UUID call,
      Route route,
      Double firstCost,
      String currency,
      String author,
      OffsetDateTime at) {}

  /** Adds the call with its first summary; false where its id is taken. */
  boolean addCall(
      UUID id, boolean practice, Particulars particulars, Diagnosis diagnosis, Stamp stamp) {
    return db.insertInto(SERVICE_CALL)
            .set(SERVICE_CALL.ID, id)
            .set(SERVICE_CALL.OPENED_BY, stamp.author())
            .set(SERVICE_CALL.OPENED_AT, stamp.at())
            .set(SERVICE_CALL.PRACTICE, practice)
            .set(summary(particulars, diagnosis, 0, stamp.at()))
            .onConflict(SERVICE_CALL.ID)
            .doNothing()
            .execute()
        == 1;
  }

  private static Map<org.jooq.Field<?>, Object> summary(
      Particulars particulars, Diagnosis diagnosis, int readings, OffsetDateTime at) {
    Map<org.jooq.Field<?>, Object> summary = new java.util.LinkedHashMap<>();
    summary.put(SERVICE_CALL.PLACE, particulars.place());
    summary.put(SERVICE_CALL.UNIT_NAME, particulars.unitName());
    summary.put(SERVICE_CALL.FAMILY, particulars.motor().family().name());
    summary.put(SERVICE_CALL.SYMPTOM, particulars.symptom().name());
    summary.put(SERVICE_CALL.VERDICT_STATE, diagnosis.verdict().state().name());
    summary.put(
        SERVICE_CALL.VERDICT_SUSPECTS,
        diagnosis.verdict().suspects().stream().map(Enum::name).collect(Collectors.joining(",")));
    summary.put(SERVICE_CALL.VERDICT_SENTENCE, diagnosis.verdict().sentence());
    summary.put(SERVICE_CALL.ENGINE, Engine.VERSION);
    summary.put(SERVICE_CALL.READINGS, readings);
    summary.put(SERVICE_CALL.CHANGED_AT, at);
    return summary;
  }

  void summarise(
      UUID call, Particulars particulars, Diagnosis diagnosis, int readings, OffsetDateTime at) {
    db.update(SERVICE_CALL)
        .set(summary(particulars, diagnosis, readings, at))
        .where(SERVICE_CALL.ID.eq(call))
        .execute();
  }

  void chosen(UUID call, Route route) {
    db.update(SERVICE_CALL)
        .set(SERVICE_CALL.CHOSEN_ROUTE, route.name())
        .where(SERVICE_CALL.ID.eq(call))
        .execute();
  }

  /** Holds the call until the transaction ends, so that two saves at once follow each other. */
  boolean lock(UUID call) {
    return db.select(SERVICE_CALL.ID)
        .from(SERVICE_CALL)
        .where(SERVICE_CALL.ID.eq(call))
        .forUpdate()
        .fetchOptional()
        .isPresent();
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

  /** Newest first; every word of the search must stand in place or unit. */
  List<CallRow> list(String search, int offset, int most) {
    Condition words = DSL.condition(SERVICE_CALL.PRACTICE).not();
    for (String word : search.toLowerCase(java.util.Locale.ROOT).trim().split("\\s+")) {
      if (!word.isEmpty()) {
        words =
            words.and(
                lower(concat(SERVICE_CALL.PLACE, val(" "), SERVICE_CALL.UNIT_NAME))
                    .like("%" + word.replaceAll("([\\\\%_])", "\\\\$1") + "%"));
      }
    }
    return db.select(SERVICE_CALL.fields())
        .select(ACCOUNT.NAME)
        .from(SERVICE_CALL)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(SERVICE_CALL.OPENED_BY))
        .where(words)
        .orderBy(SERVICE_CALL.CHANGED_AT.desc(), SERVICE_CALL.ID)
        .offset(offset)
        .limit(most)
        .fetch(CallStore::row);
  }

  private static CallRow row(Record row) {
    String suspects = row.get(SERVICE_CALL.VERDICT_SUSPECTS);
    String chosen = row.get(SERVICE_CALL.CHOSEN_ROUTE);
    return new CallRow(
        row.get(SERVICE_CALL.ID),
        row.get(SERVICE_CALL.PLACE),
        row.get(SERVICE_CALL.UNIT_NAME),
        Family.valueOf(row.get(SERVICE_CALL.FAMILY)),
        Symptom.valueOf(row.get(SERVICE_CALL.SYMPTOM)),
        VerdictState.valueOf(row.get(SERVICE_CALL.VERDICT_STATE)),
        suspects.isEmpty()
            ? List.of()
            : Arrays.stream(suspects.split(",")).map(Suspect::valueOf).toList(),
        row.get(SERVICE_CALL.VERDICT_SENTENCE),
        row.get(SERVICE_CALL.READINGS),
        chosen == null ? null : Route.valueOf(chosen),
        row.get(ACCOUNT.NAME),
        row.get(SERVICE_CALL.CHANGED_AT));
  }

  /** Adds what is told of the call; false where the id is taken. */
  boolean addParticulars(UUID id, UUID call, String body, Stamp stamp) {
    return db.insertInto(PARTICULARS)
            .set(PARTICULARS.ID, id)
            .set(PARTICULARS.CALL_ID, call)
            .set(PARTICULARS.BODY, body)
            .set(PARTICULARS.AUTHOR, stamp.author())
            .set(PARTICULARS.AT, stamp.at())
            .onConflict(PARTICULARS.ID)
            .doNothing()
            .execute()
        == 1;
  }

  /** What was told last of the call, as JSON. */
  String particulars(UUID call) {
    return db.select(PARTICULARS.BODY)
        .from(PARTICULARS)
        .where(PARTICULARS.CALL_ID.eq(call))
        .orderBy(PARTICULARS.SEQ.desc())
        .limit(1)
        .fetchSingle(PARTICULARS.BODY);
  }

  boolean addReading(UUID id, UUID call, String fact, String value, Stamp stamp) {
    return db.insertInto(READING)
            .set(READING.ID, id)
            .set(READING.CALL_ID, call)
            .set(READING.FACT, fact)
            .set(READING.VALUE, value)
            .set(READING.AUTHOR, stamp.author())
            .set(READING.AT, stamp.at())
            .onConflict(READING.ID)
            .doNothing()
            .execute()
        == 1;
  }

  Optional<ReadingRow> reading(UUID id) {
    return readings(READING.ID.eq(id)).stream().findFirst();
  }

  /** Every reading of the call, in the order of recording. */
  List<ReadingRow> readings(UUID call) {
    return readings(READING.CALL_ID.eq(call));
  }

  int countReadings(UUID call) {
    return db.fetchCount(READING, READING.CALL_ID.eq(call));
  }

  private List<ReadingRow> readings(Condition which) {
    return db.select(READING.fields())
        .select(ACCOUNT.NAME, RETRACTION.ID)
        .from(READING)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(READING.AUTHOR))
        .leftJoin(RETRACTION)
        .on(RETRACTION.READING_ID.eq(READING.ID))
        .where(which)
        .orderBy(READING.SEQ)
        .fetch(
            row ->
                new ReadingRow(
                    row.get(READING.ID),
                    row.get(READING.CALL_ID),
                    row.get(READING.FACT),
                    row.get(READING.VALUE),
                    row.get(ACCOUNT.NAME),
                    row.get(READING.AT),
                    row.get(RETRACTION.ID) != null));
  }

  /** Takes a reading back; a second time is the same as once. */
  void retract(UUID id, UUID reading, Stamp stamp) {
    db.insertInto(RETRACTION)
        .set(RETRACTION.ID, id)
        .set(RETRACTION.READING_ID, reading)
        .set(RETRACTION.AUTHOR, stamp.author())
        .set(RETRACTION.AT, stamp.at())
        .onConflictDoNothing()
        .execute();
  }

  boolean addOffer(UUID id, UUID call, Route route, Offer offer, Stamp stamp) {
    return db.insertInto(OFFER)
            .set(OFFER.ID, id)
            .set(OFFER.CALL_ID, call)
            .set(OFFER.ROUTE, route.name())
            .set(OFFER.PART_PRICE, offer.partPrice())
            .set(OFFER.LABOUR_HOURS, offer.labourHours())
            .set(OFFER.LEAD_DAYS, offer.leadDays())
            .set(OFFER.AUTHOR, stamp.author())
            .set(OFFER.AT, stamp.at())
            .onConflict(OFFER.ID)
            .doNothing()
            .execute()
        == 1;
  }

  Optional<OfferRow> offer(UUID id) {
    return db.selectFrom(OFFER)
        .where(OFFER.ID.eq(id))
        .fetchOptional(
            row -> new OfferRow(id, row.getCallId(), Route.valueOf(row.getRoute()), offer(row)));
  }

  private static Offer offer(Record row) {
    return new Offer(
        row.get(OFFER.PART_PRICE), row.get(OFFER.LABOUR_HOURS), row.get(OFFER.LEAD_DAYS));
  }

  /** Of each way the offer typed in last. */
  Map<Route, Offer> offers(UUID call) {
    Map<Route, Offer> offers = new EnumMap<>(Route.class);
    db.selectFrom(OFFER)
        .where(OFFER.CALL_ID.eq(call))
        .orderBy(OFFER.SEQ)
        .forEach(row -> offers.put(Route.valueOf(row.getRoute()), offer(row)));
    return offers;
  }

  boolean addDecision(
      UUID id,
      UUID call,
      Route route,
      Double firstCost,
      String currency,
      String diagnosis,
      Stamp stamp) {
    return db.insertInto(DECISION)
            .set(DECISION.ID, id)
            .set(DECISION.CALL_ID, call)
            .set(DECISION.ROUTE, route.name())
            .set(DECISION.FIRST_COST, firstCost)
            .set(DECISION.CURRENCY, currency)
            .set(DECISION.DIAGNOSIS, diagnosis)
            .set(DECISION.ENGINE, Engine.VERSION)
            .set(DECISION.AUTHOR, stamp.author())
            .set(DECISION.AT, stamp.at())
            .onConflict(DECISION.ID)
            .doNothing()
            .execute()
        == 1;
  }

  Optional<DecisionRow> decision(UUID id) {
    return decisions(DECISION.ID.eq(id)).stream().findFirst();
  }

  /** Newest first; the first is in force. */
  List<DecisionRow> decisions(UUID call) {
    return decisions(DECISION.CALL_ID.eq(call));
  }

  private List<DecisionRow> decisions(Condition which) {
    return db.select(DECISION.fields())
        .select(ACCOUNT.NAME)
        .from(DECISION)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(DECISION.AUTHOR))
        .where(which)
        .orderBy(DECISION.SEQ.desc())
        .fetch(
            row ->
                new DecisionRow(
                    row.get(DECISION.ID),
                    row.get(DECISION.CALL_ID),
                    Route.valueOf(row.get(DECISION.ROUTE)),
                    row.get(DECISION.FIRST_COST),
                    row.get(DECISION.CURRENCY),
                    row.get(ACCOUNT.NAME),
                    row.get(DECISION.AT)));
  }
}
