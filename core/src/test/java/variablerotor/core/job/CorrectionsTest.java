package variablerotor.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;

class CorrectionsTest {
  private static Particulars told() throws InputFaults {
    return Particulars.read(
        Tree.of(
            "place",
            "Quay",
            "unitName",
            "Unit 2",
            "complaint",
            "",
            "symptom",
            "NO_RUN",
            "unit",
            Map.of("coolingTons", 3.0, "heating", List.of("ELECTRIC")),
            "motor",
            Map.of("family", "CONSTANT_TORQUE", "horsepower", 0.5),
            "wires",
            Map.of("C", "blue"),
            "running",
            Map.of("airflowCfm", 1200.0)));
  }

  private static Correction from(String field, Object was, Object now) {
    return new Correction(field, was, now);
  }

  @Test
  void everyFieldComesApartAndTogetherAgain() throws InputFaults {
    assertEquals(told(), Corrections.onto(told(), List.of()));
    Map<String, Object> fields = Corrections.fields(told());
    assertEquals(0.5, fields.get("motor.horsepower"));
    assertEquals("blue", fields.get("wires.C"));
    assertEquals(List.of("ELECTRIC"), fields.get("unit.heating"));
  }

  @Test
  void twoPeopleWhoTouchDifferentFieldsBothStand() throws InputFaults {
    Particulars one = Corrections.onto(told(), List.of(from("motor.horsepower", 0.5, 0.75)));
    List<Correction> second =
        List.of(from("motor.volts", null, "230"), from("wires.VSP", null, "pink"));
    assertEquals(List.of(), Corrections.disputed(one, second));
    Particulars both = Corrections.onto(one, second);
    assertEquals(0.75, both.motor().horsepower());
    assertEquals("230", both.motor().volts());
    assertEquals(Map.of("C", "blue", "VSP", "pink"), both.wires());
    assertEquals(1200.0, both.running().airflowCfm());
  }

  @Test
  void aFieldThatSomebodyElseChangedIsDisputedUnlessToTheSame() throws InputFaults {
    Particulars now = Corrections.onto(told(), List.of(from("motor.horsepower", 0.5, 1)));
    assertEquals(1, Corrections.disputed(now, List.of(from("motor.horsepower", 0.5, 0.75))).size());
    assertEquals(0, Corrections.disputed(now, List.of(from("motor.horsepower", 0.5, 1))).size());
    assertEquals(0, Corrections.disputed(now, List.of(from("complaint", null, "hums"))).size());
    assertEquals(0, Corrections.disputed(now, List.of(from("place", " Quay ", "Mole"))).size());
  }

  @Test
  void ticksOfTwoPeopleAddUpAndAreTakenAway() throws InputFaults {
    Particulars one = Corrections.onto(told(), List.of(from("agreed.UNIT_LITERATURE", null, null)));
    assertEquals(List.of(), one.agreed());
    InputFaults unknown =
        assertThrows(
            InputFaults.class,
            () -> Corrections.onto(told(), List.of(from("agreed.NO_SUCH", null, true))));
    assertEquals("agreed", unknown.faults().get(0).path());
  }

  @Test
  void whatIsTakenAwayIsGone() throws InputFaults {
    List<Correction> away =
        List.of(
            from("motor.horsepower", 0.5, null),
            from("unit.heating", List.of("ELECTRIC"), List.of()));
    Particulars now = Corrections.onto(told(), away);
    assertNull(now.motor().horsepower());
    assertTrue(now.unit().heating().isEmpty());
  }

  @ParameterizedTest
  @ValueSource(strings = {"motor.bogus", "bogus", "motor", "motor.", "unit.kind.x", "", "agreed"})
  void aFieldThatIsNoneIsRefusedByItsName(String field) {
    InputFaults faults =
        assertThrows(
            InputFaults.class, () -> Corrections.onto(told(), List.of(from(field, null, "x"))));
    assertTrue(faults.faults().get(0).path().contains(field), faults.faults().toString());
  }

  @Test
  void whatIsNotAllowedIsRefusedAsInTheWhole() {
    InputFaults faults =
        assertThrows(
            InputFaults.class,
            () -> Corrections.onto(told(), List.of(from("motor.horsepower", 0.5, -3.0))));
    assertEquals("motor.horsepower", faults.faults().get(0).path());
    assertThrows(
        InputFaults.class,
        () -> Corrections.onto(told(), List.of(from("motor.family", "CONSTANT_TORQUE", null))));
  }
}
