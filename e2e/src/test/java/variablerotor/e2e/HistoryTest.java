package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;

/** A unit that is met again, and a call that comes out of a file. */
@ExtendWith(Browsing.class)
@Sampled(5)
class HistoryTest {
  private static final String UNIT =
      """
      {"place":"Plover Mill","unitName":"Attic 3","complaint":"%s","symptom":"NO_RUN",
       "unit":{"kind":"AIR_HANDLER"},"motor":{"family":"CONSTANT_TORQUE","volts":"208-230"}}""";

  private final Browsing browsing;

  HistoryTest(Browsing browsing) {
    this.browsing = browsing;
  }

  @Test
  void whatAWindingReadWhenItWasSoundIsHeldAgainstItLater() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callTold(
        page, UNIT.formatted("hums"), "winding.ab", "24", "winding.bc", "24", "winding.ca", "24");
    Locator warm = page.getByLabel("How warm was the winding?");
    assertEquals(
        true,
        page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"),
        "nothing runs off the side");
    warm.fill("forty");
    warm.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("number");
    warm.fill("40");
    warm.press("Enter");
    assertThat(warm).not().isVisible();
    String first = page.url().replaceAll(".*/calls/([^/]+).*", "$1");
    Browsing.callTold(page, UNIT.formatted("hums again"));
    Locator before = page.getByLabel("This unit before");
    assertThat(before).containsText("this winding was sound: 22.25 Ω a pair at 20 °C");
    before.getByRole(AriaRole.BUTTON).click();
    assertThat(before).not().isVisible();
    assertThat(page.locator("main")).containsText("A healthy pair of this very motor at 20 °C");
    // The text of its label finds the unit, whichever of its calls stands on it.
    page.navigate("/");
    page.getByRole(AriaRole.SEARCHBOX).fill("Unit: Plover Mill, Attic 3\nCall: " + first);
    page.waitForURL("**/units/" + first);
    assertThat(page.locator(".visits > li")).hasCount(2);
    assertThat(page.getByLabel("Motors in it")).containsText("Constant-torque blower, 208-230 V");
    assertThat(page.locator(".visits > li").last()).containsText("A to B 24 Ω");
    page.locator(".visits > li").last().getByRole(AriaRole.LINK).click();
    page.waitForURL("**/calls/" + first + "*");
    assertEquals(List.of(), Browsing.faults(page));
  }

  /** A photo of a code, on a desk that is larger than it; drawn by ZXing. */
  private static FilePayload photo(String text) throws Exception {
    BitMatrix code = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 420, 420);
    BufferedImage photo = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < 1600; x++) {
      for (int y = 0; y < 1200; y++) {
        boolean on = x >= 500 && x < 920 && y >= 300 && y < 720;
        int grey = !on ? 150 + (x + y) % 40 : code.get(x - 500, y - 300) ? 30 : 225;
        photo.setRGB(x, y, grey << 16 | grey << 8 | grey);
      }
    }
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(photo, "png", png);
    return new FilePayload("label.png", "image/png", png.toByteArray());
  }

  @Test
  void aLabelIsScannedWithTheCamera() throws Exception {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    Browsing.callTold(page, UNIT.formatted("scanned").replace("Attic 3", "Attic 5"));
    String call = page.url().replaceAll(".*/calls/([^/]+).*", "$1");
    page.navigate("/");
    Locator camera = page.getByLabel("Scan a label");
    assertThat(camera).hasAttribute("capture", "environment");
    camera.setInputFiles(new FilePayload("x.png", "image/png", new byte[] {1, 2, 3}));
    assertThat(page.getByText("No code was found on that photo")).isVisible();
    camera.setInputFiles(photo("a box of screws"));
    assertThat(page.getByText("It says: a box of screws")).isVisible();
    camera.setInputFiles(photo("Unit: Plover Mill, Attic 5\nCall: " + call));
    page.waitForURL("**/units/" + call);
    assertEquals(List.of(), Browsing.faults(page));
  }

  private static final String LOUD =
      """
      {"place":"Dunlin Yard","unitName":"Roof 2","complaint":"","symptom":"NOISE",
       "motor":{"family":"DRIVE_FED_INDUCTION"}}""";

  /** What a call was is counted; once a lead lets it, the next call of its kind begins there. */
  @Test
  void whatACallTurnedOutToBeIsLearntFrom() {
    Page page = browsing.signedIn(Browsing.Size.PHONE);
    for (int i = 0; i < 6; i++) {
      Browsing.callTold(page, LOUD);
      page.navigate(page.url().replaceAll("(.*/calls/[^/]+).*", "$1/hand-over"));
      Locator card = page.getByLabel("Was it that?");
      card.getByText("It ended without: say what it was").click();
      card.getByText("It was …").click();
      card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Wheel")).click();
      card.getByText("Keep it").click();
      assertThat(card.getByRole(AriaRole.STATUS)).containsText("It was Wheel.");
    }
    Browsing.callTold(page, LOUD);
    String next = page.url().replaceAll(".*/calls/([^/]+).*", "$1");
    Locator first = page.getByLabel("Suspects").locator("li .name").first();
    assertThat(first).not().hasText("Wheel");

    Page lead = browsing.signedInAsLead(Browsing.Size.LAPTOP);
    lead.navigate("/learnt");
    assertThat(lead.getByText("The judged shares stand alone")).isVisible();
    lead.getByLabel("The judged shares are worth").fill("nothing");
    lead.getByText("Let our counts move them").click();
    assertThat(lead.getByRole(AriaRole.ALERT).first()).isVisible();
    lead.getByLabel("The judged shares are worth").fill("5");
    lead.getByText("Let our counts move them").click();
    assertThat(lead.getByText("The shop’s counts move what is likely")).isVisible();
    lead.getByText("Go through our last calls again").click();
    assertThat(lead.getByText("Right by the complaint alone")).isVisible();

    page.navigate("/calls/" + next + "/prove");
    assertThat(first).hasText("Wheel");
    assertThat(page.getByLabel("Suspects")).containsText("they prove nothing");
    lead.getByText("Back to the judged shares").click();
    assertThat(lead.getByText("The judged shares stand alone")).isVisible();
    page.reload();
    assertThat(first).not().hasText("Wheel");
    assertEquals(List.of(), Browsing.faults(page));
    assertEquals(List.of(), Browsing.faults(lead));
  }

  /** Each figure of the week leads to the calls behind it. */
  @Test
  void theWeekLeadsToItsCalls() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.callTold(page, UNIT.formatted("for the week").replace("Attic 3", "Attic 9"));
    assertThat(page.getByText("The week")).not().isVisible();
    Page lead = browsing.signedInAsLead(Browsing.Size.PHONE);
    lead.getByText("The week").click();
    lead.waitForURL("**/week");
    Locator figures = lead.getByLabel("The week in figures");
    assertThat(figures).containsText("open");
    figures.getByText("open").first().click();
    Locator open = lead.getByLabel("Open calls");
    open.locator("summary", new Locator.LocatorOptions().setHasText("Hearing")).click();
    open.getByText("Attic 9").click();
    lead.waitForURL("**/calls/**");
    assertEquals(List.of(), Browsing.faults(lead));
  }

  @Test
  void aCallComesOutOfItsFile() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    Browsing.callTold(page, UNIT.formatted("packed"), "line.volts", "241");
    String call = page.url().replaceAll(".*/calls/([^/]+).*", "$1");
    byte[] zip =
        page.request().get(browsing.application().url() + "/api/calls/" + call + "/file").body();
    page.navigate("/calls/new");
    Locator file = page.locator("input[type=file]");
    file.setInputFiles(new FilePayload("x.zip", "application/zip", new byte[] {1, 2, 3}));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("manifest.json");
    file.setInputFiles(new FilePayload("call.zip", "application/zip", zip));
    page.waitForURL("**/calls/" + call + "/hand-over");
    assertThat(page.getByText("Everything in one file")).isVisible();
    assertEquals(List.of(), Browsing.faults(page));
  }
}
