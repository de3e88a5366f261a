package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.CookieManager;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.SubmissionPublisher;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Whoever sends a byte now and then keeps nobody else from being answered. */
@ExtendWith(Server.class)
class SlowClientTest {
  /** More than the server has threads. */
  private static final int CLIENTS = 120;

  /** So many of one connection are worked on at once. */
  private static final int STREAMS = 20;

  /** So many filled all the room there was. */
  private static final int STRANGERS = 36;

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

  private void answers() {
    String call = tobin.openCall();
    assertEquals(200, tobin.read(call, "line.volts", "241").status());
    assertEquals(200, tobin.get("/api/calls").status());
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
        answers();
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

  /** Of a body in an HTTP/2 stream neither its length nor that there is one is told beforehand. */
  @Test
  void amongStreamsThatNeverEnd() {
    List<CompletableFuture<?>> slow = new ArrayList<>();
    List<SubmissionPublisher<ByteBuffer>> sent = new ArrayList<>();
    // Of much smaller ones the container itself closes the connection.
    byte[] part = " ".repeat(2048).getBytes(StandardCharsets.ISO_8859_1);
    try {
      for (int at = 0; at < CLIENTS / STREAMS; at++) {
        HttpClient one = HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        HttpResponse<String> first =
            Server.exchange(one, HttpRequest.newBuilder(), server.url("/api/session"));
        assertEquals(HttpClient.Version.HTTP_2, first.version());
        String token =
            first.headers().allValues("Set-Cookie").stream()
                .filter(cookie -> cookie.startsWith("XSRF-TOKEN="))
                .map(cookie -> cookie.substring("XSRF-TOKEN=".length(), cookie.indexOf(';')))
                .findFirst()
                .orElseThrow();
        for (int stream = 0; stream < STREAMS; stream++) {
          SubmissionPublisher<ByteBuffer> body = new SubmissionPublisher<>();
          sent.add(body);
          slow.add(
              one.sendAsync(
                  HttpRequest.newBuilder(URI.create(server.url("/api/session")))
                      .header("Content-Type", "application/json")
                      .header("X-XSRF-TOKEN", token)
                      .POST(HttpRequest.BodyPublishers.fromPublisher(body))
                      .build(),
                  HttpResponse.BodyHandlers.discarding()));
        }
      }
      for (int round = 0; round < 3; round++) {
        for (SubmissionPublisher<ByteBuffer> one : sent) {
          one.submit(ByteBuffer.wrap(part));
        }
        answers();
      }
      assertTrue(slow.stream().noneMatch(CompletableFuture::isDone), "each is still waited for");
    } finally {
      slow.forEach(one -> one.cancel(true));
      sent.forEach(SubmissionPublisher::close);
    }
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

  /** Strangers who promise much, send some of it and wait: nobody who is signed in gives way. */
  @Test
  void amongStrangersWhoSendMuch() throws IOException {
    List<Socket> slow = new ArrayList<>();
    byte[] much = new byte[1024 * 1024];
    try {
      for (int at = 0; at < STRANGERS; at++) {
        Socket one =
            begin(
                "PUT /api/calls/x/photos/y HTTP/1.1\r\nHost: x\r\nContent-Type: image/jpeg\r\n"
                    + "Content-Length: 16000000\r\n\r\n");
        slow.add(one);
        for (int sent = 0; sent < 15; sent++) {
          one.getOutputStream().write(much);
        }
      }
      String call = tobin.openCall();
      Visitor.Answer photo =
          tobin.exchange(
              HttpRequest.newBuilder()
                  .PUT(HttpRequest.BodyPublishers.ofByteArray(much))
                  .header("Content-Type", "image/jpeg")
                  .header("X-XSRF-TOKEN", tobin.cookie("XSRF-TOKEN")),
              call + "/photos/" + UUID.randomUUID() + "?kind=MOTOR_PLATE");
      // Looked at, and found to be none: it was not turned away for want of room.
      assertEquals(422, photo.status(), photo.body());
      assertEquals(200, tobin.read(call, "line.volts", "241").status());
      // What other tests are just sending may be among them.
      assertTrue(gathered() < STRANGERS / 2, "nothing of a stranger's is on the disk");
    } finally {
      for (Socket one : slow) {
        one.close();
      }
    }
  }

  private static long gathered() throws IOException {
    try (Stream<Path> all = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
      return all.filter(one -> one.getFileName().toString().startsWith("body")).count();
    }
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
            HttpRequest.newBuilder()
                .PUT(HttpRequest.BodyPublishers.ofString("{\"route\":\"X\"}"))
                .header("Content-Type", "application/json"),
            tobin.openCall() + "/decisions/" + UUID.randomUUID());
    assertEquals(403, answer.status());
    assertTrue(answer.headers().firstValue("Content-Security-Policy").isPresent());
  }
}
