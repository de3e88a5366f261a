package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;

/**
 * People who save readings as fast as they are kept, as the page does: each again under the same
 * id, until it is told that it is kept.
 */
final class Writers {
  private static final int MANY = 4;

  /** A database that is promoted, or a server that starts anew, may take so long [tries]. */
  private static final int TRIES = 300;

  private static final long PATIENCE_NS = TimeUnit.MINUTES.toNanos(2);

  private final Map<UUID, Integer> acknowledged = new ConcurrentHashMap<>();
  private final AtomicInteger repeated = new AtomicInteger();
  private final List<String> faults = Collections.synchronizedList(new ArrayList<>());
  private final List<Thread> threads = new ArrayList<>();

  private volatile boolean over;

  /** Four of them, on calls of their own, begin at once and go on until they are ended. */
  Writers(int port) throws IOException, InterruptedException {
    for (int writer = 0; writer < MANY; writer++) {
      Person who =
          writer % 2 == 0
              ? new Person(port, "tobin", "quiet-wheel-4")
              : new Person(port, "ines", "copper-star-7");
      String call = opened(who);
      Thread thread = new Thread(() -> write(who, call));
      thread.start();
      threads.add(thread);
    }
  }

  private void write(Person who, String call) {
    for (int at = 0; !over; at++) {
      UUID id = UUID.randomUUID();
      int volts = 200 + at % 60;
      try {
        untilKept(who, call, id, volts);
        acknowledged.put(id, volts);
      } catch (IOException | InterruptedException | IllegalStateException fault) {
        faults.add(fault.toString());
        return;
      }
    }
  }

  private void untilKept(Person who, String call, UUID id, int volts)
      throws IOException, InterruptedException {
    for (int tries = 0; tries < TRIES; tries++) {
      int status = 0;
      try {
        status = read(who, call, id, volts).statusCode();
      } catch (IOException cut) {
        Thread.sleep(100);
      }
      if (status == 200) {
        repeated.addAndGet(tries);
        return;
      }
      if (status != 0 && status < 500) {
        throw new IllegalStateException("refused: " + status);
      }
      Thread.sleep(50);
    }
    throw new IllegalStateException("not kept after " + TRIES + " tries");
  }

  static String opened(Person who) throws IOException, InterruptedException {
    String call = "/api/calls/" + UUID.randomUUID();
    HttpResponse<String> kept =
        who.put(
            call,
            "{\"place\":\"Reed Bank\",\"unitName\":\"Loft\",\"complaint\":\"\",\"symptom\":\"NO_RUN\","
                + "\"motor\":{\"family\":\"CONSTANT_TORQUE\"}}");
    assertEquals(200, kept.statusCode(), kept.body());
    return call;
  }

  static HttpResponse<String> read(Person who, String call, UUID id, int volts)
      throws IOException, InterruptedException {
    return who.put(call + "/readings/" + id, "{\"fact\":\"line.volts\",\"value\":" + volts + "}");
  }

  /** Until so many more are acknowledged, however long a busy machine takes over it. */
  void await(int more) throws InterruptedException {
    int enough = acknowledged.size() + more;
    long end = System.nanoTime() + PATIENCE_NS;
    while (acknowledged.size() < enough) {
      assertEquals(List.of(), faults);
      assertTrue(System.nanoTime() < end, acknowledged.size() + " of " + enough);
      Thread.sleep(50);
    }
  }

  /** Waits until they have done; none was refused for good. */
  void end() throws InterruptedException {
    over = true;
    for (Thread thread : threads) {
      thread.join();
    }
    assertEquals(List.of(), faults);
    System.out.printf(
        "%d readings acknowledged, %d tries repeated%n", acknowledged.size(), repeated.get());
  }

  /**
   * What was acknowledged is there, once, and as it was sent.
   *
   * @param count one number out of the database
   */
  void allKeptOnce(ToLongFunction<String> count) {
    String sent =
        acknowledged.entrySet().stream()
            .map(one -> "('%s'::uuid, '%%%d%%')".formatted(one.getKey(), one.getValue()))
            .collect(Collectors.joining(","));
    String rows =
        "select count(*) from reading join (values " + sent + ") sent (id, told) using (id)";
    assertEquals(acknowledged.size(), count.applyAsLong(rows), "once each");
    assertEquals(
        acknowledged.size(), count.applyAsLong(rows + " where value like told"), "as it was sent");
  }
}
