package variablerotor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;

/** The usual caution stands before every step that can hurt, and none where it says nothing. */
class CautionTest {
  private static final Set<String> TOUCHES_PLUGS =
      Set.of(
          "connector.look",
          "run.reseated",
          "bus.volts.unplugged",
          "logic.volts.unplugged",
          "aux.volts.unloaded",
          "drive.output.unloaded",
          "shaft.feel.module_off");

  private static final Set<String> ASKED_ONLY =
      Set.of(
          "heard.answer",
          "runs.rest",
          "replaced.recently",
          "thermostat.call",
          "plate.moduleRemovable",
          "plate.moduleSoldAlone");

  static Stream<Check> everyCheck() {
    return Stream.of(Family.values())
        .filter(Family::isVariableSpeed)
        .filter(FamilyModel::covers)
        .flatMap(family -> FamilyModel.of(family).checks().stream())
        .distinct();
  }

  @ParameterizedTest
  @MethodSource("everyCheck")
  void itStandsBeforeTheStep(Check check) {
    String caution = check.question().caution();
    boolean plugOrModule =
        TOUCHES_PLUGS.contains(check.id())
            || check.state() == UnitState.CONTROL_PLUG_OUT
            || check.state() == UnitState.MODULE_OFF
            || check.state() == UnitState.ON_BENCH;
    if (plugOrModule) {
      assertTrue(caution.contains("below 50 V"), check.id() + ": " + caution);
    }
    assertEquals(ASKED_ONLY.contains(check.id()), caution.isEmpty(), check.id() + ": " + caution);
    if (check.id().equals("emf")) {
      assertTrue(caution.contains("leads are live"));
    }
    assertFalse(caution.contains("null"));
  }
}
