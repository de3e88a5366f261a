package variablerotor.server.decision;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.DECISION;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.KeptRow;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.core.route.Route;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** Choices, each with the diagnosis that it stood on. */
@Repository
class DecisionStore implements CallPart {
  /** Each has with it all that it stood on, some hundred kilobytes. */
  private static final int MOST = 100;

  private final DSLContext db;
  private final LogStore log;

  DecisionStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** As the client says it; what it stood on is put to it when it is new. */
  Save decision(UUID id, UUID call, Route route, @Nullable String candidate) {
    return Save.of("decision", DECISION, id)
        .told(DECISION.CALL_ID, call)
        .told(DECISION.ROUTE, route.name())
        .told(DECISION.CANDIDATE, candidate)
        .upTo(MOST);
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  /**
   * @param firstCost null where no price is known
   * @param done what was ticked, a line each
   * @param diagnosis in the open format
   * @param stoodOn case and options, in the open format
   */
  void add(
      Save save,
      @Nullable Double firstCost,
      String currency,
      String done,
      String diagnosis,
      String stoodOn,
      Stamp stamp) {
    log.keep(
        save.made(DECISION.FIRST_COST, firstCost)
            .made(DECISION.CURRENCY, currency)
            .made(DECISION.DONE, done)
            .made(DECISION.DIAGNOSIS, diagnosis)
            .made(DECISION.STOOD_ON, stoodOn)
            .made(DECISION.ENGINE, Engine.VERSION),
        stamp);
  }

  Optional<String> stoodOn(UUID call, UUID id) {
    return db.select(DECISION.STOOD_ON)
        .from(DECISION)
        .where(DECISION.CALL_ID.eq(call))
        .and(DECISION.ID.eq(id))
        .fetchOptional(DECISION.STOOD_ON);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.keptDecisions(
        db.select(
                DECISION.ID,
                DECISION.ROUTE,
                DECISION.CANDIDATE,
                DECISION.FIRST_COST,
                DECISION.CURRENCY,
                DECISION.DONE,
                DECISION.WORDING,
                DECISION.AT,
                ACCOUNT.NAME)
            .from(DECISION)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(DECISION.AUTHOR))
            .where(DECISION.CALL_ID.eq(call))
            .orderBy(DECISION.SEQ)
            .fetch(DecisionStore::decided));
  }

  private static KeptRow<JobLog.Decided> decided(Record row) {
    String told = row.get(DECISION.ROUTE);
    Route route =
        ReadBack.word(
            Wording.today(),
            Wording.Kind.DECISION,
            row.get(DECISION.WORDING),
            "route",
            told,
            Route.values());
    String author = row.get(ACCOUNT.NAME);
    String at = row.get(DECISION.AT).toString();
    return new KeptRow<>(
        route == null
            ? null
            : new JobLog.Decided(
                row.get(DECISION.ID).toString(),
                route,
                row.get(DECISION.CANDIDATE),
                row.get(DECISION.FIRST_COST),
                row.get(DECISION.CURRENCY),
                row.get(DECISION.DONE).lines().toList(),
                author,
                at),
        List.of(new AsTold("chosen", told)),
        "chosen",
        false,
        author,
        at);
  }
}
