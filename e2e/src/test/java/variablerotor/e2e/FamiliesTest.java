package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static variablerotor.e2e.OnCall.button;
import static variablerotor.e2e.OnCall.inOrder;
import static variablerotor.e2e.OnCall.numbers;
import static variablerotor.e2e.OnCall.settled;
import static variablerotor.e2e.OnCall.station;
import static variablerotor.e2e.OnCall.word;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;

/** Whole calls on other families than the constant-torque blower, by the rules of each. */
@ExtendWith(Browsing.class)
@Sampled(7)
class FamiliesTest {
  private final Browsing browsing;

  FamiliesTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private Page call(String place, String family) {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.openCall(page, place, family);
    return page;
  }

  /** The bus is gone with the motor on it and comes back without: the motor shorts it. */
  @Test
  void fiveWireFanThatShortsItsBus() {
    Page page = call("Five Wire Yard", "Five-wire DC fan");
    assertThat(station(page, "DC bus")).isVisible();
    assertThat(station(page, "Windings")).hasCount(0);
    assertThat(page.locator(".terminals")).containsText("yellow");
    numbers(page, "Measure the DC bus", inOrder("bus.volts", "12"));
    numbers(page, "Unplug the motor. Measure the bus", inOrder("bus.volts.unplugged", "338"));
    assertThat(page.getByText("Most likely the motor's electronics")).isVisible();
    word(page, "Look at the plug", "All seated");
    assertThat(page.getByText("It is the motor's electronics")).isVisible();
    assertThat(station(page, "Motor electronics"))
        .hasAttribute("aria-label", Pattern.compile("failed"));
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** All phases good and no 10 V of its own: the fan's electronics are dead. */
  @Test
  void plugFanWithoutItsOwnTenVolts() {
    Page page = call("Plug Fan Parade", "EC plug fan");
    numbers(
        page,
        "Measure the line at the fan",
        inOrder("line.volts.ab", "460", "line.volts.bc", "462", "line.volts.ca", "471"));
    assertThat(page.getByText("it loads the rectifier unequally")).isVisible();
    numbers(page, "Measure the fan's own 10 V", inOrder("aux.volts", "0"));
    assertThat(page.locator(".lead")).containsText("Does what hangs on the 10 V pull it down?");
    numbers(page, "Pull the control wires", inOrder("aux.volts.unloaded", "0"));
    assertThat(page.getByText("It is the fan's electronics")).isVisible();
  }

  /** Good volts in, nothing out, a fault shown, and it runs across the line. */
  @Test
  void driveProvedByItsBypass() {
    Page page = call("Drive Drove", "Induction motor on a drive");
    assertThat(station(page, "Module")).hasCount(0);
    numbers(
        page,
        "Measure the line, all three",
        inOrder("line.volts.ab", "210", "line.volts.bc", "210", "line.volts.ca", "210"));
    word(page, "Make a call. Does it", "It reaches the drive");
    numbers(
        page,
        "Measure the drive's output",
        inOrder("drive.output.ab", "0", "drive.output.bc", "0", "drive.output.ca", "0"));
    word(page, "Does the drive show a fault", "A fault shown");
    word(page, "Run the motor across the line", "Runs");
    assertThat(page.getByText("It is the drive")).isVisible();
  }

  /** The link's own supply, at the board and at the plug, parts the cable from the board. */
  @Test
  void serialCableProvedBetweenItsTwoEnds() {
    Page page = call("Serial Steps", "Constant-airflow blower, serial link");
    numbers(page, "Measure line voltage", inOrder("line.volts", "240"));
    numbers(page, "Measure the 24 V supply", inOrder("control.volts", "26"));
    numbers(page, "Pull the control plug. Measure", inOrder("link.volts", "0"));
    numbers(page, "Measure the link's supply at the board", inOrder("link.volts.board", "12"));
    assertThat(page.getByText("It is the harness")).isVisible();
    assertThat(station(page, "Serial cable")).hasAttribute("aria-label", Pattern.compile("failed"));
  }

  /** What contradicts itself is named, and nothing is decided until one is taken back. */
  @Test
  void twoReadingsThatCannotBothBe() {
    Page page = call("Contrary Close", "Constant-torque blower");
    word(page, "Turn the wheel by hand", "Free");
    word(page, "Motor out of its wheel: turn the shaft", "Locked");
    assertThat(page.getByText("Two readings exclude each other")).isVisible();
    assertThat(page.getByText("is locked out of its wheel")).isVisible();
    assertThat(page.locator(".check")).containsText("Take it once more");
    button(page, "Undo").click();
    settled(page);
    assertThat(page.getByText("Two readings exclude each other")).hasCount(0);
  }

  /** A unit whose literature gives another window is judged by that, and the page says so. */
  @Test
  void theUnitsOwnWindow() {
    Page page = call("Boosted Bus Lane", "Five-wire DC fan");
    OnCall.choose(page, "Measure the DC bus");
    button(page, "The unit says otherwise").click();
    page.locator("input[name='window-low']").fill("370");
    page.locator("input[name='window-high']").fill("395");
    button(page, "Keep").click();
    settled(page);
    numbers(page, "Measure the DC bus", inOrder("bus.volts", "385"));
    assertThat(station(page, "DC bus")).hasAttribute("aria-label", Pattern.compile("good"));
  }

  /** The colours of this motor's wires are the technician's to change. */
  @Test
  void wireColoursCanBeChanged() {
    Page page = call("Pink Wire Place", "Five-wire DC fan");
    button(page, "Change colours").click();
    page.getByLabel("Colour at Speed command").fill("pink");
    button(page, "Keep these").click();
    settled(page);
    assertThat(page.locator(".terminals")).containsText("pink");
    page.reload();
    assertThat(page.locator(".terminals")).containsText("pink");
  }
}
