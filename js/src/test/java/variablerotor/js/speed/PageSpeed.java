package variablerotor.js.speed;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.zip.GZIPOutputStream;
import variablerotor.core.choice.Shelf;
import variablerotor.core.family.Family;
import variablerotor.core.job.Settings;
import variablerotor.core.job.Shop;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.tree.Tree;
import variablerotor.js.SimulatedCase;
import variablerotor.json.Json;

/**
 * How fast a call is worked out in the page on a processor slowed fourfold, as a telephone's, by
 * family, what camera and microphone take of it, and how large the parts of the rules are: prints
 * figures.
 */
public final class PageSpeed {
  private static final int SLOWED = 4;
  private static final int CALLS = 12;

  private PageSpeed() {}

  /** Prints them. */
  public static void main(String[] args) throws IOException {
    for (String part : List.of("calls", "wirings", "senses")) {
      Path file = SimulatedCase.MODULES.resolve(part + ".mjs");
      System.out.printf(
          Locale.ROOT,
          "%s.mjs: %d byte, compressed %d%n",
          part,
          Files.size(file),
          compressed(Files.readAllBytes(file)));
    }
    try (Playwright playwright = SimulatedCase.playwright();
        Browser browser = SimulatedCase.launch(playwright)) {
      Page page = browser.newPage();
      page.route("**/*", SimulatedCase::serve);
      page.navigate("http://127.0.0.1/");
      CDPSession session = page.context().newCDPSession(page);
      JsonObject rate = new JsonObject();
      rate.addProperty("rate", SLOWED);
      session.send("Emulation.setCPUThrottlingRate", rate);
      Object loaded =
          page.evaluate(
              """
              async shop => {
                const begin = performance.now()
                globalThis.core = await import('/calls.mjs')
                core.shop(JSON.parse(shop))
                return Math.round(performance.now() - begin)
              }""",
              Json.write(Tree.withoutNulls(shop().tree())));
      System.out.println("loaded, slowed " + SLOWED + " times [ms]: " + loaded);
      Random random = new Random(20261130);
      for (Family family : Family.values()) {
        if (family.isVariableSpeed()) {
          print(page, family, random);
        }
      }
      senses(page);
    }
  }

  private static Shop shop() {
    Settings usual = Settings.usual("UTC");
    return new Shop(usual, List.of(), List.of(), Shelf.EMPTY, Experience.NONE);
  }

  private static void print(Page page, Family family, Random random) {
    List<String> calls = new ArrayList<>();
    while (calls.size() < CALLS) {
      Map<String, Object> one = SimulatedCase.simulated(random);
      if (((Map<?, ?>) one.get("motor")).get("family").equals(family.name())) {
        calls.add(Json.write(SimulatedCase.held("c" + calls.size(), one)));
      }
    }
    List<?> took =
        (List<?>)
            page.evaluate(
                """
                lines => lines.map(line => {
                  const tree = JSON.parse(line)
                  const begin = performance.now()
                  core.call(tree)
                  return performance.now() - begin
                })""",
                calls);
    double[] sorted =
        took.subList(1, took.size()).stream()
            .mapToDouble(one -> ((Number) one).doubleValue())
            .sorted()
            .toArray();
    System.out.printf(
        Locale.ROOT,
        "%-28s first %5.0f ms, then p50 %5.0f ms, slowest %5.0f ms%n",
        family,
        ((Number) took.get(0)).doubleValue(),
        sorted[sorted.length / 2],
        sorted[sorted.length - 1]);
  }

  /**
   * A minute of a lamp at thirty frames a second, with a look each second; twelve seconds of sound.
   */
  private static void senses(Page page) {
    Object took =
        page.evaluate(
            """
            async () => {
              const senses = await import('/senses.mjs')
              const timed = work => {
                const begin = performance.now()
                work()
                return performance.now() - begin
              }
              const sorted = list => list.sort((a, b) => a - b)
              const middle = list => sorted(list)[Math.floor(list.length / 2)]
              const most = list => sorted(list)[list.length - 1]
              const { lamps } = senses.film({ seed: 5 })
              senses.watch({ lamps })
              const frames = [], looks = []
              for (let i = 0; i < 1800; i++) {
                const frame = senses.nextFrame({})
                frames.push(timed(() => senses.frame(frame)))
                if (i % 30 === 29) looks.push(timed(() => senses.seen({})))
              }
              const fan = senses.fan({ seed: 8 })
              senses.listen({ rate: fan.rate, mains: 60 })
              let heard = 0
              for (let at = 0; at + 4096 <= fan.samples.length; at += 4096) {
                heard += timed(() => senses.hear({ samples: fan.samples.slice(at, at + 4096) }))
              }
              const speed = timed(() => senses.speed({ blades: fan.blades }))
              const starts = timed(() => senses.starts({}))
              const ms = one => one.toFixed(1) + ' ms'
              return [
                `a frame of a lamp: p50 ${ms(middle(frames))}, slowest ${ms(most(frames))}`,
                `a look at a minute of it: p50 ${ms(middle(looks))}, slowest ${ms(most(looks))}`,
                `a second of sound: ${ms(heard / (fan.samples.length / fan.rate))}`,
                `a speed of twelve seconds: ${ms(speed)}; its starts: ${ms(starts)}`,
              ].join('\\n')
            }""");
    System.out.println(took);
  }

  private static int compressed(byte[] bytes) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (GZIPOutputStream zip = new GZIPOutputStream(out)) {
      zip.write(bytes);
    }
    return out.size();
  }
}
