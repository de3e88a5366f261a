package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Three processes on one database behind the example of a proxy: they are as one. */
@Order(2)
@InTurn(InTurn.Story.MANY_SERVERS)
class ManyServersTest {
  @TempDir static Path folder;
  private static List<Application> servers;
  private static int front;
  private static Process proxy;

  @BeforeAll
  static void start() throws IOException {
    servers = Application.several(3);
    front = Running.freePort();
    String upstream =
        servers.stream()
            .map(one -> "  server 127.0.0.1:" + one.port() + ";\n")
            .collect(Collectors.joining());
    String example =
        Files.readString(Running.ROOT.resolve("install/nginx.conf"))
            .replace("  server 127.0.0.1:8420;\n", upstream)
            .replace("443 ssl http2", "127.0.0.1:" + front)
            .replaceAll("(?m)^  ssl_.*\n", "");
    Path conf = folder.resolve("nginx.conf");
    Files.writeString(
        conf,
        "daemon off;\npid %1$s/pid;\nerror_log %1$s/error.log;\nevents {}\nhttp {\naccess_log off;\nclient_body_temp_path %1$s/body;\nproxy_temp_path %1$s/proxy;\nfastcgi_temp_path %1$s/f;\nuwsgi_temp_path %1$s/u;\nscgi_temp_path %1$s/s;\n%2$s}\n"
            .formatted(folder, example));
    proxy =
        new ProcessBuilder("/usr/sbin/nginx", "-p", folder.toString(), "-c", conf.toString())
            .inheritIO()
            .start();
  }

  @AfterAll
  static void stop() throws InterruptedException {
    proxy.destroy();
    proxy.waitFor(20, TimeUnit.SECONDS);
    servers.forEach(Application::close);
  }

  private static int port(int which) {
    return servers.get(which).port();
  }

  @Test
  void theEmptyDatabaseWasFilledOnce() {
    Application any = servers.get(0);
    assertEquals(2, any.count("select count(*) from account where login in ('ines', 'tobin')"));
    assertEquals(1, any.count("select count(*) from setting"), "the demo's figures, once");
  }

  @Test
  void whoIsInAtOneIsInAtAllAndOutAtAll() throws Exception {
    Person first = new Person(port(0), "tobin", "quiet-wheel-4");
    for (int which = 0; which < servers.size(); which++) {
      assertTrue(first.at(port(which)).get("/api/session").body().contains("Tobin"), "" + which);
    }
    first.at(port(1)).send("DELETE", "/api/session", "");
    assertEquals(401, first.at(port(2)).get("/api/stock/parts").statusCode());
    assertEquals(401, first.get("/api/stock/parts").statusCode());
  }

  @Test
  void whoGuessesAtOneHasGuessedAtAll() throws Exception {
    List<Integer> answers = new ArrayList<>();
    Person ines = new Person(port(0), "ines", "copper-star-7");
    String person =
        "{\"login\":\"guessed\",\"name\":\"Guessed\",\"role\":\"TECHNICIAN\",\"password\":\"orchard lamp seven\"}";
    assertEquals(200, ines.put("/api/accounts/" + UUID.randomUUID(), person).statusCode());
    Person stranger = Person.stranger(port(0));
    for (int i = 0; i < 9; i++) {
      answers.add(
          stranger
              .at(port(i % 3))
              .send("POST", "/api/session", "{\"login\":\"guessed\",\"password\":\"guess\"}")
              .statusCode());
    }
    assertEquals(429, answers.get(8), answers.toString());
    assertNotEquals(429, answers.get(2), answers.toString());
  }

  @Test
  void whatChangesAtOneIsToldAtAnother() throws Exception {
    Person tobin = new Person(port(0), "tobin", "quiet-wheel-4");
    String call = Writers.opened(tobin);
    BlockingQueue<String> told = new LinkedBlockingQueue<>();
    Thread listener =
        new Thread(
            () -> {
              try {
                tobin.at(port(1)).lines(call + "/changes").forEach(told::add);
              } catch (IOException | InterruptedException | UncheckedIOException over) {
                told.add("over");
              }
            });
    listener.setDaemon(true);
    listener.start();
    // The stream says something when it begins; the change is made once it listens.
    assertTrue(told.poll(20, TimeUnit.SECONDS) != null, "it listens");
    Thread.sleep(500);
    told.clear();
    assertEquals(200, Writers.read(tobin.at(port(2)), call, UUID.randomUUID(), 241).statusCode());
    String line = told.poll(20, TimeUnit.SECONDS);
    assertTrue(line != null && line.matches("data: ?\\d+"), "told: " + line);
    HttpResponse<String> seen = tobin.at(port(1)).get(call);
    assertTrue(seen.body().contains("241"), seen.body());
  }

  /** One of three is killed while readings come in, and comes back. */
  @Test
  void noneOfWhatWasAcknowledgedIsLostOrDoubled() throws Exception {
    Writers writers = new Writers(front);
    writers.await(40);
    servers.get(1).kill();
    writers.await(40);
    servers.get(1).launch();
    writers.await(40);
    writers.end();
    writers.allKeptOnce(servers.get(0)::count);
  }
}
