package variablerotor.core.casefile;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.Wiring;
import variablerotor.core.wiring.Wirings;

class AsWiredReaderTest {
  private static final PlanRequest PLAN =
      Wirings.request(PlanRequest.Pattern.A, CallId.COOL, CallId.HEAT_PUMP);

  @Test
  void whatIsWrittenReadsBackTheSame() throws InputFaults {
    Wiring wiring = Wirings.staged();
    Wiring.Wire wire = wiring.wires().get(2);
    AsWired made =
        new AsWired(
            PLAN,
            wiring,
            List.of(new AsWired.Mark(wire.from(), wire.to(), "violet", "old Y2")),
            List.of(new AsWired.Tick("24 V COOL", true), new AsWired.Tick("line COOL", false)));
    assertEquals(made, AsWiredReader.read(made.tree()));
    AsWired bare = new AsWired(null, wiring, List.of(), List.of());
    assertEquals(bare, AsWiredReader.read(bare.tree()));
  }

  @Test
  void everyFaultIsToldByItsPath() {
    Map<String, Object> tree = new AsWired(PLAN, Wirings.staged(), List.of(), List.of()).tree();
    tree.put("plan", Map.of("format", PlanRequest.FORMAT, "version", 1.0));
    tree.put("marks", List.of(Tree.of("wire", List.of("K1.A", "K9.A"), "colour", "red")));
    tree.put("ticks", List.of(Tree.of("check", "x"), "no object"));
    List<String> paths =
        assertThrows(InputFaults.class, () -> AsWiredReader.read(tree)).faults().stream()
            .map(InputFault::path)
            .toList();
    assertEquals(
        List.of("plan.pattern", "plan.motor.speeds", "marks[0].wire", "ticks[0].ok", "ticks[1]"),
        paths);
    tree.put("wiring", "none");
    assertEquals(
        "wiring",
        assertThrows(InputFaults.class, () -> AsWiredReader.read(tree)).faults().stream()
            .map(InputFault::path)
            .filter(one -> one.startsWith("wiring"))
            .findFirst()
            .orElseThrow());
  }
}
