package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** The shop's network: TLS by a certificate of the shop's own, and nothing without. */
@Order(3)
class NetworkTest {
  /** Known to nobody but the browser of this test. */
  private static final String NAME = "rotor.shop.test";

  private Path data;

  @BeforeEach
  void newFolder() throws Exception {
    data = Files.createTempDirectory("rotor-network");
  }

  @AfterEach
  void clear() throws Exception {
    new ProcessBuilder("rm", "-rf", data.toString()).start().waitFor();
  }

  private Path made(String file) {
    return data.resolve("certificates").resolve(file);
  }

  private int certificate(String... more) throws Exception {
    List<String> words = new java.util.ArrayList<>(List.of("certificate"));
    words.addAll(List.of(more));
    words.addAll(List.of("--data", data.toString()));
    return Running.command(words.toArray(String[]::new));
  }

  /** What it says before it gives up. */
  private String refusal(String... more) throws Exception {
    Running running = Running.start(data, Map.of(), more);
    assertEquals(1, running.process().waitFor(), running.text());
    return running.text();
  }

  @Test
  void beyondThisMachineNothingGoesInClear() throws Exception {
    assertTrue(refusal("--listen", "0.0.0.0").contains("--certificate FILE --key FILE"));
    assertTrue(refusal("--listen", "192.168.1.300").contains("--listen: found '192.168.1.300'"));
    assertTrue(refusal("--certificate", "x").contains("--certificate and --key go together"));
    assertTrue(refusal("--behind-proxy", "the proxy").contains("--behind-proxy: found"));
    assertEquals(1, certificate("no name"));

    assertEquals(0, certificate("one.shop.test"));
    String certificate = made("server.crt").toString();
    Path foreign = made("authority.key");
    assertTrue(
        refusal("--certificate", certificate, "--key", foreign.toString())
            .contains("is not that of"));
    assertTrue(
        refusal("--certificate", certificate, "--key", data + "/none")
            .contains("--key: cannot read"));
    // The authority of the shop speaks for its names alone.
    assertEquals(1, certificate("bank.example"));
    assertEquals(0, certificate("one.shop.test"), "renewed, by the same authority");
    assertEquals(0, certificate("bank.example", "--new-authority"));
  }

  @Test
  @InTurn(InTurn.Story.TRUSTED_BY_A_TELEPHONE)
  void aTelephoneThatTrustsTheShopReachesIt() throws Exception {
    assertEquals(0, certificate(NAME));
    int port = Running.freePort();
    Running running =
        Running.start(
            data,
            Map.of(),
            "--port",
            String.valueOf(port),
            "--certificate",
            made("server.crt").toString(),
            "--key",
            made("server.key").toString());
    try {
      running.waitFor("Ctrl-C");
      String address = "https://" + NAME + ":" + port + "/";
      assertTrue(running.text().contains(address), running.text());
      anyClientThatTrustsIt("https://127.0.0.1:" + port + "/api/session");
      inTheBrowser(address);
      // It is asked as everybody is: who watches speaks TLS, too.
      Thread.sleep(12_000);
      assertTrue(!running.text().contains("has not answered"), running.text());
    } finally {
      running.interrupt();
    }
  }

  private void anyClientThatTrustsIt(String address) throws Exception {
    HttpRequest request = HttpRequest.newBuilder(URI.create(address)).build();
    HttpResponse<String> answer =
        HttpClient.newBuilder()
            .sslContext(trusting(made("authority.crt")))
            .build()
            .send(request, HttpResponse.BodyHandlers.ofString());
    assertEquals(200, answer.statusCode());
    assertEquals(HttpClient.Version.HTTP_2, answer.version());
    assertTrue(answer.headers().firstValue("Strict-Transport-Security").isPresent());
    String token = String.join("; ", answer.headers().allValues("Set-Cookie"));
    assertTrue(token.contains("XSRF-TOKEN") && token.contains("Secure"), token);
    assertThrows(
        SSLHandshakeException.class,
        () -> HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.discarding()));
  }

  private static SSLContext trusting(Path authority) throws Exception {
    KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
    trusted.load(null, null);
    try (InputStream in = Files.newInputStream(authority)) {
      trusted.setCertificateEntry(
          "shop", CertificateFactory.getInstance("X.509").generateCertificate(in));
    }
    TrustManagerFactory managers =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    managers.init(trusted);
    SSLContext context = SSLContext.getInstance("TLS");
    context.init(null, managers.getTrustManagers(), null);
    return context;
  }

  /** As on a telephone: it lies on the device afterwards, and opens without the server. */
  private void inTheBrowser(String address) throws Exception {
    try (Playwright playwright = Browsing.playwright()) {
      Path strange = Files.createDirectory(data.resolve("a-stranger"));
      try (Browser browser = browser(playwright, strange)) {
        Page page = browser.newPage();
        PlaywrightException refused =
            assertThrows(PlaywrightException.class, () -> page.navigate(address));
        assertTrue(refused.getMessage().contains("ERR_CERT_AUTHORITY_INVALID"));
      }
      Path home = Files.createDirectory(data.resolve("a-telephone"));
      trust(home);
      try (Browser browser = browser(playwright, home)) {
        Page page = browser.newPage();
        page.navigate(address);
        page.getByLabel("Name").waitFor();
        assertEquals(true, page.evaluate("window.isSecureContext"));
        page.getByLabel("Name").fill("tobin");
        page.getByLabel("Password").fill("quiet-wheel-4");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Open a call").first()).isVisible();
        assertTrue(
            page.context().cookies().stream()
                .anyMatch(one -> one.name.equals("__Host-rotor") && one.secure && one.httpOnly));
        page.evaluate("navigator.serviceWorker.ready.then(() => true)");
        page.context().setOffline(true);
        page.reload();
        assertThat(page.getByText("Open a call").first()).isVisible();
      }
    }
  }

  /** In the list of a person's own authorities, as a telephone's settings put it there. */
  private void trust(Path home) throws Exception {
    Path list = Files.createDirectories(home.resolve(".pki/nssdb"));
    for (String[] command :
        new String[][] {
          {"certutil", "-d", "sql:" + list, "-N", "--empty-password"},
          {
            "certutil",
            "-d",
            "sql:" + list,
            "-A",
            "-t",
            "C,,",
            "-n",
            "shop",
            "-i",
            made("authority.crt").toString()
          }
        }) {
      assertEquals(0, new ProcessBuilder(command).inheritIO().start().waitFor());
    }
  }

  private static Browser browser(Playwright playwright, Path home) {
    Map<String, String> environment = new HashMap<>(System.getenv());
    environment.put("HOME", home.toString());
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setEnv(environment)
                .setExecutablePath(Browsing.CHROMIUM)
                .setArgs(
                    List.of(
                        "--no-sandbox",
                        "--disable-gpu",
                        "--disable-background-networking",
                        "--host-resolver-rules=MAP " + NAME + " 127.0.0.1")));
  }
}
