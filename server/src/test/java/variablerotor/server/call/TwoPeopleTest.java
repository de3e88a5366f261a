package variablerotor.server.call;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Two people on one call: each sees what the other does, and nobody's correction is reverted. */
@ExtendWith(Server.class)
class TwoPeopleTest {
  private final Server server;
  private final Visitor tobin;
  private final Visitor ines;
  private final String call;

  TwoPeopleTest(Server server) {
    this.server = server;
    tobin = server.technician();
    ines = server.lead();
    call = tobin.openCall();
  }

  private Visitor.Answer correct(Visitor who, String changes) {
    return who.put(call + "/corrections/" + UUID.randomUUID(), "{\"changes\":[" + changes + "]}");
  }

  private static String from(String field, String was, String now) {
    return "{\"field\":\"%s\",\"was\":%s,\"now\":%s}".formatted(field, was, now);
  }

  private HttpResponse<InputStream> listen(Visitor who) throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(server.url(call + "/changes")))
            .header("Cookie", "rotor=" + who.cookie("rotor"))
            .build();
    return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofInputStream());
  }

  private static BlockingQueue<String> heard(InputStream stream) {
    BlockingQueue<String> heard = new LinkedBlockingQueue<>();
    Thread reader =
        new Thread(
            () -> {
              try (BufferedReader lines = new BufferedReader(new InputStreamReader(stream))) {
                lines
                    .lines()
                    .filter(line -> line.startsWith("data:"))
                    .map(line -> line.substring(5))
                    .filter(line -> !line.equals("here"))
                    .forEach(heard::add);
              } catch (IOException | java.io.UncheckedIOException over) {
                // The test is over.
              }
            });
    reader.setDaemon(true);
    reader.start();
    return heard;
  }

  @Test
  void whatOneRecordsTheOtherHearsOfWithinSeconds() throws Exception {
    try (InputStream stream = listen(ines).body()) {
      BlockingQueue<String> heard = heard(stream);
      assertEquals("look", heard.poll(5, TimeUnit.SECONDS));
      tobin.openCall();
      tobin.read(call, "line.volts", "241");
      String at = heard.poll(5, TimeUnit.SECONDS);
      assertNotNull(at, "nothing was heard");
      assertTrue(Math.abs(System.currentTimeMillis() - Long.parseLong(at)) < 60_000, at);
      assertNull(heard.poll(300, TimeUnit.MILLISECONDS), "another call is not told of");
    }
    assertEquals(404, ines.get("/api/calls/" + UUID.randomUUID() + "/changes").status());
  }

  /** A stream ends with the session that asked for it: signed out, or the account closed. */
  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void aStreamEndsWithItsSession(boolean closed) throws Exception {
    String login = "l" + UUID.randomUUID().toString().substring(0, 8);
    String path = "/api/accounts/" + UUID.randomUUID();
    String account = "{\"login\":\"" + login + "\",\"name\":\"L\",\"role\":\"TECHNICIAN\",%s}";
    server.lead().put(path, account.formatted("\"password\":\"heron-weir-31\""));
    Visitor visitor = server.signedIn(login, "heron-weir-31");
    try (InputStream stream = listen(visitor).body()) {
      if (closed) {
        assertEquals(200, server.lead().put(path, account.formatted("\"closed\":true")).status());
      } else {
        visitor.send("DELETE", "/api/session", "");
      }
      // Read to its end: it would go on for half an hour.
      assertTimeoutPreemptively(Duration.ofSeconds(25), () -> stream.readAllBytes());
    }
  }

  @Test
  void differentFieldsOfTwoPeopleBothStand() {
    assertEquals(200, correct(tobin, from("motor.horsepower", "null", "0.5")).status());
    Visitor.Answer both =
        correct(
            ines,
            from("motor.rpm", "null", "1050") + "," + from("place", "\"Test Quay\"", "\"Mole\""));
    assertEquals(200, both.status(), both.body());
    assertEquals(0.5, both.at("particulars.motor.horsepower"));
    assertEquals(1050.0, both.at("particulars.motor.rpm"));
    assertEquals("Mole", both.at("particulars.place"));
  }

  @Test
  void theSameFieldIsDisputedWithBothValuesAndTheAuthor() {
    correct(ines, from("motor.horsepower", "null", "1"));
    correct(tobin, from("motor.rpm", "null", "1050"));
    Visitor.Answer disputed =
        correct(
            tobin,
            from("motor.horsepower", "null", "0.5")
                + ","
                + from("place", "\"Test Quay\"", "\"Mole\""));
    assertEquals(409, disputed.status());
    assertEquals("motor.horsepower", disputed.at("conflicts.0.field"));
    assertEquals(1.0, disputed.at("conflicts.0.theirs"));
    assertEquals(0.5, disputed.at("conflicts.0.yours"));
    assertEquals("Ines Kallow", disputed.at("conflicts.0.by"));
    assertNull(disputed.at("conflicts.1"));
    assertEquals("Test Quay", tobin.get(call).at("particulars.place"), "all of it or nothing");
    assertEquals(200, correct(tobin, from("motor.horsepower", "1", "0.5")).status(), "knowing it");
    assertEquals(200, correct(ines, from("motor.horsepower", "1", "0.5")).status(), "agreeing");
  }

  @Test
  void aCorrectionSentAgainIsTheSame() {
    String path = call + "/corrections/" + UUID.randomUUID();
    String body = "{\"changes\":[" + from("motor.rpm", "null", "1050") + "]}";
    assertEquals(200, tobin.put(path, body).status());
    correct(ines, from("motor.rpm", "1050", "1075"));
    Visitor.Answer again = tobin.put(path, body);
    assertEquals(200, again.status());
    assertEquals(1075.0, again.at("particulars.motor.rpm"), "it is not done a second time");
    assertEquals(409, tobin.put(path, body.replace("1050", "850")).status());
  }

  @Test
  void badCorrectionsAreRefusedByTheirField() {
    for (String bad :
        List.of(
            "",
            "null",
            from("motor.bogus", "null", "1"),
            from("motor.horsepower", "null", "-1"),
            from("motor.family", "\"CONSTANT_TORQUE\"", "null"),
            from("place", "\"Test Quay\"", "\" \""),
            "{\"was\":1}")) {
      Visitor.Answer answer = correct(tobin, bad);
      assertEquals(422, answer.status(), bad + answer.body());
      assertTrue(!String.valueOf(answer.at("errors.0.path")).isEmpty(), answer.body());
    }
  }

  @Test
  void onePersonCannotListenWithoutEnd() throws Exception {
    List<InputStream> streams = new ArrayList<>();
    try {
      int refused = 0;
      for (int at = 0; at < 14; at++) {
        HttpResponse<InputStream> stream = listen(tobin);
        streams.add(stream.body());
        refused += stream.statusCode() == 429 ? 1 : 0;
      }
      assertEquals(2, refused);
      HttpResponse<InputStream> other = listen(ines);
      streams.add(other.body());
      assertEquals(200, other.statusCode(), "others still can");
    } finally {
      for (InputStream stream : streams) {
        stream.close();
      }
    }
  }
}
