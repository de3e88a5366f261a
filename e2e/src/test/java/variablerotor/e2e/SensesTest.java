package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;
import variablerotor.sampling.Sampled;

/**
 * The telephone's camera and microphone, with a film and sounds in their place. It has the machine
 * to itself: beside other browsers the film's frames are left out, and a round with a gap in it
 * does not count.
 */
@ExtendWith(Browsing.class)
@Isolated
@Sampled(4)
class SensesTest {
  /** Two rounds of a lamp with their pauses, or a row of tries, on a busy machine [ms]. */
  private static final double PATIENCE = 180_000;

  private final Browsing browsing;

  SensesTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private static LocatorAssertions.ContainsTextOptions patiently() {
    return new LocatorAssertions.ContainsTextOptions().setTimeout(PATIENCE);
  }

  @Test
  void aLampIsCountedAndAWheelIsHeardForTheCall(@TempDir Path folder) throws Exception {
    Browsing there =
        browsing.with(Staged.devices(Staged.lamp(folder, 4), Staged.wheel(folder, 4, 840)));
    try {
      Page page = there.onTheDevice(Browsing.Size.PHONE);
      Browsing.callWith(page, "CONSTANT_TORQUE", "NO_RUN");
      String call = page.url().replaceAll(".*/calls/([^/]+)/.*", "$1");

      page.navigate("/count/" + call);
      button(page, "By the camera").press("Enter");
      button(page, "Let the camera count").click();
      assertThat(page.locator(".result .code")).containsText("4", patiently());
      assertThat(page.locator(".result")).containsText("The lamp looks red.");
      Locator hit = page.locator(".hits li", new Page.LocatorOptions().setHasText("Fernlea"));
      hit.locator("button").click();
      page.locator(".log summary").click();
      assertThat(page.locator(".log")).containsText("by camera");

      page.navigate("/ear/" + call);
      button(page, "4").waitFor();
      // From here on without a radio: nothing of it comes from the server.
      page.context().setOffline(true);
      button(page, "4").click();
      button(page, "Listen").click();
      // A busy machine leaves out some of the sound.
      assertThat(page.locator(".result .speed"))
          .containsText(
              Pattern.compile("8[34]\\d"),
              new LocatorAssertions.ContainsTextOptions().setTimeout(PATIENCE));
      button(page, "That is enough").click();
      button(page, "Call for more air").click();
      assertThat(button(page, "Taken")).isVisible();
      page.context().setOffline(false);
      page.navigate("/calls/" + call + "/prove");
      page.locator(".log summary").click();
      assertThat(page.locator(".log")).containsText(Pattern.compile("8[34]\\d"));
      assertThat(page.locator(".log")).containsText("by ear");
      assertEquals(List.of(), Browsing.faults(page));
    } finally {
      there.close();
    }
  }

  @Test
  void triesAreCountedUntilItGivesUp(@TempDir Path folder) throws Exception {
    Browsing there = browsing.with(Staged.devices(Staged.lamp(folder, 2), Staged.tries(folder, 4)));
    try {
      Page page = there.signedIn(Browsing.Size.PHONE);
      page.navigate("/ear");
      button(page, "How it starts").click();
      button(page, "Listen").click();
      assertThat(page.locator(".result"))
          .containsText("and then no more: so does a lock-out", patiently());
      button(page, "That is enough").click();
      assertThat(page.locator(".result .count")).hasText("4");
      assertEquals(List.of(), Browsing.faults(page));
    } finally {
      there.close();
    }
  }

  /** Bent, dirty and dark plates: what is read wrong is marked, and a touch fills the form. */
  @Test
  void aPlateIsReadOnTheDevice() throws Exception {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    PlateTrial.form(page);
    PlateTrial trial = PlateTrial.of(page, 4, 9000);
    assertEquals(List.of(), trial.wrong());
    assertTrue(trial.right() > trial.fields() / 3, trial.toString());
    Locator first = page.locator(".plate .found li:has(button)").first();
    // The last of them may have been too bad to say anything.
    for (int seed = 9000; seed < 9004 && first.count() == 0; seed++) {
      PlateTrial.of(page, 1, seed);
    }
    first.locator("button").click();
    assertThat(first.locator("button")).hasText("Taken");
    assertThat(first.locator("button")).isDisabled();
    assertEquals(List.of(), Browsing.faults(page));
  }

  /**
   * A photo of the call, on a device whose own reader cannot be loaded: where that is asked for.
   */
  @Test
  void theShopsMachineReadsWhatTheDeviceCannot() throws Exception {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callWith(page, "CONSTANT_TORQUE", "NO_RUN");
    page.navigate(page.url().replace("/prove", "/hear"));
    page.locator("input[name='photo-MOTOR_PLATE']")
        .setInputFiles(new FilePayload("plate.jpg", "image/jpeg", DrawnPlate.of(9001).picture()));
    page.locator("summary", new Page.LocatorOptions().setHasText("Place, complaint and plates"))
        .click();
    page.route("**/letters/**", Route::abort);
    page.locator(".plate .photo").click();
    assertThat(page.locator(".plate [role='alert']")).containsText("cannot read letters just now");
    button(page, "Let the shop’s machine read it").click();
    page.locator(".plate .found li").first().waitFor();
    assertThat(page.locator(".plate [role='alert']")).hasCount(0);
    assertTrue(page.locator(".plate .found li").count() >= 3);
  }

  /** A browser that asks nobody gives neither. */
  @Test
  void withoutCameraAndMicrophoneTappingAndTypingStay() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.navigate("/count");
    button(page, "By the camera").click();
    button(page, "Let the camera count").click();
    assertThat(page.locator("[role='alert']")).containsText("camera");
    button(page, "Tap along").click();
    assertThat(page.locator(".lamp").first()).isVisible();
    page.navigate("/ear");
    button(page, "Listen").click();
    assertThat(page.locator("[role='alert']")).containsText("microphone");
    assertEquals(List.of(), Browsing.faults(page));
  }
}
