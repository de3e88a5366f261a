package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A backup taken while work goes on, brought back elsewhere, compared to the last row. */
@Order(3)
class BackupTest {
  private Path folder;
  private Path data;
  private int port;
  private final List<Running> started = new ArrayList<>();

  @BeforeEach
  void newFolder() throws Exception {
    folder = Files.createTempDirectory("rotor-backup");
    new ProcessBuilder("chmod", "a+x", folder.toString()).start().waitFor();
    data = folder.resolve("shop");
    port = Running.freePort();
  }

  @AfterEach
  void stopAll() throws Exception {
    for (Running running : started) {
      if (running.process().isAlive()) {
        running.interrupt();
      }
    }
    new ProcessBuilder("rm", "-rf", folder.toString()).start().waitFor();
  }

  private Running start(Path of, int at, String... more) throws Exception {
    List<String> words = new ArrayList<>(List.of("--port", String.valueOf(at)));
    words.addAll(List.of(more));
    Running running =
        Running.start(of, Map.of("ROTOR_BACKUP_EVERY", "4"), words.toArray(String[]::new));
    started.add(running);
    running.waitFor("Ctrl-C");
    return running;
  }

  /** As each day: one after the other, the newest kept; the lead's page says how they stand. */
  @Test
  @InTurn(InTurn.Story.BACKUP_OF_EACH_DAY)
  void oneADayIsTakenByItself() throws Exception {
    Path kept = folder.resolve("kept");
    Running running = start(data, port, "--backups", kept.toString(), "--keep", "2");
    Set<String> seen = new HashSet<>();
    Instant end = Instant.now().plus(Duration.ofSeconds(300));
    while (seen.size() < 4) {
      assertTrue(Instant.now().isBefore(end), seen + " in " + running.text());
      Thread.sleep(200);
      List<String> now = backups(kept);
      seen.addAll(now);
      // One more for the moment between the new one and the old one's end.
      assertTrue(now.size() <= 3, now.toString());
    }
    String told = new Person(port, "ines", "copper-star-7").get("/api/shop/keeping/backups").body();
    assertTrue(told.contains("\"scheduled\":true") && told.contains("\"late\":false"), told);
    assertFalse(told.contains("failed\":\""), told);
    assertEquals(0, rotor("backup", "--verify", kept.resolve(backups(kept).get(0))));

    // Moved away at once: removed file by file, one that is being written would keep the folder.
    Files.move(kept, folder.resolve("gone"));
    running.waitFor("The day's backup failed");
    String failed =
        new Person(port, "ines", "copper-star-7").get("/api/shop/keeping/backups").body();
    assertTrue(failed.contains("\"failed\":\"") && failed.contains("\"late\":true"), failed);
  }

