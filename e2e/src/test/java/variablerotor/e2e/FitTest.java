package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.makeTheRest;
import static variablerotor.e2e.OnCall.settled;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;

/** Whole jobs with the hands, on the telephone: from the breaker to the last thing proved. */
@ExtendWith(Browsing.class)
@Sampled(6)
class FitTest {
  private static final String LOFT =
      """
      {"place":"Heron Sluice","unitName":"Loft %s","complaint":"","symptom":"NO_RUN",
       "motor":{"family":"CONSTANT_TORQUE","horsepower":0.5,"volts":"208-230",
                "mount":"BELLY_BAND"},
       "unit":{"kind":"AIR_HANDLER","role":"INDOOR_BLOWER","coolingTons":2,
               "heating":["ELECTRIC"]}}""";

  private static final String WALL_OF_FANS =
      """
      {"place":"Heron Sluice","unitName":"Roof 4","complaint":"","symptom":"NO_RUN",
       "motor":{"family":"EC_PLUG_FAN","volts":"460","mount":"CASSETTE"},
       "unit":{"kind":"ROOFTOP","role":"INDOOR_BLOWER","coolingTons":5,"heating":["NONE"]}}""";

  private final Browsing browsing;
  private Page page;
  private int touches;

  FitTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private void fitting(String told, String way) {
    page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callTold(page, told);
    Browsing.decided(page, way);
    go("Fit");
  }

