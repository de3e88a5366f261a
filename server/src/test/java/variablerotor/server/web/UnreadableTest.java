package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.sampling.Sampled;
import variablerotor.sampling.Share;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/**
 * Requests that no client of a class library would send, byte by byte: told in words, never a 5xx.
 */
@ExtendWith(Server.class)
class UnreadableTest {
  private final Server server;
  private final Visitor tobin;

  UnreadableTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  /**
   * @param head behind the request's first lines, each with its end
   * @return the answer, its status line first
   */
  private String send(String method, String path, String head, String body) throws IOException {
    URI base = URI.create(server.url("/"));
    String request =
        method
            + " "
            + path
            + " HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n"
            + "Cookie: "
            + tobin.cookies()
            + "\r\nX-XSRF-TOKEN: "
            + tobin.cookie("XSRF-TOKEN")
            + "\r\n"
            + head
            + "\r\n"
            + body;
    try (Socket socket = new Socket(base.getHost(), base.getPort());
        InputStream answer = socket.getInputStream()) {
      // The description of the interface is made when it is first asked for, which takes a busy
      // machine long.
      socket.setSoTimeout(120_000);
      socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
      return new String(answer.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static void told(String answer, int status) {
    assertTrue(answer.startsWith("HTTP/1.1 " + status + " "), answer);
    assertTrue(answer.contains("\"detail\":\""), answer);
    Server.speaksNoProgram(answer);
  }

  @ParameterizedTest
  @ValueSource(strings = {"%00a=1", "a%0d%0ab=1", "search=x&b%0A=1", "%7F=1", "a%1F"})
  void namesWithControlCharacters(String query) throws IOException {
    told(send("GET", "/api/calls?" + query, "", ""), 422);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "application/x-www-form-urlencoded",
        "multipart/form-data",
        "multipart/form-data; boundary=",
        "multipart/mixed; boundary=x",
        "application/json; charset=\u0080",
        "\u0080",
        "application/json; charset=nope",
        "application/json; a=\"",
        "json",
        "*/*",
        "application/*",
        "/"
      })
  void bodiesOfAKindThatNothingTakes(String type) throws IOException {
    String head = "Content-Type: " + type + "\r\nContent-Length: 9\r\n";
    told(send("PUT", "/api/calls/" + UUID.randomUUID(), head, "a=1&b=%zz"), 415);
    told(send("POST", "/api/codes/count", head, "a=1&b=%zz"), 415);
  }

  @ParameterizedTest
  @CsvSource({"/actuator/health, 404", "/actuator, 404", "/api, 404", "/api/, 404"})
  void whatIsForProgramsIsNoPage(String path, int status) throws IOException {
    told(send("GET", path, "", ""), status);
  }

  /** It is waited for, and then told so: 500 would be the server's fault. */
  @Sampled(2)
  @Test
  void aBodyThatDoesNotCome() throws IOException {
    String head = "Content-Type: application/json\r\nContent-Length: 5\r\n";
    told(send("PUT", "/api/calls/" + UUID.randomUUID(), head, ""), 408);
  }

  private static final List<String> ADDRESSES =
      List.of(
          "/api/calls",
          "/api/calls/ID",
          "/api/calls/ID/readings/ID",
          "/api/calls/ID/choice",
          "/api/calls/ID/photos/ID",
          "/api/calls/ID/wirings/ID",
          "/api/codes",
          "/api/codes/count",
          "/api/codebooks/ID/imports/ID",
          "/api/stock/find",
          "/api/stock/imports/ID",
          "/api/stock/parts/ID/moves/ID",
          "/api/week",
          "/api/audit",
          "/api/audit/table",
          "/api/passkeys",
          "/api/session/passkey",
          "/api/session/invitation",
          "/api/shop/settings/ID",
          "/api/openapi",
          "/shop",
          "/");

  private static final List<String> TYPES =
      List.of(
          "application/json",
          "application/x-www-form-urlencoded",
          "multipart/form-data",
          "multipart/form-data; boundary=x",
          "text/csv; charset=UTF-16",
          "image/jpeg",
          "text/*",
          "application/json; charset=\u0080",
          "*/*");

  private static final List<String> BODIES =
      List.of(
          "",
          "{}",
          "[]",
          "a=1&b=%zz&%00=x",
          "--x\r\nContent-Disposition: form-data; name=\"a\"; filename=\"\u0080\"\r\n\r\nz\r\n--x",
          "--x\r\nContent-Disposition: form-data\r\n\r\n\r\n--x--",
          "\u00ff\u00d8\u00ff",
          "{\"a\":");

  private static final List<String> METHODS = List.of("GET", "PUT", "POST", "DELETE", "PATCH", "X");

  private static <T> T one(List<T> of, Random random) {
    return of.get(random.nextInt(of.size()));
  }

  /** Bytes as they come, but for those that end a line, which would end the request. */
  private static String odd(Random random) {
    StringBuilder text = new StringBuilder();
    for (int length = random.nextInt(8); length > 0; length--) {
      char sign = (char) random.nextInt(256);
      boolean ends = sign == '\r' || sign == '\n';
      text.append(ends || random.nextInt(3) == 0 ? "%" + Integer.toHexString(sign) : sign);
    }
    return text.toString();
  }

  /** All of them with {@code ./rotor test --all}; else the first of the same. */
  private static final int REQUESTS = Share.ALL ? 10_000 : 400;

  @Test
  void mixedByChanceTheyAreNeverAFault() throws IOException {
    Random random = new Random(20261201);
    Map<String, Integer> answers = new TreeMap<>();
    List<String> faults = new ArrayList<>();
    for (int at = 0; at < REQUESTS; at++) {
      String path = one(ADDRESSES, random).replace("ID", UUID.randomUUID().toString());
      if (random.nextInt(2) == 0) {
        path += "?" + odd(random) + "=" + odd(random) + "&search=" + odd(random);
      }
      String body = one(BODIES, random);
      String type = random.nextInt(4) == 0 ? odd(random) : one(TYPES, random);
      // Less than comes: the rest is the next request's, and is none.
      boolean less = random.nextInt(8) == 0 && !body.isEmpty();
      int said = less ? random.nextInt(body.length()) : body.length();
      String head = "Content-Type: " + type + "\r\nContent-Length: " + said + "\r\n";
      String answer = send(one(METHODS, random), path, head, body);
      String status = answer.isEmpty() ? "none" : answer.split(" ", 3)[1];
      answers.merge(status, 1, Integer::sum);
      if (status.startsWith("5") || answer.contains("xception")) {
        faults.add(path + " " + type + " " + body + " " + answer);
      }
    }
    System.out.println(REQUESTS + " odd requests, answers: " + answers);
    assertEquals(List.of(), faults.stream().limit(3).toList(), faults.size() + " faults");
    assertTrue(answers.keySet().size() > 4, answers.toString());
  }
}
