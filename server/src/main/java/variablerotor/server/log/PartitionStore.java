package variablerotor.server.log;

import jakarta.annotation.PostConstruct;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Repository;

/** Sees to it that what grows without end has a partition for each of the coming years. */
@Repository
class PartitionStore {
  /** So long it may run without a new start; what comes later lies with the rest [a]. */
  private static final int AHEAD = 3;

  private static final int TRIES = 20;
  private static final Logger LOG = LoggerFactory.getLogger(PartitionStore.class);

  private final DSLContext db;
  private final Clock clock;

  PartitionStore(DSLContext db, Clock clock) {
    this.db = db;
    this.clock = clock;
  }

  /** Each table by itself: who holds one and waits for the other would cross somebody's work. */
  @PostConstruct
  void make() {
    for (String table : List.of("reading", "photo")) {
      make(table);
    }
  }

  private void make(String table) {
    int last = LocalDate.now(clock).getYear() + AHEAD;
    for (int tries = 1; ; tries++) {
      try {
        db.execute("select make_partitions({0}, {1})", DSL.val(table), DSL.val(last));
        return;
      } catch (ConcurrencyFailureException crossed) {
        if (tries == TRIES) {
          LOG.warn("no partition of {} was made ahead; what has none lies with the rest", table);
          return;
        }
      }
    }
  }
}
