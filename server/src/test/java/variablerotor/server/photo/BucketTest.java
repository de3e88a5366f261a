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
import org.junit.jupiter.api.Test;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Pixels lie in a bucket, or in the database; whichever, the same are shown, or none. */
class BucketTest {
  private static final String HERE =
      "select count(*) from photo where id = '%s' and content <> ''::bytea";
  private static final String AWAY = "select count(*) from photo_place where photo_id = '%s'";

  private static int one(Server server, String query) throws SQLException {
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

  private static boolean isAway(Server server, UUID photo) throws SQLException {
    return one(server, HERE.formatted(photo)) == 0 && one(server, AWAY.formatted(photo)) == 1;
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

  /**
   * There and back, while it is used: what is shown never changes, and nothing lies in two places.
   */
  @Test
  void movedAndMovedBackAPhotoIsTheSame() throws Exception {
    try (SimulatedBucket bucket = new SimulatedBucket();
        Server server = Server.told(true)) {
      Visitor tobin = server.technician();
      String call = tobin.openCall();
      UUID photo = taken(tobin, call, 80);
      byte[] before = tobin.bytes(call + "/photos/" + photo);
      try (Server moving = server.beside(bucket.settings())) {
        until("moved", () -> isAway(server, photo));
        Visitor there = moving.technician();
        assertArrayEquals(before, there.bytes(call + "/photos/" + photo));
        assertArrayEquals(before, packed(there.bytes(call + "/file"), photo), "in the call's file");
        UUID later = taken(there, call, 90);
        until("a new one, too", () -> isAway(server, later));
        assertTrue(health(moving).contains(" in the bucket"), health(moving));
      }
      // Who is not told of the bucket shows nothing in its place, and says so.
      assertEquals(503, tobin.get(call + "/photos/" + photo).status());
      assertTrue(health(server).contains("the bucket is not named"), health(server));
      try (Server back = server.beside(bucket.settings("back=true"))) {
        until("all are back", () -> one(server, "select count(*) from photo_place") == 0);
        assertArrayEquals(before, back.technician().bytes(call + "/photos/" + photo));
      }
      assertEquals(0, bucket.size(), "nothing is left there");
      assertArrayEquals(before, tobin.bytes(call + "/photos/" + photo));
    }
  }

  /** The bucket is somebody else's machine: nobody waits for it, and nothing is lost by it. */
  @Test
  void aBucketThatMisbehavesCostsNoPhoto() throws Exception {
    try (SimulatedBucket bucket = new SimulatedBucket()) {
      bucket.behave(SimulatedBucket.Mood.SPOILS);
      try (Server server = Server.told(true, bucket.settings())) {
        Visitor tobin = server.technician();
        String call = tobin.openCall();
        UUID spoiled = taken(tobin, call, 80);
        until("it was put there", () -> bucket.size() > 0);
        until("it is told", () -> health(server).contains("does not answer as it should"));
        assertEquals(1, one(server, HERE.formatted(spoiled)), "what came back was not the same");
        bucket.behave(SimulatedBucket.Mood.WELL);
        UUID photo = taken(tobin, call, 90);
        until("moved", () -> isAway(server, photo));
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
        assertEquals(1, one(server, HERE.formatted(meanwhile)));
        bucket.behave(SimulatedBucket.Mood.WELL);
        assertArrayEquals(right, tobin.bytes(call + "/photos/" + photo));
      }
    }
  }

  @Test
  void anErasedPhotoIsErasedThereToo() throws Exception {
    try (SimulatedBucket bucket = new SimulatedBucket();
        Server server = Server.told(true, bucket.settings())) {
      Visitor tobin = server.technician();
      String call = tobin.openCall();
      UUID photo = taken(tobin, call, 80);
      until("moved", () -> isAway(server, photo));
      until(
          "the demo's too",
          () -> one(server, "select count(*) from photo where content <> ''") == 0);
      int others = bucket.size() - 1;
      assertEquals(
          200,
          tobin.put(call + "/photos/" + photo + "/removals/" + UUID.randomUUID(), "").status());
      Visitor ines = server.lead();
      assertEquals(200, ines.get(call + "/photos/" + photo).status(), "a lead still looks at it");
      String erasure = call + "/removed-photos/" + photo + "/erasures/" + UUID.randomUUID();
      assertEquals(200, ines.put(erasure, "{\"reason\":\"a face\"}").status());
      assertEquals(404, ines.get(call + "/photos/" + photo).status());
      until("gone there", () -> bucket.size() == others);
      assertEquals(0, one(server, AWAY.formatted(photo)));
    }
  }

  /** The application may tell of moves alone; a lie about one empties nothing. */
  @Test
  void theDatabaseBelievesNoWrongDigest() throws Exception {
    try (Server server = Server.told(true)) {
      Visitor tobin = server.technician();
      UUID photo = taken(tobin, tobin.openCall(), 80);
      PhotoPlaceStore places = server.bean(PhotoPlaceStore.class);
      assertFalse(places.moved(photo, "00".repeat(32)));
      assertFalse(places.dropped(photo));
      assertFalse(places.returned(photo, new byte[] {1}));
      assertEquals(1, one(server, HERE.formatted(photo)));
    }
  }
}
