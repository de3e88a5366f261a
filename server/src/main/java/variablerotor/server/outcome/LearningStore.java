package variablerotor.server.outcome;

import static variablerotor.server.schema.Tables.LEARNING;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.likelihood.Experience;
import variablerotor.server.log.Editions;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Refused;

/** Whether the shop's own counts move the judged weights; the row written last is in force. */
@Repository
class LearningStore {
  private final DSLContext db;
  private final LogStore log;

  LearningStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /**
   * @param own whether the shop's own counts move the judged weights
   * @param strength so many calls the judged weights are worth
   */
  record Learning(boolean own, double strength) {
    static final Learning USUAL = new Learning(false, Experience.STRENGTH.value());

    private Map<String, Object> told() {
      return Map.of("own", own, "strength", strength);
    }
  }

  /** Until a lead says otherwise, the judged weights stand alone. */
  Learning current() {
    return db.selectFrom(LEARNING)
        .orderBy(LEARNING.SEQ.desc())
        .limit(1)
        .fetchOptional(row -> new Learning(row.getOwn(), row.getStrength()))
        .orElse(Learning.USUAL);
  }

  Optional<Editions.InForce> edition() {
    return log.newest(LEARNING, DSL.noCondition());
  }

  /**
   * @param base the edition that it was changed from
   * @throws Refused where another is in force by now
   */
  @Transactional
  void put(UUID id, @Nullable UUID base, Learning next, Stamp stamp) {
    log.hold("learning");
    if (!db.fetchExists(LEARNING, LEARNING.ID.eq(id))) {
      Editions.hold(base, edition().orElse(null), current().told(), next.told());
    }
    log.keep(
        Save.of("setting", LEARNING, id)
            .told(LEARNING.OWN, next.own())
            .told(LEARNING.STRENGTH, next.strength()),
        stamp);
  }
}
