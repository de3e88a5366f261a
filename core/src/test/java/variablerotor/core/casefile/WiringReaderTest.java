package variablerotor.core.casefile;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.Result;
import variablerotor.core.wiring.Wiring;
import variablerotor.core.wiring.Wirings;

/** A wiring out of a file, and every fault of one with its path. */
class WiringReaderTest {
  private static Map<String, Object> tree() {
    return Wirings.staged().tree();
  }

  private static List<String> paths(Map<String, Object> tree) {
    return assertThrows(InputFaults.class, () -> WiringReader.read(tree)).faults().stream()
        .map(InputFault::path)
        .toList();
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> with(String field, Object more) {
    Map<String, Object> tree = tree();
    List<Object> list = new ArrayList<>((List<Object>) tree.get(field));
    list.add(more);
    tree.put(field, list);
    return tree;
  }

  private static int size(String field) {
    return ((List<?>) tree().get(field)).size();
  }

  @Test
  void whatIsWrittenReadsBackTheSame() throws InputFaults {
    Wiring wiring = WiringReader.read(tree());
    assertEquals(Wirings.staged(), wiring);
    assertTrue(Result.of(wiring).ok());
  }

  @Test
  void eachFaultOfAWireIsToldByItsPlace() {
    String wire = "wires[" + size("wires") + "]";
    assertEquals(List.of(wire + "[0]"), paths(with("wires", List.of("K9.A", "TR.C"))));
    assertEquals(List.of(wire + "[1]"), paths(with("wires", List.of("TR.C", "K1.Z"))));
    assertEquals(List.of(wire), paths(with("wires", List.of("K1.A", "K1.A"))));
    assertEquals(List.of(wire), paths(with("wires", List.of("TR.C", "K1.B"))), "twice the same");
    assertEquals(List.of(wire), paths(with("wires", "K1.A")));
    assertEquals(List.of(wire + "[0]"), paths(with("wires", List.of(3.0, "K1.A"))));
  }

  @Test
  void tenThousandWiresAreTooMany() {
    Map<String, Object> tree = tree();
    List<Object> many = new ArrayList<>();
    for (int i = 0; i < 10_000; i++) {
      many.add(List.of("K1.A", "K1.B"));
    }
    tree.put("wires", many);
    assertEquals(List.of("wires"), paths(tree));
  }

  @Test
  void partsCallsAndExpectationsAreChecked() {
    String part = "parts[" + size("parts") + "]";
    assertEquals(List.of(part + ".id"), paths(with("parts", Tree.of("id", "K1", "type", "RELAY"))));
    assertEquals(List.of(part + ".type"), paths(with("parts", Tree.of("id", "Q", "type", "PUMP"))));
    assertEquals(
        List.of(part + ".coilVa"),
        paths(with("parts", Tree.of("id", "Q", "type", "RELAY", "coilVa", -7.0))));
    assertEquals(
        List.of(part + ".form", part + ".when"),
        paths(with("parts", Tree.of("id", "Q", "type", "CONTACT", "form", "XX"))));
    assertEquals(
        List.of(part + ".call"), paths(with("parts", Tree.of("id", "Q", "type", "OUTPUT"))));
    String call = "calls[" + size("calls") + "]";
    assertEquals(
        List.of(call + ".after"),
        paths(with("calls", Tree.of("name", "odd", "on", List.of(), "after", "never"))));
    assertEquals(
        List.of(call + ".after"),
        paths(with("calls", Tree.of("name", "odd", "on", List.of(), "after", "odd"))));
    assertEquals(
        List.of(call + ".name"), paths(with("calls", Tree.of("name", "IDLE", "on", List.of()))));
    String expect = "expect[" + size("expect") + "]";
    assertEquals(
        List.of(expect + ".call", expect + ".motor"),
        paths(with("expect", Tree.of("call", "never", "motor", "WARP"))));
  }

  @Test
  void aPlanIsReadAndItsFaultsAreToldByPath() {
    Map<String, Object> bad =
        Tree.of(
            "format", "variable-rotor-plan",
            "version", 1,
            "pattern", "Z",
            "supply", "TRANSFORMER",
            "outputs", "X",
            "cabinet", "TWO",
            "calls", List.of("NAP"),
            "speedFor", Tree.of("COOL", "FAST", "NAP", "HIGH"),
            "motor", Tree.of("speeds", List.of("COM"), "amps", -1.0));
    List<String> paths =
        assertThrows(InputFaults.class, () -> PlanReader.read(bad)).faults().stream()
            .map(InputFault::path)
            .toList();
    assertTrue(
        paths.containsAll(
            List.of(
                "pattern",
                "supply",
                "outputs",
                "cabinet",
                "calls[0]",
                "speedFor.COOL",
                "speedFor.NAP",
                "motor.speeds",
                "motor.amps")),
        paths.toString());
  }
}
