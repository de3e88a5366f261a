package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;
import variablerotor.sampling.Share;

/** Power cuts, dead radio, ended sessions: nothing that was entered is lost. */
@Browsing.Alone
@ExtendWith(Browsing.class)
@Order(2)
@Sampled(6)
class LossTest {
  private final Browsing browsing;

  LossTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private static String id(Page page) {
    return page.url().replaceAll(".*/calls/([^/]+).*", "$1");
  }

  private long readings(String call) {
    return browsing
        .application()
        .count("select count(*) from reading where call_id = '" + call + "'");
  }

  /** A row of saves over HTTP, the server killed in the middle of it. */
  @Test
  @Sampled(1)
  void everyAcknowledgedReadingIsThereAfterAKill() throws Exception {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.openCall(page, "Kill Fen");
    String call = id(page);
    String token =
        page.context().cookies().stream()
            .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
            .findFirst()
            .orElseThrow()
            .value;
    // Killed from aside once the row is well under way, wherever the saves then are.
    CountDownLatch underWay = new CountDownLatch(10);
    Thread killer =
        new Thread(
            () -> {
              try {
                underWay.await();
              } catch (InterruptedException fault) {
                Thread.currentThread().interrupt();
              }
              browsing.application().kill();
            });
    List<String> acknowledged = new ArrayList<>();
    boolean cut = false;
    killer.start();
    for (int i = 0; i < 900 && !cut; i++) {
      String reading = UUID.randomUUID().toString();
      try {
        APIResponse answer =
            page.request()
                .put(
                    browsing.application().url() + "/api/calls/" + call + "/readings/" + reading,
                    RequestOptions.create()
                        .setHeader("X-XSRF-TOKEN", token)
                        .setData(Map.of("fact", "line.volts", "value", 200 + i % 50)));
        if (answer.status() == 200) {
          acknowledged.add(reading);
          underWay.countDown();
        }
      } catch (PlaywrightException gone) {
        cut = true;
      }
    }
    killer.join();
    assertTrue(cut, "the server was killed in the middle of the row");
    assertTrue(acknowledged.size() >= 10, "some were acknowledged: " + acknowledged.size());
    browsing.application().launch();
    // The session outlives the process, too.
    APIResponse after = page.request().get(browsing.application().url() + "/api/calls/" + call);
    assertEquals(200, after.status());
    String body = after.text();
    Set<String> missing = new HashSet<>(acknowledged);
    missing.removeIf(body::contains);
    assertEquals(Set.of(), missing);
  }

