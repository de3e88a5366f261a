package variablerotor.server.replica;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.postgresql.replication.LogSequenceNumber;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import variablerotor.server.web.BranchConnections;

/** The replica that is named: its connections, and how far it follows. */
@Component
@ConditionalOnProperty("rotor.replica.url")
class Replica {
  /** How old what others wrote may be in a list [s]. */
  static final int LAG_S = 3;

  /** How long it is left alone after it did not answer [ns]. */
  private static final long LEFT_ALONE = TimeUnit.SECONDS.toNanos(5);

  private static final int CONNECT_MS = 500;

  /** A place that the primary was at. */
  private record Sample(long nanos, Place place) {}

  private final DataSource primary;
  private final HikariDataSource pool;
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "primary's place");
            thread.setDaemon(true);
            return thread;
          });

  /** The oldest first. */
  private final Deque<Sample> samples = new ArrayDeque<>();

  private volatile @Nullable Place reached;
  private volatile long failed = System.nanoTime() - LEFT_ALONE;

  Replica(DataSource primary, Environment settings) {
    this.primary = primary;
    HikariConfig config = new HikariConfig();
    config.setPoolName("replica");
    config.setJdbcUrl(settings.getRequiredProperty("rotor.replica.url"));
    config.setUsername(settings.getProperty("spring.datasource.username"));
    config.setPassword(settings.getProperty("spring.datasource.password"));
    config.setMaximumPoolSize(
        settings.getProperty("spring.datasource.hikari.maximum-pool-size", Integer.class, 10));
    config.setReadOnly(true);
    config.setConnectionTimeout(CONNECT_MS);
    config.setValidationTimeout(CONNECT_MS);
    // It need not be there when the server starts, nor later.
    config.setInitializationFailTimeout(-1);
    pool = new HikariDataSource(config);
  }

  @PostConstruct
  @SuppressWarnings("FutureReturnValueIgnored") // Its clock ends it.
  void begin() {
    clock.scheduleWithFixedDelay(this::sample, 0, 1, TimeUnit.SECONDS);
  }

  @PreDestroy
  void end() {
    clock.shutdownNow();
    pool.close();
  }

  private void sample() {
    try {
      long before = System.nanoTime();
      Place place = primaryPlace();
      synchronized (samples) {
        samples.addLast(new Sample(before, place));
        forget();
      }
    } catch (SQLException gone) {
      // The samples grow old, and nothing is asked of the replica until the primary answers.
      synchronized (samples) {
        forget();
      }
    }
  }

  private void forget() {
    long since = System.nanoTime() - TimeUnit.SECONDS.toNanos(LAG_S);
    while (!samples.isEmpty() && samples.getFirst().nanos() - since < 0) {
      samples.removeFirst();
    }
  }

  /** How far the primary is. */
  Place primaryPlace() throws SQLException {
    try (Connection connection = primary.getConnection();
        Statement statement = connection.createStatement();
        ResultSet row =
            statement.executeQuery(
                "select pg_current_wal_lsn(), left(pg_walfile_name(pg_current_wal_lsn()), 8)")) {
      row.next();
      return new Place(
          Integer.parseInt(row.getString(2), 16), LogSequenceNumber.valueOf(row.getString(1)));
    }
  }

  /**
   * Whether it has what the primary had some seconds ago, and what the asking device wrote.
   *
   * @param seen how far the primary was when the device's last change was kept
   */
  boolean isCloseEnough(@Nullable Place seen) {
    Place some;
    synchronized (samples) {
      forget();
      if (samples.isEmpty()) {
        return false;
      }
      some = samples.getFirst().place();
    }
    if (System.nanoTime() - failed < LEFT_ALONE) {
      return false;
    }
    if (holds(reached, some, seen)) {
      return true;
    }
    try {
      reached = ask();
    } catch (SQLException gone) {
      leaveAlone();
    }
    return holds(reached, some, seen);
  }

  private static boolean holds(@Nullable Place reached, Place some, @Nullable Place seen) {
    return reached != null && reached.holds(some) && (seen == null || reached.holds(seen));
  }

  /**
   * How far it is; nothing where it follows nobody just now. Whom it follows decides: one that was
   * left behind by a promotion goes on in a history of its own, however far it is in it.
   */
  private @Nullable Place ask() throws SQLException {
    try (Connection connection = pool.getConnection();
        Statement statement = connection.createStatement();
        ResultSet row =
            statement.executeQuery(
                "select pg_last_wal_replay_lsn(), received_tli from pg_stat_wal_receiver"
                    + " where status = 'streaming' and pg_is_in_recovery()")) {
      if (!row.next() || row.getString(1) == null || row.getString(2) == null) {
        return null;
      }
      return new Place(row.getInt(2), LogSequenceNumber.valueOf(row.getString(1)));
    }
  }

  Connection connection() throws SQLException {
    return BranchConnections.told(pool.getConnection());
  }

  /** It did not answer, or broke off. */
  void leaveAlone() {
    failed = System.nanoTime();
    reached = null;
  }
}