  private void go(String stage) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(stage).setExact(true))
        .click();
  }

  private Locator card() {
    return page.locator("form.step");
  }

  private void at(String title) {
    assertThat(card().getByRole(AriaRole.HEADING)).hasText(title);
  }

  private void touch(Locator one) {
    one.click();
    touches++;
  }

  private void say(String word) {
    touch(
        card()
            .getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(word).setExact(true)));
  }

  private void note(String name, String value) {
    page.locator("input[name='" + name + "']").fill(value);
    touches++;
  }

  /** Done with the step, and not before the next is there: or the word why it is not done. */
  private void done() {
    String step = card().getAttribute("aria-label");
    say("Done");
    assertThat(
            page.locator("form.step:not(:has([role='alert']))")
                .filter(
                    new Locator.FilterOptions()
                        .setHas(
                            page.getByRole(
                                AriaRole.HEADING,
                                new Page.GetByRoleOptions().setName(step).setExact(true)))))
        .hasCount(0);
  }

  private Locator repairButton(String word) {
    return page.locator("section[aria-labelledby='prove-repair']")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(word).setExact(true));
  }

  private void prove(String word) {
    touch(repairButton(word));
  }

  /** Answers the check that is asked, and waits for the next: two may be answered by one word. */
  private void answer(String word) {
    answer(word, 1);
  }

  private void answer(String word, int taps) {
    Locator asked = page.locator("form.now");
    String check = asked.getAttribute("aria-label");
    repairButton(word).click(new Locator.ClickOptions().setClickCount(taps));
    touches++;
    assertThat(asked).not().hasAttribute("aria-label", check);
  }

  private void noneInTheSheets() {
    Locator none =
        card()
            .getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Read, it has none"));
    for (int each = 0; each < 5; each++) {
      touch(none.nth(each));
    }
    done();
  }

  private void outOfTheUnit() {
    at("Power off, locked, proved dead");
    done();
    at("Wait, and measure what is left");
    note("rest.volts", "62");
    done();
    assertThat(card().getByRole(AriaRole.ALERT)).containsText("below 50 V");
    note("rest.volts", "8");
    done();
    at("Photograph it as it is");
    done();
    at("Which wire sits where");
    note("wires", "red on T2, yellow on T4, blue on C");
    done();
    at("What is in the way, in order");
    say("Door");
    say("Heater box and its power");
    say("Blower housing");
    done();
    at("Where the wheel sits on the shaft");
    say("Stands out of the hub");
    note("shaft.depth", "0.75");
    say("The far side");
    say("6 o’clock");
    done();
    at("Where the band sits");
    note("band.in", "2.5");
    done();
    at("Wheel off");
    say("Is off");
    at("Clean it now");
    done();
  }

  private void besideIt() {
    at("The right part in the box");
    say("The right one");
    at("Lay them side by side");
    note("old.wires", "9");
    note("new.wires", "9");
    done();
    at("Read every sheet in the box");
    assertThat(card()).containsText("This one is not left out.");
    noneInTheSheets();
    at("What is carried over");
    done();
    at("Run it once before it goes up");
    say("It runs, and the right way");
  }

  private void intoTheUnit() {
    at("Motor in");
    assertThat(card().getByLabel("As it was")).containsText("2.5 in");
    assertThat(card().getByLabel("As it was")).containsText("6 o’clock");
    done();
    at("Wheel on");
    assertThat(card().getByLabel("As it was")).containsText("0.75 in");
    assertThat(card().getByLabel("As it was")).containsText("the far side");
    say("Nothing rubs");
    at("Look at each pin");
    say("One is pushed back");
    assertThat(card().getByRole(AriaRole.ALERT)).containsText("out from behind");
    say("All at full height, bright");
    at("Plugs and leads");
    done();
    at("Back in, in reverse");
    List<String> order = card().locator(".tick").allInnerTexts();
    assertTrue(
        order.get(0).contains("Blower housing") && order.get(2).contains("Door"), "" + order);
    for (int each = 0; each < 3; each++) {
      touch(card().getByRole(AriaRole.CHECKBOX).nth(each));
    }
    done();
  }

  private void anEquivalentMotorByHand() {
    outOfTheUnit();
    besideIt();
    intoTheUnit();
    at("Voltage link");
    say("Out, as its sheet says for 208-230");
    at("Which tap gets which call");
    assertThat(card().getByLabel("As it was")).containsText("yellow on T4");
    note("tap.COOL", "T4");
    done();
    at("Before power");
    done();
    at("First power, first call");
    say("Starts smoothly and runs");
    assertThat(page.getByText("Now prove the repair, below.")).isVisible();
  }

  private void anEquivalentMotorProved() {
    note("fullLoadAmps", "4.4");
    note("speedTaps", "5");
    prove("Keep");
    answer("The right way");
    // A double tap answers one call, not the next one too.
    answer("It runs", 2);
    answer("It runs");
    answer("It stands");
    answer("No code, after some minutes");
    answer("On");
    note("amps", "3.1");
    prove("Record");
    note("air.return.f", "70");
    note("air.supply.f", "95");
    note("heat.volts", "240");
    note("heat.amps", "20");
    note("tap", "2");
    note("torque.share.now", "45");
    note("torque.share.next", "65");
    prove("Record");
    assertThat(page.locator("form.now")).containsText("Tap 3, some 729 cfm");
    note("tap", "3");
    note("air.supply.f", "91");
    prove("Record");
    assertThat(page.locator("section[aria-labelledby='prove-repair'] .state"))
        .containsText("The repair is proved.");
  }

  /** An equivalent motor, whose tap is set by the air at the end; the report has all of it. */
  @Test
  void anEquivalentMotorWhoseTapIsSetByTheAir() {
    fitting(LOFT.formatted("1"), "EQUIVALENT_MOTOR");
    AccessibilityTest.check(page, "the first step of a job");
    anEquivalentMotorByHand();
    int hands = touches;
    anEquivalentMotorProved();
    System.out.println(
        "touches of an equivalent motor: "
            + hands
            + " by hand, "
            + (touches - hands)
            + " to prove it");
    settled(page);
    go("Hand over");
    page.getByLabel("The customer has it back, with its papers").check();
    settled(page);
    page.navigate("/");
    Locator mine =
        page.locator(".calls li").filter(new Locator.FilterOptions().setHasText("Loft 1"));
    assertThat(mine.first()).containsText("Handed over");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** A fan changed whole: no wheel, no band; its command as before, its own 10 V back. */
  @Test
  void aPlugFanChangedWhole() {
    fitting(WALL_OF_FANS, "SAME_MOTOR");
    done();
    note("rest.volts", "0");
    done();
    done();
    at("Which wire sits where");
    note("wires", "10 V yellow, ground blue");
    done();
    at("What is in the way, in order");
    done();
    at("Fan out, whole");
    note("cassette.screws", "8");
    note("old.wires", "7");
    done();
    say("The right one");
    at("Lay them side by side");
    note("new.wires", "7");
    done();
    noneInTheSheets();
    at("Fan in");
    assertThat(card().getByLabel("As it was")).containsText("8");
    say("Nothing rubs");
    say("All at full height, bright");
    done();
    done();
    at("Its command");
    note("command.set", "6.5");
    done();
    done();
    say("Starts smoothly and runs");
    System.out.println("touches of a plug fan: " + touches + " by hand");
    answer("The right way");
    answer("It runs");
    answer("It stands");
    answer("No code, after some minutes");
    assertThat(page.getByLabel("What the repair must show")).containsText("10 V out");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /**
   * It tries and gives up: first what was changed, then a new search, and the newest truth leads.
   */
  @Test
  void aNewMotorThatTriesAndGivesUpOpensASearchOfItsOwn() {
    fitting(LOFT.formatted("2"), "SAME_MOTOR");
    page.getByText("All steps").click();
    page.getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText("First power, first call"))
        .getByRole(AriaRole.BUTTON)
        .first()
        .click();
    at("First power, first call");
    say("Tries and gives up");
    Locator first = page.locator("section[aria-labelledby='fails']");
    assertThat(first).containsText("first what was changed");
    AccessibilityTest.check(page, "a repair that fails at its first run");
    // The old verdict heads nothing any more.
    settled(page);
    go("Prove");
    assertThat(
            page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText("In hand")))
        .containsText("First power, first call: Power off.");
    go("Fit");
    Locator right =
        first.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Looked at, right"));
    // Plug, link, taps, wheel.
    assertThat(right.nth(2)).isVisible();
    int looks = right.count();
    for (int each = 0; each < looks; each++) {
      right.nth(each).click();
    }
    first
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("Open a search on the new part"))
        .click();
    page.waitForURL("**/prove");
    assertThat(page.locator(".chain")).isVisible();
    // What is read from here on is the new part's, and stands with its own search.
    assertThat(
            page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText("In hand")))
        .hasCount(0);
    OnCall.numbers(page, "Measure line voltage", OnCall.inOrder("line.volts", "239"));
    String readings = "select count(*) from reading where call_id = '%s' and fact = 'line.volts'";
    assertEquals(1, browsing.application().count(readings.formatted(call())));
    page.navigate("/");
    Locator rows = page.locator(".calls li");
    Locator mine = rows.filter(new Locator.FilterOptions().setHasText("Loft 2"));
    assertThat(mine.filter(new Locator.FilterOptions().setHasText("Starts, then stops")))
        .hasCount(1);
    assertThat(mine.filter(new Locator.FilterOptions().setHasText("Waiting")))
        .containsText("A new search runs on the new part");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /**
   * In an attic without radio; then the telephone dies. What was noted is there when it is back.
   */
  @Test
  void whatWasNotedWithoutARadioIsThereAfterTheTelephoneDied() {
    fitting(LOFT.formatted("3"), "EQUIVALENT_MOTOR");
    done();
    settled(page);
    page.context().setOffline(true);
    note("rest.volts", "8");
    done();
    done();
    note("wires", "red on T2");
    done();
    say("Door");
    done();
    say("Stands out of the hub");
    note("shaft.depth", "0.875");
    say("The far side");
    say("3 o’clock");
    done();
    at("Where the band sits");
    String url = page.url();
    Page again = page.context().newPage();
    page.close();
    again.context().setOffline(false);
    again.navigate(url);
    page = again;
    at("Where the band sits");
    page.getByText("All steps").click();
    assertThat(page.locator(".all")).containsText("0.875 in");
    settled(page);
    page.reload();
    at("Where the band sits");
    // The part is not here: the list says so, and when it is due.
    page.getByText("It does not go on now").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("The part is not here"))
        .click();
    page.locator("input[name='until']").fill("2020-01-02");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep it so")).click();
    assertThat(page.locator(".held")).containsText("Fit it when it is in.");
    settled(page);
    page.navigate("/");
    assertThat(page.locator("section[aria-labelledby='due'] li").first()).containsText("Loft 3");
    assertThat(page.locator("section[aria-labelledby='due'] li").first()).containsText("Waiting");
  }

  /** One unit with two motors: its outdoor fan, and its blower. */
  private static final String SLAB =
      """
      {"place":"Heron Sluice","unitName":"Slab 9","complaint":"","symptom":"NO_RUN",
       "motor":{"family":"STAGED_CONDENSER","horsepower":0.25,"volts":"208-230","mount":"STUDS"},
       "unit":{"kind":"PACKAGED_UNIT","role":"OUTDOOR_FAN","heating":["HEAT_PUMP"],
               "installed":"2016-05-01"}}""";

  private static final String ITS_BLOWER =
      """
      {"place":"Heron Sluice","unitName":"Slab 9","complaint":"%s","symptom":"NO_RUN",
       "motor":{"family":"CONSTANT_TORQUE","horsepower":0.5,"volts":"208-230"},
       "unit":{"kind":"PACKAGED_UNIT","role":"INDOOR_BLOWER","heating":["HEAT_PUMP"]}}""";

  private void wired() {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Wire it")).click();
    makeTheRest(page);
  }

  private String call() {
    return page.url().replaceAll(".*/calls/([^/]+).*", "$1");
  }

  /** From what is heard to the way that is chosen, by thumb. */
  private void foundAndChosen(String told) {
    Browsing.callTold(page, told);
    go("Hear");
    page.getByText("Hums", new Page.GetByTextOptions().setExact(true)).click();
    settled(page);
    go("Prove");
    OnCall.numbers(page, "Measure line at the fan", OnCall.inOrder("line.volts", "239"));
    OnCall.numbers(page, "Measure the command at the motor", OnCall.inOrder("command.volts", "25"));
    OnCall.word(page, "Look at both plugs", "All seated");
    OnCall.word(page, "Turn the wheel by hand", "Free");
    go("Choose");
    OnCall.price(
        page, "Fixed-speed conversion", OnCall.inOrder("partPrice", "160", "labourHours", "2"));
    OnCall.show(page, "Fixed-speed conversion");
    OnCall.button(page, "Choose this: Fixed-speed conversion").click();
    OnCall.button(page, "Choose fixed-speed conversion").click();
    assertThat(page.getByLabel("What was chosen")).containsText("Fixed-speed conversion");
    settled(page);
    go("Fit");
  }

  /** What was done on these calls was done so many days ago; no application can do that. */
  private void ago(int days, String... calls) {
    String of = " in ('" + String.join("','", calls) + "')";
    String earlier = " - interval '" + days + " days'";
    for (String table : List.of("decision", "fit")) {
      browsing
          .application()
          .sql(
              """
              alter table %1$s disable trigger user;
              update %1$s set at = at%2$s where call_id%3$s;
              alter table %1$s enable trigger user;
              """
                  .formatted(table, earlier, of));
    }
    browsing
        .application()
        .sql(
            "update service_call set opened_at = opened_at%1$s, changed_at = changed_at%1$s where id%2$s"
                .formatted(earlier, of));
  }

  /**
   * A conversion outdoors, from what is heard to the label; and the same unit a year later, its old
   * readings used.
   */
  @Test
  void aConversionOutdoorsAndTheUnitAYearLater() {
    page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callTold(
        page,
        ITS_BLOWER.formatted("hums"),
        "winding.ab",
        "24",
        "winding.bc",
        "24",
        "winding.ca",
        "24",
        "winding.celsius",
        "40");
    String blower = call();
    foundAndChosen(SLAB);
    String conversion = call();
    at("Power off, locked, proved dead");
    done();
    note("rest.volts", "3");
    done();
    done();
    note("wires", "yellow low, brown high, blue common");
    done();
    say("Fan grille");
    done();
    say("Is flush with it");
    note("shaft.depth", "0");
    say("12 o’clock");
    done();
    at("Where its feet sit");
    note("feet.holes", "four, on the plate");
    done();
    at("Blade off");
    say("Is off");
    done();
    say("The right one");
    note("old.wires", "5");
    note("new.wires", "6");
    done();
    noneInTheSheets();
    done();
    say("It runs, and the right way");
    at("Motor up");
    done();
    at("Blade on");
    say("Nothing rubs");
    at("Capacitor and relays");
    done();
    at("The old motor’s plugs");
    assertThat(card()).containsText("stays live");
    assertThat(card().getByLabel("As it was")).containsText("brown high");
    done();
    say("All at full height, bright");
    done();
    at("The wiring, by the plan");
    assertThat(card()).containsText("The wiring is not begun.");
    assertThat(card().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done")))
        .isDisabled();
    wired();
    assertThat(card()).containsText("No ohm check is seen yet.");
    page.locator("button[aria-label^='So it is']:visible").first().click();
    done();
    at("Back in, in reverse");
    touch(card().getByRole(AriaRole.CHECKBOX).first());
    done();
    done();
    say("Starts smoothly and runs");
    assertThat(page.getByText("Now prove the repair, below.")).isVisible();
    answer("The right way");
    answer("It runs");
    answer("It runs");
    answer("It stands");
    assertThat(page.locator("form.now")).containsText("Force a defrost");
    answer("It stands");
    answer("No code, after some minutes");
    assertThat(page.getByLabel("What the repair must show")).containsText("Capacitor");
    settled(page);
    go("Hand over");
    String label =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the label"))
            .getAttribute("href");
    String said = PdfText.of(page.request().get(browsing.application().url() + label).body());
    for (String word :
        List.of("Slab 9", "Fitted: Fixed-speed conversion", "stays live, dead-ended")) {
      assertTrue(said.contains(word), word + " in " + said);
    }
    // The same unit again: what was done is remembered, and the old motor's plate is not.
    Browsing.callTold(page, SLAB.replace("\"horsepower\":0.25,", ""));
    String again = call();
    go("Hear");
    Locator before = page.getByLabel("This unit before");
    assertThat(before).containsText("It came back.");
    assertThat(page.getByLabel("From the last call")).hasCount(0);
    before.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Not known")).click();
    assertThat(before).containsText("Kept: not known.");
    settled(page);
    page.reload();
    assertThat(before).containsText("It came back.");
    assertThat(before).not().containsText("Once you know");

    // A year later the blower hums: its sound winding of then is what it is held against.
    ago(380, blower, conversion, again);
    Browsing.callTold(page, ITS_BLOWER.formatted("hums again"));
    go("Hear");
    assertThat(before).containsText("this winding was sound: 22.25 Ω a pair at 20 °C");
    assertThat(before).not().containsText("It came back.");
    OnCall.button(page, "Hold this winding against it").click();
    settled(page);
    go("Prove");
    OnCall.numbers(
        page,
        "Measure the three winding pairs",
        OnCall.inOrder("winding.ab", "12.1", "winding.bc", "12.1", "winding.ca", "12.1"));
    assertThat(page.locator("main")).containsText("A healthy pair of this very motor at 20 °C");
    // The label's text finds the unit, and what is in it.
    page.navigate("/");
    page.getByRole(AriaRole.SEARCHBOX).fill("Unit: Heron Sluice, Slab 9\nCall: " + conversion);
    page.waitForURL("**/units/" + conversion);
    Locator motors = page.getByLabel("Motors in it");
    assertThat(motors).containsText("Indoor blower");
    // The one that was converted is out; that one of the old kind was told of since says that the
    // new one is, too.
    assertThat(motors.getByRole(AriaRole.LISTITEM)).hasCount(4);
    assertThat(motors.locator(".gone").last()).containsText("Staged condenser fan");
    assertThat(motors.locator(".gone").first()).containsText("capacitor");
    assertThat(page.getByLabel("Left in it").first()).containsText("Fixed-speed conversion");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** The telephone died: opened anew where it was, still without a radio. */
  private void diedWithoutARadio() {
    String url = page.url();
    Page again = page.context().newPage();
    page.close();
    again.navigate(url);
    page = again;
  }

  /** On this device, with all that it needs read; from here on without a radio. */
  private void inTheAttic() {
    settled(page);
    page.navigate("/");
    page.locator(".calls li").first().waitFor();
    page.goBack();
    page.locator("form.step, section[aria-labelledby='by-hand']").first().waitFor();
    page.context().setOffline(true);
    diedWithoutARadio();
  }

  /** Of this page alone: others work on the same application. */
  private void sessionEnds() {
    String id =
        page.context().cookies().stream()
            .filter(one -> one.name.equals("rotor"))
            .findFirst()
            .orElseThrow()
            .value;
    browsing.application().sql("delete from spring_session where session_id = '" + id + "'");
  }

  private void backOnTheRoad() {
    page.context().setOffline(false);
    page.evaluate("window.dispatchEvent(new Event('online'))");
  }

  private void signed(String name) {
    OnCall.button(page, "Lay the ways before them, and let them sign").click();
    Locator sheet = page.locator(".el-dialog.sheet");
    assertThat(sheet).containsText("Prices hold until");
    sheet.getByLabel("Equivalent motor:").check();
    sheet.locator("input[name='sheet-by']").fill(name);
    sheet.getByText("Keep the answer").click();
    assertThat(sheet).containsText("Sign in the field.");
    AccessibilityTest.check(page, "the sheet laid before a customer");
    Locator pad = sheet.locator("canvas");
    pad.scrollIntoViewIfNeeded();
    BoundingBox field = pad.boundingBox();
    page.mouse().move(field.x + 30, field.y + 60);
    page.mouse().down();
    for (int at = 1; at < 20; at++) {
      page.mouse().move(field.x + 30 + 10 * at, field.y + 60 + (at % 2 == 0 ? 20 : -20));
    }
    page.mouse().up();
    sheet.getByText("Keep the answer").click();
    assertThat(sheet).containsText("Said by " + name);
    assertThat(sheet.locator("svg.name")).isVisible();
  }

  /**
   * A whole job without a radio, from a cold start: by hand, proved, signed for, the label read;
   * the session ends meanwhile. With a radio again all of it is the shop's, and says the same.
   */
  @Test
  @Sampled(3)
  void aWholeJobWithoutARadioFromAColdStart() {
    page = browsing.onTheDevice(Browsing.Size.PHONE);
    page.waitForResponse("**/api/calls/shop", () -> Browsing.callTold(page, LOFT.formatted("7")));
    Browsing.decided(page, "EQUIVALENT_MOTOR");
    go("Fit");
    inTheAttic();
    anEquivalentMotorByHand();
    diedWithoutARadio();
    assertThat(page.getByText("Now prove the repair, below.")).isVisible();
    anEquivalentMotorProved();
    go("Hand over");
    signed("Mabel Orchard");
    page.locator(".el-dialog.sheet .el-dialog__headerbtn").click();
    assertThat(page.getByText("the shop’s server makes it, once there is a connection").first())
        .isVisible();
    page.getByLabel("The customer has it back, with its papers").check();
    OnCall.button(page, "Show it here").click();
    String label = page.locator(".label").textContent();
    assertTrue(label.contains("Equivalent motor"), label);
    assertThat(page.locator("button.waiting")).containsText("kept here");
    sessionEnds();
    backOnTheRoad();
    Locator door =
        page.getByRole(AriaRole.DIALOG)
            .filter(new Locator.FilterOptions().setHasText("Your session has ended"));
    door.getByLabel("Password").fill("quiet-wheel-4");
    door.getByLabel("Password").press("Enter");
    settled(page);
    page.reload();
    assertThat(page.getByLabel("The customer has it back, with its papers")).isChecked();
    OnCall.button(page, "Show it here").click();
    assertThat(page.locator(".label")).hasText(label);
    assertThat(page.getByText("Signed on the screen, kept by")).isVisible();
    APIResponse sheet =
        page.request().get(browsing.application().url() + "/api/calls/" + call() + "/sheet/words");
    assertTrue(sheet.text().contains("Said by Mabel Orchard on"), sheet.text());
    assertTrue(sheet.text().contains("\"otherNow\":false"), sheet.text());
    go("Fit");
    assertThat(page.locator("section[aria-labelledby='prove-repair'] .state"))
        .containsText("The repair is proved.");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** A conversion planned and wired without a radio, from a cold start. */
  @Test
  void aConversionWiredWithoutARadioFromAColdStart() {
    page = browsing.onTheDevice(Browsing.Size.PHONE);
    // A unit of its own: what is done at one today is news to the next call of it.
    page.waitForResponse(
        "**/api/calls/shop", () -> foundAndChosen(SLAB.replace("Slab 9", "Slab 8")));
    inTheAttic();
    wired();
    assertThat(page.getByText("wires, all made")).isVisible();
    diedWithoutARadio();
    assertThat(page.getByText("wires, all made")).isVisible();
    backOnTheRoad();
    settled(page);
    page.reload();
    assertThat(page.getByText("wires, all made")).isVisible();
    String wirings = "select count(distinct call_id) from as_wired where call_id = '%s'";
    assertEquals(1, browsing.application().count(wirings.formatted(call())));
    assertEquals(List.of(), Browsing.faults(page));
  }
}
