package variablerotor.js;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Route;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import variablerotor.core.bench.BenchCall;
import variablerotor.core.bench.HiddenFault;
import variablerotor.core.bench.MeterModel;
import variablerotor.core.bench.SimulatedMotor;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Fact;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.tree.Tree;

/** Calls on simulated motors, and a page that has the compiled core and no server. */
public final class SimulatedCase {
  /** Where the compiled core lies. */
  public static final Path MODULES = Path.of("target/js").toAbsolutePath();

  private SimulatedCase() {}

  /** A call of some family, some of its checks answered by a machine with a hidden fault. */
  public static Map<String, Object> simulated(Random random) {
    Family[] families = Family.values();
    Family family = families[random.nextInt(families.length)];
    Symptom symptom = Symptom.values()[random.nextInt(Symptom.values().length)];
    if (!family.isVariableSpeed() || HiddenFault.choices(family, symptom).isEmpty()) {
      return simulated(random);
    }
    HiddenFault hidden = HiddenFault.draw(family, symptom, random, false);
    SimulatedMotor motor = new SimulatedMotor(hidden);
    MeterModel meter = new MeterModel(random, 0.1);
    List<Object> facts = new ArrayList<>();
    for (Check check : FamilyModel.of(family).checks()) {
      if (random.nextInt(4) == 0) {
        for (Fact fact : BenchCall.answers(motor, check, meter)) {
          facts.add(Tree.of("id", fact.type().id(), "value", fact.value().plain()));
        }
      }
    }
    Map<String, Object> unit = Tree.of("installed", "2019-02-28", "warrantyUntil", "2024-02-29");
    return Tree.of(
        "format",
        "variable-rotor-case",
        "version",
        1,
        "unit",
        unit,
        "motor",
        Tree.of("family", family, "volts", motor.plateVolts()),
        "symptom",
        symptom,
        "facts",
        facts);
  }

  /** The same call as a device holds it: opened there, every reading waiting, and a choice. */
  public static Map<String, Object> held(String id, Map<String, Object> simulated) {
    Map<String, Object> told = new LinkedHashMap<>(simulated);
    told.put("place", "Weir " + id);
    List<Object> saves = new ArrayList<>();
    for (Object fact : (List<?>) simulated.get("facts")) {
      Map<?, ?> one = (Map<?, ?>) fact;
      Object body = Tree.of("fact", one.get("id"), "value", one.get("value"));
      saves.add(save("r" + saves.size(), "readings", body));
    }
    saves.add(save("d", "decisions", Tree.of("route", "SAME_MOTOR", "done", List.of())));
    return Tree.of("opened", save(id, "calls", told), "saves", saves, "today", "2026-11-30");
  }

  private static Map<String, Object> save(String id, String kind, Object body) {
    String at = "2026-11-30T08:00:00.000Z";
    return Tree.of("id", id, "kind", kind, "body", body, "author", "Tobin", "at", at);
  }

  /** The browser's driver. */
  public static Playwright playwright() {
    return Playwright.create(
        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  }

  public static Browser launch(Playwright playwright) {
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                .setArgs(
                    List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking")));
  }

  /** The page and its module, without a server. */
  public static void serve(Route route) {
    String url = route.request().url();
    if (url.endsWith(".mjs")) {
      Path module = MODULES.resolve(url.substring(url.lastIndexOf('/') + 1));
      route.fulfill(new Route.FulfillOptions().setPath(module).setContentType("text/javascript"));
    } else {
      route.fulfill(
          new Route.FulfillOptions().setContentType("text/html").setBody("<title>core</title>"));
    }
  }
}
