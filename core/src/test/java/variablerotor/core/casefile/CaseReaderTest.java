package variablerotor.core.casefile;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.FactType;
import variablerotor.core.view.DiagnosisView;

class CaseReaderTest {
  private static Map<String, Object> minimal() {
    Map<String, Object> tree = new HashMap<>();
    tree.put("format", "variable-rotor-case");
    tree.put("version", 1.0);
    tree.put("motor", new HashMap<>(Map.of("family", "CONSTANT_TORQUE")));
    tree.put("symptom", "NO_RUN");
    return tree;
  }

  private static Map<String, Object> fact(String id, Object value) {
    Map<String, Object> fact = new HashMap<>();
    fact.put("id", id);
    fact.put("value", value);
    return fact;
  }

  @Test
  void readsTheLeastThatIsRequired() throws InputFaults {
    CaseFile file = CaseReader.read(minimal());
    assertTrue(file.facts().isEmpty());
    Map<String, Object> answer = DiagnosisView.of(Engine.diagnose(file.situation(10))).tree();
    assertEquals(Engine.VERSION, answer.get("engine"));
  }

  static Stream<Arguments> badFacts() {
    return Stream.of(
        Arguments.of("line.volts", "lots", "facts[0].value"),
        Arguments.of("line.volts", -1.0, "facts[0].value"),
        Arguments.of("line.volts", 1e9, "facts[0].value"),
        Arguments.of("line.volts", Double.POSITIVE_INFINITY, "facts[0].value"),
        Arguments.of("line.volts", Double.NaN, "facts[0].value"),
        Arguments.of("line.volts", "OL", "facts[0].value"),
        Arguments.of("line.volts", null, "facts[0].value"),
        Arguments.of("winding.ab", -0.5, "facts[0].value"),
        Arguments.of("winding.ab", 1e12, "facts[0].value"),
        Arguments.of("winding.ab", "ol", "facts[0].value"),
        Arguments.of("call.present", "yes", "facts[0].value"),
        Arguments.of("shaft.feel", "WOBBLY", "facts[0].value"),
        Arguments.of("meter.count_ohms", 0.0, "facts[0].value"),
        Arguments.of("code", 7.0, "facts[0].value"),
        Arguments.of("code", Map.of("book", "Alder"), "facts[0].value"),
        Arguments.of("code.suspects", List.of("GREMLIN"), "facts[0].value"),
        Arguments.of("window.bus.volts", List.of(350.0, 270.0), "facts[0].value"),
        Arguments.of("window.bus.volts", List.of(350.0), "facts[0].value"),
        Arguments.of("line.amps", 4.0, "facts[0].id"),
        Arguments.of(null, 4.0, "facts[0].id"));
  }

  @ParameterizedTest
  @MethodSource("badFacts")
  void badFactIsToldByItsPath(String id, Object value, String path) {
    Map<String, Object> tree = minimal();
    tree.put("facts", List.of(fact(id, value)));
    InputFaults faults = assertThrows(InputFaults.class, () -> CaseReader.read(tree));
    assertEquals(1, faults.faults().size());
    assertEquals(path, faults.faults().get(0).path());
    assertTrue(faults.faults().get(0).message().contains("found"));
    assertTrue(faults.faults().get(0).message().contains("allowed"));
  }

  static Stream<Arguments> badFields() {
    return Stream.of(
        Arguments.of("format", "other-case", "format"),
        Arguments.of("version", 2.0, "version"),
        Arguments.of("version", "1", "version"),
        Arguments.of("symptom", "SULKS", "symptom"),
        Arguments.of("symptom", null, "symptom"),
        Arguments.of("motor", Map.of("family", "STEAM"), "motor.family"),
        Arguments.of("motor", Map.of("family", "PSC"), "motor.family"),
        Arguments.of("motor", Map.of(), "motor.family"),
        Arguments.of("motor", "a motor", "motor"),
        Arguments.of(
            "motor", Map.of("family", "CONSTANT_TORQUE", "volts", "230-208"), "motor.volts"),
        Arguments.of("motor", Map.of("family", "CONSTANT_TORQUE", "volts", "many"), "motor.volts"),
        Arguments.of(
            "motor", Map.of("family", "CONSTANT_TORQUE", "horsepower", -1.0), "motor.horsepower"),
        Arguments.of("motor", Map.of("family", "CONSTANT_TORQUE", "phases", 1.5), "motor.phases"),
        Arguments.of("unit", Map.of("kind", "TOASTER"), "unit.kind"),
        Arguments.of("unit", Map.of("installed", "2015-13-01"), "unit.installed"),
        Arguments.of("unit", Map.of("installed", 2015.0), "unit.installed"),
        Arguments.of("unit", Map.of("heating", List.of("WOOD")), "unit.heating[0]"),
        Arguments.of("unit", Map.of("heating", "GAS"), "unit.heating"),
        Arguments.of("unit", Map.of("otherHeatOrCooling", "no"), "unit.otherHeatOrCooling"),
        Arguments.of("facts", "none", "facts"),
        Arguments.of("facts", List.of("line.volts"), "facts[0]"),
        Arguments.of("title", 7.0, "title"));
  }

  @ParameterizedTest
  @MethodSource("badFields")
  void badFieldIsToldByItsPath(String field, Object value, String path) {
    Map<String, Object> tree = minimal();
    tree.put(field, value);
    InputFaults faults = assertThrows(InputFaults.class, () -> CaseReader.read(tree));
    assertTrue(
        faults.faults().stream().anyMatch(fault -> fault.path().equals(path)),
        faults.faults().toString());
  }

  @Test
  void everyFaultIsToldAtOnce() {
    Map<String, Object> tree = minimal();
    tree.put("symptom", "SULKS");
    tree.put("facts", List.of(fact("line.volts", "lots"), fact("shaft.feel", "ODD")));
    InputFaults faults = assertThrows(InputFaults.class, () -> CaseReader.read(tree));
    assertEquals(3, faults.faults().size());
  }

  @Test
  void whatIsNoCaseAtAllIsTold() {
    for (Object tree : new Object[] {null, "case", 1.0, new ArrayList<>()}) {
      assertThrows(InputFaults.class, () -> CaseReader.read(tree));
    }
  }

  @Test
  void unknownFieldsAreToldAndLeftOut() throws InputFaults {
    Map<String, Object> tree = minimal();
    tree.put("motor", Map.of("family", "CONSTANT_TORQUE", "horsepwer", 0.5));
    assertEquals(List.of("motor.horsepwer"), CaseReader.read(tree).unknownFields());
  }

  @Test
  void everyFactIdIsItsOwn() {
    for (FactType type : FactType.values()) {
      assertEquals(type, FactType.ofId(type.id()));
    }
  }
}
