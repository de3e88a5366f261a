package variablerotor.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.junit.jupiter.api.extension.ExtendWith;

/** Takes the pictures of docs/screenshots from the demo shop; see the README. */
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
    take(laptop, "sign-in");
    signIn(laptop);
    take(laptop, "calls");
    views(laptop, "");
    Page phone = browsing.page(Browsing.Size.PHONE, ColorScheme.LIGHT);
    signIn(phone);
    take(phone, "calls-phone");
    views(phone, "-phone");
    Page dark = browsing.page(Browsing.Size.LAPTOP, ColorScheme.DARK);
    signIn(dark);
    open(dark, "Heron Lane school", "Prove");
    take(dark, "prove-dark");
  }

  private void views(Page page, String suffix) {
    open(page, "Lantern Street bakery", "Prove");
    take(page, "prove-decided" + suffix);
    open(page, "Wicker Bridge library", "Prove");
    take(page, "prove-first-check" + suffix);
    open(page, "Gullmoor ferry terminal", "Choose");
    take(page, "choose" + suffix);
    if (suffix.isEmpty()) {
      open(page, "Gullmoor ferry terminal", "Hear");
      take(page, "hear");
      page.navigate("/about");
      take(page, "says-who");
    }
  }

  private static void signIn(Page page) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ines Kallow")).click();
    page.locator(".calls").waitFor();
  }

  private static void open(Page page, String place, String stage) {
    page.navigate("/");
    page.getByText(place).click();
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
