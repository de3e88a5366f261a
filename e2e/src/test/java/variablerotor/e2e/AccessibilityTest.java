package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.sampling.Sampled;
import variablerotor.sampling.Share;

/**
 * No violation of WCAG level A or AA on any view, in light and dark, at both sizes (axe). Each run
 * looks at every other view at one of the sizes; {@code --all} at all of it.
 */
@ExtendWith(Browsing.class)
@Order(1)
@Sampled(2)
class AccessibilityTest {
  private final Browsing browsing;

  /** So many have been come to. */
  private int views;

  AccessibilityTest(Browsing browsing) {
    this.browsing = browsing;
  }

  /** Every other view, by half the sample: the sample itself says at which size. */
  private boolean hasItsTurn() {
    return Share.ALL || (views++ + Share.SAMPLE / 2) % 4 == 0;
  }

  private void checkInTurn(Page page, String view) {
    if (hasItsTurn()) {
      check(page, view);
    }
  }

  /** From wherever the list led. */
  private static void toProve(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Prove").setExact(true))
        .click();
    page.locator(".chain").waitFor();
  }

  /** The two sizes side by side. */
  @Execution(ExecutionMode.CONCURRENT)
  @ParameterizedTest
  @EnumSource
  void everyView(Browsing.Size size) {
    Page page = browsing.page(size, ColorScheme.LIGHT);
    page.getByLabel("Password").waitFor();
    checkInTurn(page, "sign-in");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ines Kallow")).click();
    page.locator(".calls").waitFor();
    checkInTurn(page, "list");
    page.getByText("Lantern Street bakery").click();
    toProve(page);
    checkInTurn(page, "prove, decided");
    for (String stage : List.of("Hear", "Choose", "Fit", "Hand over")) {
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(stage).setExact(true))
          .click();
      page.locator("main .card").first().waitFor();
      checkInTurn(page, stage);
    }
    page.navigate("/codes");
    page.getByText("Oxbow outdoor").click();
    page.locator("main .card").first().waitFor();
    checkInTurn(page, "a code book");
    page.navigate("/");
    page.getByText("Saltmarsh clinic").click();
    toProve(page);
    checkInTurn(page, "prove, five-wire");
    page.navigate("/");
    page.getByText("Wicker Bridge library").click();
    page.locator(".check").waitFor();
    checkInTurn(page, "prove, first check");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Connect a meter")).click();
    page.locator(".display").waitFor();
    checkInTurn(page, "a meter connected");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Another check")).click();
    page.getByRole(AriaRole.DIALOG).waitFor();
    checkInTurn(page, "all checks");
    for (String path :
        List.of(
            "/shop",
            "/learnt",
            "/about",
            "/calls/new",
            "/codes",
            "/count",
            "/ear",
            "/practice/senses",
            "/practice",
            "/motors",
            "/motors/van",
            "/stock",
            "/stock/out",
            "/stock/supply")) {
      if (hasItsTurn()) {
        page.navigate(path);
        page.locator("main .card").first().waitFor();
        check(page, path);
      }
    }
  }

  /**
   * In light by every rule, in dark by those of colour: what else a page says is the same. On a
   * telephone the colours are those of the laptop, so its dark is looked at with all tests only.
   */
  static void check(Page page, String view) {
    boolean both = Share.ALL || page.viewportSize().width == Browsing.Size.LAPTOP.width;
    for (ColorScheme scheme :
        both ? List.of(ColorScheme.LIGHT, ColorScheme.DARK) : List.of(ColorScheme.LIGHT)) {
      page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
      page.locator("html[data-theme='" + scheme.name().toLowerCase(Locale.ROOT) + "']").waitFor();
      // One frame, so nothing is to be gathered in a second page.
      // Whatever passes need not be described.
      AxeRunOptions violationsOnly = new AxeRunOptions();
      violationsOnly.setResultTypes(List.of("violations"));
      AxeBuilder axe = new AxeBuilder(page).setLegacyMode(true).options(violationsOnly);
      if (scheme == ColorScheme.LIGHT) {
        axe.withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa"));
      } else {
        axe.withRules(List.of("color-contrast", "link-in-text-block"));
      }
      List<String> violations =
          axe.analyze().getViolations().stream().map(AccessibilityTest::spoken).toList();
      assertEquals(List.of(), violations, view + ", " + scheme);
    }
  }

  private static String spoken(Rule rule) {
    return rule.getId() + ": " + rule.getNodes().stream().map(n -> n.getHtml()).limit(3).toList();
  }
}
