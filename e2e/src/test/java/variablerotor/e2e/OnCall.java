package variablerotor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.LinkedHashMap;
import java.util.Map;

/** What a technician does on the Prove stage. */
final class OnCall {
  private OnCall() {}

  static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  /** Ticks what comes next until nothing is left of the plan. */
  static void makeTheRest(Page page) {
    button(page, "All of these are there").click();
    Locator next = page.locator("section[aria-labelledby='to-make'] .steps button").first();
    while (next.count() > 0) {
      String step = next.getAttribute("aria-label");
      next.click();
      assertThat(page.getByLabel(step, new Page.GetByLabelOptions().setExact(true))).hasCount(0);
    }
  }

  /** Takes the check, whatever is next, and gives its numbers one after the other. */
  static void numbers(Page page, String ask, Map<String, String> values) {
    choose(page, ask);
    values.forEach(
        (fact, value) -> {
          page.locator("input[name='" + fact + "']").fill(value);
          page.locator("input[name='" + fact + "']").press("Enter");
        });
    settled(page);
  }

  static void word(Page page, String ask, String answer) {
    choose(page, ask);
    page.locator(".choices button", new Page.LocatorOptions().setHasText(answer)).first().click();
    settled(page);
  }

  static void choose(Page page, String ask) {
    button(page, "Another check").click();
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(ask))
        .click();
  }

  /** On a telephone one way is in sight at a time: brings this one there. */
  static void show(Page page, String way) {
    Locator strip = page.locator(".strip button", new Page.LocatorOptions().setHasText(way));
    if (strip.isVisible()) {
      strip.click();
    }
  }

  /** Types what a way costs, on the Choose stage. */
  static void price(Page page, String way, Map<String, String> figures) {
    show(page, way);
    Locator change = link(page, "Change the price, " + way);
    if (change.count() > 0) {
      change.click();
    } else {
      link(page, "Find the part, " + way).click();
      button(page, "Nobody knows it: type the price").click();
    }
    figures.forEach(
        (field, value) -> {
          Locator input = page.locator("form.price input[name='" + field + "']");
          input.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
          // What is seldom known is folded away.
          if (!input.isVisible()) {
            page.locator("form.price summary").click();
          }
          input.fill(value);
        });
    button(page, "Keep the price").click();
    settled(page);
  }

  /** A button that looks like a link, by all of its text, what only a reader hears included. */
  static Locator link(Page page, String text) {
    return page.locator(".link-button", new Page.LocatorOptions().setHasText(text));
  }

  /** Every entry has been taken by the server, and what follows from it is shown. */
  static void settled(Page page) {
    PlaywrightAssertions.assertThat(page.locator("button.waiting")).hasCount(0);
    PlaywrightAssertions.assertThat(page.locator("main[aria-busy='true']")).hasCount(0);
  }

  static Map<String, String> inOrder(String... pairs) {
    Map<String, String> map = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      map.put(pairs[i], pairs[i + 1]);
    }
    return map;
  }

  static Locator station(Page page, String name) {
    return page.locator(".chain button[aria-label^='" + name + ":']");
  }
}
