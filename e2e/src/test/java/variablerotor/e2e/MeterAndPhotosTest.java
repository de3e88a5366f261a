package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.button;
import static variablerotor.e2e.OnCall.choose;
import static variablerotor.e2e.OnCall.settled;
import static variablerotor.e2e.OnCall.station;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import variablerotor.sampling.Sampled;

/** The simulated meter, practice on it, and photos, through the real page. */
@ExtendWith(Browsing.class)
@Sampled(4)
class MeterAndPhotosTest {
  private final Browsing browsing;

  MeterAndPhotosTest(Browsing browsing) {
    this.browsing = browsing;
  }

  @Test
  void aConnectedMeterIsReadHeldAndTaken() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.openCall(page, "Meter Mews");
    button(page, "Connect a meter").click();
    Locator display = page.locator(".display");
    assertThat(display).containsText("V");
    assertThat(page.locator(".meter")).containsText("Red tip on Line (black)");
    Locator take = page.locator(".take");
    assertThat(take).isEnabled();
    page.keyboard().press("h");
    assertThat(display).containsText("HOLD");
    String held = page.locator(".display .value").textContent();
    page.waitForTimeout(1500);
    assertEquals(held, page.locator(".display .value").textContent(), "held, it stands still");
    page.keyboard().press("m");
    settled(page);
    assertThat(station(page, "Supply")).hasAttribute("aria-label", Pattern.compile(" V"));
    // A lost line would have decided the call; a check can be taken all the same.
    choose(page, "Measure the command at the motor");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Disconnect").setExact(true))
        .click();
    assertThat(button(page, "Connect a meter")).isVisible();
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** Open phase: the practice meter shows OL on two pairs, and that proves the winding. */
  @Test
  void practiceFromTheBenchToTheLookBack() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.navigate("/practice");
    page.getByLabel("A fault to hide").selectOption(new SelectOption().setLabel("A phase is open"));
    button(page, "Plain, on the bench").click();
    button(page, "To the bench").click();
    Browsing.toProve(page);
    choose(page, "Turn the wheel by hand");
    button(page, "Do it on the practice motor").click();
    assertThat(page.locator(".seen")).containsText("Turned by hand, all assembled: free");
    page.locator(".choices button", new Page.LocatorOptions().setHasText("Free")).first().click();
    settled(page);
    choose(page, "Measure the three winding pairs");
    for (String pair : List.of("winding.ab", "winding.bc", "winding.ca")) {
      assertThat(page.locator("label.open input")).hasAttribute("name", pair);
      page.waitForTimeout(300);
      assertThat(page.locator(".take")).isEnabled();
      page.locator(".take").click();
      settled(page);
    }
    assertThat(page.getByText("It is the winding: a phase is open.")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look back on it")).click();
    Locator debrief = page.locator(".debrief");
    assertThat(debrief).containsText("You proved it.");
    assertThat(debrief).containsText("a phase is open");
    assertThat(debrief).containsText("The advised way");
    page.navigate("/");
    assertThat(page.locator(".calls")).not().containsText("Practice");
    assertEquals(List.of(), Browsing.faults(page));
  }

  private static Path picture(Path folder) throws Exception {
    Path file = folder.resolve("plate.png");
    ImageIO.write(new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
    return file;
  }

  @Test
  void aPhotoTakenWithoutRadioIsKeptAndSentLater(@TempDir Path folder) throws Exception {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(page, "Photo Row");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Hear").setExact(true))
        .click();
    page.locator("input[name='photo-MOTOR_PLATE']").waitFor();
    page.context().setOffline(true);
    page.locator("input[name='photo-MOTOR_PLATE']").setInputFiles(picture(folder));
    assertThat(page.locator(".photos").getByText(Pattern.compile("^(kept here|being sent)$")))
        .isVisible();
    page.context().setOffline(false);
    assertThat(page.locator(".photos li img")).hasCount(1);
    assertThat(page.locator(".photos").getByText(Pattern.compile("^(kept here|being sent)$")))
        .hasCount(0);
    page.reload();
    Locator photo = page.locator(".photos li img");
    assertThat(photo).hasCount(1);
    photo.scrollIntoViewIfNeeded();
    page.waitForTimeout(500);
    assertTrue((Integer) photo.evaluate("image => image.naturalWidth") > 0, "it is shown");
    photo.click();
    button(page, "Take it away").click();
    assertThat(page.locator(".photos li")).hasCount(0);

    Path text = Files.writeString(folder.resolve("notes.png"), "no picture at all");
    page.locator("input[name='photo-OTHER']").setInputFiles(text);
    Locator notice = page.locator("button.waiting");
    assertThat(notice).containsText("1 entry not taken");
    // What the server will not take stays, with why, until a person throws it away.
    page.reload();
    notice.click();
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet).containsText("JPEG or PNG");
    sheet.getByText("Throw away").click();
    sheet.getByText("Yes, throw it away for good").click();
    assertThat(notice).hasCount(0);
  }

  @Test
  void whatIsHeardIsAFactAndASecondTapTakesItBack() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.openCall(page, "Hearing Hill");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Hear").setExact(true))
        .click();
    Locator tries = button(page, "Tries and gives up");
    tries.click();
    settled(page);
    assertThat(tries).hasAttribute("aria-pressed", "true");
    // Not the second half of a double tap.
    page.waitForTimeout(400);
    tries.click();
    settled(page);
    assertThat(tries).hasAttribute("aria-pressed", "false");
    plates(page);
    page.locator("input[name='phases']").fill("2.5");
    assertThat(page.getByText("Type a whole number.")).isVisible();
    page.locator("input[name='phases']").fill("4");
    assertThat(page.getByText("Allowed is 1 to 3.")).isVisible();
    page.locator("input[name='phases']").fill("3");
    page.waitForTimeout(900);
    settled(page);
    page.reload();
    plates(page);
    assertThat(page.locator("input[name='phases']")).hasValue("3");
  }

  /** All that the plates say is folded together in one place. */
  private static void plates(Page page) {
    page.locator("summary", new Page.LocatorOptions().setHasText("Place, complaint and plates"))
        .click();
  }
}
