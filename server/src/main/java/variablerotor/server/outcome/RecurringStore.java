package variablerotor.server.outcome;

import static org.jooq.impl.DSL.concat;
import static org.jooq.impl.DSL.inline;
import static variablerotor.server.schema.Tables.DECISION;
import static variablerotor.server.schema.Tables.OUTCOME;
import static variablerotor.server.schema.Tables.READING;
import static variablerotor.server.schema.Tables.RETRACTION;
import static variablerotor.server.schema.Tables.SERVICE_CALL;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import variablerotor.core.chain.Suspect;
import variablerotor.json.Json;
import variablerotor.server.schema.tables.Outcome;
import variablerotor.server.schema.tables.ServiceCall;

/** Motors that were fitted and failed, and lines of equipment whose boards did. */
@Repository
class RecurringStore {
  /** Of the records so far back: older ones say little of what is sold today [calls]. */
  private static final int LOOKED_AT = 20_000;

  private final DSLContext db;

  RecurringStore(DSLContext db) {
    this.db = db;
  }

  /** What it is of. */
  enum Kind {
    /** A motor that the shop chose to fit, by its number. */
    MOTOR,
    /** A line of equipment, by the code book in which a code of it was looked up. */
    BOARD
  }

  /**
   * Something that failed more than once, or may have.
   *
   * @param calls on which it was fitted, or met
   * @param failed later calls to units with it, or calls, that turned out to be it
   */
  record Recurring(Kind kind, String name, int calls, List<UUID> failed) {
    Recurring {
      failed = List.copyOf(failed);
    }
  }

  /** What was said of a call last was that it is one of these. */
  private static Condition turnedOut(ServiceCall call, Suspect... these) {
    Outcome last = OUTCOME.as("last");
    Outcome later = OUTCOME.as("later_word");
    Condition any = DSL.noCondition();
    for (Suspect one : these) {
      any = any.or(concat(inline(","), last.FOUND, inline(",")).contains("," + one.name() + ","));
    }
    return DSL.exists(
        DSL.selectOne()
            .from(last)
            .where(last.CALL_ID.eq(call.ID))
            .and(any)
            .andNotExists(
                DSL.selectOne()
                    .from(later)
                    .where(later.CALL_ID.eq(last.CALL_ID))
                    .and(later.SEQ.gt(last.SEQ))));
  }

  /**
   * Motors that were chosen, with the later calls to their units that turned out to be the motor.
   */
  List<Recurring> motors() {
    var newer = DECISION.as("newer");
    var later = SERVICE_CALL.as("later");
    Map<String, Integer> chosen = new LinkedHashMap<>();
    Map<String, Set<UUID>> failed = new LinkedHashMap<>();
    db.select(DECISION.CANDIDATE, DECISION.CALL_ID, later.ID)
        .from(DECISION)
        .join(SERVICE_CALL)
        .on(SERVICE_CALL.ID.eq(DECISION.CALL_ID))
        .leftJoin(later)
        .on(later.UNIT.eq(SERVICE_CALL.UNIT))
        .and(SERVICE_CALL.UNIT_NAME.ne(""))
        .and(later.OPENED_AT.gt(DECISION.AT))
        .and(turnedOut(later, Suspect.MODULE, Suspect.WINDING, Suspect.BEARING, Suspect.DRIVE))
        .where(DECISION.CANDIDATE.isNotNull())
        .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .andNotExists(
            DSL.selectOne()
                .from(newer)
                .where(newer.CALL_ID.eq(DECISION.CALL_ID))
                .and(newer.SEQ.gt(DECISION.SEQ)))
        .orderBy(DECISION.SEQ.desc())
        .limit(LOOKED_AT)
        .fetchGroups(DECISION.CALL_ID)
        .values()
        .forEach(
            rows -> {
              String name = rows.get(0).get(DECISION.CANDIDATE);
              chosen.merge(name, 1, Integer::sum);
              rows.forEach(
                  row -> {
                    if (row.get(later.ID) != null) {
                      failed
                          .computeIfAbsent(name, any -> new LinkedHashSet<>())
                          .add(row.get(later.ID));
                    }
                  });
            });
    return recurring(Kind.MOTOR, chosen, failed);
  }

  /** Lines of equipment, with the calls that turned out to be the call or the board. */
  List<Recurring> boards() {
    Map<String, Integer> met = new LinkedHashMap<>();
    Map<String, Set<UUID>> failed = new LinkedHashMap<>();
    Field<Boolean> board = DSL.field(turnedOut(SERVICE_CALL, Suspect.COMMAND)).as("board");
    db.select(READING.CALL_ID, READING.VALUE, board)
        .from(READING)
        .join(SERVICE_CALL)
        .on(SERVICE_CALL.ID.eq(READING.CALL_ID))
        .where(READING.FACT.eq("code"))
        .and(READING.VALUE.startsWith("{"))
        .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .andNotExists(DSL.selectOne().from(RETRACTION).where(RETRACTION.READING_ID.eq(READING.ID)))
        .orderBy(READING.SEQ.desc())
        .limit(LOOKED_AT)
        .fetchGroups(READING.CALL_ID)
        .forEach(
            (call, rows) -> {
              Set<String> books = new LinkedHashSet<>();
              rows.forEach(
                  row -> {
                    if (Json.kept(row.get(READING.VALUE)) instanceof Map<?, ?> code
                        && code.get("book") instanceof String book) {
                      books.add(book);
                    }
                  });
              for (String book : books) {
                met.merge(book, 1, Integer::sum);
                if (Boolean.TRUE.equals(rows.get(0).get(board))) {
                  failed.computeIfAbsent(book, any -> new LinkedHashSet<>()).add(call);
                }
              }
            });
    return recurring(Kind.BOARD, met, failed);
  }

  private static List<Recurring> recurring(
      Kind kind, Map<String, Integer> calls, Map<String, Set<UUID>> failed) {
    List<Recurring> all = new ArrayList<>();
    failed.forEach(
        (name, these) ->
            all.add(
                new Recurring(kind, name, calls.getOrDefault(name, 0), new ArrayList<>(these))));
    all.sort((one, two) -> Integer.compare(two.failed().size(), one.failed().size()));
    return all;
  }
}
