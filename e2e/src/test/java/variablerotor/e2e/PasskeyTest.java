package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.sampling.Sampled;

/** Somebody is invited, comes in, and signs in by the lock of the device from then on. */
@ExtendWith(Browsing.class)
class PasskeyTest {
  private static final String OWN = "orchard lamp seven";

  private final Browsing browsing;
  private final String login = "w" + UUID.randomUUID().toString().substring(0, 8);

  PasskeyTest(Browsing browsing) {
    this.browsing = browsing;
  }

  private String at(String path) {
    return browsing.application().url().replace("127.0.0.1", "localhost") + path;
  }

  /** A lead adds somebody, and has a link for them. */
  private String invited() {
    Page page = browsing.signedInAsLead(Browsing.Size.LAPTOP);
    page.navigate("/shop");
    page.locator("input[name=personName]").fill("Wren Larkspur");
    page.locator("input[name=personLogin]").fill(login);
    OnCall.button(page, "Add").click();
    Locator told = page.locator(".invited");
    assertThat(told).containsText("Wren Larkspur comes in by this link, once");
    assertThat(told.getByRole(AriaRole.IMG)).isVisible();
    assertThat(page.getByText(login + ", technician, has not come in yet")).isVisible();
    String link = told.locator("code").innerText();
    AccessibilityTest.check(page, "people, one of them invited");
    page.navigate("/shop/audit");
    assertThat(page.locator("main ol"))
        .containsText("Ines Kallow made a link to come in by: Wren Larkspur");
    AccessibilityTest.check(page, "who did what");
    page.context().close();
    return link;
  }

  /** A telephone with a lock of its own that opens when it is asked. */
  private Page telephone() {
    Page page = browsing.page(Browsing.Size.PHONE, ColorScheme.LIGHT);
    CDPSession session = page.context().newCDPSession(page);
    session.send("WebAuthn.enable");
    JsonObject lock = new JsonObject();
    lock.addProperty("protocol", "ctap2");
    lock.addProperty("transport", "internal");
    lock.addProperty("hasResidentKey", true);
    lock.addProperty("hasUserVerification", true);
    lock.addProperty("isUserVerified", true);
    JsonObject options = new JsonObject();
    options.add("options", lock);
    session.send("WebAuthn.addVirtualAuthenticator", options);
    return page;
  }

  private static void signOut(Page page) {
    OnCall.button(page, "Wren Larkspur: menu").click();
    OnCall.button(page, "Sign out").click();
    page.locator("input[name=login]").waitFor();
  }

  private void comeIn(Page page, String link) {
    page.navigate(link);
    assertThat(page.locator("main")).containsText("Wren Larkspur, choose a password");
    AccessibilityTest.check(page, "an invitation");
    page.locator("input[name=password]").fill("short");
    OnCall.button(page, "Come in").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("12");
    page.locator("input[name=password]").fill(OWN);
    OnCall.button(page, "Come in").click();
    page.locator("#passkeys").waitFor();
    assertFalse(page.url().contains(link.substring(link.indexOf('#'))), page.url());
  }

  private static void own(Page page, String password) {
    page.locator("input[name=passkeyOwn]").fill(password);
  }

  @Test
  @Sampled(2)
  void whoeverIsInvitedComesInOnceAndThenByTheLockOfTheDevice() {
    String link = invited();
    Page page = telephone();
    comeIn(page, link);

    page.locator("input[name=passkeyName]").fill("Telephone");
    own(page, "another password");
    OnCall.button(page, "Let its lock sign me in").click();
    assertThat(page.locator("#passkeys .notice")).containsText("is not your password");
    own(page, OWN);
    OnCall.button(page, "Let its lock sign me in").click();
    assertThat(page.locator("#passkeys")).containsText("Telephone signs you in from now on.");
    own(page, OWN);
    OnCall.button(page, "Let a password alone sign me in no more").click();
    assertThat(page.locator("#passkeys")).containsText("From now on a password is not enough");

    signOut(page);
    page.locator("input[name=login]").fill(login);
    page.locator("input[name=password]").fill(OWN);
    page.locator("form button[type=submit]").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("a password is not enough");
    Request[] signed = new Request[1];
    page.onRequest(
        request -> {
          if (request.url().endsWith("/api/session/passkey")) {
            signed[0] = request;
          }
        });
    OnCall.button(page, "Sign in by this device’s lock").click();
    page.getByText("Open a call").first().waitFor();

    // What was signed once is not taken a second time, whoever got hold of it.
    Object again =
        page.evaluate(
            """
            async (body) => {
              const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]
              const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
              return (await fetch('/api/session/passkey', { method: 'POST', headers, body })).status
            }""",
            signed[0].postData());
    assertEquals(409, again);

    page.navigate(at("/shop"));
    OnCall.button(page, "End: Telephone").click();
    OnCall.button(page, "End Telephone").click();
    assertThat(page.locator("#passkeys .notice")).containsText("This is the last one");
    own(page, OWN);
    OnCall.button(page, "Let a password be enough again").click();
    assertThat(page.locator("#passkeys")).containsText("A password is enough again.");
    OnCall.button(page, "End Telephone").click();
    assertThat(page.locator("#passkeys")).containsText("Telephone signs you in no more");

    signOut(page);
    OnCall.button(page, "Sign in by this device’s lock").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("This passkey is not known here");
    page.navigate(link);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("This invitation holds no more");
    assertEquals(0, Browsing.faults(page).size(), Browsing.faults(page).toString());
  }
}
