package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.e2e.OnCall.button;
import static variablerotor.e2e.OnCall.link;
import static variablerotor.e2e.OnCall.settled;
import static variablerotor.e2e.OnCall.show;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.sampling.Sampled;

/** Parts from shelf and supply house, from the choice to the customer's answer. */
@ExtendWith(Browsing.class)
@Browsing.Alone
@Sampled(4)
class StockTest {
  private final Browsing browsing;

  StockTest(Browsing browsing) {
    this.browsing = browsing;
  }

  @AfterEach
  void supplyHouseIsBack() {
    browsing.application().supplyHouse(true);
  }

  private static final String TOLD =
      """
      {"place":"Ropewalk bindery","unitName":"Loft","complaint":"","symptom":"NO_RUN",
       "motor":{"family":"CONSTANT_TORQUE","horsepower":1,"volts":"208-230","moduleRemovable":true,
        "moduleSoldAlone":false},
       "unit":{"heating":["ELECTRIC"],"otherHeatOrCooling":false,"boardNeedsFeedback":false}}""";

  private static final String[] SHORTED = {
    "line.volts", "240",
    "command.volts", "25",
    "connector.look", "\"SEATED\"",
    "shaft.feel", "\"FREE\"",
    "winding.ab", "1.6",
    "winding.bc", "5.7",
    "winding.ca", "5.7"
  };

  private Page choosing(Browsing.Size size) {
    Page page = browsing.signedIn(size);
    Browsing.callTold(page, TOLD, SHORTED);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Choose").setExact(true))
        .click();
    page.locator(".side-by-side").waitFor();
    return page;
  }

  private static void sound(Page page, String view) {
    assertTrue(
        (Boolean) page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"),
        "nothing runs off the side: " + view);
    AccessibilityTest.check(page, view);
    assertEquals(List.of(), Browsing.faults(page));
  }

  private static Locator hit(Page page, String number) {
    return page.locator(".hit", new Page.LocatorOptions().setHasText(number));
  }

  private static void find(Page page, String words) {
    page.locator("input[name='part']").fill(words);
  }

  /**
   * A price is found, not typed; the supply house goes away in the middle, and everything that was
   * known of it stands, with its age, to the customer's answer and the motor on loan.
   */
  @ParameterizedTest
  @EnumSource
  void fromTheChoiceToTheAnswerWithTheSupplyHouseGone(Browsing.Size size) {
    Page page = choosing(size);
    show(page, "Same motor");
    link(page, "Find the part, Same motor").click();
    find(page, "kestrel 1 hp");
    hit(page, "QH-41002").getByRole(AriaRole.BUTTON).click();
    settled(page);
    assertThat(page.locator(".side-by-side")).containsText("$897");
    assertThat(page.locator(".side-by-side")).containsText("QH-41002, at the supply house");
    assertThat(page.locator(".side-by-side")).containsText("6 days");

    browsing.application().supplyHouse(false);
    page.reload();
    assertThat(page.getByText("The supply house does not answer")).isVisible();
    assertThat(page.getByText("What it said last is shown, with its age.")).isVisible();
    show(page, "Same motor");
    assertThat(page.locator(".side-by-side")).containsText("$897");
    sound(page, "choose, supply house gone");

    button(page, "Choose this: Same motor").click();
    button(page, "Choose same motor").click();
    Locator parts = page.getByLabel("Parts for this job");
    assertThat(parts).containsText("1 to order, 6 days.");
    parts.getByText("It is ordered").click();
    assertThat(parts).containsText("On order");
    assertThat(parts).containsText("1 on order");

    button(page, "Lend a motor").click();
    parts.getByText("Cobnut F half").first().click();
    button(page, "It goes out on loan").click();
    assertThat(parts).containsText("Due with what is ordered.");
    sound(page, "parts for the job");

    button(page, "Write the answer down").click();
    button(page, "Keep the answer").click();
    assertThat(page.getByText("Who said so?")).isVisible();
    Locator answer = page.getByLabel("The customer’s answer");
    answer.getByText("Same motor").click();
    answer.locator("input[name='by']").fill("R. Quill, owner");
    sound(page, "an answer");
    button(page, "Keep the answer").click();
    assertThat(answer).containsText("Same motor, said by R. Quill, owner");

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Hand over")).click();
    assertThat(page.getByLabel("The customer’s answer")).containsText("R. Quill, owner");
    sound(page, "hand over");

    page.navigate("/stock/out");
    Locator order =
        page.locator(".order", new Page.LocatorOptions().setHasText("QH-41002")).first();
    order.getByText("It arrived").click();
    Locator loan = page.locator(".loan", new Page.LocatorOptions().setHasText("Ropewalk")).first();
    assertThat(loan).containsText("Fetch it");
    sound(page, "on order, on loan");
    loan.getByText("It came back").click();
    loan.locator("select").selectOption(new SelectOption().setLabel("shelf B2"));
    loan.getByText("Keep it").click();
    assertThat(page.getByText("Loaners out: 1")).isVisible();
  }

