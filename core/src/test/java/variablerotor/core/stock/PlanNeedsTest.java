package variablerotor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PlanReader;
import variablerotor.core.wiring.Plan;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Planner;

/** A plan's list of parts and what is looked for in the stock are one. */
class PlanNeedsTest {
  private static PlanRequest plan(String pattern, Object... motor) throws InputFaults {
    Map<String, Object> of = new LinkedHashMap<>(Map.of("speeds", List.of("HIGH", "LOW")));
    for (int i = 0; i < motor.length; i += 2) {
      of.put((String) motor[i], motor[i + 1]);
    }
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("format", "variable-rotor-plan");
    tree.put("version", 1.0);
    tree.put("pattern", pattern);
    tree.put("supply", pattern.equals("D") ? "LINE_3PH" : "LINE_240");
    tree.put("transformerVa", 40.0);
    tree.put("calls", List.of("COOL", "FAN"));
    tree.put("contactorCalls", List.of("COOL"));
    tree.put("motor", of);
    return PlanReader.read(tree);
  }

  private static List<Need> needs(PlanRequest plan, String motor) {
    return PlanNeeds.of(plan, Planner.of(plan), motor);
  }

  @Test
  void everyPartOfEveryPatternIsLookedFor() throws InputFaults {
    for (String pattern : List.of("A", "A1", "B", "C", "D", "E")) {
      PlanRequest plan = plan(pattern, "amps", 2.6, "microfarads", 5.0, "capacitorVolts", 370.0);
      Plan made = Planner.of(plan);
      List<Need> needs = PlanNeeds.of(plan, made, "M");
      assertEquals(made.parts().size(), needs.size(), pattern);
      List<String> words = new ArrayList<>();
      made.parts().forEach(one -> words.add(one.need()));
      assertEquals(words, needs.stream().map(Need::words).toList(), pattern);
      needs.forEach(
          one -> {
            assertFalse(one.kind() == PartKind.OTHER, pattern + " " + one);
            assertNull(one.ask(), pattern + " " + one);
          });
    }
  }

  /** The relay that is picked carries what the plan's own words say. */
  @Test
  void aRelayCarriesWhatThePlanSays() throws InputFaults {
    Need relay =
        needs(plan("A", "amps", 2.6, "microfarads", 5.0, "capacitorVolts", 370.0), "M").stream()
            .filter(one -> one.kind() == PartKind.RELAY)
            .findFirst()
            .orElseThrow();
    assertEquals(10, relay.ratings().get(RatingField.AMPS));
    assertEquals(24, relay.ratings().get(RatingField.COIL_VOLTS));
  }

  @Test
  void whatIsNotKnownOfTheMotorIsAskedBeforeAPartIsPicked() throws InputFaults {
    for (Need need : needs(plan("D"), null)) {
      if (need.kind() == PartKind.OVERLOAD || need.kind() == PartKind.CONTACTOR) {
        assertNotNull(need.ask(), need.words());
      }
    }
    for (Need need : needs(plan("E"), null)) {
      if (need.kind() == PartKind.CAPACITOR || need.kind() == PartKind.MOTOR) {
        assertNotNull(need.ask(), need.words());
      }
    }
  }
}
