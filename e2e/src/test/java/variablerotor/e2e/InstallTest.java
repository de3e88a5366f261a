package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is in {@code install/}, tried as far as one machine can. */
class InstallTest {
  private static final Path EXAMPLES = Running.ROOT.resolve("install");

  /** systemd's own measure of what a unit leaves open, from 0 to 100: "ok" ends at 50. */
  private static final String MOST_OPEN = "25";

  @TempDir Path folder;

  private static String ran(String... command) throws Exception {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes());
    assertEquals(0, process.waitFor(), String.join(" ", command) + "\n" + said);
    return said;
  }

  @Test
  void theUnitIsOneAndLeavesLittleOpen() throws Exception {
    String unit = Files.readString(EXAMPLES.resolve("variable-rotor.service"));
    Path here = folder.resolve("variable-rotor.service");
    Files.writeString(here, unit.replace("/opt/variable-rotor", Running.ROOT.toString()));
    String said = ran("systemd-analyze", "verify", "--man=no", here.toString());
    assertFalse(said.contains(here.getFileName() + ":"), said);
    ran("systemd-analyze", "security", "--offline=true", "--threshold=" + MOST_OPEN, "" + here);
  }

  private static SSLContext trusting(Path certificate) throws Exception {
    KeyStore store = KeyStore.getInstance(KeyStore.getDefaultType());
    store.load(null, null);
    try (InputStream in = Files.newInputStream(certificate)) {
      store.setCertificateEntry(
          "proxy", CertificateFactory.getInstance("X.509").generateCertificate(in));
    }
    TrustManagerFactory trust =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    trust.init(store);
    SSLContext context = SSLContext.getInstance("TLS");
    context.init(null, trust.getTrustManagers(), null);
    return context;
  }

  private Process proxy(int port, int behind) throws IOException {
    String server =
        Files.readString(EXAMPLES.resolve("nginx.conf"))
            .replace("443 ssl", "127.0.0.1:" + port + " ssl")
            .replace("/etc/variable-rotor", folder.toString())
            .replace("rotor.example", "localhost")
            .replace("127.0.0.1:8420", "127.0.0.1:" + behind);
    Path conf = folder.resolve("nginx.conf");
    String paths = "";
    for (String kind : List.of("client_body", "proxy", "fastcgi", "uwsgi", "scgi")) {
      paths += kind + "_temp_path " + folder.resolve(kind) + ";\n";
    }
    Files.writeString(
        conf,
        "daemon off;\npid %s/pid;\nerror_log %s/error.log;\nevents {}\nhttp {\naccess_log off;\n%s%s}\n"
            .formatted(folder, folder, paths, server));
    return new ProcessBuilder("/usr/sbin/nginx", "-p", folder.toString(), "-c", conf.toString())
        .inheritIO()
        .start();
  }

  @Test
  @InTurn(InTurn.Story.BEHIND_A_PROXY)
  void behindTheProxyEverythingIsAsItIsWithoutOne() throws Exception {
    ran(
        "openssl",
        "req",
        "-x509",
        "-newkey",
        "ec",
        "-pkeyopt",
        "ec_paramgen_curve:prime256v1",
        "-nodes",
        "-days",
        "2",
        "-subj",
        "/CN=localhost",
        "-addext",
        "subjectAltName=DNS:localhost",
        "-keyout",
        folder.resolve("server.key").toString(),
        "-out",
        folder.resolve("server.crt").toString());
    int front = Running.freePort();
    int port = Running.freePort();
    // The database runs under another user, who has to get there.
    assertTrue(folder.toFile().setExecutable(true, false));
    Path data = Files.createDirectory(folder.resolve("data"));
    String at = "https://localhost:" + front;
    Running running =
        Running.start(
            data,
            Map.of(),
            "--port",
            String.valueOf(port),
            "--behind-proxy",
            "127.0.0.1",
            "--address",
            at);
    Process proxy = proxy(front, port);
    try {
      running.waitFor("Variable Rotor is at");
      assertEquals(0, Running.command("health", "--data", data.toString()));
      CookieManager cookies = new CookieManager();
      HttpClient client =
          HttpClient.newBuilder()
              .sslContext(trusting(folder.resolve("server.crt")))
              .cookieHandler(cookies)
              .connectTimeout(Duration.ofSeconds(20))
              .build();
      HttpResponse<String> page = ask(client, at + "/api/session", null, cookies);
      assertEquals(HttpClient.Version.HTTP_2, page.version());
      assertTrue(page.body().contains("\"passkeysAt\":\"" + at + "\""), page.body());
      assertTrue(page.headers().firstValue("Strict-Transport-Security").isPresent());
      HttpResponse<String> in =
          ask(
              client,
              at + "/api/session",
              "{\"login\":\"ines\",\"password\":\"copper-star-7\"}",
              cookies);
      assertEquals(200, in.statusCode(), in.body());
      assertTrue(
          in.headers().allValues("Set-Cookie").stream()
              .anyMatch(one -> one.startsWith("__Host-rotor=") && one.contains("Secure")),
          in.headers().toString());
      // Who asks is who the proxy saw, whatever the request said of itself.
      String told = ask(client, at + "/api/audit?field=COMING_IN", null, cookies).body();
      assertTrue(told.contains("by password, from 127.0.0.1"), told);
      assertFalse(told.contains("203.0.113.9"), told);
    } finally {
      proxy.destroy();
      proxy.waitFor(20, TimeUnit.SECONDS);
      running.interrupt();
    }
    assertEquals(1, Running.command("health", "--data", data.toString()));
  }

  private static HttpResponse<String> ask(
      HttpClient client, String at, String body, CookieManager cookies) throws Exception {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(at)).header("X-Forwarded-For", "203.0.113.9");
    if (body != null) {
      String token =
          cookies.getCookieStore().getCookies().stream()
              .filter(one -> one.getName().equals("XSRF-TOKEN"))
              .map(HttpCookie::getValue)
              .findFirst()
              .orElseThrow();
      request
          .header("Content-Type", "application/json")
          .header("X-XSRF-TOKEN", token)
          .POST(HttpRequest.BodyPublishers.ofString(body));
    }
    return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }
}
