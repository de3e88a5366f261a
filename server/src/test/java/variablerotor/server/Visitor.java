package variablerotor.server;

import java.net.CookieManager;
import java.net.http.HttpClient;
import java.net.http.HttpHeaders;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import variablerotor.core.casefile.InputFaults;
import variablerotor.json.Json;

/** A browser reduced to its requests: cookies, and the token that changes need. */
public final class Visitor {
  /** What came back. */
  public record Answer(int status, String body, HttpHeaders headers) {
    /** The value at a path such as {@code diagnosis.verdict.suspects.0}. */
    public Object at(String path) {
      Object node;
      try {
        node = Json.read(body);
      } catch (InputFaults faults) {
        throw new IllegalStateException("no JSON: " + body, faults);
      }
      for (String step : path.isEmpty() ? new String[0] : path.split("\\.")) {
        node =
            node instanceof List<?> list
                ? (Integer.parseInt(step) < list.size() ? list.get(Integer.parseInt(step)) : null)
                : node instanceof Map<?, ?> map ? map.get(step) : null;
      }
      return node;
    }

    public List<?> list(String path) {
      return (List<?>) at(path);
    }
  }

  private final Server server;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();

  Visitor(Server server) {
    this.server = server;
  }

  /** With headers of one's own. */
  public Answer get(String path, Map<String, String> headers) {
    HttpRequest.Builder request = HttpRequest.newBuilder().GET();
    headers.forEach(request::header);
    return exchange(request, path);
  }

  public Answer get(String path) {
    return exchange(HttpRequest.newBuilder().GET(), path);
  }

  /** What stands at the path, as bytes. */
  public byte[] bytes(String path) {
    try {
      return client
          .send(
              HttpRequest.newBuilder(java.net.URI.create(server.url(path))).build(),
              HttpResponse.BodyHandlers.ofByteArray())
          .body();
    } catch (java.io.IOException | InterruptedException fault) {
      throw new IllegalStateException(fault);
    }
  }

  public Answer put(String path, String body) {
    return send("PUT", path, body);
  }

  public Answer put(String path, String body, Map<String, String> headers) {
    HttpRequest.Builder request = changing("PUT", body);
    headers.forEach(request::header);
    return exchange(request, path);
  }

  public Answer send(String method, String path, String body) {
    return exchange(changing(method, body), path);
  }

  private HttpRequest.Builder changing(String method, String body) {
    return HttpRequest.newBuilder()
        .method(method, HttpRequest.BodyPublishers.ofString(body))
        .header("Content-Type", "application/json")
        .header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
  }

  public Answer exchange(HttpRequest.Builder request, String path) {
    HttpResponse<String> response = Server.exchange(client, request, server.url(path));
    return new Answer(response.statusCode(), response.body(), response.headers());
  }

  /** All cookies, as a request has them. */
  public String cookies() {
    return cookies.getCookieStore().getCookies().stream()
        .map(one -> one.getName() + "=" + one.getValue())
        .collect(java.util.stream.Collectors.joining("; "));
  }

  public String cookie(String name) {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals(name))
        .map(java.net.HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  /**
   * Names the edition in force of something in a list, as a change does; nothing where it is new.
   */
  public String base(String list, Object id) {
    for (Object row : get(list).list("")) {
      Map<?, ?> one = (Map<?, ?>) row;
      if (one.get("id").equals(String.valueOf(id))) {
        return "?base=" + one.get("edition");
      }
    }
    return "";
  }

  /** Opens a call, on a unit of its own, and gives its path. */
  public String openCall() {
    String path = "/api/calls/" + UUID.randomUUID();
    Answer answer =
        put(
            path,
            """
            {"place":"Test Quay","unitName":"Unit %s","complaint":"","symptom":"NO_RUN",
             "unit":{"kind":"AIR_HANDLER","heating":["ELECTRIC"],"installed":"2022-01-01",
                     "warrantyUntil":"2024-01-01","boardNeedsFeedback":false},
             "motor":{"family":"CONSTANT_TORQUE","volts":"208-230","moduleSoldAlone":true}}"""
                .formatted(UUID.randomUUID().toString().substring(0, 8)));
    if (answer.status() != 200) {
      throw new IllegalStateException(answer.toString());
    }
    return path;
  }

  public Answer read(String call, String fact, String json) {
    return put(
        call + "/readings/" + UUID.randomUUID(),
        "{\"fact\":\"" + fact + "\",\"value\":" + json + "}");
  }

  /** Where the shop's figures are set anew, from those that are in force. */
  public String settings() {
    Object edition = get("/api/shop/settings").at("edition");
    String base = edition == null ? "" : "?base=" + edition;
    return "/api/shop/settings/" + UUID.randomUUID() + base;
  }
}
