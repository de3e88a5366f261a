package variablerotor.server.kept;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.sampling.Share;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/**
 * What a release before this one kept of its demo data is brought up to date and opened, all of it.
 */
@ExtendWith(Server.class)
class ReleasesTest {
  private static final Path RELEASES = Path.of("src/test/resources/releases");

  static List<Path> releases() throws IOException {
    try (Stream<Path> files = Files.list(RELEASES)) {
      List<Path> releases =
          files.filter(one -> one.toString().endsWith(".sql.gz")).sorted().toList();
      assertTrue(!releases.isEmpty(), "no release in " + RELEASES.toAbsolutePath());
      return releases;
    }
  }

  private static void opens(Visitor who, String path) {
    assertEquals(200, who.get(path).status(), path);
  }

  @ParameterizedTest
  @MethodSource("releases")
  void allOfAnEarlierReleaseOpens(Path release) throws Exception {
    try (Server server = Server.over(database -> restore(release, database))) {
      Visitor ines = server.lead();
      int calls = 0;
      for (int page = 0; ; page++) {
        List<?> rows = ines.get("/api/calls?size=50&page=" + page).list("");
        for (Object row : rows) {
          String call = "/api/calls/" + ((Map<?, ?>) row).get("id");
          Visitor.Answer answer = ines.get(call);
          assertEquals(200, answer.status(), answer.body());
          assertEquals(List.of(), answer.at("asTold"), call);
          // Of one in four all papers; of every one with ./rotor test --all.
          if (Share.ALL || calls % 8 == 0) {
            for (String paper : List.of("/report", "/sheet", "/earlier", "/case")) {
              opens(ines, call + paper);
            }
          }
          calls++;
        }
        if (rows.size() < 50) {
          break;
        }
      }
      assertTrue(calls >= 10, "only " + calls + " calls");
      List.of(
              "/api/stock/parts",
              "/api/motors",
              "/api/codebooks",
              "/api/shop/settings",
              "/api/calls/due")
          .forEach(path -> opens(ines, path));
      assertEquals(List.of(), ines.get("/api/motors/as-told").list(""));
      assertTrue(!ines.get("/api/stock/parts").body().contains("as told:"));
      // It is no museum: work goes on in it.
      String open = server.technician().openCall();
      assertEquals(200, server.technician().read(open, "line.volts", "241").status());
    }
  }

  private static void restore(Path release, Server.Cluster database) {
    try {
      Process psql = database.client("psql", "-q", "-v", "ON_ERROR_STOP=1").start();
      try (InputStream dump = new GZIPInputStream(Files.newInputStream(release));
          OutputStream in = psql.getOutputStream()) {
        dump.transferTo(in);
      }
      assertEquals(0, psql.waitFor(), release + " cannot be restored");
    } catch (IOException | InterruptedException fault) {
      throw new IllegalStateException("no psql", fault);
    }
  }

  /**
   * Makes the file of this release from its demo data: {@code ./rotor test -pl server -am
   * -Dtest=ReleasesTest -Dsurefire.failIfNoSpecifiedTests=false -Drotor.release=0.1.0}.
   */
  @Test
  @EnabledIfSystemProperty(named = "rotor.release", matches = ".+")
  void keepsThisRelease(Server server) throws Exception {
    Path release = RELEASES.resolve(System.getProperty("rotor.release") + ".sql.gz");
    Process dump =
        server
            .cluster()
            .client("pg_dump", "--no-owner", "--exclude-table-data=spring_session*")
            .start();
    Files.createDirectories(RELEASES);
    try (OutputStream file = new GZIPOutputStream(Files.newOutputStream(release))) {
      dump.getInputStream().transferTo(file);
    }
    assertEquals(0, dump.waitFor());
    assertTrue(Files.size(release) > 10_000, release + " is empty");
  }
}
