package variablerotor.server.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.server.schema.Tables.SERVICE_CALL;

import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.support.TransactionTemplate;
import variablerotor.server.Server;

/** What is asked again and again by an id is planned once; what is searched for, each time. */
@ExtendWith(Server.class)
class PlannedTest {
  /**
   * The driver names a statement after five, and the database weighs five plans before it keeps
   * one.
   */
  private static final int OFTEN = 20;

  private final DSLContext db;
  private final TransactionTemplate transaction;

  PlannedTest(Server server) {
    db = server.bean(DSLContext.class);
    transaction = server.bean(TransactionTemplate.class);
  }

  /** How often a kept plan was used for a question, on the connection that it was asked over. */
  private int keptPlans(DSLContext asked, String mark) {
    Integer kept =
        transaction.execute(
            status -> {
              for (int i = 0; i < OFTEN; i++) {
                asked
                    .select(SERVICE_CALL.PLACE.as(mark))
                    .from(SERVICE_CALL)
                    .where(SERVICE_CALL.ID.eq(UUID.randomUUID()))
                    .fetch();
              }
              return db.fetchSingle(
                      "select coalesce(sum(generic_plans), 0)::int from pg_prepared_statements"
                          + " where statement like {0}",
                      DSL.inline("%\"" + mark + "\"%"))
                  .into(Integer.class);
            });
    return kept == null ? -1 : kept;
  }

  @Test
  void whatIsAskedByAnIdIsPlannedOnce() {
    int kept = keptPlans(db, "asked_by_id");
    assertTrue(kept >= OFTEN - 11, "a kept plan was used " + kept + " times");
  }

  @Test
  void whatIsSearchedForIsPlannedEachTime() {
    assertEquals(0, keptPlans(Planned.forItsValues(db), "searched_for"));
  }
}
