package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static variablerotor.e2e.OnCall.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import variablerotor.sampling.Sampled;

/** Codes counted by real keys and taps, looked up in the shop's books, and brought to the call. */
@ExtendWith(Browsing.class)
@Sampled(4)
class CounterTest {
  private final Browsing browsing;

  CounterTest(Browsing browsing) {
    this.browsing = browsing;
  }

  /** The counter, with the page's clock in our hands: a pause is said, not sat out. */
  private static void counter(Page page) {
    page.clock().install();
    page.navigate("/count");
    ready(page);
  }

  /** From here on only what is said passes: a busy machine makes no flash longer. */
  private static void ready(Page page) {
    page.getByText("Nothing tapped yet.").waitFor();
    page.clock().pauseAt(System.currentTimeMillis() + AHEAD);
  }

  /** So far ahead of the page's own time that it is never behind it [ms]. */
  private static final long AHEAD = 3_600_000;

  private static void press(Page page, String key) {
    page.keyboard().down(key);
    page.clock().runFor(110);
    page.keyboard().up(key);
  }

  private static void flashes(Page page, int count) {
    for (int i = 0; i < count; i++) {
      press(page, " ");
      page.clock().runFor(420);
    }
  }

  @Test
  void twoRoundsByTheSpaceBarReachTheCall() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.clock().install();
    Browsing.openCall(page, "Blinking Lamp Lane");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Hear").setExact(true))
        .click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Count a code")).click();
    ready(page);
    flashes(page, 4);
    // The lamp's pause between two rounds, however quick this machine is.
    page.clock().runFor(2500);
    assertThat(page.getByText("Count a second one to be sure")).isVisible();
    flashes(page, 4);
    page.clock().runFor(2500);
    assertThat(page.getByText("2 rounds agree on 4.")).isVisible();
    page.clock().resume();
    Locator hit = page.locator(".hits li", new Page.LocatorOptions().setHasText("Fernlea"));
    assertThat(hit).containsText("Fan motor locked");
    hit.getByRole(AriaRole.BUTTON).click();
    assertThat(page.getByText("A code names what the board saw")).isVisible();
    assertThat(page.locator(".lead")).not().containsText("It is");
    page.locator(".log summary").click();
    assertThat(page.locator(".log")).containsText("Fernlea indoor 4");
    assertEquals(List.of(), Browsing.faults(page));
  }

  @Test
  void roundsThatDifferAreSaidToDiffer() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    counter(page);
    flashes(page, 3);
    page.clock().runFor(2500);
    flashes(page, 5);
    page.clock().runFor(2500);
    assertThat(page.getByText("The rounds do not agree: 3, 5.")).isVisible();
    button(page, "Start again").click();
    assertThat(page.getByText("Nothing tapped yet.")).isVisible();
  }

  /** The second key marks which flashes coincide with the second lamp. */
  @Test
  void twoKeysForTwoLamps() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    counter(page);
    for (int round = 0; round < 2; round++) {
      for (int i = 1; i <= 5; i++) {
        page.keyboard().down(" ");
        if (i == 2 || i == 4) {
          page.keyboard().down("k");
        }
        page.clock().runFor(100);
        page.keyboard().up(" ");
        if (i == 2 || i == 4) {
          page.keyboard().up("k");
        }
        page.clock().runFor(600);
      }
      page.clock().runFor(2600);
    }
    assertThat(page.getByText("2 rounds agree on 5:2,4.")).isVisible();
    page.clock().resume();
    assertThat(page.locator(".hits")).containsText("no speed feedback");
  }

  @Test
  void byThumb() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    counter(page);
    for (int round = 0; round < 2; round++) {
      for (int i = 0; i < 2; i++) {
        page.locator(".lamp").first().tap();
        page.clock().runFor(450);
      }
      page.clock().runFor(2600);
    }
    assertThat(page.locator(".code")).hasText("2");
  }

  @Test
  void aBookIsBroughtInWholeOrNotAtAllAndWrittenOn(@TempDir Path folder) throws Exception {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.navigate("/codes");
    Path bad = folder.resolve("quarry.csv");
    String header = "line,signal,pattern,meaning,suspects\n";
    String good = "Quarry 7,FLASHES,11,Wheel loose,WHEEL\n";
    Files.writeString(bad, header + good + "Quarry 7,BLINKS,2,,FAN\n", StandardCharsets.UTF_8);
    page.locator("input[name='csv']").setInputFiles(bad);
    button(page, "Bring it in").click();
    Locator report = page.locator("[role='alert']");
    assertThat(report).containsText("Nothing was taken: 3 faults.");
    assertThat(report).containsText("row 3, signal");
    page.reload();
    assertThat(page.locator(".list")).not().containsText("quarry");

    Files.writeString(bad, header + good, StandardCharsets.UTF_8);
    page.locator("input[name='csv']").setInputFiles(bad);
    button(page, "Bring it in").click();
    assertThat(page.locator("h1")).hasText("quarry");
    button(page, "Add a code").click();
    Locator row = page.locator(".rows li").last();
    row.locator("input[name='pattern']").fill("0");
    row.locator("input[name='meaning']").fill("Never seen");
    button(page, "Keep the book").click();
    assertThat(row.locator(".fault")).containsText("allowed is a whole number of flashes");
    row.locator("input[name='pattern']").fill("12");
    button(page, "Keep the book").click();
    assertThat(page.getByText("Kept.")).isVisible();

    page.navigate("/codes");
    page.locator("input[name='search-codes']").fill("never seen");
    assertThat(page.locator(".hits li")).hasCount(1);
    assertThat(page.locator(".hits")).containsText("12");
    assertEquals(List.of(), Browsing.faults(page));
  }
}
