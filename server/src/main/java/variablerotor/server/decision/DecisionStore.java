package variablerotor.server.decision;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.DECISION;

import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.job.JobLog;
import variablerotor.core.route.Route;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** Choices, each with the diagnosis that it stood on. */
@Repository
class DecisionStore implements CallPart {
  private final DSLContext db;
  private final LogStore log;

  DecisionStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** As the client says it; what it stood on is put to it when it is new. */
  Save decision(UUID id, UUID call, Route route) {
    return Save.of("decision", DECISION, id)
        .told(DECISION.CALL_ID, call)
        .told(DECISION.ROUTE, route.name());
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  /**
   * @param firstCost null where no price is known
   * @param diagnosis in the open format
   */
  void add(Save save, Double firstCost, String currency, String diagnosis, Stamp stamp) {
    log.keep(
        save.made(DECISION.FIRST_COST, firstCost)
            .made(DECISION.CURRENCY, currency)
            .made(DECISION.DIAGNOSIS, diagnosis)
            .made(DECISION.ENGINE, Engine.VERSION),
        stamp);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.decisions(
        db.select(
                DECISION.ID,
                DECISION.ROUTE,
                DECISION.FIRST_COST,
                DECISION.CURRENCY,
                DECISION.AT,
                ACCOUNT.NAME)
            .from(DECISION)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(DECISION.AUTHOR))
            .where(DECISION.CALL_ID.eq(call))
            .orderBy(DECISION.SEQ)
            .fetch(
                row ->
                    new JobLog.Decided(
                        row.get(DECISION.ID).toString(),
                        Route.valueOf(row.get(DECISION.ROUTE)),
                        row.get(DECISION.FIRST_COST),
                        row.get(DECISION.CURRENCY),
                        row.get(ACCOUNT.NAME),
                        row.get(DECISION.AT).toString())));
  }
}
