package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From room to room: each has its name on the window, and is where keys and a reader start. */
@ExtendWith(Browsing.class)
class RoomsTest {
  private final Browsing browsing;

  RoomsTest(Browsing browsing) {
    this.browsing = browsing;
  }

  @Test
  void everyRoomHasItsNameAndIsWhereKeysStart() {
    Page page = browsing.signedIn(Browsing.Size.LAPTOP);
    assertThat(page).hasTitle("Calls – Variable Rotor");
    Map<String, String> names =
        Map.of("Codes", "Code books", "Stock", "Stock", "Practice", "Practice", "Calls", "Calls");
    for (String room : List.of("Codes", "Stock", "Practice", "Calls")) {
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(room).setExact(true))
          .first()
          .press("Enter");
      assertThat(page).hasTitle(names.get(room) + " – Variable Rotor");
      assertThat(page.locator("h1")).isFocused();
    }
    assertEquals(List.of(), Browsing.faults(page));
  }

  /**
   * Over plain http from elsewhere a browser keeps nothing: that is said, and the page not blank.
   */
  @Test
  void anUnprotectedAddressIsSaid() {
    Page page = browsing.page(Browsing.Size.PHONE, ColorScheme.LIGHT);
    page.addInitScript("Object.defineProperty(window, 'isSecureContext', { value: false })");
    page.navigate("/");
    assertThat(page.getByText("This address is not protected (http)")).isVisible();
    assertThat(page.getByLabel("Password")).hasCount(0);
  }
}
