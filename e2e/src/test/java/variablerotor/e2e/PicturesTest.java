package variablerotor.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.junit.jupiter.api.extension.ExtendWith;

/** Takes the pictures of docs/screenshots from the demo shop; see the README. */
@Browsing.Alone
@ExtendWith(Browsing.class)
@EnabledIfEnvironmentVariable(named = "ROTOR_PICTURES", matches = ".+")
class PicturesTest {
  private final Browsing browsing;

  PicturesTest(Browsing browsing) {
    this.browsing = browsing;
  }

  @Test
  void all() {
    Page laptop = browsing.page(Browsing.Size.LAPTOP, ColorScheme.LIGHT);
    signIn(laptop);
    take(laptop, "calls");
    views(laptop);
    Page phone = browsing.page(Browsing.Size.PHONE, ColorScheme.LIGHT);
    signIn(phone);
    kept(phone);
    lamp();
  }

  /** In a browser that takes a film for its camera. */
  private void lamp() {
    try {
      Path folder = Files.createTempDirectory("lamp");
      Browsing seeing =
          browsing.with(Staged.devices(Staged.lamp(folder, 4), Staged.wheel(folder, 4, 840)));
      Page phone = seeing.signedIn(Browsing.Size.PHONE);
      phone.navigate("/count");
      press(phone, "By the camera");
      press(phone, "Let the camera count");
      phone.locator(".code").waitFor(new Locator.WaitForOptions().setTimeout(90_000));
      take(phone, "lamp-phone");
      seeing.close();
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
  }

  private void views(Page page) {
    open(page, "Lantern Street bakery", "Prove");
    take(page, "prove-decided");
    open(page, "Saltmarsh clinic", "Hear");
    take(page, "hear");
    open(page, "Gullmoor ferry terminal", "Choose");
    page.locator("#motors").waitFor();
    take(page, "choose");
    open(page, "Withy Eyot boathouse", "Fit");
    page.locator(".sheet svg").waitFor();
    page.locator("select[name='call']").selectOption("COOL");
    page.locator(".status h2").waitFor();
    page.evaluate("document.querySelector('.wired').scrollIntoView()");
    take(page, "fit");
    page.navigate("/stock");
    page.locator("input[name='part']").fill("relay 24");
    page.getByText("Supply house: $17").waitFor();
    take(page, "stock");
    open(page, "Harbour Ward clinic", "Hand over");
    page.getByText("Next visit").waitFor();
    take(page, "hand-over");
    page.navigate("/count");
    count(page);
    take(page, "count");
    open(page, "Pennywort tea rooms", "Fit");
    page.locator("form.now").waitFor();
    page.evaluate("document.querySelector('#prove-repair').scrollIntoView()");
    take(page, "repair");
    page.navigate(page.url().replaceAll(".*/calls/([^/]+)/.*", "/units/$1"));
    page.locator(".visits").waitFor();
    take(page, "unit");
    page.navigate("/week");
    page.locator(".told").waitFor();
    take(page, "week");
    page.navigate("/learnt");
    press(page, "Go through our last calls again");
    page.locator(".again").waitFor();
    take(page, "learnt");
    page.navigate("/motors");
    press(page, "Brindle T half");
    page.locator(".open details").first().waitFor();
    take(page, "motors");
    page.navigate("/motors/van");
    page.locator(".curve").waitFor();
    take(page, "van");
    page.navigate("/codes");
    page.locator("input[name='search-codes']").fill("fan");
    take(page, "code-books");
    practice(page);
    take(page, "look-back");
    page.navigate("/about");
    take(page, "says-who");
  }

  /** A reading that waits for the radio; last, as it is not sent. */
  private static void kept(Page page) {
    open(page, "Wicker Bridge library", "Prove");
    page.route("**/readings/**", Route::abort);
    page.locator("input[name='line.volts']").fill("243");
    page.locator("input[name='line.volts']").press("Enter");
    // It counts all the same.
    page.locator(".chain button[aria-label^='Supply: good']").waitFor();
    page.locator("button.waiting").click();
    take(page, "kept-phone");
  }

  private static void press(Page page, String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).first().click();
  }

  private static void count(Page page) {
    page.locator(".lamp").first().waitFor();
    for (int round = 0; round < 2; round++) {
      for (int i = 0; i < 4; i++) {
        page.locator(".lamp").first().dispatchEvent("pointerdown");
        page.waitForTimeout(110);
        page.locator(".lamp").first().dispatchEvent("pointerup");
        page.waitForTimeout(430);
      }
      page.waitForTimeout(2600);
    }
    page.locator(".hits li").first().waitFor();
  }

  /** A shorted output stage, found by a way that is longer than it need be. */
  private static void practice(Page page) {
    page.navigate("/practice");
    page.getByLabel("A fault to hide")
        .selectOption(
            new SelectOption().setLabel("The output stage is shorted and brakes the rotor"));
    press(page, "Plain, on the bench");
    press(page, "To the bench");
    Browsing.toProve(page);
    page.locator(".chain").first().waitFor();
    for (String ask :
        new String[] {
          "Measure the 24 V supply",
          "Measure line voltage",
          "Look at filter and coil",
          "Turn the wheel by hand",
          "Module off: turn"
        }) {
      OnCall.choose(page, ask);
      if (page.locator(".take").count() > 0) {
        page.locator(".take:enabled").click();
      } else {
        press(page, "Do it on the practice motor");
        String seen = page.locator(".seen").first().textContent();
        String word = seen.substring(seen.lastIndexOf(':') + 1).replace(".", "").trim();
        String label =
            Map.of("cogging", "Cogging", "stiff", "Stiff", "locked", "Locked")
                .getOrDefault(word, word);
        page.locator(".choices button", new Page.LocatorOptions().setHasText(label))
            .first()
            .click();
      }
      OnCall.settled(page);
    }
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look back").setExact(true))
        .click();
    page.locator(".debrief").waitFor();
  }

  private static void signIn(Page page) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ines Kallow")).click();
    page.locator(".calls").waitFor();
  }

  private static void open(Page page, String place, String stage) {
    page.navigate("/");
    page.getByText(place).first().click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(stage).setExact(true))
        .click();
  }

  private static void take(Page page, String name) {
    page.waitForTimeout(900);
    page.screenshot(
        new Page.ScreenshotOptions()
            .setPath(Path.of(System.getenv("ROTOR_PICTURES"), name + ".png")));
  }
}
