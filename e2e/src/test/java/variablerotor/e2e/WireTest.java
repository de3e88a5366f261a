package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.button;
import static variablerotor.e2e.OnCall.makeTheRest;
import static variablerotor.e2e.OnCall.settled;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;

/** A conversion from its plan to the ohm checks, as it is made in a crawl space. */
@ExtendWith(Browsing.class)
@Sampled(8)
class WireTest {
  private final Browsing browsing;

  WireTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private static final String OUTDOORS =
      """
      {"place":"Heron Sluice","unitName":"Slab","complaint":"","symptom":"NO_RUN",
       "motor":{"family":"STAGED_CONDENSER","horsepower":0.25,"volts":"208-230"},
       "unit":{"kind":"HEAT_PUMP_OUTDOOR","role":"OUTDOOR_FAN","heating":["HEAT_PUMP"]}}""";

  private static final String PACKAGED =
      """
      {"place":"Heron Sluice","unitName":"Roof","complaint":"","symptom":"NO_RUN",
       "motor":{"family":"CONSTANT_AIRFLOW_PARALLEL","horsepower":0.5,"volts":"208-230"},
       "unit":{"kind":"PACKAGED_UNIT","role":"INDOOR_BLOWER","heating":["GAS"]}}""";

  private Page fit(Browsing.Size size, String told) {
    Page page = browsing.signedIn(size);
    Browsing.callTold(page, told);
    Browsing.decided(page, "FIXED_SPEED");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Fit").setExact(true))
        .click();
    assertThat(page.getByText("To take along")).isVisible();
    return page;
  }

