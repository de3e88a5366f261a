package variablerotor.supplyhouse;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import variablerotor.core.casefile.InputFaults;
import variablerotor.json.Json;

/**
 * A simulated supply house on loopback: search, price, stock and lead time over HTTP. How it
 * behaves can be switched: slow, failing, stocked. Its description is at {@code /openapi.json}.
 */
public final class SupplyHouse implements AutoCloseable {
  private static final int MOST_BYTES = 4096;

  /** Requests that it answers at once; more wait, as a delayed one holds its place. */
  private static final int AT_ONCE = 16;

  private final Catalogue catalogue = new Catalogue();
  private final HttpServer http;
  private final ExecutorService pool = Executors.newFixedThreadPool(AT_ONCE);
  private volatile Mood mood = Mood.GOOD;

  /**
   * @param port 0 for any that is free
   * @throws IOException where the port is taken
   */
  public SupplyHouse(int port) throws IOException {
    http = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 64);
    http.createContext("/", this::answer);
    http.setExecutor(pool);
    http.start();
  }

  public int port() {
    return http.getAddress().getPort();
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      String path = exchange.getRequestURI().getPath();
      String method = exchange.getRequestMethod();
      if (path.equals("/v1/mood")) {
        mood(exchange, method);
      } else if (!method.equals("GET")) {
        send(exchange, 405, Map.of("detail", "allowed is GET"));
      } else if (path.equals("/openapi.json")) {
        send(exchange, 200, Catalogue.text("openapi.json"));
      } else {
        moody(exchange, path);
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  private void mood(HttpExchange exchange, String method) throws IOException {
    if (method.equals("PUT")) {
      try {
        byte[] body = exchange.getRequestBody().readNBytes(MOST_BYTES);
        mood = Mood.read(Json.read(new String(body, StandardCharsets.UTF_8)));
      } catch (InputFaults | IllegalArgumentException wrong) {
        send(exchange, 400, Map.of("detail", String.valueOf(wrong.getMessage())));
        return;
      }
    }
    send(exchange, 200, mood.tree());
  }

  private void moody(HttpExchange exchange, String path) throws IOException, InterruptedException {
    Mood now = mood;
    Thread.sleep(now.delayMs());
    switch (now.fails()) {
      case ERROR -> send(exchange, 503, Map.of("detail", "closed for stocktaking"));
      case GARBAGE -> send(exchange, 200, "<html>Please sign in to the wireless network");
      case DROP -> {
        // Closed without a word.
      }
      case NONE -> parts(exchange, path, now);
    }
  }

  private void parts(HttpExchange exchange, String path, Mood now) throws IOException {
    List<Map<String, Object>> found;
    if (path.equals("/v1/parts")) {
      String query = exchange.getRequestURI().getRawQuery();
      String numbers = given(query, "numbers");
      found = numbers.isEmpty() ? catalogue.find(given(query, "q")) : catalogue.numbered(numbers);
    } else if (path.startsWith("/v1/parts/")) {
      found = catalogue.numbered(path.substring("/v1/parts/".length()));
      if (found.isEmpty()) {
        send(exchange, 404, Map.of("detail", "no such number"));
        return;
      }
    } else {
      send(exchange, 404, Map.of("detail", "no such address; see /openapi.json"));
      return;
    }
    Map<String, Object> body = new LinkedHashMap<>();
    body.put("parts", found.stream().map(now::told).toList());
    send(exchange, 200, body);
  }

  private static String given(String query, String name) {
    for (String pair : query == null ? new String[0] : query.split("&")) {
      if (pair.startsWith(name + "=")) {
        return URLDecoder.decode(pair.substring(name.length() + 1), StandardCharsets.UTF_8);
      }
    }
    return "";
  }

  private static void send(HttpExchange exchange, int status, Object tree) throws IOException {
    send(exchange, status, Json.write(tree));
  }

  private static void send(HttpExchange exchange, int status, String text) throws IOException {
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    exchange.getResponseHeaders().set("Content-Type", "application/json");
    exchange.sendResponseHeaders(status, bytes.length);
    exchange.getResponseBody().write(bytes);
  }

  @Override
  public void close() {
    http.stop(0);
    pool.shutdownNow();
  }
}
