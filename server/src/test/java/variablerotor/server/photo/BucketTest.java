package variablerotor.server.photo;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import variablerotor.sampling.Sampled;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Pixels lie in a bucket, or in the database; whichever, the same are shown, or none. */
@Sampled(3)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class BucketTest {
  private static final String HERE =
      "select count(*) from photo where id = '%s' and content <> ''::bytea";
  private static final String AWAY = "select count(*) from photo_place where photo_id = '%s'";

  private static SimulatedBucket bucket;

  /** Which is told of no bucket. */
  private static Server server;

  /** Another process, which is. */
  private static Server moving;

  @BeforeAll
  static void start() throws IOException {
    bucket = new SimulatedBucket();
    server = Server.told(true);
    moving = server.beside(bucket.settings());
  }

  @AfterAll
  static void stop() {
    moving.close();
    server.close();
    bucket.close();
  }

  private static int one(String query) throws SQLException {
    try (Connection database = server.database();
        Statement statement = database.createStatement();
        ResultSet row = statement.executeQuery(query)) {
      row.next();
      return row.getInt(1);
    }
  }

  private interface Look {
    boolean found() throws Exception;
  }

  private static void until(String what, Look look) throws Exception {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
    while (!look.found()) {
      assertTrue(System.nanoTime() < end, "never: " + what);
      Thread.sleep(100);
    }
  }

  private static boolean isAway(UUID photo) throws SQLException {
    return one(HERE.formatted(photo)) == 0 && one(AWAY.formatted(photo)) == 1;
  }

  private static UUID taken(Visitor who, String call, int width) {
    UUID id = UUID.randomUUID();
    byte[] picture = PhotoApiTest.picture("jpeg", width, 60);
    Visitor.Answer kept =
        PhotoApiTest.send(who, PhotoApiTest.path(call, id, "MOTOR_PLATE"), picture, "image/jpeg");
    assertEquals(200, kept.status(), kept.body());
    return id;
  }

  private static byte[] packed(byte[] zip, UUID photo) throws IOException {
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (entry.getName().contains(photo.toString())) {
          return in.readAllBytes();
        }
      }
    }
    return new byte[0];
  }

  private static String health(Server server) {
    return server.lead().get("/api/shop/keeping/health").body();
  }

  /** The bucket is somebody else's machine: nobody waits for it, and nothing is lost by it. */
  @Test
  @Order(1)
  void aBucketThatMisbehavesCostsNoPhoto() throws Exception {
    Visitor tobin = moving.technician();
    String call = tobin.openCall();
    until("the demo's are moved", () -> one("select count(*) from photo where content <> ''") == 0);
    bucket.behave(SimulatedBucket.Mood.SPOILS);
    UUID spoiled = taken(tobin, call, 80);
    until("it is told", () -> health(moving).contains("does not answer as it should"));
    assertEquals(1, one(HERE.formatted(spoiled)), "what came back was not the same");
    bucket.behave(SimulatedBucket.Mood.WELL);
    UUID photo = taken(tobin, call, 90);
    until("moved", () -> isAway(photo));
    byte[] right = tobin.bytes(call + "/photos/" + photo);
    for (SimulatedBucket.Mood mood : SimulatedBucket.Mood.values()) {
      bucket.behave(mood);
      Visitor.Answer shown = tobin.get(call + "/photos/" + photo);
      if (mood == SimulatedBucket.Mood.WELL) {
        assertEquals(200, shown.status());
      } else {
        assertEquals(503, shown.status(), mood + ": another picture is shown for none");
        assertTrue(shown.body().contains("try again later"), shown.body());
        assertEquals(503, tobin.get(call + "/report").status(), "no report lacks a photo");
      }
    }
    // A new one is kept meanwhile.
    UUID meanwhile = taken(tobin, call, 100);
    assertEquals(1, one(HERE.formatted(meanwhile)));
    bucket.behave(SimulatedBucket.Mood.WELL);
    assertArrayEquals(right, tobin.bytes(call + "/photos/" + photo));
  }

  @Test
  @Order(2)
  void anErasedPhotoIsErasedThereToo() throws Exception {
    Visitor tobin = moving.technician();
    String call = tobin.openCall();
    UUID photo = taken(tobin, call, 80);
    until("moved", () -> isAway(photo));
    String removal = call + "/photos/" + photo + "/removals/" + UUID.randomUUID();
    assertEquals(200, tobin.put(removal, "").status());
    Visitor ines = moving.lead();
    assertEquals(200, ines.get(call + "/photos/" + photo).status(), "a lead still looks at it");
    String erasure = call + "/removed-photos/" + photo + "/erasures/" + UUID.randomUUID();
    assertEquals(200, ines.put(erasure, "{\"reason\":\"a face\"}").status());
    assertEquals(404, ines.get(call + "/photos/" + photo).status());
    until("gone there", () -> !bucket.holds(photo));
    until("and no more told of", () -> one(AWAY.formatted(photo)) == 0);
  }

  /** While it is used: what is shown never changes, and nothing lies in two places. */
  @Test
  @Order(3)
  void movedAndMovedBackAPhotoIsTheSame() throws Exception {
    Visitor there = moving.technician();
    String call = there.openCall();
    UUID photo = taken(there, call, 80);
    byte[] before = there.bytes(call + "/photos/" + photo);
    until("moved", () -> isAway(photo));
    assertArrayEquals(before, there.bytes(call + "/photos/" + photo));
    assertArrayEquals(before, packed(there.bytes(call + "/file"), photo), "in the call's file");
    assertTrue(health(moving).contains(" in the bucket"), health(moving));
    moving.close();
    // Who is not told of the bucket shows nothing in its place, and says so.
    Visitor tobin = server.technician();
    assertEquals(503, tobin.get(call + "/photos/" + photo).status());
    assertTrue(health(server).contains("the bucket is not named"), health(server));
    moving = server.beside(bucket.settings("back=true"));
    until("all are back", () -> one("select count(*) from photo_place") == 0);
    assertArrayEquals(before, moving.technician().bytes(call + "/photos/" + photo));
    assertFalse(bucket.holds(photo), "nothing of it is left there");
    assertArrayEquals(before, tobin.bytes(call + "/photos/" + photo));
  }
}
