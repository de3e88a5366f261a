package variablerotor.server.log;

import jakarta.annotation.PostConstruct;
import java.time.Clock;
import java.time.LocalDate;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Sees to it that what grows without end has a partition for each of the coming years. */
@Repository
class PartitionStore {
  /** So long it may run without a new start; what comes later lies with the rest [a]. */
  private static final int AHEAD = 3;

  private final DSLContext db;
  private final Clock clock;

  PartitionStore(DSLContext db, Clock clock) {
    this.db = db;
    this.clock = clock;
  }

  @PostConstruct
  void make() {
    db.execute("select make_partitions({0})", DSL.val(LocalDate.now(clock).getYear() + AHEAD));
  }
}
