package variablerotor.server.proof;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.REPAIR_PROOF;

import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.ProofReader;
import variablerotor.core.job.JobLog;
import variablerotor.core.proof.ProofRequest;
import variablerotor.json.Json;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** What repairs showed. */
@Repository
class ProofStore implements CallPart {
  private final DSLContext db;
  private final LogStore log;

  ProofStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  Save save(UUID id, UUID call, String body) {
    return Save.of("proof", REPAIR_PROOF, id)
        .told(REPAIR_PROOF.CALL_ID, call)
        .told(REPAIR_PROOF.BODY, body);
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  boolean keep(Save save, Stamp stamp) {
    return log.keep(save, stamp);
  }

  int count(UUID call) {
    return db.fetchCount(REPAIR_PROOF, REPAIR_PROOF.CALL_ID.eq(call));
  }

  /** The one in force: those before it are kept, and are not asked for. */
  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.proofs(
        db.select(REPAIR_PROOF.ID, REPAIR_PROOF.BODY, REPAIR_PROOF.AT, ACCOUNT.NAME)
            .from(REPAIR_PROOF)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(REPAIR_PROOF.AUTHOR))
            .where(REPAIR_PROOF.CALL_ID.eq(call))
            .orderBy(REPAIR_PROOF.SEQ.desc())
            .limit(1)
            .fetch(
                row ->
                    new JobLog.Proved(
                        row.get(REPAIR_PROOF.ID).toString(),
                        kept(row.get(REPAIR_PROOF.BODY)),
                        row.get(ACCOUNT.NAME),
                        row.get(REPAIR_PROOF.AT).toString())));
  }

  private static ProofRequest kept(String body) {
    try {
      return ProofReader.told(Json.read(body)).document();
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("a kept proof no longer reads", unreadable);
    }
  }
}
