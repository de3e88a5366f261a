package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.button;
import static variablerotor.e2e.OnCall.settled;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;

/** The page on the device: opened anew without a radio, whichever of its rooms. */
@ExtendWith(Browsing.class)
@Sampled(6)
class PocketTest {
  private static final String TOLD =
      """
      {"place":"Bittern Hide","unitName":"%s","complaint":"hums","symptom":"NO_RUN",
       "motor":{"family":"CONSTANT_TORQUE","volts":"208-230"}}""";

  private final Browsing browsing;

  PocketTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private static String call(Page page) {
    return page.url().replaceAll(".*/calls/([^/]+).*", "$1");
  }

  @Test
  void openedAnewWithoutARadioItShowsWhatItKnowsAndKeepsWhatIsEntered() {
    Page page = browsing.onTheDevice(Browsing.Size.PHONE);
    page.waitForResponse(
        "**/api/calls/shop", () -> Browsing.callTold(page, TOLD.formatted("Loft")));
    String call = call(page);
    OnCall.numbers(page, "Measure the command at the motor", Map.of("command.volts", "25"));
    page.navigate("/");
    assertThat(page.getByText("Bittern Hide").first()).isVisible();

    page.context().setOffline(true);
    page.reload();
    assertThat(page.getByText("Bittern Hide").first()).isVisible();
    assertThat(page.getByText("No answer from the server: shown as it stood")).isVisible();
    // A room that was never in sight, and the call at a stage that was not.
    page.navigate("/practice");
    assertThat(page.getByText("Which motor?")).isVisible();
    page.navigate("/calls/" + call + "/prove");
    assertThat(page.getByText("Bittern Hide").first()).isVisible();
    // What was sent before the radio went is here as well.
    assertThat(page.locator(".chain button[aria-label*='25 V']")).hasCount(1);
    tell(page, "Measure line voltage", "line.volts", "241");
    assertThat(page.locator(".chain button[aria-label='Supply: good, 241 V']")).isVisible();
    assertThat(page.locator("button.waiting")).isVisible();

    // The telephone died: another page, still without a radio, has what was entered.
    Page again = page.context().newPage();
    page.close();
    again.navigate("/calls/" + call + "/prove");
    assertThat(again.locator("button.waiting")).isVisible();
    assertThat(again.locator(".chain button[aria-label='Supply: good, 241 V']")).isVisible();
    again.context().setOffline(false);
    again.evaluate("window.dispatchEvent(new Event('online'))");
    settled(again);
    assertThat(again.getByText("No answer from the server: shown as it stood")).not().isVisible();
    String kept = again.request().get(browsing.application().url() + "/api/calls/" + call).text();
    assertTrue(kept.contains("241"), kept);
    assertEquals(List.of(), Browsing.faults(page));
  }

  private static void tell(Page page, String ask, String... pairs) {
    OnCall.choose(page, ask);
    for (int at = 0; at < pairs.length; at += 2) {
      page.locator("input[name='" + pairs[at] + "']").fill(pairs[at + 1]);
      page.locator("input[name='" + pairs[at] + "']").press("Enter");
    }
  }

  private static void say(Page page, String ask, String answer) {
    OnCall.choose(page, ask);
    page.locator(".choices button", new Page.LocatorOptions().setHasText(answer)).first().click();
  }

