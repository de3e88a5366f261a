package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A technician in the crawl space and a lead in the office, on one call at the same time. */
@ExtendWith(Browsing.class)
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
}
