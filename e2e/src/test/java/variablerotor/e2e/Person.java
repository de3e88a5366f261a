package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.stream.Stream;

/** Somebody of the shop, without a page. */
final class Person {
  private final CookieManager cookies;
  private final HttpClient client;
  private final String address;

  /** Tobin of the demo, signed in. */
  Person(int port) throws IOException, InterruptedException {
    this(port, "tobin", "quiet-wheel-4");
  }

  Person(int port, String login, String password) throws IOException, InterruptedException {
    this(port, new CookieManager());
    get("/api/session");
    HttpResponse<String> signedIn =
        send(
            "POST",
            "/api/session",
            "{\"login\":\"" + login + "\",\"password\":\"" + password + "\"}");
    assertEquals(200, signedIn.statusCode(), signedIn.body());
  }

  private Person(int port, CookieManager cookies) {
    this.cookies = cookies;
    client = HttpClient.newBuilder().cookieHandler(cookies).build();
    address = "http://127.0.0.1:" + port;
  }

  /** Somebody who is not signed in. */
  static Person stranger(int port) throws IOException, InterruptedException {
    Person stranger = new Person(port, new CookieManager());
    stranger.get("/api/session");
    return stranger;
  }

  /** The same, with the same session, who asks another process. */
  Person at(int port) {
    return new Person(port, cookies);
  }

  /** What a stream says, line by line, until it ends. */
  Stream<String> lines(String path) throws IOException, InterruptedException {
    return client
        .send(
            HttpRequest.newBuilder(URI.create(address + path)).build(),
            HttpResponse.BodyHandlers.ofLines())
        .body();
  }

  HttpResponse<String> get(String path) throws IOException, InterruptedException {
    return client.send(
        HttpRequest.newBuilder(URI.create(address + path)).build(),
        HttpResponse.BodyHandlers.ofString());
  }

  HttpResponse<String> put(String path, String body) throws IOException, InterruptedException {
    return send("PUT", path, body);
  }

  HttpResponse<String> send(String method, String path, String body)
      throws IOException, InterruptedException {
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(one -> one.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .orElse("");
    return client.send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", token)
            .method(method, HttpRequest.BodyPublishers.ofString(body))
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }
}
