package variablerotor.core.schematic;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.LargeWiring;
import variablerotor.core.wiring.Plan;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Planner;
import variablerotor.core.wiring.Result;
import variablerotor.core.wiring.Wiring;
import variablerotor.core.wiring.Wirings;

/** What a drawing says to whoever follows it: sources, the motor's parts, and what is wrong. */
class DrawnTest {
  private static List<String> words(Drawing drawing) {
    return drawing.labels().stream().map(Drawing.Label::text).toList();
  }

  @Test
  void railsAreNamedBySourceAndTheCapacitorStandsInItsPlace() {
    List<String> words = words(Ladder.of(Wirings.staged(), Lit.dark(Wirings.staged())).drawing());
    for (String word :
        List.of("SRC L1", "SRC L2", "TR R •", "TR C", "• H1–H2", "M start", "CAP 5 µF")) {
      assertTrue(words.contains(word), word + " in " + words);
    }
    assertTrue(words.contains("moves NO1"), "a coil names its contacts");
  }

  /** Line, 24 V and ground differ by stroke, and not by colour alone. */
  @Test
  void circuitsAreToldApartByStroke() {
    Drawing drawing = Connections.of(Wirings.staged(), Lit.dark(Wirings.staged())).drawing();
    Set<String> strokes =
        drawing.strokes().stream()
            .map(one -> one.width() + (one.dashed() ? " dashed" : ""))
            .collect(Collectors.toSet());
    assertTrue(strokes.containsAll(Set.of("2.2", "1.1", "1.6 dashed")), strokes.toString());
  }

  @Test
  void whatIsWrongIsMarkedAndSaid() {
    Wiring wrong = Wirings.changed(Wirings.staged(), "-SRC.G-M.G");
    Result result = Result.of(wrong);
    Drawing drawing = Connections.of(wrong, Lit.dark(wrong).marking(result.all())).drawing();
    assertEquals(
        List.of("× G"),
        drawing.labels().stream()
            .filter(one -> one.ink() == Ink.FAILED)
            .map(Drawing.Label::text)
            .toList());
    String said = String.join(" ", words(FoundList.of(result.all())));
    assertTrue(said.startsWith("× M.G: The frame of M is not grounded"), said);
    Wiring right = Wirings.staged();
    assertEquals(0, FoundList.of(Result.of(right).all()).height());
  }

  /** A wire has its number of the plan at both ends; a colour only where it was chosen or read. */
  @Test
  void wiresAreNumberedAndTheirColoursSaid() {
    PlanRequest asked = Wirings.request(PlanRequest.Pattern.C, PlanRequest.CallId.COOL);
    Plan plan = Planner.of(asked);
    Plan.Step made = plan.wires().stream().filter(one -> !one.there()).findFirst().orElseThrow();
    Plan.Step there = plan.wires().stream().filter(Plan.Step::there).findFirst().orElseThrow();
    WireTags tags = WireTags.of(asked, List.of());
    List<Wiring.Wire> all = plan.wiring().wires();
    assertEquals(made.n() + " GRN", tags.at(made.to(), all));
    assertEquals(there.n() + "", tags.at(there.to(), all), "nobody read the factory's colour");
    assertEquals("", tags.at(made.to(), List.of()), "what is not drawn has none");
    WireTags read =
        WireTags.of(
            asked, List.of(new AsWired.Mark(there.from(), there.to(), "orange", "line in")));
    assertEquals(there.n() + " ORN", read.at(there.to(), all));
    List<String> words =
        words(Connections.of(plan.wiring(), Lit.dark(plan.wiring()), tags).drawing());
    assertTrue(words.contains(made.n() + " GRN"), words.toString());
    // In the ladder a wire is numbered where it ends at a symbol; of several, the numbers alone.
    Plan.Step alone =
        plan.wires().stream()
            .filter(one -> one.circuit() == Plan.Circuit.LINE && !one.there())
            .findFirst()
            .orElseThrow();
    List<String> ladder = words(Ladder.of(plan.wiring(), Lit.dark(plan.wiring()), tags).drawing());
    assertTrue(
        ladder.stream()
            .anyMatch(one -> one.matches("(\\d+, )*" + alone.n() + "(, \\d+| [A-Z]{3}).*")),
        alone + " " + ladder);
  }

  @Test
  void whatNobodyCouldReadIsNotDrawnAndSaysSo() {
    Wiring large = LargeWiring.of(260, 1);
    for (Sheet sheet :
        List.of(Ladder.of(large, Lit.dark(large)), Connections.of(large, Lit.dark(large)))) {
      assertEquals(1, words(sheet.drawing()).size());
      assertTrue(words(sheet.drawing()).get(0).startsWith("Too large to be drawn"));
    }
  }
}
