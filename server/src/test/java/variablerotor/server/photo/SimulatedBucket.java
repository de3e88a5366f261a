package variablerotor.server.photo;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import variablerotor.server.web.Sha256;

/**
 * A bucket as an S3-compatible store has them, in memory: put, get and delete of whole objects. It
 * takes only what is signed under its key, and can be told to misbehave.
 */
final class SimulatedBucket implements AutoCloseable {
  static final String KEY = "simulated-key";

  /** How it behaves. */
  enum Mood {
    WELL,
    /** Answers, and only with faults. */
    FAILS,
    /** Takes everything, and gives back other bytes. */
    SPOILS,
    /** Takes everything, and has nothing. */
    FORGETS
  }

  private final HttpServer server;
  private final Map<String, byte[]> objects = new ConcurrentHashMap<>();
  private volatile Mood mood = Mood.WELL;

  SimulatedBucket() throws IOException {
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext("/photos/", this::answer);
    server.setExecutor(Executors.newCachedThreadPool());
    server.start();
  }

  /** What the application is told of it. */
  String[] settings(String... more) {
    Map<String, String> told = new TreeMap<>();
    told.put("url", "http://127.0.0.1:" + server.getAddress().getPort());
    told.put("bucket", "photos");
    told.put("key", KEY);
    told.put("secret", "simulated-secret");
    for (String one : more) {
      told.put(one.split("=")[0], one.split("=")[1]);
    }
    return told.entrySet().stream()
        .map(one -> "--rotor.photos." + one.getKey() + "=" + one.getValue())
        .toArray(String[]::new);
  }

  void behave(Mood other) {
    mood = other;
  }

  boolean holds(UUID photo) {
    return objects.keySet().stream().anyMatch(key -> key.endsWith("/" + photo));
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      byte[] body = exchange.getRequestBody().readAllBytes();
      String key = exchange.getRequestURI().getPath();
      String signed = String.valueOf(exchange.getRequestHeaders().getFirst("Authorization"));
      String sum = exchange.getRequestHeaders().getFirst("x-amz-content-sha256");
      if (!signed.startsWith("AWS4-HMAC-SHA256 Credential=" + KEY + "/")) {
        fault(exchange, 403, "AccessDenied");
      } else if (mood == Mood.FAILS) {
        fault(exchange, 503, "SlowDown");
      } else if (exchange.getRequestMethod().equals("PUT")) {
        if (!Sha256.of(body).equals(sum)) {
          fault(exchange, 400, "XAmzContentSHA256Mismatch");
          return;
        }
        objects.put(key, body);
        exchange.getResponseHeaders().add("ETag", "\"" + sum.substring(0, 32) + "\"");
        exchange.sendResponseHeaders(200, -1);
      } else if (exchange.getRequestMethod().equals("DELETE")) {
        objects.remove(key);
        exchange.sendResponseHeaders(204, -1);
      } else {
        give(exchange, objects.get(key));
      }
    }
  }

  private void give(HttpExchange exchange, byte[] kept) throws IOException {
    if (kept == null || mood == Mood.FORGETS) {
      fault(exchange, 404, "NoSuchKey");
      return;
    }
    byte[] given = kept.clone();
    if (mood == Mood.SPOILS) {
      given[given.length / 2] ^= 1;
    }
    exchange.sendResponseHeaders(200, given.length);
    exchange.getResponseBody().write(given);
  }

  private static void fault(HttpExchange exchange, int status, String code) throws IOException {
    byte[] told =
        ("<?xml version=\"1.0\"?><Error><Code>" + code + "</Code></Error>")
            .getBytes(StandardCharsets.UTF_8);
    exchange.getResponseHeaders().add("Content-Type", "application/xml");
    exchange.sendResponseHeaders(status, told.length);
    exchange.getResponseBody().write(told);
  }

  @Override
  public void close() {
    server.stop(0);
  }
}
