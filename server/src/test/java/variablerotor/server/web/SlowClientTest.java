package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Whoever sends a byte now and then keeps nobody else from being answered. */
@ExtendWith(Server.class)
class SlowClientTest {
  /** More than the server has threads. */
  private static final int CLIENTS = 120;

  private final Server server;
  private final Visitor tobin;

  SlowClientTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  private Socket begin(String head) throws IOException {
    URI url = URI.create(server.url("/"));
    Socket socket = new Socket(url.getHost(), url.getPort());
    socket.getOutputStream().write(head.getBytes(StandardCharsets.ISO_8859_1));
    return socket;
  }

  private void answersAmong(String head) throws IOException {
    List<Socket> slow = new ArrayList<>();
    try {
      for (int at = 0; at < CLIENTS; at++) {
        slow.add(begin(head));
      }
      for (int round = 0; round < 3; round++) {
        for (Socket one : slow) {
          one.getOutputStream().write('x');
        }
        String call = tobin.openCall();
        assertEquals(200, tobin.read(call, "line.volts", "241").status());
        assertEquals(200, tobin.get("/api/calls").status());
      }
    } finally {
      for (Socket one : slow) {
        one.close();
      }
    }
  }

  @Test
  void amongBodiesThatNeverEnd() throws IOException {
    answersAmong(
        "POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\n"
            + "Content-Length: 5000\r\n\r\n{");
  }

  @Test
  void amongHeadersThatNeverEnd() throws IOException {
    answersAmong("POST /api/session HTTP/1.1\r\nHost: x\r\nX-Long: ");
  }

  @Test
  void amongLargeBodiesThatNobodyTakes() throws IOException {
    answersAmong(
        "PUT /api/calls/x HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\n"
            + "Content-Length: 900000000\r\n\r\n{");
  }

  @Test
  void whatComesInPiecesIsReadWhole() throws IOException {
    try (Socket socket =
        begin(
            "POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\n"
                + "Connection: close\r\nTransfer-Encoding: chunked\r\n\r\n2\r\n{\"\r\n")) {
      socket.getOutputStream().write("3\r\na\":\r\n".getBytes(StandardCharsets.ISO_8859_1));
      socket.getOutputStream().write("2\r\n1}\r\n0\r\n\r\n".getBytes(StandardCharsets.ISO_8859_1));
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      // Read, and then refused for what every change needs.
      assertTrue(answer.startsWith("HTTP/1.1 403"), answer);
    }
  }

  /** What a request is checked for once, it is checked for after its body was gathered, too. */
  @Test
  void aChangeWithoutItsTokenIsRefused() {
    Visitor.Answer answer =
        tobin.exchange(
            java.net.http.HttpRequest.newBuilder()
                .PUT(java.net.http.HttpRequest.BodyPublishers.ofString("{\"route\":\"X\"}"))
                .header("Content-Type", "application/json"),
            tobin.openCall() + "/decisions/" + java.util.UUID.randomUUID());
    assertEquals(403, answer.status());
    assertTrue(answer.headers().firstValue("Content-Security-Policy").isPresent());
  }
}