  /** Taken for the job, put back; without radio it waits and goes out once there is some. */
  @Test
  void aPartIsTakenWithoutRadioAndPutBack() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    page.navigate("/stock");
    page.locator("select[name='van']").selectOption("Wren");
    page.navigate("/");
    page.getByText("Withy Eyot boathouse").click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Choose").setExact(true))
        .click();
    Locator parts = page.getByLabel("Parts for this job");
    Locator capacitor = parts.locator(".need", new Locator.LocatorOptions().setHasText("5 µF"));
    assertThat(capacitor).containsText("1 from van Wren");
    page.context().setOffline(true);
    capacitor.getByRole(AriaRole.BUTTON).click();
    assertThat(parts).containsText("Waits for the radio.");
    page.context().setOffline(false);
    assertThat(capacitor).containsText("Taken");
    assertThat(parts).containsText("1 × C5-370 taken for this call");
    parts.getByText("Put it back").click();
    assertThat(capacitor).containsText("1 from van Wren");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** By its barcode, by a number that was misread, and by the number of what it replaced. */
  @Test
  void aPartIsFoundByWhateverStandsOnIt() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.navigate("/stock");
    find(page, "2000047800753");
    assertThat(hit(page, "C75-440")).containsText("3 on van Wren");
    find(page, "2000047800754");
    assertThat(page.getByText("one of them was misread")).isVisible();
    find(page, "R24-I2");
    assertThat(hit(page, "R24-12")).containsText("look alike");
    find(page, "QH-51001");
    assertThat(hit(page, "QH-51003").last()).containsText("It came in the place of");
    sound(page, "a part found");
  }

  @Test
  void aPartIsCountedMovedAndChanged() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.navigate("/stock");
    page.getByText("T40", new Page.GetByTextOptions().setExact(true)).click();
    button(page, "Some came in").click();
    page.locator("input[name='count']").fill("3.5");
    button(page, "Keep it").click();
    assertThat(page.getByText("Allowed is a whole number.")).isVisible();
    page.locator("input[name='count']").fill("4");
    button(page, "Keep it").click();
    assertThat(page.locator(".places")).containsText("5 on van Wren");
    button(page, "I moved some").click();
    page.locator("select[name='where']").selectOption(new SelectOption().setLabel("shelf C1"));
    page.locator("input[name='count']").fill("9");
    button(page, "Keep it").click();
    assertThat(page.getByText("Only 5 of T40 left on van Wren.").first()).isVisible();
    page.locator("input[name='count']").fill("2");
    button(page, "Keep it").click();
    assertThat(page.locator(".places")).containsText("2 on shelf C1");
    button(page, "Change it").click();
    page.locator("input[name='price']").fill("-4");
    button(page, "Keep the part").click();
    assertThat(page.locator(".fault")).containsText("0 to 1000000");
    sound(page, "a part");
  }

  @Test
  void aListWithABadRowIsToldRowByRowAndNothingComesIn() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    page.navigate("/stock");
    page.locator("input[type='file']")
        .setInputFiles(
            new FilePayload(
                "stock.csv",
                "text/csv",
                "number,kind,price\r\nNEW-1,RELAY,12\r\nNEW-2,RELAY,-3\r\n"
                    .getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("Nothing was brought in.")).isVisible();
    assertThat(page.locator(".notice")).containsText("row 3, price");
    assertThat(page.getByText("NEW-1")).hasCount(0);
  }

  /** The plan of a conversion says what the van has and what must be got. */
  @Test
  void thePlansPartsSayWhereTheyLie() {
    Page page = choosing(Browsing.Size.LAPTOP);
    Browsing.decided(page, "FIXED_SPEED");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Fit").setExact(true))
        .click();
    Locator take = page.locator("section[aria-labelledby='take']");
    assertThat(take).containsText("Ask first");
    assertThat(take).containsText("adapter board");
    assertThat(take).containsText("1 from shelf B4");
    sound(page, "a plan's parts");
  }
}
