package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** Somebody of the shop, without a page. */
final class Person {
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String address;

  /** Tobin of the demo, signed in. */
  Person(int port) throws IOException, InterruptedException {
    this(port, "tobin", "quiet-wheel-4");
  }

  Person(int port, String login, String password) throws IOException, InterruptedException {
    address = "http://127.0.0.1:" + port;
    get("/api/session");
    HttpResponse<String> signedIn =
        send(
            "POST",
            "/api/session",
            "{\"login\":\"" + login + "\",\"password\":\"" + password + "\"}");
    assertEquals(200, signedIn.statusCode(), signedIn.body());
  }

  HttpResponse<String> get(String path) throws IOException, InterruptedException {
    return client.send(
        HttpRequest.newBuilder(URI.create(address + path)).build(),
        HttpResponse.BodyHandlers.ofString());
  }

  HttpResponse<String> put(String path, String body) throws IOException, InterruptedException {
    return send("PUT", path, body);
  }

  private HttpResponse<String> send(String method, String path, String body)
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
