package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static variablerotor.e2e.OnCall.settled;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;

/** A new motor that is fitted, and proved on the telephone before the van leaves. */
@ExtendWith(Browsing.class)
@Sampled(2)
class RepairTest {
  private static final String LOFT =
      """
      {"place":"Heron Sluice","unitName":"Loft","complaint":"","symptom":"NO_RUN",
       "motor":{"family":"CONSTANT_TORQUE","horsepower":0.5,"volts":"208-230"},
       "unit":{"kind":"AIR_HANDLER","role":"INDOOR_BLOWER","coolingTons":2,
               "heating":["ELECTRIC"]}}""";

  private final Browsing browsing;

  RepairTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private static void go(Page page, String stage) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(stage).setExact(true))
        .click();
  }

  private static Locator state(Page page) {
    return page.locator("section[aria-labelledby='prove-repair'] .state");
  }

  private static Locator now(Page page) {
    return page.locator("form.now");
  }

  private static void tap(Page page, String name) {
    page.locator("section[aria-labelledby='prove-repair']")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  private static void type(Page page, String name, String value) {
    page.locator("input[name='" + name + "']").fill(value);
  }

  private Page fitted() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callTold(page, LOFT);
    Browsing.decided(page, "SAME_MOTOR");
    go(page, "Fit");
    // Somebody else fitted it: what is left is the proof.
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Prove the repair"))
        .click();
    return page;
  }

  /** Led from the first look to the last figure; the tap is set by the air, and then it is done. */
  @Test
  void aMotorIsProvedAndItsTapSetByTheAir() {
    Page page = fitted();
    assertThat(state(page)).containsText("8 things still to be seen");
    AccessibilityTest.check(page, "a repair to be proved");
    type(page, "fullLoadAmps", "4.4");
    type(page, "speedTaps", "5");
    tap(page, "Keep");
    assertThat(now(page)).containsText("Direction of rotation");
    tap(page, "The right way");
    assertThat(now(page)).containsText("On cooling");
    tap(page, "It runs");
    assertThat(now(page)).containsText("On electric heat");
    tap(page, "It runs");
    assertThat(now(page)).containsText("With no call");
    tap(page, "It stands");
    tap(page, "No code, after some minutes");
    assertThat(now(page)).containsText("Covers");
    tap(page, "On");
    type(page, "amps", "3.1");
    tap(page, "Record");
    assertThat(now(page)).containsText("Air");
    type(page, "air.return.f", "70");
    type(page, "air.supply.f", "60");
    type(page, "heat.volts", "240");
    type(page, "heat.amps", "20");
    type(page, "tap", "2");
    type(page, "torque.share.now", "45");
    type(page, "torque.share.next", "65");
    tap(page, "Record");
    assertThat(now(page)).containsText("allowed is air that the heat has warmed");
    assertEquals("240", page.locator("input[name='heat.volts']").inputValue(), "nothing is lost");
    type(page, "air.supply.f", "95");
    tap(page, "Record");
    assertThat(state(page)).containsText("Not done: 607 cfm");
    assertThat(now(page)).containsText("Tap 3, some 729 cfm");
    AccessibilityTest.check(page, "a repair that is not done");
    // The tap is moved, and measured again.
    type(page, "tap", "3");
    type(page, "air.supply.f", "91");
    tap(page, "Record");
    assertThat(state(page)).containsText("The repair is proved.");
    settled(page);
    go(page, "Prove");
    assertThat(page.getByText("Since the repair: The repair is proved.")).isVisible();
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** In a loft without radio: judged at once, kept, and there after a reload. */
  @Test
  void aNewMotorThatDrawsTooMuchIsSaidWithoutARadio() {
    Page page = fitted();
    type(page, "fullLoadAmps", "4.4");
    tap(page, "Keep");
    assertThat(state(page)).containsText("Tobin Ashgrove");
    settled(page);
    page.context().setOffline(true);
    Locator shown =
        page.getByRole(
            AriaRole.LIST, new Page.GetByRoleOptions().setName("What the repair must show"));
    page.locator("summary", new Page.LocatorOptions().setHasText("Speed of the wheel")).click();
    Locator speeds = page.getByLabel("Speed of the wheel");
    type(page, "rotor.rpm", "1080");
    type(page, "rotor.rpm.less", "1075");
    speeds.getByText("Keep").click();
    assertThat(shown).containsText("the same speed, it does not follow the call");
    type(page, "rotor.rpm.less", "860");
    speeds.getByText("Keep").click();
    assertThat(shown).containsText("the speed follows the call");
    shown.getByText("Amps").click();
    type(page, "amps", "6.9");
    tap(page, "Record");
    assertThat(state(page)).containsText("Not done: 6.9 A is more than the 4.4 A of its plate");
    page.context().setOffline(false);
    settled(page);
    page.reload();
    assertThat(state(page)).containsText("Not done: 6.9 A");
    go(page, "Hand over");
    assertThat(page.getByText("Since the repair:")).isVisible();
    assertEquals(List.of(), Browsing.faults(page));
  }
}
