package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Long work, one after the other, and no crowd before the door. */
class TurnTest {
  private final ExecutorService people = Executors.newCachedThreadPool();
  private final CountDownLatch begun = new CountDownLatch(1);
  private final CountDownLatch go = new CountDownLatch(1);

  @AfterEach
  void end() {
    go.countDown();
    people.shutdownNow();
  }

  private String work() {
    begun.countDown();
    try {
      go.await();
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
    return "done";
  }

  @Test
  void whoComesBeyondIsSentAwayAtOnce() throws Exception {
    Turn turn = new Turn(1, 2, Duration.ofMinutes(1));
    List<Future<String>> some = new ArrayList<>();
    some.add(people.submit(() -> turn.take(this::work)));
    begun.await();
    List<Future<String>> more = new ArrayList<>();
    for (int one = 0; one < 6; one++) {
      more.add(people.submit(() -> turn.take(this::work)));
    }
    // Four of these come to an end, and those only by being sent away.
    long sent = 0;
    while (sent < 4) {
      sent = more.stream().filter(Future::isDone).count();
      Thread.onSpinWait();
    }
    go.countDown();
    assertEquals("done", some.get(0).get());
    int done = 0;
    for (Future<String> one : more) {
      try {
        done += one.get().equals("done") ? 1 : 0;
      } catch (java.util.concurrent.ExecutionException refused) {
        assertTrue(refused.getCause() instanceof Refused);
      }
    }
    assertEquals(2, done);
    assertEquals("again", turn.take(() -> "again"));
  }

  @Test
  void nobodyWaitsForEver() throws Exception {
    Turn turn = new Turn(1, 2, Duration.ofMillis(1));
    Future<String> first = people.submit(() -> turn.take(this::work));
    begun.await();
    Refused refused = assertThrows(Refused.class, () -> turn.take(() -> "never"));
    assertEquals(503, refused.status().value());
    go.countDown();
    assertEquals("done", first.get());
  }
}
