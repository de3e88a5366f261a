package variablerotor.server.reading;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.READING;
import static variablerotor.server.schema.Tables.RETRACTION;

import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.fact.Fact;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.KeptRow;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.core.tree.Tree;
import variablerotor.json.Json;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.schema.tables.Account;

/** Readings, and those taken back. */
@Repository
class ReadingStore implements CallPart {
  /** Whoever took a reading back. */
  private static final Account BY = ACCOUNT.as("by");

  private final DSLContext db;
  private final LogStore log;

  ReadingStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** As it goes into the log. */
  Save reading(UUID id, UUID call, Fact fact) {
    return Save.of("reading", READING, id)
        .told(READING.CALL_ID, call)
        .told(READING.FACT, fact.type().id())
        .told(READING.VALUE, Json.write(fact.value().plain()))
        .told(READING.PHASE, fact.phase().name())
        .told(READING.AGAIN, fact.again())
        .told(READING.NOTE, fact.taken().note())
        .told(READING.MOMENT, fact.taken().when() == null ? null : fact.taken().when().name())
        .told(READING.PLACE, fact.taken().on());
  }

  boolean keep(Save save, Stamp stamp) {
    return log.keep(save, stamp);
  }

  /** False where it is taken back already. */
  boolean retract(UUID id, UUID reading, Stamp stamp) {
    return log.keep(
        Save.of("retraction", RETRACTION, id).told(RETRACTION.READING_ID, reading), stamp);
  }

  boolean isOf(UUID reading, UUID call) {
    return db.fetchExists(READING, READING.ID.eq(reading).and(READING.CALL_ID.eq(call)));
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.keptReadings(
        db.select(READING.ID, READING.FACT, READING.VALUE, READING.PHASE, READING.AGAIN, READING.AT)
            .select(READING.NOTE, READING.MOMENT, READING.PLACE, READING.WORDING)
            .select(ACCOUNT.NAME, BY.NAME)
            .from(READING)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(READING.AUTHOR))
            .leftJoin(RETRACTION)
            .on(RETRACTION.READING_ID.eq(READING.ID))
            .leftJoin(BY)
            .on(BY.ID.eq(RETRACTION.AUTHOR))
            .where(READING.CALL_ID.eq(call))
            .orderBy(READING.SEQ)
            .fetch(ReadingStore::reading));
  }

  private static KeptRow<JobLog.Reading> reading(Record row) {
    Map<String, Object> tree = fact(row);
    ReadBack<Fact> read =
        ReadBack.whole(
            Wording.today(),
            Wording.Kind.READING,
            row.get(READING.WORDING),
            tree,
            CaseReader::fact);
    String author = row.get(ACCOUNT.NAME);
    String at = row.get(READING.AT).toString();
    String takenBackBy = row.get(BY.NAME);
    return new KeptRow<>(
        read.value() == null
            ? null
            : new JobLog.Reading(
                row.get(READING.ID).toString(), read.value(), author, at, takenBackBy),
        AsTold.all(row.get(READING.FACT), tree.get("value")),
        row.get(READING.FACT) + " " + row.get(READING.PHASE),
        takenBackBy != null,
        author,
        at);
  }

  /** As in the case format. */
  private static Map<String, Object> fact(Record row) {
    return Tree.of(
        "id", row.get(READING.FACT),
        "value", Json.kept(row.get(READING.VALUE)),
        "phase", row.get(READING.PHASE),
        "again", row.get(READING.AGAIN),
        "note", row.get(READING.NOTE),
        "while", row.get(READING.MOMENT),
        "on", row.get(READING.PLACE));
  }
}
