package variablerotor.server.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import variablerotor.sampling.Sampled;

/** The client against a supply house that does whatever a network can do to it. */
class SupplyClientTest {
  /** What the other side does with a request; the number of the request, the first being 1. */
  private interface Doing {
    void answer(HttpExchange exchange, int n) throws IOException, InterruptedException;
  }

  private final AtomicInteger asked = new AtomicInteger();
  private HttpServer http;
  private volatile Doing doing;
  private SupplyClient client;

  @BeforeEach
  void open() throws IOException {
    http = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    http.setExecutor(Executors.newCachedThreadPool());
    http.createContext(
        "/",
        exchange -> {
          try (exchange) {
            doing.answer(exchange, asked.incrementAndGet());
          } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
          }
        });
    http.start();
    client =
        new SupplyClient(
            new SupplyAddress("http://127.0.0.1:" + http.getAddress().getPort(), false));
  }

  @AfterEach
  void close() {
    http.stop(0);
  }

  private static void send(HttpExchange exchange, int status, String body) throws IOException {
    byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
    exchange.sendResponseHeaders(status, bytes.length);
    exchange.getResponseBody().write(bytes);
  }

  private String gone() {
    return assertThrows(SupplyGone.class, () -> client.ask("/v1/parts?q=x")).getMessage();
  }

  @Test
  void aGoodAnswerIsReadAndAskedForOnce() throws SupplyGone {
    doing = (exchange, n) -> send(exchange, 200, "{\"parts\":[]}");
    assertTrue(client.ask("/v1/parts?q=x") instanceof Map<?, ?>);
    assertEquals(1, asked.get());
  }

  @Test
  void aFailureIsTriedAgainAndForgotten() throws SupplyGone {
    doing =
        (exchange, n) -> {
          if (n < 3) {
            send(exchange, 503, "later");
          } else {
            send(exchange, 200, "{\"parts\":[]}");
          }
        };
    client.ask("/v1/parts?q=x");
    assertEquals(3, asked.get());
  }

  @Sampled(2)
  @Test
  void whatNeverAnswersIsGivenUpAfterThreeTriesInItsTime() {
    doing = (exchange, n) -> Thread.sleep(20_000);
    long start = System.nanoTime();
    assertTrue(gone().contains("within 1.5 s"));
    assertEquals(3, asked.get());
    // Three tries and their pauses, and far from the twenty seconds.
    assertTrue((System.nanoTime() - start) / 1e9 < 10);
  }

  /** A body that drips would hold a client that only times the headers. */
  @Sampled(2)
  @Test
  void aBodyThatDripsIsGivenUpToo() {
    doing =
        (exchange, n) -> {
          exchange.sendResponseHeaders(200, 0);
          for (int i = 0; i < 200; i++) {
            exchange.getResponseBody().write(' ');
            exchange.getResponseBody().flush();
            Thread.sleep(100);
          }
        };
    assertTrue(gone().contains("within 1.5 s"));
  }

  @Test
  void anEndlessBodyIsCutOff() {
    doing =
        (exchange, n) -> {
          exchange.sendResponseHeaders(200, 0);
          byte[] much = new byte[64 * 1024];
          for (int i = 0; i < 10_000; i++) {
            exchange.getResponseBody().write(much);
          }
        };
    long start = System.nanoTime();
    gone();
    assertTrue((System.nanoTime() - start) / 1e9 < 10);
  }

  @Test
  void nonsenseAndHangingUpAreNoAnswers() {
    doing = (exchange, n) -> send(exchange, 200, "<html>Please sign in");
    assertTrue(gone().contains("no JSON"));
    doing = (exchange, n) -> exchange.close();
    assertTrue(gone().contains("cannot be reached"));
  }

  /** Its own address somewhere else is not followed: the shop named one supply house. */
  @Test
  void aRedirectIsNotFollowed() {
    doing =
        (exchange, n) -> {
          exchange.getResponseHeaders().set("Location", "http://127.0.0.1:1/elsewhere");
          exchange.sendResponseHeaders(302, -1);
        };
    assertTrue(gone().contains("302"));
  }

  @Test
  void whatFailsAgainAndAgainIsLeftAlone() {
    doing = (exchange, n) -> send(exchange, 500, "broken");
    gone();
    assertFalse(client.isLeftAlone());
    gone();
    assertTrue(client.isLeftAlone());
    int before = asked.get();
    long start = System.nanoTime();
    assertTrue(gone().contains("left alone"));
    assertEquals(before, asked.get(), "it was not asked");
    assertTrue((System.nanoTime() - start) / 1e6 < 1000);
  }

  @Test
  void nobodyThereIsSaidSo() {
    http.stop(0);
    assertTrue(gone().contains("cannot be reached"));
  }
}