  private static List<String> backups(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .map(one -> one.getFileName().toString())
          .filter(one -> one.startsWith("rotor-"))
          .sorted()
          .toList();
    }
  }

  private static int rotor(Object... words) throws Exception {
    List<String> all = new ArrayList<>();
    for (Object word : words) {
      all.add(word.toString());
    }
    return Running.command(all.toArray(String[]::new));
  }

  @Test
  @InTurn(InTurn.Story.BACKUP_BROUGHT_BACK)
  void whatWasKeptComesBackToTheLastRow() throws Exception {
    start(data, port);
    Path passphrase =
        Files.writeString(folder.resolve("passphrase"), "seven lamps in an orchard\n");
    Path plain = folder.resolve("plain.backup");
    Path sealed = folder.resolve("sealed.backup");
    List<String> acknowledged = new CopyOnWriteArrayList<>();
    AtomicBoolean over = new AtomicBoolean();
    Thread load = new Thread(() -> work(acknowledged, over));
    load.start();
    try {
      while (acknowledged.size() < 20) {
        assertTrue(load.isAlive(), "the work goes on");
        Thread.sleep(50);
      }
      List<String> before = List.copyOf(acknowledged);
      assertEquals(0, rotor("backup", plain, "--data", data));
      assertTrue(acknowledged.size() > before.size(), "work went on meanwhile");
      assertEquals(0, rotor("backup", sealed, "--data", data, "--passphrase", passphrase));
      over.set(true);
      load.join();
      assertEquals(0, rotor("backup", "--verify", plain));
      refuses(plain, sealed, passphrase);

      for (Path backup : List.of(plain, sealed)) {
        Path back = folder.resolve("back-" + backup.getFileName());
        assertEquals(0, rotor("restore", backup, "--data", back, "--passphrase", passphrase));
        if (backup == plain) {
          int other = Running.freePort();
          start(back, other);
          compare(back, before);
          assertEquals(200, new Person(other).get("/api/calls").statusCode(), "and it works on");
          beforeAnUpgrade(back, backup);
        }
      }
    } finally {
      over.set(true);
    }
  }

  /** As if the newest change of the schema were to come yet. */
  private void beforeAnUpgrade(Path of, Path backup) throws Exception {
    assertEquals(0, rotor("upgrade-check", "--data", of), "nothing to do");
    try (Connection database = database(of)) {
      database
          .createStatement()
          .execute(
              "delete from flyway_schema_history where installed_rank ="
                  + " (select max(installed_rank) from flyway_schema_history)");
    }
    assertEquals(3, rotor("upgrade-check", "--data", of), "no backup is known of");
    Path kept = Files.createDirectory(folder.resolve("kept"));
    Files.copy(backup, kept.resolve("rotor-20261130T080000Z.backup"));
    assertEquals(0, rotor("upgrade-check", "--data", of, "--backups", kept), "it is fresh");
  }

  private void refuses(Path plain, Path sealed, Path passphrase) throws Exception {
    Path back = folder.resolve("none");
    assertEquals(1, rotor("restore", plain, "--data", data), "over one that is full");
    assertEquals(1, rotor("restore", sealed, "--data", back), "without its passphrase");
    Path wrong = Files.writeString(folder.resolve("wrong"), "eight lamps\n");
    assertEquals(1, rotor("restore", sealed, "--data", back, "--passphrase", wrong));
    byte[] half = Files.readAllBytes(plain);
    Path cut = Files.write(folder.resolve("cut"), java.util.Arrays.copyOf(half, half.length / 2));
    assertEquals(1, rotor("backup", "--verify", cut));
    assertEquals(1, rotor("restore", cut, "--data", back));
    assertEquals(0, Files.exists(back) ? Files.list(back).count() : 0, "nothing half is left");
    assertFalse(
        new String(Files.readAllBytes(sealed), StandardCharsets.ISO_8859_1).contains("PGDMP"));
    assertEquals(1, rotor("backup", folder.resolve("no/such/file"), "--data", data));
  }

  /** Readings, one after the other, until it is told to stop. */
  private void work(List<String> acknowledged, AtomicBoolean over) {
    try {
      Person tobin = new Person(port);
      String call = "/api/calls/" + UUID.randomUUID();
      tobin.put(
          call,
          "{\"place\":\"Backup Bay\",\"unitName\":\"\",\"complaint\":\"\",\"symptom\":\"NO_RUN\","
              + "\"motor\":{\"family\":\"CONSTANT_TORQUE\"}}");
      for (int i = 0; !over.get() && i < 400; i++) {
        String id = UUID.randomUUID().toString();
        String body = "{\"fact\":\"line.volts\",\"value\":" + (200 + i) + "}";
        if (tobin.put(call + "/readings/" + id, body).statusCode() == 200) {
          acknowledged.add(id);
        }
      }
    } catch (IOException | InterruptedException fault) {
      throw new IllegalStateException(fault);
    }
  }

  private void compare(Path back, List<String> acknowledged) throws Exception {
    try (Connection here = database(data);
        Connection there = database(back)) {
      List<String> tables =
          texts(
              here,
              "select event_object_table from information_schema.triggers where trigger_name ="
                  + " 'append_only' and event_manipulation = 'DELETE' order by 1");
      assertTrue(tables.size() > 15, tables.toString());
      for (String table : tables) {
        String rows = "select md5(one::text) from " + table + " one";
        Set<String> mine = new HashSet<>(texts(here, rows));
        List<String> theirs = texts(there, rows);
        assertTrue(mine.containsAll(theirs), "rows of " + table + " that never were");
        // Readings went on while it was taken, in whichever of their parts.
        if (!table.startsWith("reading")) {
          assertEquals(mine.size(), theirs.size(), table);
        }
      }
      Set<String> readings = new HashSet<>(texts(there, "select id::text from reading"));
      assertTrue(readings.containsAll(acknowledged), "what was acknowledged before");
      assertEquals(List.of("0"), texts(there, "select count(*) from spring_session"));
    }
  }

  private static Connection database(Path of) throws IOException, SQLException {
    String at = Files.readAllLines(of.resolve("postgres/postmaster.pid")).get(3).strip();
    return DriverManager.getConnection(
        "jdbc:postgresql://127.0.0.1:" + at + "/rotor",
        "rotor",
        Files.readString(of.resolve("database-password")).strip());
  }

  private static List<String> texts(Connection database, String query) throws SQLException {
    List<String> texts = new ArrayList<>();
    try (ResultSet rows = database.createStatement().executeQuery(query)) {
      while (rows.next()) {
        texts.add(rows.getString(1));
      }
    }
    return texts;
  }
}
