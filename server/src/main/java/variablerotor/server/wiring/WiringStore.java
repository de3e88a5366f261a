package variablerotor.server.wiring;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.AS_WIRED;

import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.job.JobLog;
import variablerotor.core.wiring.AsWired;
import variablerotor.json.Json;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** Conversions as they were made. */
@Repository
class WiringStore implements CallPart {
  private final DSLContext db;
  private final LogStore log;

  WiringStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  Save save(UUID id, UUID call, String body) {
    return Save.of("wiring", AS_WIRED, id).told(AS_WIRED.CALL_ID, call).told(AS_WIRED.BODY, body);
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  boolean keep(Save save, Stamp stamp) {
    return log.keep(save, stamp);
  }

  int count(UUID call) {
    return db.fetchCount(AS_WIRED, AS_WIRED.CALL_ID.eq(call));
  }

  /** The one in force: those before it are kept, and are not asked for. */
  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.wirings(
        db.select(AS_WIRED.ID, AS_WIRED.BODY, AS_WIRED.AT, ACCOUNT.NAME)
            .from(AS_WIRED)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(AS_WIRED.AUTHOR))
            .where(AS_WIRED.CALL_ID.eq(call))
            .orderBy(AS_WIRED.SEQ.desc())
            .limit(1)
            .fetch(
                row ->
                    new JobLog.Wired(
                        row.get(AS_WIRED.ID).toString(),
                        kept(row.get(AS_WIRED.BODY)),
                        row.get(ACCOUNT.NAME),
                        row.get(AS_WIRED.AT).toString())));
  }

  private static AsWired kept(String body) {
    try {
      return AsWiredReader.read(Json.read(body));
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("a kept wiring no longer reads", unreadable);
    }
  }
}
