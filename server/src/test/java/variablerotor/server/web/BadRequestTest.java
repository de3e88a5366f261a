package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Whatever is sent, the answer is a refusal in words, never a fault of the server. */
@ExtendWith(Server.class)
class BadRequestTest {
  private static final String TOLD =
      "{\"place\":\"Quay\",\"unitName\":\"\",\"complaint\":\"\",\"symptom\":\"NO_RUN\",\"unit\":{},"
          + "\"motor\":{\"family\":\"CONSTANT_TORQUE\",\"volts\":\"230\",\"horsepower\":0.5}}";

  private final Server server;
  private final Visitor tobin;

  BadRequestTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  private static void refused(Visitor.Answer answer) {
    assertTrue(answer.status() >= 400 && answer.status() < 500, answer.status() + answer.body());
    assertTrue(answer.body().contains("\"detail\""), answer.body());
    assertFalse(answer.body().contains("Exception") || answer.body().contains("java."));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"Quay\"|\"Qu\\u0000ay\"|place",
        "\"Quay\"|\"Qu\\u001bay\"|place",
        "\"place\":\"Quay\"|\"place\":\"Quay\",\"place\":\"Mole\"|",
        "\"place\":\"Quay\"|\"plaice\":\"Quay\"|plaice",
        "\"NO_RUN\"|1|symptom",
        "\"NO_RUN\"|\"1\"|symptom",
        "\"230\"|\"2\\u000030\"|motor.volts"
      })
  void requestsAreReadToTheLetter(String good, String bad, String path) {
    Visitor.Answer answer = tobin.put("/api/calls/" + UUID.randomUUID(), TOLD.replace(good, bad));
    refused(answer);
    assertTrue(path == null || answer.body().contains(path), answer.body());
  }

  @Test
  void aRoleByItsNumberMakesNoLead() {
    Visitor.Answer answer =
        server
            .lead()
            .put(
                "/api/accounts/" + UUID.randomUUID(),
                "{\"login\":\"num\",\"name\":\"N\",\"role\":\"1\",\"password\":\"heron-weir-31\"}");
    refused(answer);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/api/calls?search=%zz",
        "/api/calls?search=%00",
        "/api/calls?page=x",
        "/error",
        "/api/no-such-thing",
        "/api/calls/no-uuid",
        "/api/calls/%00"
      })
  void addressesThatCannotBeReadAreRefused(String path) throws IOException {
    String answer = raw(path, "rotor=" + tobin.cookie("rotor"));
    int status = Integer.parseInt(answer.substring(9, 12));
    assertTrue(status >= 400 && status < 500, answer);
    assertFalse(answer.contains("Exception") || answer.contains("java."), answer);
  }

  /** As it is written: a client of the class library would not send it. */
  private String raw(String path, String cookie) throws IOException {
    URI url = URI.create(server.url("/"));
    try (Socket socket = new Socket(url.getHost(), url.getPort())) {
      String head = "GET %s HTTP/1.1\r\nHost: %s\r\nCookie: %s\r\nConnection: close\r\n\r\n";
      socket
          .getOutputStream()
          .write(head.formatted(path, url.getHost(), cookie).getBytes(StandardCharsets.ISO_8859_1));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"rotor=***", "rotor=%00", "rotor=a b", "rotor=\"", "rotor=", "rotor"})
  void anOddCookieIsNobodySignedIn(String cookie) throws IOException {
    String answer = raw("/api/calls", cookie);
    assertTrue(answer.startsWith("HTTP/1.1 401") || answer.startsWith("HTTP/1.1 400"), answer);
  }

  @Test
  void aPlaceThatIsTakenBackTwiceOrOfAnotherKindIsNoFault() {
    String call = tobin.openCall();
    String id = call.substring(call.lastIndexOf('/') + 1);
    refused(tobin.put(call + "/readings/" + id, "{\"fact\":\"line.volts\",\"value\":[null]}"));
    refused(
        tobin.put(
            call + "/readings/" + UUID.randomUUID(),
            "{\"fact\":\"line.volts\",\"value\":" + "9".repeat(310) + "}"));
  }

  /** A thousand bodies with bytes changed, cut out and doubled, by a fixed seed: no 5xx. */
  @Test
  void mutatedBodiesAreNeverAFault() {
    Random random = new Random(20261127);
    String call = tobin.openCall();
    String[] paths = {"/particulars/", "/readings/", "/offers/", "/decisions/", "/wirings/"};
    String[] bodies = {
      TOLD,
      "{\"fact\":\"line.volts\",\"value\":240,\"phase\":\"BEFORE\",\"again\":false}",
      "{\"route\":\"SAME_MOTOR\",\"partPrice\":800,\"labourHours\":1,\"leadDays\":0}",
      "{\"route\":\"SAME_MOTOR\",\"candidate\":\"x\",\"done\":[\"volts\"]}",
      "{\"format\":\"variable-rotor-as-wired\",\"version\":1,\"wiring\":{\"format\":"
          + "\"variable-rotor-wiring\",\"version\":1,\"parts\":[{\"id\":\"K1\",\"type\":\"RELAY\"}],"
          + "\"wires\":[[\"K1.A\",\"K1.B\"]],\"calls\":[{\"name\":\"x\",\"on\":[]}]}}"
    };
    for (int at = 0; at < 1000; at++) {
      int kind = random.nextInt(paths.length);
      String body = mutated(bodies[kind], random);
      Visitor.Answer answer = tobin.put(call + paths[kind] + UUID.randomUUID(), body);
      assertTrue(answer.status() < 500, answer.status() + " to " + body + answer.body());
    }
    assertEquals(200, tobin.get(call).status());
  }

  private static String mutated(String body, Random random) {
    String[] odd = {
      "\\u0000", "null", "1e999", "-0", "[]", "{}", "\"", "\\", ",", "true", "\u20ac", "\\ud800"
    };
    StringBuilder text = new StringBuilder(body);
    for (int times = 1 + random.nextInt(3); times > 0; times--) {
      int from = random.nextInt(text.length());
      int to = Math.min(text.length(), from + random.nextInt(12));
      switch (random.nextInt(3)) {
        case 0 -> text.delete(from, to);
        case 1 -> text.insert(from, odd[random.nextInt(odd.length)]);
        default -> text.replace(from, to, odd[random.nextInt(odd.length)]);
      }
      if (text.isEmpty()) {
        return "";
      }
    }
    return text.toString();
  }
}