  /** A motor like the old one is plugged as that was: no plan stands that somebody might follow. */
  @Test
  void likeOnLikeHasNoWiringToFollow() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callTold(page, PACKAGED);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Fit").setExact(true))
        .click();
    assertThat(page.getByText("No way is chosen yet")).isVisible();
    Browsing.decided(page, "SAME_MOTOR");
    assertThat(page.getByText("Same motor: by hand")).isVisible();
    assertThat(page.locator("form.step")).containsText("Power off, locked, proved dead");
    assertThat(page.getByText("To take along")).hasCount(0);
    AccessibilityTest.check(page, "nothing to wire");
    assertEquals(List.of(), Browsing.faults(page));
  }

  private static Locator status(Page page) {
    return page.getByLabel("The run");
  }

  private static void tap(Page page, String terminal) {
    page.locator(".terminal[aria-label^='" + terminal + ",']").click();
  }

  @Test
  void plannedWiredMendedAndPrinted() {
    Page page = fit(Browsing.Size.PHONE, OUTDOORS);
    assertThat(page.getByText("Outdoor fan, a relay a stage").first()).isVisible();
    assertThat(page.getByText("Nothing called")).isVisible();
    button(page, "Wire it").click();
    assertThat(status(page)).containsText("Nothing wrong so far");
    button(page, "Made: SRC.G to M.G").click();
    assertThat(status(page)).containsText("12 wires left");

    // The relay's closed contact instead of its open one: two taps, and it is said at its place.
    tap(page, "M HIGH");
    tap(page, "K1 NC1");
    assertThat(status(page)).containsText("Stop: not to be powered so");
    assertThat(status(page)).containsText("Move the wire from M.HIGH: off K1.NC1, on to K1.NO1.");
    assertThat(page.locator(".terminal.bad").first()).isVisible();
    AccessibilityTest.check(page, "a wrong wire");
    button(page, "It is done: change it here").click();
    assertThat(status(page)).containsText("Nothing wrong so far");
    makeTheRest(page);
    assertThat(status(page)).containsText("Runs as it must on every call.");

    // A step at a time: first the call alone, then the relays, and the drawing says so.
    page.locator("select[name='call']").selectOption("COOL");
    button(page, "One step back").click();
    assertThat(page.getByText("The call is raised; nothing has pulled yet.")).isVisible();
    button(page, "One step on").click();
    assertThat(page.getByText("CT, K2 pulled. The motor: HIGH.")).isVisible();

    // Ohms before 24 V before line; a wrong answer says what would have happened.
    assertThat(page.locator(".ask")).not().hasCount(0);
    Locator frame = page.getByLabel("Not so: SRC.G to M.G: zero.");
    frame.click();
    assertThat(page.getByText("The frame of M is not grounded")).isVisible();
    Locator open = page.locator("button[aria-label^='So it is'][aria-pressed='false']:visible");
    while (open.count() > 0) {
      String check = open.first().getAttribute("aria-label");
      open.first().click();
      assertThat(page.getByLabel(check, new Page.GetByLabelOptions().setExact(true)))
          .hasAttribute("aria-pressed", "true");
    }
    assertThat(page.getByText("All seen as it must be.")).isVisible();
    settled(page);
    assertTrue(
        (Boolean) page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"),
        "nothing runs off the side");
    AccessibilityTest.check(page, "wired and proved");
    page.reload();
    assertThat(page.getByText("All seen as it must be.")).isVisible();
    List<String> pages = report(page);
    for (String said :
        List.of("Conversion as wired", "nothing must be stopped", "low stage", "Lost:", "Ladder")) {
      assertTrue(pages.get(1).contains(said), said + " in " + pages.get(1));
    }
    assertTrue(pages.get(2).contains("K1.NO1"), pages.get(2));
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** Three wires: the capacitor from the first lead to the common, the second lead capped alone. */
  @Test
  void aThreeWireCapacitorIsRight() {
    Page page = fit(Browsing.Size.PHONE, OUTDOORS);
    button(page, "Wire it").click();
    tap(page, "CAP 2");
    tap(page, "M COM");
    assertThat(status(page)).containsText("Nothing wrong so far");
    tap(page, "M CAP2");
    button(page, "Cap it alone").click();
    assertThat(status(page)).containsText("Nothing wrong so far");
    makeTheRest(page);
    assertThat(status(page)).containsText("Runs as it must on every call.");
    assertThat(status(page)).not().containsText("Not as planned");
    assertEquals(List.of(), Browsing.faults(page));
  }

  private List<String> report(Page page) {
    String call = page.url().replaceAll(".*/calls/([^/]+)/.*", "$1");
    byte[] pdf =
        page.request().get(browsing.application().url() + "/api/calls/" + call + "/report").body();
    return PdfText.pages(pdf);
  }

  /** Neither mouse nor touch: the plan, the wires by name, one of them wrong, taken back. */
  @Test
  void byKeyboardAlone() {
    Page page = fit(Browsing.Size.LAPTOP, OUTDOORS);
    Locator begin = button(page, "Wire it");
    for (int tab = 0; !(Boolean) begin.evaluate("it => it === document.activeElement"); tab++) {
      assertTrue(tab < 120, "the button can be reached");
      page.keyboard().press("Tab");
    }
    page.keyboard().press("Enter");
    Locator typed = page.locator("input[name='wire']");
    for (int tab = 0; !(Boolean) typed.evaluate("it => it === document.activeElement"); tab++) {
      assertTrue(tab < 120, "the field can be reached");
      page.keyboard().press("Tab");
    }
    page.keyboard().type("src.g m.g");
    page.keyboard().press("Enter");
    page.keyboard().type("k1.b src.l1");
    page.keyboard().press("Enter");
    assertThat(status(page)).containsText("Stop");
    page.keyboard().type("K1.X K1.Y");
    page.keyboard().press("Enter");
    assertThat(page.getByText("there is no such terminal")).isVisible();
    page.keyboard().press("Shift+Tab");
    page.keyboard().press("u");
    assertThat(status(page)).containsText("12 wires left");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** Heat that does not pull the contactor: blocked on that very call, and the relay opens it. */
  @Test
  void heatWithoutAirIsBlockedAndTheRelayOffered() {
    Page page = fit(Browsing.Size.LAPTOP, PACKAGED);
    page.getByText("Wired otherwise").click();
    button(page, "With the contactor, on loan").click();
    assertThat(page.locator(".blocked")).hasText("Blocked");
    assertThat(page.getByText("it would fire with no air").first()).isVisible();
    assertThat(button(page, "Wire it")).isDisabled();
    button(page, "With a fan relay on these calls it can be wired").click();
    assertThat(page.locator(".blocked")).hasCount(0);
    assertThat(button(page, "Wire it")).isEnabled();
    AccessibilityTest.check(page, "a plan");
  }

  /** What not every unit has: told on the page, and wired, drawn and run as it is told. */
  @Test
  void thePlanIsOfTheUnitThatIsThere() {
    Page page = fit(Browsing.Size.PHONE, OUTDOORS);
    page.getByText("What it is planned for").click();
    assertThat(page.getByText("Low head pressure")).hasCount(0);
    button(page, "A head-pressure switch cycles the fan").click();
    button(page, "One pole: a bar carries the other side on").click();
    page.locator("select[name='speed-low-stage']").selectOption("LOW");
    assertThat(page.getByText("Low head pressure").first()).isVisible();
    assertThat(page.locator(".blocked")).hasCount(0);
    AccessibilityTest.check(page, "a plan of what is there");
    button(page, "Wire it").click();
    assertThat(status(page)).containsText("Nothing wrong so far");
    makeTheRest(page);
    assertThat(status(page)).containsText("Runs as it must on every call.");
    page.locator("select[name='call']").selectOption("COOL.LOW");
    assertThat(page.getByText("The motor: LOW.").first()).isVisible();
    page.locator("select[name='call']").selectOption("COLD");
    assertThat(page.getByText("The motor: stands.").first()).isVisible();
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** In a cellar: every wire is run in the page, and all of it is there when the radio is back. */
  @Test
  void withoutARadioItRunsAndIsKept() {
    Page page = fit(Browsing.Size.PHONE, OUTDOORS);
    button(page, "Wire it").click();
    assertThat(status(page)).containsText("13 wires left");
    settled(page);
    page.context().setOffline(true);
    button(page, "Made: SRC.G to M.G").click();
    tap(page, "TR C");
    tap(page, "SRC L1");
    assertThat(status(page)).containsText("Line voltage gets into the 24 V circuit");
    assertThat(page.locator("button.waiting")).isVisible();
    page.context().setOffline(false);
    settled(page);
    page.reload();
    assertThat(status(page)).containsText("Line voltage gets into the 24 V circuit");
    page.getByText("Made", new Page.GetByTextOptions().setExact(true))
        .last()
        .scrollIntoViewIfNeeded();
    page.locator("summary:has(h2:text-is('Made'))").click();
    assertThat(page.getByText("TR.C – SRC.L1")).isVisible();
  }

  /** One wire is wrong: powered so it is told, mended it runs, and the look back names it. */
  @Test
  void aHiddenMistakeIsFoundAndMended() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.navigate("/practice/wiring?n=12");
    button(page, "Power it: is it right?").click();
    assertThat(status(page)).containsText("Stop");
    button(page, "Show me").click();
    Locator look = page.locator("section:has(h2:text-is('Look back'))");
    assertThat(look).isVisible();
    List<String> wires = look.locator("strong").allInnerTexts();
    boolean planned = look.innerText().contains("Planned:");
    boolean made = look.innerText().contains("Made:");
    Locator typed = page.locator("input[name='wire']");
    if (made) {
      typed.fill(wires.get(wires.size() - 1).replace(" – ", " "));
      typed.press("Enter");
    }
    if (planned) {
      typed.fill(wires.get(0).replace(" – ", " "));
      typed.press("Enter");
    }
    button(page, "Power it: is it right?").click();
    assertThat(status(page)).containsText("Runs as it must on every call.");
    assertThat(page.getByText("At try 2.")).isVisible();
    AccessibilityTest.check(page, "wiring practice");
    assertEquals(List.of(), Browsing.faults(page));
  }
}
