package variablerotor.e2e;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Executors;

/**
 * Stands before the application and passes all on to it; from when it is told so, what keeps the
 * page on the device is another, as after an update.
 */
final class NewerPage implements AutoCloseable {
  private static final List<String> PASSED_ON =
      List.of("Cookie", "X-XSRF-TOKEN", "Content-Type", "Accept", "Rotor-Account", "Rotor-Answer");
  private static final List<String> PASSED_BACK =
      List.of("Set-Cookie", "Content-Type", "Content-Security-Policy", "Cache-Control");

  private final HttpServer server;
  private final String behind;
  private final HttpClient client = HttpClient.newHttpClient();

  /** Tells whoever asks what the page asked through it. */
  private static final String TELLING =
      """

      const asked = []
      self.addEventListener('fetch', (event) => asked.push(event.request.url))
      self.addEventListener('message', (event) => event.ports[0]?.postMessage(asked))
      """;

  /** For the page: what it asked through what keeps it on the device. */
  static final String ASKED =
      """
      new Promise((told) => {
        const { port1, port2 } = new MessageChannel()
        port1.onmessage = (event) => told(event.data)
        navigator.serviceWorker.controller.postMessage({ type: 'ASKED' }, [port2])
      })""";

  private volatile String more = TELLING;

  NewerPage(String behind) throws IOException {
    this.behind = behind;
    server = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
    server.createContext("/", this::pass);
    server.setExecutor(Executors.newCachedThreadPool());
    server.start();
  }

  String url() {
    return "http://127.0.0.1:" + server.getAddress().getPort();
  }

  /** From now on there is a newer one. */
  void update() {
    more += "\n// another version";
  }

  private void pass(HttpExchange asked) throws IOException {
    try (asked) {
      String accept = asked.getRequestHeaders().getFirst("Accept");
      if (accept != null && accept.contains("text/event-stream")) {
        asked.sendResponseHeaders(503, -1);
        return;
      }
      HttpRequest.Builder request =
          HttpRequest.newBuilder(URI.create(behind + asked.getRequestURI()))
              .method(
                  asked.getRequestMethod(),
                  HttpRequest.BodyPublishers.ofByteArray(asked.getRequestBody().readAllBytes()));
      for (String name : PASSED_ON) {
        asked
            .getRequestHeaders()
            .getOrDefault(name, List.of())
            .forEach(value -> request.header(name, value));
      }
      HttpResponse<byte[]> answer =
          client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
      for (String name : PASSED_BACK) {
        answer
            .headers()
            .allValues(name)
            .forEach(value -> asked.getResponseHeaders().add(name, value));
      }
      byte[] body = answer.body();
      if (asked.getRequestURI().getPath().equals("/sw.js")) {
        body = (new String(body, StandardCharsets.UTF_8) + more).getBytes(StandardCharsets.UTF_8);
      }
      asked.sendResponseHeaders(answer.statusCode(), body.length == 0 ? -1 : body.length);
      if (body.length > 0) {
        asked.getResponseBody().write(body);
      }
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    server.stop(0);
  }
}
