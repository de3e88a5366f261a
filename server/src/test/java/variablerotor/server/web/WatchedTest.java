package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.core.env.Environment;
import variablerotor.sampling.Sampled;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Health and figures for machines, on an address of their own. */
class WatchedTest {
  /** A line of the text format: OpenMetrics 1.0, section 4.1, as far as it is used here. */
  private static final Pattern LINE =
      Pattern.compile(
          "# (TYPE|HELP|UNIT) \\S+( .*)?|# EOF"
              + "|[a-zA-Z_:][a-zA-Z0-9_:]*(\\{([a-zA-Z_]+=\"[^\"]*\",?)*})? ([-+0-9.eE]+|NaN|[-+]Inf)( [0-9.]+)?");

  private static HttpResponse<String> asked(String address, String accept)
      throws IOException, InterruptedException {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(address)).header("Accept", accept).build(),
            HttpResponse.BodyHandlers.ofString());
  }

  @Test
  @Sampled(2)
  void healthAndFiguresAreForMachinesAlone() throws Exception {
    try (Server server = Server.told(true, "--management.server.port=0")) {
      String port =
          Objects.requireNonNull(
              server.bean(Environment.class).getProperty("local.management.port"));
      String watched = "http://127.0.0.1:" + port + "/actuator/";
      for (String state : List.of("health", "health/liveness", "health/readiness")) {
        assertEquals(200, asked(watched + state, "application/json").statusCode(), state);
      }
      Visitor tobin = server.technician();
      String call = tobin.openCall();
      tobin.read(call, "line.volts", "243.5");
      assertFalse(tobin.get("/actuator/health").body().contains("UP"), "not where people ask");
      assertFalse(tobin.get("/actuator/prometheus").body().contains("rotor_saves"));

      HttpResponse<String> figures =
          asked(watched + "prometheus", "application/openmetrics-text; version=1.0.0");
      assertTrue(
          figures.headers().firstValue("Content-Type").orElse("").contains("openmetrics"),
          figures.headers().toString());
      String text = figures.body();
      List<String> odd = text.lines().filter(line -> !LINE.matcher(line).matches()).toList();
      assertEquals(List.of(), odd);
      assertTrue(text.endsWith("# EOF\n"));
      for (String one :
          List.of(
              "http_server_requests_seconds_bucket",
              "rotor_saves_total{what=\"reading\"",
              "rotor_verdict_seconds_bucket",
              "hikaricp_connections_active",
              "jvm_memory_used_bytes")) {
        assertTrue(text.contains(one), one);
      }
      for (String named : List.of("243.5", "Tobin", "tobin", call.substring(11))) {
        assertFalse(text.contains(named), named);
      }
      whyNot(server, watched);
    }
  }

  /** A database that takes nobody: alive, not ready, and it says why. */
  private static void whyNot(Server server, String watched) throws Exception {
    server.cluster().shut();
    HttpResponse<String> ready = asked(watched + "health/readiness", "application/json");
    assertEquals(503, ready.statusCode(), ready.body());
    assertTrue(ready.body().contains("\"db\""), ready.body());
    assertEquals(200, asked(watched + "health/liveness", "application/json").statusCode());
  }
}
