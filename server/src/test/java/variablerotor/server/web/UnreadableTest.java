package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
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
      socket.setSoTimeout(20_000);
      socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
      return new String(answer.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static void told(String answer, int status) {
    assertTrue(answer.startsWith("HTTP/1.1 " + status + " "), answer);
    assertTrue(answer.contains("\"detail\":\""), answer);
    assertFalse(answer.contains("xception"), answer);
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
}
