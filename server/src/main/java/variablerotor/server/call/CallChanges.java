package variablerotor.server.call;

import jakarta.annotation.PostConstruct;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import variablerotor.server.web.Refused;

/**
 * Tells whoever has a call open that it changed. The database tells every process of it, so it does
 * not matter through which one it was changed. What changed is not told: the page reads the call.
 */
@Component
class CallChanges {
  /** A stream ends after this, and the page asks again [ms]. */
  private static final long LONGEST = TimeUnit.MINUTES.toMillis(30);

  /** At once, of everybody and of one person. */
  private static final int MOST = 600;

  private static final int MOST_EACH = 12;

  /** How long the database is listened to at a time; then every page hears a sign of life [ms]. */
  private static final int BEAT = 10_000;

  /** Look at the call: it may have changed. A number is when it did [ms since 1970]. */
  private static final String LOOK = "look";

  private record Listener(UUID call, UUID person) {}

  private final DataSource database;
  private final Map<SseEmitter, Listener> open = new ConcurrentHashMap<>();
  private final Thread ear = new Thread(this::hear, "call changes");
  private volatile boolean over;

  CallChanges(DataSource database) {
    this.database = database;
  }

  @PostConstruct
  void begin() {
    ear.setDaemon(true);
    ear.start();
  }

  synchronized SseEmitter listen(UUID call, UUID person) {
    long mine = open.values().stream().filter(one -> one.person().equals(person)).count();
    if (open.size() >= MOST || mine >= MOST_EACH) {
      throw Refused.tooMany("Too many calls are open at once. Close one first.");
    }
    SseEmitter emitter = new SseEmitter(LONGEST);
    open.put(emitter, new Listener(call, person));
    emitter.onCompletion(() -> open.remove(emitter));
    emitter.onTimeout(emitter::complete);
    emitter.onError(fault -> open.remove(emitter));
    // What changed while nobody listened is not missed: the page reads the call when this comes.
    tell(emitter, LOOK);
    return emitter;
  }

  private void hear() {
    while (!over) {
      try (Connection connection = database.getConnection()) {
        connection.setAutoCommit(true);
        try (Statement statement = connection.createStatement()) {
          statement.execute("listen call_changed");
        }
        // Something may have changed between two connections.
        open.keySet().forEach(one -> tell(one, LOOK));
        hear(connection.unwrap(PGConnection.class));
      } catch (SQLException gone) {
        pause();
      }
    }
  }

  private void hear(PGConnection connection) throws SQLException {
    while (!over) {
      PGNotification[] heard = connection.getNotifications(BEAT);
      if (heard == null || heard.length == 0) {
        open.keySet().forEach(one -> tell(one, "here"));
        continue;
      }
      for (PGNotification one : heard) {
        String[] told = one.getParameter().split(" ");
        UUID call = UUID.fromString(told[0]);
        open.forEach(
            (emitter, listener) -> {
              if (listener.call().equals(call)) {
                tell(emitter, told[1]);
              }
            });
      }
    }
  }

  private void tell(SseEmitter emitter, String what) {
    try {
      emitter.send(SseEmitter.event().data(what));
    } catch (IOException | IllegalStateException gone) {
      open.remove(emitter);
      emitter.completeWithError(gone);
    }
  }

  private void pause() {
    try {
      Thread.sleep(1000);
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
      over = true;
    }
  }

  /** Before the server waits for requests to end: these do not by themselves. */
  @EventListener(ContextClosedEvent.class)
  void end() {
    over = true;
    ear.interrupt();
    open.keySet().forEach(SseEmitter::complete);
  }
}
