package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;

/** On one call at the same time: two people, and one with two devices. */
@ExtendWith(Browsing.class)
@Sampled(3)
class TwoPeopleTest {

  private final Browsing browsing;

  TwoPeopleTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private static void plates(Page page, String call) {
    page.navigate(call.replace("/prove", "/hear"));
    page.locator("summary", new Page.LocatorOptions().setHasText("plates")).click();
  }

  private static Locator place(Page page) {
    return page.locator("input[name='place']");
  }

  @Test
  void whatOneRecordsComesOntoTheOthersPage() {
    Page tobin = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(tobin, "Otter Staithe");
    Page ines = browsing.signedInAsLead(Browsing.Size.LAPTOP);
    ines.navigate(tobin.url());
    assertThat(OnCall.station(ines, "Supply")).isVisible();
    tobin.locator("input[name='line.volts']").fill("241");
    tobin.locator("input[name='line.volts']").press("Enter");
    assertThat(ines.locator(".chain button[aria-label='Supply: good, 241 V']")).isVisible();
    assertThat(ines.locator(".news")).containsText("Tobin Ashgrove recorded");
    assertThat(tobin.locator(".news")).hasCount(0);
  }

  @Test
  void differentFieldsStandAndTheSameFieldIsAskedFor() {
    Page tobin = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.openCall(tobin, "Two Hands Weir");
    String call = tobin.url();
    plates(tobin, call);
    Page ines = browsing.signedInAsLead(Browsing.Size.LAPTOP);
    plates(ines, call);

    // Without radio, so that neither sees the other's in time.
    tobin.context().setOffline(true);
    place(tobin).fill("Two Hands Weir, north");
    tobin.locator("input[name='unitName']").fill("Cellar unit");
    assertThat(tobin.locator(".waiting").first()).containsText("kept here");
    place(ines).fill("Two Hands Weir, south");
    // The title is as the shop has it.
    assertThat(ines.locator("h1")).hasText("Two Hands Weir, south");
    tobin.context().setOffline(false);

    Locator dispute = tobin.locator(".conflict");
    assertThat(dispute).containsText("Two Hands Weir, south");
    assertThat(dispute).containsText("Ines Kallow");
    assertThat(dispute).containsText("Two Hands Weir, north");
    dispute
        .locator("button", new Locator.LocatorOptions().setHasText("Two Hands Weir, south"))
        .click();
    assertThat(dispute).hasCount(0);
    OnCall.settled(tobin);
    assertThat(place(tobin)).hasValue("Two Hands Weir, south");
    // What nobody disputed stood all the while, and the other sees it come.
    assertThat(ines.locator("input[name='unitName']")).hasValue("Cellar unit");
    assertThat(place(ines)).hasValue("Two Hands Weir, south");
  }

  /** Begun on the telephone, it stands on the laptop; what is read on one shows on the other. */
  @Test
  void oneWithATelephoneAndALaptop() {
    Page phone = browsing.onTheDevice(Browsing.Size.PHONE);
    Page laptop = browsing.onTheDevice(Browsing.Size.LAPTOP);
    Browsing.openCall(phone, "Sandpiper Hythe");
    OnCall.numbers(phone, "Measure line voltage", Map.of("line.volts", "241"));
    OnCall.settled(phone);
    laptop.navigate("/");
    laptop
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sandpiper Hythe"))
        .first()
        .click();
    assertThat(laptop.locator(".chain button[aria-label='Supply: good, 241 V']")).isVisible();
    OnCall.numbers(laptop, "Measure the command at the motor", Map.of("command.volts", "25"));
    assertThat(phone.locator(".chain button[aria-label*='25 V']")).isVisible();

    // One of them loses its radio; what was read on both by then is on both when it is back.
    phone.context().setOffline(true);
    OnCall.choose(phone, "Turn the wheel by hand");
    phone.locator(".choices button", new Page.LocatorOptions().setHasText("Free")).first().click();
    assertThat(phone.locator("button.waiting")).isVisible();
    OnCall.word(laptop, "Look at both plugs", "All seated");
    phone.context().setOffline(false);
    phone.evaluate("window.dispatchEvent(new Event('online'))");
    for (Page device : List.of(phone, laptop)) {
      OnCall.settled(device);
      device.locator("details.log summary").click();
      for (String read : List.of("241", "25", "free", "seated")) {
        assertThat(device.locator("details.log"))
            .containsText(read, new LocatorAssertions.ContainsTextOptions().setIgnoreCase(true));
      }
    }
    // No news to oneself.
    assertThat(laptop.locator(".news")).hasCount(0);
  }
}
