package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.sampling.Share;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Whatever is sent, the answer is a refusal in words, never a fault of the server. */
@Execution(ExecutionMode.CONCURRENT)
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

  /** Parts of a body that are none: said in words, and the connection ends. */
  @ParameterizedTest
  @ValueSource(
      strings = {"zz\r\n{}\r\n0\r\n\r\n", "-2\r\n{}\r\n0\r\n\r\n", "2;\r\n{}{}{}\r\n0\r\n\r\n"})
  void aBodyInBrokenPartsIsRefused(String parts) throws IOException {
    URI url = URI.create(server.url("/"));
    String head =
        "PUT /api/calls/%s HTTP/1.1\r\nHost: %s\r\nCookie: rotor=%s\r\nX-XSRF-TOKEN: x\r\n"
            + "Content-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n%s";
    try (Socket socket = new Socket(url.getHost(), url.getPort())) {
      socket.setSoTimeout(20_000);
      String sent = head.formatted(UUID.randomUUID(), url.getHost(), tobin.cookie("rotor"), parts);
      socket.getOutputStream().write(sent.getBytes(StandardCharsets.ISO_8859_1));
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertTrue(answer.startsWith("HTTP/1.1 400"), answer);
      assertTrue(answer.contains("\"detail\""), answer);
    }
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

  /** An address with a body that it takes. */
  private record Sample(String method, String path, String body) {}

  private static final String WIRING =
      "{\"format\":\"variable-rotor-as-wired\",\"version\":1,\"wiring\":{\"format\":"
          + "\"variable-rotor-wiring\",\"version\":1,\"parts\":[{\"id\":\"K1\",\"type\":\"RELAY\"}],"
          + "\"wires\":[[\"K1.A\",\"K1.B\"]],\"calls\":[{\"name\":\"x\",\"on\":[]}]}}";

  /** Of every kind of thing that can be sent; ID is a new one each time. */
  private static List<Sample> samples(String call) {
    return List.of(
        new Sample("PUT", "/api/calls/ID", TOLD),
        new Sample("PUT", call + "/particulars/ID", TOLD),
        new Sample(
            "PUT",
            call + "/corrections/ID",
            "{\"changes\":[{\"field\":\"motor.horsepower\",\"was\":null,\"now\":0.5}]}"),
        new Sample(
            "PUT",
            call + "/readings/ID",
            "{\"fact\":\"line.volts\",\"value\":240,\"phase\":\"BEFORE\",\"again\":false}"),
        new Sample("PUT", call + "/retractions/ID", "{\"reading\":\"ID\"}"),
        new Sample(
            "PUT",
            call + "/offers/ID",
            "{\"route\":\"SAME_MOTOR\",\"partPrice\":800,\"labourHours\":1,\"leadDays\":0}"),
        new Sample(
            "PUT",
            call + "/decisions/ID",
            "{\"route\":\"SAME_MOTOR\",\"candidate\":\"x\",\"done\":[\"volts\"]}"),
        new Sample("PUT", call + "/wirings/ID", WIRING),
        new Sample(
            "PUT",
            "/api/codebooks/ID/editions/ID",
            "{\"name\":\"Odd\",\"rows\":[{\"line\":\"A\",\"signal\":\"FLASHES\",\"pattern\":\"3\","
                + "\"meaning\":\"\",\"suspects\":\"FAN\"}]}"),
        new Sample(
            "POST",
            "/api/codes/count",
            "{\"presses\":[{\"down\":1,\"up\":1.2,\"lamp\":0}],\"now\":10}"),
        new Sample(
            "PUT",
            "/api/practice/ID",
            "{\"family\":\"CONSTANT_TORQUE\",\"symptom\":\"NO_RUN\",\"fault\":\"x\",\"severity\":0.5}"),
        new Sample(
            "PUT",
            "/api/stock/parts/ID/editions/ID",
            "{\"number\":\"ID\",\"kind\":\"RELAY\",\"price\":3,\"coilVolts\":24,\"amps\":12}"),
        new Sample(
            "PUT",
            "/api/stock/parts/ID/moves/ID",
            "{\"reason\":\"RECEIVED\",\"at\":\"VAN\",\"where\":\"Wren\",\"count\":2}"),
        new Sample(
            "PUT",
            call + "/orders/ID",
            "{\"kind\":\"MOTOR\",\"number\":\"Q-1\",\"name\":\"A\",\"count\":1,\"price\":9,"
                + "\"due\":\"2026-12-01\"}"),
        new Sample(
            "PUT", call + "/loans/ID", "{\"part\":\"ID\",\"at\":\"SHELF\",\"where\":\"B2\"}"),
        new Sample(
            "PUT",
            call + "/answers/ID",
            "{\"route\":\"SAME_MOTOR\",\"by\":\"R. Quill\",\"on\":\"2026-11-26\",\"note\":\"\"}"),
        new Sample(
            "PUT",
            call + "/found/ID",
            "{\"route\":\"SAME_MOTOR\",\"kind\":\"MOTOR\",\"number\":\"Cobnut F one\"}"),
        new Sample("POST", "/api/stock/cover", "{\"plan\":" + PLAN + ",\"van\":\"Wren\"}"),
        new Sample("GET", "/api/stock/find?q=R24-12", ""),
        new Sample("GET", call + "/photos/ID?kind=OTHER", ""),
        new Sample("GET", "/api/calls?search=har&page=0&size=20", ""),
        new Sample("GET", "/api/codes?search=a&signal=FLASHES&pattern=3", ""));
  }

  private static final String PLAN =
      "{\"format\":\"variable-rotor-plan\",\"version\":1,\"pattern\":\"E\",\"supply\":\"LINE_240\","
          + "\"transformerVa\":40,\"calls\":[\"COOL\",\"FAN\"],\"motor\":{\"speeds\":[\"HIGH\"],\"amps\":3}}";

  /** All of them with {@code ./rotor test --all}; else the first of the same. */
  private static final int REQUESTS = Share.ALL ? 20_000 : 1_200;

  /** Bodies and addresses with signs changed, cut out and doubled, by fixed seeds: no 5xx. */
  @Test
  void mutatedRequestsAreNeverAFault() throws InterruptedException {
    ConcurrentLinkedQueue<String> faults = new ConcurrentLinkedQueue<>();
    ConcurrentHashMap<Integer, AtomicInteger> answers = new ConcurrentHashMap<>();
    ExecutorService pool = Executors.newFixedThreadPool(4);
    for (int person = 0; person < 4; person++) {
      Random random = new Random(20261127 + person);
      pool.submit(
          () -> {
            Visitor visitor = server.technician();
            String call = visitor.openCall();
            List<Sample> samples = samples(call);
            for (int at = 0; at < REQUESTS / 4; at++) {
              Sample sample = samples.get(random.nextInt(samples.size()));
              String path = sample.path().replace("ID", UUID.randomUUID().toString());
              boolean get = sample.method().equals("GET");
              String body = get ? "" : mutated(sample.body(), random);
              if (get || random.nextInt(10) == 0) {
                path = "/api/" + written(mutated(path.substring(5), random));
              }
              Visitor.Answer answer =
                  get ? visitor.get(path) : visitor.send(sample.method(), path, body);
              answers
                  .computeIfAbsent(answer.status(), any -> new AtomicInteger())
                  .incrementAndGet();
              if (answer.status() >= 500 || answer.body().contains("xception")) {
                faults.add(answer.status() + " to " + path + " " + body + " " + answer.body());
              }
            }
          });
    }
    pool.shutdown();
    assertTrue(pool.awaitTermination(5, TimeUnit.MINUTES));
    System.out.println(REQUESTS + " mutated requests, answers: " + answers);
    assertEquals(List.of(), List.copyOf(faults).subList(0, Math.min(3, faults.size())));
    assertEquals(
        REQUESTS, answers.values().stream().mapToInt(AtomicInteger::get).sum(), "all were sent");
    assertTrue(answers.get(200).get() < REQUESTS / 2, "most are refused: " + answers);
  }

  /** So that a client of the class library takes it for an address. */
  private static String written(String path) {
    StringBuilder text = new StringBuilder();
    for (byte one : path.getBytes(StandardCharsets.UTF_8)) {
      char sign = (char) (one & 0xFF);
      boolean plain =
          sign < 128 && (Character.isLetterOrDigit(sign) || "-._~/?&=+".indexOf(sign) >= 0);
      text.append(plain ? String.valueOf(sign) : "%%%02X".formatted((int) sign));
    }
    return text.toString();
  }

  private static String mutated(String body, Random random) {
    if (body.isEmpty()) {
      return body;
    }
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