  /**
   * In a crawl space: a call is opened, read to its verdict, chosen and reloaded without a radio;
   * with it, the server says the same to the last field.
   */
  @Test
  void aWholeCallIsWorkedOutWithoutARadio() {
    Page page = browsing.onTheDevice(Browsing.Size.PHONE);
    // What the day needs was read once: a call, and what the shop brings.
    page.waitForResponse(
        "**/api/calls/shop", () -> Browsing.callTold(page, TOLD.formatted("Before")));
    settled(page);
    page.navigate("/");
    assertThat(page.getByText("Bittern Hide").first()).isVisible();
    page.context().setOffline(true);

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open a call")).click();
    page.getByLabel("Where").fill("Sedge Cut");
    button(page, "Does not run").click();
    button(page, "Constant-torque blower").click();
    button(page, "Open the call").click();
    assertThat(page.getByText("Sedge Cut").first()).isVisible();
    String call = call(page);
    page.navigate("/calls/" + call + "/prove");
    tell(page, "Measure line voltage", "line.volts", "241");
    assertThat(page.locator(".chain button[aria-label^='Supply: good']")).isVisible();
    tell(page, "Measure the command at the motor", "command.volts", "25");
    say(page, "Look at both plugs", "All seated");
    say(page, "Turn the wheel by hand", "Free");
    tell(
        page,
        "Measure the three winding pairs",
        "winding.ab",
        "22",
        "winding.bc",
        "22",
        "winding.ca",
        "22");
    tell(
        page,
        "Measure each lead to bare frame",
        "winding.frame.a",
        "OL",
        "winding.frame.b",
        "OL",
        "winding.frame.c",
        "OL");
    assertThat(page.getByText("It is the module").first()).isVisible();

    // A reload in the middle; the list knows the call that no server has seen.
    page.reload();
    assertThat(page.getByText("It is the module").first()).isVisible();
    page.navigate("/");
    assertThat(page.getByText("On this device alone")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sedge Cut")).click();
    page.navigate("/calls/" + call + "/choose");
    page.locator(".side-by-side").waitFor();
    OnCall.show(page, "Same motor");
    button(page, "Choose this: Same motor").click();
    button(page, "Choose same motor").click();
    assertThat(page.getByLabel("What was chosen")).containsText("Same motor");
    String ways = page.locator(".side-by-side").textContent();

    page.context().setOffline(false);
    page.evaluate("window.dispatchEvent(new Event('online'))");
    settled(page);
    assertThat(page.getByLabel("What was chosen")).containsText("Same motor");
    String url = browsing.application().url() + "/api/calls/" + call;
    String kept = page.request().get(url).text();
    assertTrue(kept.contains("\"suspects\":[\"MODULE\"]"), kept);
    // What stood on the screen was what the server says: shown anew, it is the same.
    page.reload();
    page.locator(".side-by-side").waitFor();
    OnCall.show(page, "Same motor");
    assertThat(page.locator(".side-by-side")).hasText(ways);
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** A newer version comes in when it is taken, never in the middle of a reading. */
  @Test
  void aNewerVersionWaitsUntilItIsTaken() throws IOException {
    try (NewerPage shop = new NewerPage(browsing.application().url())) {
      Page page = browsing.onTheDevice(Browsing.Size.PHONE);
      page.navigate(shop.url() + "/");
      page.evaluate("navigator.serviceWorker.ready.then(() => true)");
      Browsing.callTold(page, TOLD.formatted("Newer"));
      page.navigate(shop.url() + "/calls/" + call(page) + "/prove");
      OnCall.choose(page, "Measure line voltage");
      // Asked through it, the server's answers would keep the one at work that is to be replaced.
      List<?> asked = (List<?>) page.evaluate(NewerPage.ASKED);
      assertTrue(asked.contains(shop.url() + "/mark.svg"), asked::toString);
      assertEquals(
          List.of(), asked.stream().filter(one -> one.toString().contains("/api/")).toList());
      page.locator("input[name='line.volts']").fill("24");
      shop.update();
      page.evaluate("navigator.serviceWorker.getRegistration().then(one => one.update())");
      assertThat(page.getByText("A newer version is here.")).isVisible();
      assertThat(page.locator("input[name='line.volts']")).hasValue("24");
      page.locator("input[name='line.volts']").fill("241");
      page.locator("input[name='line.volts']").press("Enter");
      assertThat(page.locator(".chain button[aria-label='Supply: good, 241 V']")).isVisible();
      button(page, "Take it now").click();
      assertThat(page.getByText("A newer version is here.")).hasCount(0);
      assertThat(page.locator(".chain button[aria-label='Supply: good, 241 V']")).isVisible();
      settled(page);
      assertEquals(List.of(), Browsing.faults(page));
    }
  }

  /** A photo that was looked at is looked at without a radio; where it never was, that is said. */
  @Test
  void photosAreOnTheDevice() throws IOException {
    ByteArrayOutputStream plate = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB), "png", plate);
    Page page = browsing.onTheDevice(Browsing.Size.PHONE);
    page.waitForResponse(
        "**/api/calls/shop", () -> Browsing.callTold(page, TOLD.formatted("Plates")));
    page.navigate("/calls/" + call(page) + "/hear");
    page.locator("input[name='photo-MOTOR_PLATE']")
        .setInputFiles(new FilePayload("plate.png", "image/png", plate.toByteArray()));
    Locator photo = page.locator(".photos li img");
    assertThat(photo).hasCount(1);
    settled(page);
    page.reload();
    assertThat(photo).hasAttribute("src", Pattern.compile("blob:.*"));
    page.waitForTimeout(300);
    page.context().setOffline(true);
    page.reload();
    assertThat(photo).hasAttribute("src", Pattern.compile("blob:.*"));
    assertTrue((boolean) photo.evaluate("img => img.decode().then(() => img.naturalWidth > 0)"));
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** Nothing of a call is left on a device that was signed out, with a radio or without. */
  @Test
  void whoeverSignsOutLeavesNothing() {
    Page page = browsing.onTheDevice(Browsing.Size.LAPTOP);
    Browsing.callTold(page, TOLD.formatted("Cellar"));
    page.navigate("/");
    assertThat(page.getByText("Bittern Hide").first()).isVisible();
    page.context().setOffline(true);
    button(page, "Tobin Ashgrove: menu").click();
    button(page, "Sign out").click();
    assertThat(page.getByLabel("Password")).isVisible();
    page.navigate("/");
    assertThat(page.getByLabel("Password")).isVisible();
    Object left =
        page.evaluate(
            "new Promise(done => { const open = indexedDB.open('rotor.answers');"
                + " open.onsuccess = () => { const all ="
                + " open.result.transaction('answers').objectStore('answers').count();"
                + " all.onsuccess = () => done(all.result) } })");
    assertEquals(0, left);
    page.context().setOffline(false);
  }

  @Test
  void itCanBeInstalled() {
    Page page = browsing.onTheDevice(Browsing.Size.PHONE);
    String manifest = page.locator("link[rel=manifest]").getAttribute("href");
    assertTrue(
        page.request().get(browsing.application().url() + manifest).text().contains("icons"));
    assertEquals(
        "image/png",
        page.request()
            .get(browsing.application().url() + "/icon-512.png")
            .headers()
            .get("content-type"));
    // What is for programs is never answered by the page on the device.
    page.navigate("/api/openapi");
    assertThat(page.getByText("openapi").first()).isVisible();
    assertThat(page.getByRole(AriaRole.LINK)).hasCount(0);
  }
}
