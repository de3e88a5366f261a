package variablerotor.server.keeping;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.File;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryUsage;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.sql.DataSource;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import variablerotor.core.text.Words;
import variablerotor.server.web.Signs;

/** How the machine, its database and its memory stand. */
@Component
@Order(0)
class MachineSigns implements Signs {
  /** Less than this [byte] fills up within weeks of photos. Chosen here. */
  private static final long LEAST_ROOM = 2_000_000_000L;

  /** A question as simple as this takes milliseconds. Chosen here. */
  private static final Duration SLOW = Duration.ofMillis(500);

  /** Of the memory, what is still held after it was last tidied. Chosen here. */
  private static final double FULL = 0.9;

  private static final double MEGA = 1e6;
  private static final double GIGA = 1e9;

  private final DataSource database;
  private final DatabaseStore store;

  MachineSigns(DataSource database, DatabaseStore store) {
    this.database = database;
    this.store = store;
  }

  @Override
  public List<Sign> signs() {
    List<Sign> signs = new ArrayList<>();
    long began = System.nanoTime();
    DatabaseStore.State state = store.state();
    Duration took = Duration.ofNanos(System.nanoTime() - began);
    signs.add(answers(took, state));
    signs.add(connections());
    signs.add(room());
    signs.add(memory());
    return signs;
  }

  private static Sign answers(Duration took, DatabaseStore.State state) {
    boolean well = took.compareTo(SLOW) < 0 && !state.readOnly();
    String size =
        String.format(
            Locale.ROOT,
            "answers in %d ms, holds %.0f MB, schema %s",
            took.toMillis(),
            state.bytes() / MEGA,
            state.schema());
    String fault =
        state.readOnly()
            ? ". It can be read and not written: a standby, or its disk is full"
            : well ? "" : ". That is slow: something else takes this machine's time or disk";
    return new Sign("Database", well, size + fault);
  }

  private Sign connections() {
    try {
      HikariDataSource connections = database.unwrap(HikariDataSource.class);
      HikariPoolMXBean pool = connections.getHikariPoolMXBean();
      int waiting = pool.getThreadsAwaitingConnection();
      String says =
          Words.count(pool.getActiveConnections(), "question")
              + " at once, of "
              + connections.getMaximumPoolSize()
              + " at most";
      return new Sign(
          "Work under way", waiting == 0, waiting == 0 ? says : says + "; " + waiting + " wait");
    } catch (SQLException none) {
      throw new IllegalStateException("the database is reached by a pool", none);
    }
  }

  /** Where bodies on their way are put, which is on the disk of the data. */
  private static Sign room() {
    File folder = new File(System.getProperty("java.io.tmpdir"));
    long left = folder.getUsableSpace();
    long whole = folder.getTotalSpace();
    boolean well = left >= LEAST_ROOM;
    return new Sign(
        "Room on the disk",
        well,
        String.format(Locale.ROOT, "%.1f of %.0f GB are free", left / GIGA, whole / GIGA)
            + (well ? "" : ". Make room: when it is full, nothing more is kept"));
  }

  private static Sign memory() {
    long held = 0;
    for (MemoryPoolMXBean pool : ManagementFactory.getMemoryPoolMXBeans()) {
      MemoryUsage after = pool.getCollectionUsage();
      held += after == null ? 0 : after.getUsed();
    }
    long most = Runtime.getRuntime().maxMemory();
    boolean well = held < FULL * most;
    return new Sign(
        "Memory",
        well,
        String.format(
            Locale.ROOT, "%.0f of %.0f MB were held when last tidied", held / MEGA, most / MEGA));
  }
}
