package variablerotor.js;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Shelf;
import variablerotor.core.family.Family;
import variablerotor.core.job.Settings;
import variablerotor.core.job.Shop;
import variablerotor.core.likelihood.Counted;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.Answers;
import variablerotor.core.view.CallAnswers;
import variablerotor.core.view.WiringAnswers;
import variablerotor.json.Json;
import variablerotor.sampling.Share;

/** The compiled core gives the answers of the JVM's, field by field and to the last digit. */
class SameAnswersTest {
  /** All of them with {@code ./rotor test --all}; else the first of the same. */
  private static final int RANDOM_CASES = Share.of(240, 24);

  /** Written cases, the ones with faults in them too, and simulated calls of every family. */
  private static List<String> cases() throws Exception {
    List<String> cases =
        new ArrayList<>(Files.readAllLines(Path.of("src/test/resources/cases.jsonl")));
    Random random = new Random(20260601);
    for (int i = 0; i < RANDOM_CASES; i++) {
      cases.add(Json.write(SimulatedCase.simulated(random)));
    }
    cases.add("{\"format\":\"variable-rotor-case\",\"version\":2,\"symptom\":\"SULKS\"}");
    cases.add("[1,2]");
    return cases;
  }

  private static Object onTheJvm(String line) throws InputFaults {
    try {
      return Json.read(Json.write(Answers.diagnose(Json.read(line))));
    } catch (InputFaults faults) {
      return errors(faults);
    }
  }

  private static Object errors(InputFaults faults) {
    List<Object> told = new ArrayList<>();
    faults
        .faults()
        .forEach(fault -> told.add(Tree.of("path", fault.path(), "message", fault.message())));
    return Tree.of("errors", told);
  }

  private static void same(List<String> cases, List<String> answers) throws Exception {
    assertEquals(cases.size(), answers.size());
    for (int i = 0; i < cases.size(); i++) {
      Object there = Json.read(answers.get(i));
      Object here = onTheJvm(cases.get(i));
      assertEquals("", difference("", here, there), cases.get(i));
      assertEquals(here, there);
    }
  }

  /** The path of the first field that differs, or nothing. */
  private static String difference(String path, Object here, Object there) {
    if (here instanceof Map<?, ?> map && there instanceof Map<?, ?> other) {
      for (Object key : map.keySet()) {
        String inner = difference(path + "." + key, map.get(key), other.get(key));
        if (!inner.isEmpty()) {
          return inner;
        }
      }
    } else if (here instanceof List<?> list && there instanceof List<?> other) {
      for (int i = 0; i < Math.min(list.size(), other.size()); i++) {
        String inner = difference(path + "[" + i + "]", list.get(i), other.get(i));
        if (!inner.isEmpty()) {
          return inner;
        }
      }
    } else if (here == null ? there != null : !here.equals(there)) {
      return path + ": here " + here + ", there " + there;
    }
    return "";
  }

  @Test
  void inNode() throws Exception {
    List<String> cases = cases();
    Path in = Files.createTempFile("cases", ".jsonl");
    Path out = Files.createTempFile("answers", ".jsonl");
    Files.write(in, cases);
    Process node =
        new ProcessBuilder(
                "node",
                "src/test/resources/answer-lines.mjs",
                SimulatedCase.MODULES.resolve("calls.mjs").toString())
            .redirectInput(in.toFile())
            .redirectOutput(out.toFile())
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    assertEquals(0, node.waitFor());
    same(cases, Files.readAllLines(out, StandardCharsets.UTF_8));
    Files.delete(in);
    Files.delete(out);
  }

  @Test
  void inChromium() throws Exception {
    List<String> cases = cases();
    try (Playwright playwright = SimulatedCase.playwright();
        Browser browser = SimulatedCase.launch(playwright)) {
      Page page = browser.newPage();
      page.route("**/*", SimulatedCase::serve);
      page.navigate("http://127.0.0.1/");
      Object first =
          page.evaluate(
              """
              async line => {
                const begin = performance.now()
                const calls = await import('/calls.mjs')
                const loaded = performance.now()
                calls.diagnose(JSON.parse(line))
                const answered = performance.now()
                globalThis.core = { ...calls, ...(await import('/wirings.mjs')) }
                return [loaded - begin, answered - loaded]
              }""",
              cases.get(1));
      System.out.println(
          "calls.mjs: "
              + Files.size(SimulatedCase.MODULES.resolve("calls.mjs"))
              + " byte; loaded and first answer [ms]: "
              + first
              + "; wirings.mjs: "
              + Files.size(SimulatedCase.MODULES.resolve("wirings.mjs"))
              + " byte");
      @SuppressWarnings("unchecked")
      List<String> answers =
          (List<String>)
              page.evaluate(
                  "lines => lines.map(line => JSON.stringify(core.diagnose(JSON.parse(line))))",
                  cases);
      same(cases, answers);
      bracketsCount(page);
      theWiringBenchToo(page);
      wholeCallsToo(page);
    }
  }

