package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.button;
import static variablerotor.e2e.OnCall.settled;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.sampling.Sampled;
import variablerotor.sampling.Share;

/** The page leads to what is to be done, in every state that a call comes to, at both sizes. */
@ExtendWith(Browsing.class)
@Sampled(8)
class LedTest {
  private final Browsing browsing;

  LedTest(Browsing browsing) {
    this.browsing = browsing;
  }

  /** A state of a call, and what the top of the page says of it. */
  private record State(
      String name, String family, String symptom, List<String> says, String... readings) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static final String[] FED = {
    "line.volts",
    "240",
    "command.volts",
    "25",
    "connector.look",
    "\"SEATED\"",
    "shaft.feel",
    "\"FREE\""
  };

  private static String[] fed(String... more) {
    return Stream.concat(Stream.of(FED), Stream.of(more)).toArray(String[]::new);
  }

  static Stream<Arguments> states() {
    List<State> states =
        List.of(
            new State(
                "held off by defrost",
                "STAGED_CONDENSER",
                "NO_RUN",
                List.of("The contactor passes the line on", "defrost holds the fan off"),
                "line.volts",
                "0",
                "defrost.active",
                "true",
                "contactor.volts",
                "240"),
            new State(
                "remedy settled before the part",
                "BLDC_FIVE_WIRE",
                "NO_RUN",
                List.of("Settled", "Replace the motor", "not proved"),
                "bus.volts",
                "338",
                "logic.volts",
                "15",
                "command.volts",
                "3.1",
                "shaft.feel",
                "\"LOCKED\"",
                "connector.look",
                "\"SEATED\"",
                "wheel.look",
                "\"CLEAR\""),
            new State(
                "low ohms cleared by drag and back-EMF",
                "CONSTANT_TORQUE",
                "NO_RUN",
                List.of("The windings are even", "Most likely the module"),
                fed(
                    "winding.ab",
                    "0.6",
                    "winding.bc",
                    "0.6",
                    "winding.ca",
                    "0.6",
                    "shaft.feel.module_off",
                    "\"FREE\"",
                    "shaft.drag.joined",
                    "\"DRAGS\"",
                    "emf.ab",
                    "3.1",
                    "emf.bc",
                    "3.1",
                    "emf.ca",
                    "3.1")),
            new State(
                "an unusual reading",
                "CONSTANT_TORQUE",
                "NO_RUN",
                List.of("is it rather \"Never stops\"?"),
                fed("run.control_unplugged", "\"RUNS\"")),
            new State(
                "to be taken once more",
                "STAGED_CONDENSER",
                "NO_RUN",
                List.of("Settled", "Replace the motor", "Take it once more"),
                fed("winding.ab", "\"OL\"", "winding.bc", "8", "winding.ca", "\"OL\"")),
            new State(
                "something else leads",
                "CONSTANT_TORQUE",
                "NO_RUN",
                List.of("The readings fit nothing on the list"),
                fed(
                    "winding.ab",
                    "8",
                    "winding.bc",
                    "8",
                    "winding.ca",
                    "8",
                    "run.substitute_command",
                    "\"RUNS\"")),
            new State(
                "two that exclude each other",
                "CONSTANT_AIRFLOW_SERIAL",
                "NO_RUN",
                List.of("Held", "Two readings exclude each other", "12 V DC", "0 V DC"),
                "line.volts",
                "240",
                "link.volts.board",
                "0",
                "link.volts",
                "12"));
    // Every state, and each in one size of the two; in both with all tests.
    Browsing.Size[] sizes = Browsing.Size.values();
    return states.stream()
        .flatMap(
            state ->
                Stream.of(sizes)
                    .filter(
                        size -> Share.ALL || size.ordinal() == states.indexOf(state) % sizes.length)
                    .map(size -> Arguments.of(state, size)));
  }

  @ParameterizedTest
  @MethodSource("states")
  void everyStateSaysWhatToDo(State state, Browsing.Size size) {
    Page page = browsing.signedIn(size);
    Browsing.callWith(page, state.family, state.symptom, state.readings);
    for (String words : state.says) {
      assertThat(page.locator(".prove")).containsText(words);
    }
    assertThat(page.locator(".lead")).isVisible();
    assertTrue(
        (Boolean) page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"),
        "nothing runs off the side");
    AccessibilityTest.check(page, state.name);
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** On a telephone question, reading with its unit, pad and Record are seen together. */
  @ParameterizedTest
  @ValueSource(
      strings = {"CONSTANT_AIRFLOW_PARALLEL", "BLDC_FIVE_WIRE", "EC_PLUG_FAN", "STAGED_CONDENSER"})
  void everyReadingIsTakenWithoutAFlick(String family) {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callWith(page, family, "NO_RUN");
    button(page, "Another check").click();
    Locator all = page.getByRole(AriaRole.DIALOG).locator("section button");
    int count = all.count();
    assertTrue(count > 20, count + " checks");
    page.keyboard().press("Escape");
    List<String> cut = new ArrayList<>();
    int read = 0;
    for (int i = 0; i < count; i++) {
      button(page, "Another check").click();
      Locator one = page.getByRole(AriaRole.DIALOG).locator("section button").nth(i);
      String ask = one.textContent();
      one.click();
      page.getByRole(AriaRole.DIALOG).waitFor(hidden());
      Locator pad = page.locator(".check .pad");
      if (pad.count() == 0) {
        continue;
      }
      read++;
      BoundingBox field = page.locator(".check label.open").boundingBox();
      BoundingBox record = page.locator(".check .enter").boundingBox();
      double foot = page.locator(".stages").boundingBox().y;
      if (field.y < 0 || record.y + record.height > foot + 0.5) {
        cut.add(ask + " " + field.y + " " + (record.y + record.height) + " of " + foot);
      }
    }
    assertTrue(read > 8, read + " readings");
    assertEquals(List.of(), cut);
  }

  private static Locator.WaitForOptions hidden() {
    return new Locator.WaitForOptions()
        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN);
  }

