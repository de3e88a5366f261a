package variablerotor.server.call;

import jakarta.annotation.PostConstruct;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import variablerotor.server.account.OpenSessions;
import variablerotor.server.web.Streams;

/**
 * Tells whoever has a call open that it changed. The database tells every process of it, so it does
 * not matter through which one it was changed. What changed is not told: the page reads the call.
 */
@Component
class CallChanges {
  /** How long the database is listened to at a time; then every page hears a sign of life [ms]. */
  private static final int BEAT = 10_000;

  /** Look at the call: it may have changed. A number is when it did [ms since 1970]. */
  private static final String LOOK = "look";

  private static final String TOO_MANY = "Too many calls are open at once. Close one first.";

  /** By the call. */
  private final Streams<OpenSessions.Ticket, UUID> streams =
      new Streams<>(
          600, 12, TimeUnit.MINUTES.toMillis(30), TOO_MANY, TOO_MANY, OpenSessions.Ticket::person);

  private final DataSource database;
  private final Thread ear = new Thread(this::hear, "call changes");
  private volatile boolean over;

  CallChanges(DataSource database, OpenSessions sessions) {
    this.database = database;
    streams.endWith(sessions::standing);
  }

  @PostConstruct
  void begin() {
    ear.setDaemon(true);
    ear.start();
  }

  SseEmitter listen(UUID call, OpenSessions.Ticket who) {
    SseEmitter emitter = streams.open(who, call);
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
        streams.each((one, call) -> tell(one, LOOK));
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
        streams.beat(SseEmitter.event().data("here"));
        continue;
      }
      for (PGNotification one : heard) {
        String[] told = one.getParameter().split(" ", 2);
        UUID changed = UUID.fromString(told[0]);
        streams.each(
            (emitter, call) -> {
              if (call.equals(changed)) {
                tell(emitter, told[1]);
              }
            });
      }
    }
  }

  private void tell(SseEmitter emitter, String what) {
    streams.send(emitter, SseEmitter.event().data(what));
  }

  private void pause() {
    try {
      Thread.sleep(1000);
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
      over = true;
    }
  }

  @EventListener(ContextClosedEvent.class)
  void end() {
    over = true;
    ear.interrupt();
    streams.close();
  }
}