  /** A question of the page, as the JVM answers it. */
  private interface Question {
    Object answer(Object tree) throws InputFaults;
  }

  private static final Map<String, Question> BENCH =
      Map.of(
          "plan", WiringAnswers::plan,
          "run", WiringAnswers::run,
          "checks", WiringAnswers::checks,
          "draw", WiringAnswers::draw,
          "exercise", WiringAnswers::exercise);

  private static final int EXERCISES = Share.of(24, 8);

  /** Plans, wirings with a mistake, what is drawn and checked of them: the same in the page. */
  private static void theWiringBenchToo(Page page) throws InputFaults {
    for (int seed = 1; seed <= EXERCISES; seed++) {
      Map<?, ?> exercise = (Map<?, ?>) bench(page, "exercise", Tree.of("seed", seed));
      Object plan = exercise.get("plan");
      bench(page, "plan", plan);
      Map<String, Object> made =
          Tree.of(
              "format",
              "variable-rotor-as-wired",
              "version",
              1,
              "plan",
              plan,
              "wiring",
              exercise.get("wrong"));
      bench(page, "run", made);
      bench(page, "checks", exercise.get("right"));
      for (String sheet : List.of("LADDER", "CONNECTIONS")) {
        bench(
            page,
            "draw",
            Tree.of("wiring", exercise.get("wrong"), "sheet", sheet, "call", "COOL", "moment", 1));
      }
    }
    bench(page, "run", Tree.of("format", "variable-rotor-as-wired", "wiring", "none"));
  }

  private static final int CALLS = Share.of(40, 14);

  /**
   * Calls that a device holds, half of their readings sent and half waiting, and their choice: the
   * same in the page.
   */
  private static void wholeCallsToo(Page page) throws InputFaults {
    CallAnswers here = new CallAnswers();
    Map<String, Question> questions =
        Map.of(
            "shop", here::shop,
            "call", here::call,
            "choice", here::choice,
            "count", Answers::count);
    Shop shop =
        new Shop(
            Settings.usual("UTC"),
            List.of(),
            List.of(),
            Shelf.EMPTY,
            Experience.of(
                List.of(
                    new Counted(
                        Family.CONSTANT_TORQUE, Symptom.NO_RUN, List.of(Suspect.MODULE), 9)),
                40));
    asked(page, questions, "shop", Tree.withoutNulls(shop.tree()));
    Object press = Tree.of("down", 1, "up", 1.2, "lamp", 0);
    asked(page, questions, "count", Tree.of("presses", List.of(press, press), "now", 9));
    asked(page, questions, "count", Tree.of("presses", List.of(3)));
    Random random = new Random(20261130);
    for (int i = 0; i < CALLS; i++) {
      Map<String, Object> simulated = SimulatedCase.simulated(random);
      Map<String, Object> tree = SimulatedCase.held("c" + i, simulated);
      asked(page, questions, "call", tree);
      tree.put("dials", Tree.of("labourPerHour", 95));
      asked(page, questions, "choice", tree);
    }
  }

  private static Object bench(Page page, String verb, Object tree) throws InputFaults {
    return asked(page, BENCH, verb, tree);
  }

  private static Object asked(Page page, Map<String, Question> questions, String verb, Object tree)
      throws InputFaults {
    String asked = Json.write(tree);
    Object there =
        Json.read(
            (String)
                page.evaluate(
                    "([verb, line]) => JSON.stringify(core[verb](JSON.parse(line)))",
                    List.of(verb, asked)));
    Object here;
    try {
      here = Json.read(Json.write(questions.get(verb).answer(Json.read(asked))));
    } catch (InputFaults faults) {
      here = errors(faults);
    }
    assertEquals("", difference("", here, there), verb + " " + asked);
    assertEquals(here, there);
    return here;
  }

  /** A double's last digit hangs on its brackets; see KeepBrackets. */
  private static void bracketsCount(Page page) {
    Random random = new Random(7);
    int telling = 0;
    for (int i = 0; i < 200; i++) {
      double a = 10 * random.nextDouble();
      double b = 10 * random.nextDouble();
      double c = 10 * random.nextDouble();
      List<?> there =
          (List<?>) page.evaluate("([a, b, c]) => [...core.brackets(a, b, c)]", List.of(a, b, c));
      double[] here = Calls.brackets(a, b, c);
      for (int k = 0; k < here.length; k++) {
        assertEquals(here[k], ((Number) there.get(k)).doubleValue());
      }
      telling += here[0] != a * b / c ? 1 : 0;
    }
    assertTrue(telling > 20, "enough of the numbers tell brackets from none: " + telling);
  }
}
