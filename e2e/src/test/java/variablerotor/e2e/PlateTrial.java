package variablerotor.e2e;

import com.microsoft.playwright.ElementHandle;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Drawn plates, read by the page.
 *
 * @param fields how many stand on them
 * @param right read right and not marked
 * @param marked read right or wrong, and marked to be looked at twice
 * @param wrong read wrong, and not marked
 */
record PlateTrial(int plates, int fields, int right, int marked, List<String> wrong) {
  /**
   * Reads plates in the form that is open on this page.
   *
   * @param seed of the first
   */
  static PlateTrial of(Page page, int plates, long seed) throws IOException {
    int fields = 0;
    int right = 0;
    int marked = 0;
    List<String> wrong = new ArrayList<>();
    for (int i = 0; i < plates; i++) {
      DrawnPlate plate = DrawnPlate.of(seed + i);
      fields += plate.says().size();
      Set<String> done = new HashSet<>();
      for (String[] one : read(page, plate)) {
        String says = plate.says().get(one[0]);
        if (one[2].equals("doubtful")) {
          marked++;
        } else if (one[1].equals(says)) {
          right += done.add(one[0]) ? 1 : 0;
        } else {
          wrong.add((seed + i) + " " + one[0] + ": " + one[1] + " for " + says);
        }
      }
    }
    return new PlateTrial(plates, fields, right, marked, List.copyOf(wrong));
  }

  /** Title, value and mark of each thing that the page found. */
  private static List<String[]> read(Page page, DrawnPlate plate) {
    page.locator("input[name='plate-picture']")
        .setInputFiles(new FilePayload("plate.jpg", "image/jpeg", plate.picture()));
    page.locator(".plate [role='status']")
        .filter(new Locator.FilterOptions().setHasText("the picture is not kept"))
        .waitFor(new Locator.WaitForOptions().setTimeout(120_000));
    List<String[]> found = new ArrayList<>();
    for (ElementHandle one : page.querySelectorAll(".plate .found li")) {
      String whole = one.querySelector("p").innerText();
      String value = one.querySelector("strong").innerText();
      String title = whole.substring(0, whole.indexOf(" " + value)).trim();
      found.add(new String[] {title, value, String.valueOf(one.getAttribute("class"))});
    }
    return found;
  }

  /** Prints how two hundred are read. */
  public static void main(String[] args) throws IOException {
    Browsing browsing = Browsing.alone();
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    form(page);
    long start = System.nanoTime();
    PlateTrial trial = of(page, 200, 1);
    double each = (System.nanoTime() - start) / 1e9 / trial.plates();
    System.out.printf(
        "plates by the camera    %d with %d things on them: %d right, %d marked, %d wrong and not"
            + " marked; %.1f s each%n",
        trial.plates(), trial.fields(), trial.right(), trial.marked(), trial.wrong().size(), each);
    trial.wrong().forEach(one -> System.out.println("  plate " + one));
    System.exit(0);
  }

  /** Opens the form of a new call's plates. */
  static void form(Page page) {
    Browsing.callWith(page, "CONSTANT_TORQUE", "NO_RUN");
    page.navigate(page.url().replace("/prove", "/hear"));
    page.locator("summary", new Page.LocatorOptions().setHasText("Place, complaint and plates"))
        .click();
  }
}
