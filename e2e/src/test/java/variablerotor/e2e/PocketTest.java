package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.button;
import static variablerotor.e2e.OnCall.settled;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The page on the device: opened anew without a radio, whichever of its rooms. */
@ExtendWith(Browsing.class)
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
    Browsing.callTold(page, TOLD.formatted("Loft"));
    String call = call(page);
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
    OnCall.choose(page, "Measure line voltage");
    page.locator("input[name='line.volts']").fill("241");
    page.locator("input[name='line.volts']").press("Enter");
    assertThat(page.locator("button.waiting")).isVisible();

    // The telephone died: another page, still without a radio, has what was entered.
    Page again = page.context().newPage();
    page.close();
    again.navigate("/calls/" + call + "/prove");
    assertThat(again.locator("button.waiting")).isVisible();
    again.context().setOffline(false);
    again.evaluate("window.dispatchEvent(new Event('online'))");
    settled(again);
    assertThat(again.getByText("No answer from the server: shown as it stood")).not().isVisible();
    String kept = again.request().get(browsing.application().url() + "/api/calls/" + call).text();
    assertTrue(kept.contains("241"), kept);
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