  @Test
  void whatIsEnteredWhileTheServerIsDownIsSentWhenItIsBack() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(page, "Downtime Dock");
    String call = id(page);
    // The rules are on the device by then.
    OnCall.numbers(page, "Measure line voltage", Map.of("line.volts", "239"));
    browsing.application().kill();
    OnCall.choose(page, "Measure line voltage");
    page.locator("input[name='line.volts']").fill("241");
    page.locator("input[name='line.volts']").press("Enter");
    assertThat(page.locator(".waiting").first()).containsText("kept here, no connection");
    // It counts at once, whoever is away.
    assertThat(page.locator(".chain button[aria-label='Supply: good, 241 V']")).isVisible();
    OnCall.choose(page, "Measure line voltage");
    page.locator("input[name='line.volts']").fill("240");
    page.locator("input[name='line.volts']").press("Enter");
    assertThat(page.locator(".chain button[aria-label='Supply: good, 240 V']")).isVisible();
    browsing.application().launch();
    OnCall.settled(page);
    assertThat(page.locator(".chain button[aria-label='Supply: good, 240 V']")).isVisible();
    assertEquals(3, readings(call));
  }

  /** Said within seconds, in words, and not as a fault of the server. */
  @Test
  void aDatabaseThatIsGoneIsSaid() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    browsing.application().database(false);
    try {
      long begin = System.nanoTime();
      APIResponse answer = page.request().get(browsing.application().url() + "/api/calls");
      long millis = (System.nanoTime() - begin) / 1_000_000;
      assertEquals(503, answer.status(), answer.text());
      assertTrue(answer.text().contains("The database does not answer"), answer.text());
      System.out.println("without a database answered after " + millis + " ms");
      // The page itself comes, and says so until it is over.
      page.navigate(browsing.application().url() + "/");
      assertThat(page.getByText("The database does not answer").first()).isVisible();
    } finally {
      browsing.application().database(true);
    }
    assertThat(page.getByText("The database does not answer")).hasCount(0);
    assertThat(page.locator("main")).containsText("Withy Eyot boathouse");
  }

  /** A device with no room left says so; what is entered meanwhile waits in the page. */
  @Test
  void aFullDeviceSaysSoAndLosesNothing() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(page, "Brim Lock");
    String call = id(page);
    // What a browser's database answers where there is no room.
    page.evaluate(
        "() => { IDBObjectStore.prototype.add = () => {"
            + " throw new DOMException('no room', 'QuotaExceededError') } }");
    page.context().setOffline(true);
    page.locator("input[name='line.volts']").fill("238");
    page.locator("input[name='line.volts']").press("Enter");
    assertThat(page.getByText("This device can keep nothing more")).isVisible();
    assertThat(page.locator(".waiting").first()).containsText("1 kept here, no connection");
    page.context().setOffline(false);
    assertThat(page.locator(".chain button[aria-label='Supply: good, 238 V']")).isVisible();
    OnCall.settled(page);
    assertEquals(1, readings(call));
  }

  @Test
  void whatIsEnteredWithoutRadioOutlivesALostPage() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(page, "Radio Hollow");
    String call = id(page);
    page.context().setOffline(true);
    page.locator("input[name='line.volts']").fill("239");
    page.locator("input[name='line.volts']").press("Enter");
    assertThat(page.locator(".waiting").first()).containsText("kept here, no connection");
    assertEquals(0, readings(call));
    page.close();
    Page again = page.context().newPage();
    again.context().setOffline(false);
    again.navigate(browsing.application().url() + "/calls/" + call + "/prove");
    assertThat(again.locator(".chain button[aria-label='Supply: good, 239 V']")).isVisible();
    OnCall.settled(again);
    assertEquals(1, readings(call));
  }

  @Test
  void anEndedSessionAsksForThePasswordAndLosesNothing() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.openCall(page, "Session Yard");
    String call = id(page);
    browsing.application().sql("delete from spring_session");
    page.locator("input[name='line.volts']").fill("242");
    page.locator("input[name='line.volts']").press("Enter");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Your session has ended");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("1 entry waits");
    page.getByRole(AriaRole.DIALOG).getByLabel("Password").fill("quiet-wheel-4");
    page.getByRole(AriaRole.DIALOG).getByLabel("Password").press("Enter");
    assertThat(page.locator(".chain button[aria-label='Supply: good, 242 V']")).isVisible();
    OnCall.settled(page);
    assertEquals(1, readings(call));
  }

  /** One reading in each of two tabs without radio, both closed: both reach the shop. */
  @Test
  void twoTabsWithoutRadioLoseNothing() {
    Page one = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(one, "Two Tabs Terrace");
    String call = id(one);
    Page two = one.context().newPage();
    two.navigate(one.url());
    two.locator("input[name='line.volts']").waitFor();
    one.context().setOffline(true);
    for (Page tab : List.of(one, two)) {
      if (tab == two) {
        assertThat(two.locator(".chain button[aria-label='Supply: good, 238 V']")).isVisible();
      }
      OnCall.choose(tab, "Measure line voltage");
      tab.locator("input[name='line.volts']").fill(tab == one ? "238" : "236");
      tab.locator("input[name='line.volts']").press("Enter");
      assertThat(tab.locator("button.waiting")).containsText("kept here, no connection");
    }
    one.close();
    two.close();
    Page later = one.context().newPage();
    one.context().setOffline(false);
    later.navigate(browsing.application().url() + "/calls/" + call + "/prove");
    assertThat(later.locator(".chain button[aria-label='Supply: good, 236 V']")).isVisible();
    OnCall.settled(later);
    assertEquals(2, readings(call));
  }

  /**
   * Every third request is lost, and of every third the answer, after the server took it: all
   * arrives, in its order, and nothing twice; and what is shown is never behind.
   */
  @Test
  void aRadioThatComesAndGoesLosesNothingAndDoublesNothing() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(page, "Flicker Mere");
    String call = id(page);
    OnCall.numbers(page, "Measure line voltage", Map.of("line.volts", "230"));
    int[] asked = {0};
    page.route(
        "**/readings/**",
        route -> {
          int turn = asked[0]++ % 3;
          if (turn == 1) {
            route.fetch();
          }
          if (turn == 2) {
            route.resume();
          } else {
            route.abort();
          }
        });
    for (int volts = 231; volts <= 235; volts++) {
      OnCall.choose(page, "Measure line voltage");
      page.locator("input[name='line.volts']").fill("" + volts);
      page.locator("input[name='line.volts']").press("Enter");
      String shown = ".chain button[aria-label='Supply: good, " + volts + " V']";
      assertThat(page.locator(shown)).isVisible();
    }
    // Each save goes out three times, three seconds apart.
    assertThat(page.locator("button.waiting"))
        .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(90_000));
    OnCall.settled(page);
    assertThat(page.locator(".chain button[aria-label='Supply: good, 235 V']")).isVisible();
    assertEquals(6, readings(call));
    assertEquals(6, inOrder(call, 230));
  }

  /** How many readings of a call are each one volt more than the one before, from the first. */
  private long inOrder(String call, int first) {
    return browsing
        .application()
        .count(
            "select count(*) from (select value, row_number() over (order by seq) as place from"
                + " reading where call_id = '"
                + call
                + "') as sent where value::numeric = place + "
                + (first - 1));
  }

  /** The server dies again and again while the page sends: all arrives, once, in its order. */
  @Test
  void killedAgainAndAgainWhileThePageSends() {
    int kills = Share.ALL ? 100 : 2;
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.openCall(page, "Nine Lives Lane");
    String call = id(page);
    OnCall.numbers(page, "Measure line voltage", Map.of("line.volts", "200"));
    Random random = new Random(20261130);
    for (int kill = 1; kill <= kills; kill++) {
      OnCall.choose(page, "Measure line voltage");
      page.locator("input[name='line.volts']").fill("" + (200 + kill));
      // Not before one is on its way: this one, or an earlier one whose answer never came.
      page.waitForRequest(
          request -> request.method().equals("PUT") && request.url().contains("/readings/"),
          () -> page.locator("input[name='line.volts']").press("Enter"));
      page.waitForTimeout(random.nextInt(1_500));
      browsing.application().kill();
      browsing.application().launch();
    }
    OnCall.settled(page);
    assertEquals(kills + 1, readings(call));
    assertEquals(kills + 1, inOrder(call, 200));
  }

  /** What one person entered is never another's, whoever signs in on the device meanwhile. */
  @Test
  void aWaitingReadingKeepsItsAuthor() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.openCall(page, "Author Alley");
    String call = id(page);
    page.route("**/readings/**", route -> route.abort());
    page.locator("input[name='line.volts']").fill("237");
    page.locator("input[name='line.volts']").press("Enter");
    assertThat(page.locator("button.waiting")).containsText("kept here");
    OnCall.button(page, "Tobin Ashgrove: menu").click();
    OnCall.button(page, "Sign out").click();
    page.unroute("**/readings/**");
    OnCall.button(page, "Ines Kallow").click();
    page.locator(".calls").waitFor();
    assertThat(page.locator("button.waiting")).containsText("1 entry of Tobin Ashgrove kept here");
    page.locator("button.waiting").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("under no other name");
    assertEquals(0, readings(call));
    page.keyboard().press("Escape");
    OnCall.button(page, "Ines Kallow: menu").click();
    OnCall.button(page, "Sign out").click();
    OnCall.button(page, "Tobin Ashgrove").click();
    page.locator(".calls").waitFor();
    OnCall.settled(page);
    String author =
        "select count(*) from reading join account on account.id = reading.author where login ="
            + " 'tobin' and call_id = '";
    assertEquals(1, browsing.application().count(author + call + "'"));
  }

  /** Without a connection the device is shut all the same, and the server hears of it later. */
  @Test
  void signedOutWithoutAConnectionIsSignedOut() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    page.context().setOffline(true);
    page.getByLabel("Tobin Ashgrove: menu").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign out")).click();
    assertThat(page.getByText("Signed out on this device.")).isVisible();
    AccessibilityTest.check(page, "signed out without a connection");
    page.context().setOffline(false);
    assertThat(page.getByText("Signed out on this device.")).hasCount(0);
    page.navigate("/");
    assertThat(page.getByLabel("Password")).isVisible();
    APIResponse now = page.request().get(browsing.application().url() + "/api/session");
    assertFalse(now.text().contains("\"account\""), now.text());
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** A link to what was never loaded says so, keeps what is here, and leads there later. */
  @Test
  void aRoomThatIsNotOnTheDeviceIsSaid() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.context().setOffline(true);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sources")).click();
    assertThat(page.getByText("That page is not on this device yet")).isVisible();
    assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open a call")))
        .isVisible();
    page.context().setOffline(false);
    page.locator(".trouble button").click();
    assertThat(page.getByText("That page is not on this device yet")).hasCount(0);
    assertThat(page.locator("h1").first()).isVisible();
    assertTrue(page.url().contains("about"), page.url());
  }
}