  /** Those at odds are taken back or once more with one touch each. */
  @Test
  void whatIsAtOddsIsTakenBackWithOneTouch() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callWith(
        page,
        "CONSTANT_AIRFLOW_SERIAL",
        "NO_RUN",
        "line.volts",
        "240",
        "link.volts.board",
        "0",
        "link.volts",
        "12");
    assertThat(page.locator(".odds .one")).hasCount(2);
    Locator doubted =
        page.locator(".odds .one", new Page.LocatorOptions().setHasText("motor unplugged"));
    doubted.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take back")).tap();
    settled(page);
    assertThat(page.locator(".odds")).hasCount(0);
    assertThat(page.locator(".lead")).not().containsText("exclude");
  }

  /**
   * A second measurement is one touch from the first, and confirms it; a whole call costs at most
   * two touches a reading beyond its digits. Touches and seconds are printed.
   */
  @Test
  void aWholeCallInFewTouches() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callWith(page, "BLDC_FIVE_WIRE", "NO_RUN");
    page.evaluate(
        "() => { window.touches = 0; addEventListener('click', () => window.touches++, true) }");
    long began = System.nanoTime();
    int digits = 0;
    int readings = 0;
    while (!page.locator(".lead.settled").isVisible() && readings < 15) {
      String before = page.locator(".check h2").textContent();
      if (page.locator(".check .pad").count() > 0) {
        String value = before.contains("bus") ? "338" : before.contains("logic") ? "15" : "3";
        for (char digit : value.toCharArray()) {
          page.locator(".pad button", new Page.LocatorOptions().setHasText("" + digit))
              .first()
              .tap();
          digits++;
        }
        button(page, "Record").tap();
      } else {
        Locator answers = page.locator(".check .choices button");
        Locator locked = answers.filter(new Locator.FilterOptions().setHasText("Locked"));
        (locked.count() > 0 ? locked : answers).first().tap();
      }
      readings++;
      settled(page);
      page.waitForCondition(
          () ->
              page.locator(".lead.settled").isVisible()
                  || page.locator(".check").count() == 0
                  || !before.equals(page.locator(".check h2").textContent()));
    }
    double seconds = (System.nanoTime() - began) / 1e9;
    int touches = ((Number) page.evaluate("window.touches")).intValue();
    System.out.printf(
        "A five-wire fan settled by thumb: %d readings, %d touches, %d of them digits, %.1f s%n",
        readings, touches, digits, seconds);
    assertThat(page.locator(".lead.settled")).isVisible();
    assertTrue(touches - digits <= 2 * readings, touches + " touches, " + digits + " digits");
  }

  /** Whoever does not know the motor is asked what can be seen, and goes on with what is shared. */
  @ParameterizedTest
  @EnumSource
  void whoeverDoesNotKnowTheMotorIsLedToIt(Browsing.Size size) {
    Page page = browsing.signedIn(size);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open a call")).click();
    page.getByLabel("Where").fill("Unknown Motor Mews " + size);
    button(page, "I do not know").click();
    button(page, "Indoors or on a roof, in a blower housing").click();
    assertThat(page.locator(".which")).containsText("Which wires go to it?");
    button(page, "I cannot tell").click();
    button(page, "In a can on its end, with bolts and a seam").click();
    assertThat(page.locator(".which")).containsText("It can be any of these.");
    AccessibilityTest.check(page, "which motor");
    button(page, "Go on with what they share").click();
    assertThat(page.getByText("It can be: Constant-torque blower; ")).isVisible();
    button(page, "Open the call").click();
    Browsing.toProve(page);
    assertThat(page.locator(".prove")).containsText("It can be several motors");
    page.locator("input[name='line.volts']").fill("0");
    page.locator("input[name='line.volts']").press("Enter");
    settled(page);
    assertThat(page.locator(".lead.settled")).containsText("Breaker, fuse or disconnect");
    assertThat(page.locator(".lead")).containsText("whichever of these motors it is");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** What the proof rests on is marked in the list of readings, and taken again from there. */
  @Test
  void aReadingIsTakenOnceMoreFromTheList() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.callWith(page, "BLDC_FIVE_WIRE", "NO_RUN", "bus.volts", "0", "bus.volts.board", "338");
    assertThat(page.locator(".lead.settled")).containsText("Mend the harness");
    assertThat(page.locator(".log .rests")).hasCount(2);
    page.locator(".log .rests").first().getByRole(AriaRole.BUTTON).click();
    assertThat(page.locator(".check")).containsText("Take it once more");
    page.locator("input[name='bus.volts.board']").fill("337");
    page.locator("input[name='bus.volts.board']").press("Enter");
    settled(page);
    assertThat(page.locator(".log")).containsText("second measurement");
    assertThat(page.locator(".lead.settled")).containsText("Mend the harness");
  }
}
