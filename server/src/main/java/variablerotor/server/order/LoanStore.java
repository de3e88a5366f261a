package variablerotor.server.order;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.LOAN;
import static variablerotor.server.schema.Tables.LOAN_RETURN;
import static variablerotor.server.schema.Tables.SERVICE_CALL;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** What was lent, and what came back. */
@Repository
class LoanStore {
  private final DSLContext db;
  private final LogStore log;

  LoanStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /**
   * A part that was lent.
   *
   * @param due as it was told when it went out; null where it was not
   * @param back when it came back; null while it is out
   */
  record Lent(
      UUID id,
      UUID call,
      UUID part,
      String place,
      String unitName,
      @Nullable LocalDate due,
      String author,
      String since,
      @Nullable String back) {}

  Save loan(UUID id, UUID call, UUID part, @Nullable LocalDate due) {
    return Save.of("loan", LOAN, id)
        .told(LOAN.CALL_ID, call)
        .told(LOAN.PART_ID, part)
        .told(LOAN.DUE, due);
  }

  Save back(UUID id, UUID loan) {
    return Save.of("return", LOAN_RETURN, id).told(LOAN_RETURN.LOAN_ID, loan);
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  boolean add(Save save, Stamp stamp) {
    return log.keep(save, stamp);
  }

  /** Holds a loan until the transaction ends. */
  void lock(UUID loan) {
    log.hold("loan " + loan);
  }

  List<Lent> of(UUID call) {
    return fetch(LOAN.CALL_ID.eq(call), Integer.MAX_VALUE);
  }

  List<Lent> one(UUID loan) {
    return fetch(LOAN.ID.eq(loan), 1);
  }

  /** Of all calls, what is out before what is back, each the newest first. */
  List<Lent> newest(int most) {
    return fetch(SERVICE_CALL.PRACTICE.isFalse(), most);
  }

  private List<Lent> fetch(Condition which, int most) {
    return db.select(LOAN.fields())
        .select(ACCOUNT.NAME, SERVICE_CALL.PLACE, SERVICE_CALL.UNIT_NAME, LOAN_RETURN.AT)
        .from(LOAN)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(LOAN.AUTHOR))
        .join(SERVICE_CALL)
        .on(SERVICE_CALL.ID.eq(LOAN.CALL_ID))
        .leftJoin(LOAN_RETURN)
        .on(LOAN_RETURN.LOAN_ID.eq(LOAN.ID))
        .where(which)
        .orderBy(LOAN_RETURN.AT.isNotNull(), LOAN.SEQ.desc())
        .limit(most)
        .fetch(
            row ->
                new Lent(
                    row.get(LOAN.ID),
                    row.get(LOAN.CALL_ID),
                    row.get(LOAN.PART_ID),
                    row.get(SERVICE_CALL.PLACE),
                    row.get(SERVICE_CALL.UNIT_NAME),
                    row.get(LOAN.DUE),
                    row.get(ACCOUNT.NAME),
                    row.get(LOAN.AT).toString(),
                    row.get(LOAN_RETURN.AT) == null ? null : row.get(LOAN_RETURN.AT).toString()));
  }
}
