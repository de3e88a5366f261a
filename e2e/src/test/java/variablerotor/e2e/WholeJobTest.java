package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.button;
import static variablerotor.e2e.OnCall.choose;
import static variablerotor.e2e.OnCall.inOrder;
import static variablerotor.e2e.OnCall.numbers;
import static variablerotor.e2e.OnCall.price;
import static variablerotor.e2e.OnCall.settled;
import static variablerotor.e2e.OnCall.show;
import static variablerotor.e2e.OnCall.station;
import static variablerotor.e2e.OnCall.word;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.sampling.Sampled;

/** The job as a technician does it, from sign-in to the report. */
@ExtendWith(Browsing.class)
class WholeJobTest {
  private final Browsing browsing;

  WholeJobTest(Browsing browsing) {
    this.browsing = browsing;
  }

  @ParameterizedTest
  @EnumSource(Browsing.Size.class)
  @Sampled(2)
  void fromSignInToThePaper(Browsing.Size size) throws Exception {
    Page page = browsing.page(size, ColorScheme.LIGHT);
    page.getByLabel("Name").fill("tobin");
    page.getByLabel("Password").fill("quiet-wheel-4");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in").setExact(true))
        .click();
    Browsing.openCall(page, "Mill Weir pump house " + size);

    numbers(page, "Measure line voltage", inOrder("line.volts", "240"));
    assertThat(station(page, "Supply")).hasAttribute("aria-label", Pattern.compile("good, 240 V"));
    numbers(page, "Measure the command at the motor", inOrder("command.volts", "25.1"));
    word(page, "Turn the wheel by hand", "Free");
    word(page, "Look at both plugs", "All seated");
    numbers(
        page,
        "Measure the three winding pairs",
        inOrder("winding.ab", "5.7", "winding.bc", "1.6", "winding.ca", "5.7"));
    assertThat(page.locator(".star"))
        .hasAttribute(
            "aria-label",
            Pattern.compile("A joint in phase A.*4\\.1 Ω.*Phase B touches phase C.*about 23 %"));
    assertThat(station(page, "Windings")).hasAttribute("aria-label", Pattern.compile("63 % off"));

    // That was the other motor's paper: take the pairs back, read this one's.
    for (int i = 0; i < 3; i++) {
      button(page, "Undo").click();
      settled(page);
    }
    assertThat(page.locator(".windings")).containsText("The pairs are not measured.");
    numbers(
        page,
        "Measure the three winding pairs",
        inOrder("winding.ab", "22", "winding.bc", "21", "winding.ca", "22"));
    numbers(
        page,
        "Measure each lead to bare frame",
        inOrder("winding.frame.a", "OL", "winding.frame.b", "ol", "winding.frame.c", "OL"));
    assertThat(page.getByText("It is the module")).isVisible();

    page.reload();
    assertThat(page.getByText("It is the module")).isVisible();

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Choose the way forward"))
        .click();
    assertThat(page.locator(".side-by-side")).containsText("Ask whether this module is sold alone");
    price(page, "New module", inOrder("partPrice", "400", "labourHours", "1.5", "leadDays", "3"));
    assertThat(page.locator(".side-by-side")).containsText("$580");
    assertThat(page.locator(".fold", new Page.LocatorOptions().setHasText("Blocked")))
        .containsText("Repair, motor stays");
    show(page, "New module");
    button(page, "Choose this: New module").click();
    button(page, "Choose new module").click();
    assertThat(page.getByLabel("What was chosen"))
        .containsText("New module chosen by Tobin Ashgrove");

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the papers")).click();
    // The next visit: what the new part reads is kept apart, and the verdict stands.
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Prove").setExact(true))
        .click();
    choose(page, "Measure the three winding pairs");
    button(page, "It is repaired: the new part").click();
    assertThat(page.getByText("Kept as taken after the repair.")).isVisible();
    for (String pair : List.of("winding.ab", "winding.bc", "winding.ca")) {
      page.locator("input[name='" + pair + "']").fill("3.4");
      page.locator("input[name='" + pair + "']").press("Enter");
    }
    settled(page);
    assertThat(page.locator(".lead")).containsText("It is the module");
    page.locator(".log summary").click();
    assertThat(page.locator(".log")).containsText("after the repair");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Hand over").setExact(true))
        .click();
    String report =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the report"))
            .getAttribute("href");
    APIResponse pdf = page.request().get(browsing.application().url() + report);
    List<String> pages = PdfText.pages(pdf.body());
    assertEquals(1, pages.size());
    String text = pages.get(0);
    for (String part :
        List.of(
            "Mill Weir pump house", "module", "21 Ω", "New module", "580.00", "after the repair")) {
      assertTrue(text.contains(part), part + " in " + text);
    }

    button(page, "Tobin Ashgrove: menu").click();
    button(page, "Sign out").click();
    assertThat(page.getByLabel("Password")).isVisible();
    page.navigate("/");
    assertThat(page.getByLabel("Password")).isVisible();
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** No mouse and no touch from the first key to the choice. */
  @Test
  @Sampled(2)
  void byKeyboardAlone() {
    Page page = browsing.page(Browsing.Size.LAPTOP, ColorScheme.LIGHT);
    page.getByLabel("Name").waitFor();
    tabTo(page, "input[name='login']");
    page.keyboard().type("tobin");
    page.keyboard().press("Tab");
    page.keyboard().type("quiet-wheel-4");
    page.keyboard().press("Enter");
    page.locator(".calls").waitFor();
    page.keyboard().press("n");
    page.locator("input[name='place']").waitFor();
    tabTo(page, "input[name='place']");
    page.keyboard().type("Keyboard Row");
    page.keyboard().press("Enter");
    // Nobody has looked yet, so no motor is chosen for anybody.
    assertThat(page.getByText("Say which motor.").first()).isVisible();
    tabTo(page, ".question:has-text('Which motor') .quiet-button:first-of-type");
    page.keyboard().press("Enter");
    tabTo(page, "input[name='place']", "Shift+Tab");
    page.keyboard().press("Enter");
    tabTo(page, ".stages a:has-text('Prove')");
    page.keyboard().press("Enter");
    page.getByText("Nothing measured yet.").waitFor();

    // The first check is a voltage: digits go to the open reading, Enter records and moves on.
    page.keyboard().type("240");
    page.keyboard().press("Enter");
    assertThat(station(page, "Supply")).hasAttribute("aria-label", Pattern.compile("good, 240 V"));
    settled(page);
    page.keyboard().press("u");
    assertThat(station(page, "Supply")).hasAttribute("aria-label", Pattern.compile("next|not yet"));
    settled(page);
    page.keyboard().type("3");
    page.keyboard().press("Enter");
    assertThat(page.getByText("It is the supply")).isVisible();
    page.keyboard().press("?");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("take the last reading back");
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    tabTo(page, "a.go");
    page.keyboard().press("Enter");
    page.locator(".side-by-side").waitFor();
    tabTo(page, ".side-by-side button[aria-label^='Choose this']");
    page.keyboard().press("Enter");
    assertThat(button(page, "Choose repair, motor stays")).isFocused();
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("What was chosen")).containsText("Repair, motor stays chosen");
    page.keyboard().press("/");
    assertThat(page.locator("input[name='search']")).isFocused();
    page.keyboard().type("keyboard row");
    assertThat(page.locator(".calls li")).hasCount(1);
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** Presses Tab until the field has the focus. */
  private static void tabTo(Page page, String selector) {
    tabTo(page, selector, "Tab");
  }

  private static void tabTo(Page page, String selector, String key) {
    page.locator(selector).first().waitFor();
    for (int i = 0; i < 60; i++) {
      Locator wanted = page.locator(selector).first();
      if ((Boolean) wanted.evaluate("element => document.activeElement === element")) {
        return;
      }
      page.keyboard().press(key);
    }
    throw new AssertionError(key + " never reaches " + selector);
  }

  @Test
  void aNumberThatIsNoneIsToldAndKept() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.openCall(page, "Bad Number Lane");
    Locator field = page.locator("input[name='line.volts']");
    field.fill("24o");
    field.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Type a number");
    assertThat(field).hasValue("24o");
    field.fill("-3");
    field.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Allowed is 0 to 1000 V");
    field.fill("240");
    field.press("Enter");
    settled(page);
    assertThat(station(page, "Supply")).hasAttribute("aria-label", Pattern.compile("good, 240 V"));
  }

  /** The thumb's pad: digits, OL and Record, all at least 44 px. */
  @Test
  @Sampled(2)
  void byThumb() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(page, "Thumb Court");
    choose(page, "Measure the three winding pairs");
    for (String key : List.of("5", ".", "7")) {
      page.locator(".pad button", new Page.LocatorOptions().setHasText(key)).first().tap();
    }
    button(page, "Record").tap();
    // On the telephone the round's checks stand below, and one speaks of voltage.
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("OL").setExact(true)).tap();
    button(page, "Record").tap();
    settled(page);
    assertThat(page.locator("input[name='winding.ab']")).hasAttribute("placeholder", "5.7");
    assertThat(page.locator("input[name='winding.bc']")).hasAttribute("placeholder", "OL");
    for (Locator target : page.locator("main button:visible, main a:visible").all()) {
      var box = target.boundingBox();
      assertTrue(box.height >= 43.5 && box.width >= 40, target.textContent() + " " + box.height);
    }
    assertTrue(
        (Boolean) page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"),
        "nothing runs off the side");
  }
}
