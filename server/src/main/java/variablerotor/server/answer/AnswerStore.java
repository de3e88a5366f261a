package variablerotor.server.answer;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.CUSTOMER_ANSWER;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.KeptRow;
import variablerotor.core.job.Signature;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.core.route.Route;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** What customers said, of each call the last in force. */
@Repository
class AnswerStore implements CallPart {
  private final DSLContext db;
  private final LogStore log;

  AnswerStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /**
   * @param route null where they think it over
   * @param signed null where nobody signed on a screen
   */
  Save answer(
      UUID id,
      UUID call,
      @Nullable Route route,
      String by,
      LocalDate on,
      String note,
      @Nullable Signature signed) {
    return Save.of("answer", CUSTOMER_ANSWER, id)
        .told(CUSTOMER_ANSWER.CALL_ID, call)
        .told(CUSTOMER_ANSWER.ROUTE, route == null ? null : route.name())
        .told(CUSTOMER_ANSWER.SAID_BY, by)
        .told(CUSTOMER_ANSWER.SAID_ON, on)
        .told(CUSTOMER_ANSWER.NOTE, note)
        .told(CUSTOMER_ANSWER.SIGNATURE, signed == null ? null : signed.strokes())
        .told(
            CUSTOMER_ANSWER.SIGNED_UNDER,
            signed == null ? null : String.join("\n", signed.under()));
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  boolean add(Save save, Stamp stamp) {
    return log.keep(save, stamp);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.keptAnswers(
        db.select(CUSTOMER_ANSWER.fields())
            .select(ACCOUNT.NAME)
            .from(CUSTOMER_ANSWER)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(CUSTOMER_ANSWER.AUTHOR))
            .where(CUSTOMER_ANSWER.CALL_ID.eq(call))
            .orderBy(CUSTOMER_ANSWER.SEQ)
            .fetch(AnswerStore::answered));
  }

  private static @Nullable Signature signed(Record row) {
    String strokes = row.get(CUSTOMER_ANSWER.SIGNATURE);
    String under = row.get(CUSTOMER_ANSWER.SIGNED_UNDER);
    // One that came out of a file was written by another hand.
    return strokes == null || under == null || !Signature.isPath(strokes)
        ? null
        : new Signature(strokes, List.of(under.split("\n")));
  }

  private static KeptRow<JobLog.Answered> answered(Record row) {
    String told = row.get(CUSTOMER_ANSWER.ROUTE);
    Route route =
        ReadBack.word(
            Wording.today(),
            Wording.Kind.ANSWER,
            row.get(CUSTOMER_ANSWER.WORDING),
            "route",
            told,
            Route.values());
    String author = row.get(ACCOUNT.NAME);
    String at = row.get(CUSTOMER_ANSWER.AT).toString();
    String by = row.get(CUSTOMER_ANSWER.SAID_BY);
    return new KeptRow<>(
        told != null && route == null
            ? null
            : new JobLog.Answered(
                row.get(CUSTOMER_ANSWER.ID).toString(),
                route,
                by,
                row.get(CUSTOMER_ANSWER.SAID_ON).toString(),
                row.get(CUSTOMER_ANSWER.NOTE),
                signed(row),
                author,
                at),
        List.of(new AsTold("answer of " + by, told == null ? "thinks it over" : told)),
        "answer",
        false,
        author,
        at);
  }
}
