package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A backup taken while work goes on, brought back elsewhere, compared to the last row. */
@Order(3)
@Sampled(3)
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

  private void start(Path of, int at) throws Exception {
    Running running = Running.start(of, Map.of(), "--port", String.valueOf(at));
    started.add(running);
    running.waitFor("Ctrl-C");
  }

  private static int rotor(Object... words) throws Exception {
    List<String> all = new ArrayList<>();
    for (Object word : words) {
      all.add(word.toString());
    }
    return Running.command(all.toArray(String[]::new));
  }

  @Test
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
        }
      }
    } finally {
      over.set(true);
    }
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
        if (!table.equals("reading")) {
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

  /** Tobin, without a page. */
  private static final class Person {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;

    Person(int port) throws IOException, InterruptedException {
      address = "http://127.0.0.1:" + port;
      get("/api/session");
      HttpResponse<String> signedIn =
          send("POST", "/api/session", "{\"login\":\"tobin\",\"password\":\"quiet-wheel-4\"}");
      assertEquals(200, signedIn.statusCode(), signedIn.body());
    }

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
      return client.send(
          HttpRequest.newBuilder(URI.create(address + path)).build(),
          HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<String> put(String path, String body) throws IOException, InterruptedException {
      return send("PUT", path, body);
    }

    private HttpResponse<String> send(String method, String path, String body)
        throws IOException, InterruptedException {
      String token =
          cookies.getCookieStore().getCookies().stream()
              .filter(one -> one.getName().equals("XSRF-TOKEN"))
              .map(HttpCookie::getValue)
              .findFirst()
              .orElse("");
      return client.send(
          HttpRequest.newBuilder(URI.create(address + path))
              .header("Content-Type", "application/json")
              .header("X-XSRF-TOKEN", token)
              .method(method, HttpRequest.BodyPublishers.ofString(body))
              .build(),
          HttpResponse.BodyHandlers.ofString());
    }
  }
}
