package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;

/** A replica that lists are read from, and that takes the primary's place. */
@Order(3)
@InTurn(InTurn.Story.REPLICA)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ReplicaTest {
  /** What others wrote may be so old in a list [s]. */
  private static final int LAG_S = 3;

  @TempDir static Path folder;
  private static Clusters clusters;
  private static List<Application> servers = List.of();

  @BeforeAll
  static void start() throws Exception {
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx--x--x"));
    clusters = new Clusters(folder);
    servers =
        Application.several(
            2, clusters.either(), "--rotor.replica.url=" + clusters.replica().url());
  }

  @AfterAll
  static void stop() throws Exception {
    servers.forEach(Application::close);
    clusters.close();
  }

  private static Person person(int which, String login, String password) throws Exception {
    return new Person(servers.get(which).port(), login, password);
  }

  /** Opened at a place that no other call has. */
  private static String opened(Person who) throws IOException, InterruptedException {
    String place = "Quay " + UUID.randomUUID();
    assertEquals(
        200,
        who.put(
                "/api/calls/" + UUID.randomUUID(),
                "{\"place\":\""
                    + place
                    + "\",\"unitName\":\"Loft\",\"complaint\":\"\",\"symptom\":\"NO_RUN\","
                    + "\"motor\":{\"family\":\"CONSTANT_TORQUE\"}}")
            .statusCode());
    return place;
  }

  private static boolean lists(Person who, String place) throws IOException, InterruptedException {
    String found = who.get("/api/calls?search=" + place.replace(' ', '+')).body();
    assertTrue(found.startsWith("[") || found.startsWith("{"), found);
    return found.contains(place);
  }

  private static void untilListed(Person who, String place) throws Exception {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
    while (!lists(who, place)) {
      assertTrue(System.nanoTime() < end, place + " is never listed");
      Thread.sleep(100);
    }
  }

  /** As long as it follows, everything is in every list within moments. */
  @Test
  @Order(1)
  void aReplicaThatFollowsIsRead() throws Exception {
    Person ines = person(0, "ines", "copper-star-7");
    Person tobin = person(1, "tobin", "quiet-wheel-4");
    String place = opened(tobin);
    assertTrue(lists(tobin, place), "one's own, at once");
    untilListed(ines, place);
    Thread.sleep(2_000);
    String health = ines.get("/api/shop/keeping/health").body();
    assertTrue(health.contains("reports are read from it"), health);
  }

  /**
   * It is held up: somebody else's list, which is read from it, lacks what was just written; the
   * writer's does not, whichever process is asked; and it is read no more once it is too far
   * behind.
   */
  @Test
  @Order(2)
  void oneThatIsHeldUpHidesNothingOfOnesOwnAndLittleOfOthers() throws Exception {
    Person ines = person(0, "ines", "copper-star-7");
    Person tobin = person(1, "tobin", "quiet-wheel-4");
    try {
      String place = hidden(tobin, ines);
      Thread.sleep((LAG_S + 2) * 1_000);
      assertTrue(lists(ines, place), "no list is older than some seconds");
      String health = ines.get("/api/shop/keeping/health").body();
      assertTrue(health.contains("are read from the primary"), health);
    } finally {
      clusters.replica().sql("select pg_wal_replay_resume()");
    }
  }

  /**
   * Opens a call that her list lacks, as it is read from the replica; his own never does. On a busy
   * machine more time may pass between than the replica is read for: then it is tried again.
   */
  private static String hidden(Person tobin, Person ines) throws Exception {
    for (int tries = 0; tries < 8; tries++) {
      clusters.replica().sql("select pg_wal_replay_resume()");
      // Her sign-in is a change of hers, and has come over before it is held up.
      untilListed(ines, opened(tobin));
      Thread.sleep(1_500);
      clusters.replica().sql("select pg_wal_replay_pause()");
      Thread.sleep(300);
      String place = opened(tobin);
      boolean listed = lists(ines, place);
      assertTrue(lists(tobin, place), "one's own is always seen");
      assertTrue(lists(tobin.at(servers.get(0).port()), place), "at another process, too");
      if (!listed) {
        return place;
      }
    }
    throw new AssertionError("somebody else's list is never read from the replica");
  }

  /** The primary is killed under load, the replica takes its place, and nothing is lost. */
  @Test
  @Order(3)
  void whatWasAcknowledgedBeforeAPromotionIsThereAfterIt() throws Exception {
    Writers writers = new Writers(servers.get(0).port());
    writers.await(60);
    clusters.killPrimary();
    TimeUnit.SECONDS.sleep(1);
    clusters.promoteReplica();
    writers.await(60);
    writers.end();
    writers.allKeptOnce(clusters.replica()::count);
    // What was the replica is one no more: lists are read from where the changes go.
    Person tobin = person(1, "tobin", "quiet-wheel-4");
    Person ines = person(0, "ines", "copper-star-7");
    String place = opened(tobin);
    assertTrue(lists(ines, place), "at once");
  }
}
