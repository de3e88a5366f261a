package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;

/** The rules of proof of the trade, for the constant-torque blower. */
class ConstantTorqueTest {
  private static final Object[] FREE_AND_FED = {
    "line.volts", 240, "command.volts", 25, "shaft.feel", "FREE", "connector.look", "SEATED"
  };
  private static final Object[] SOUND_PAIRS = {
    "winding.ab", 22, "winding.bc", 21, "winding.ca", 22
  };
  private static final Object[] CLEAR_FRAME = {
    "winding.frame.a", "OL", "winding.frame.b", "OL", "winding.frame.c", "OL"
  };

  private static Object[] all(Object[]... parts) {
    return java.util.Arrays.stream(parts).flatMap(java.util.Arrays::stream).toArray();
  }

  private static void decided(Diagnosis diagnosis, Suspect... suspects) {
    assertEquals(VerdictState.DECIDED, diagnosis.verdict().state(), diagnosis.toString());
    assertEquals(List.of(suspects), diagnosis.verdict().suspects());
    assertTrue(diagnosis.nextTests().isEmpty());
  }

  private static SuspectState state(Diagnosis diagnosis, Suspect suspect) {
    return diagnosis.suspects().stream()
        .filter(view -> view.id() == suspect)
        .findFirst()
        .orElseThrow()
        .state();
  }

  private static boolean warns(Diagnosis diagnosis, String id) {
    return diagnosis.warnings().stream().anyMatch(warning -> warning.id().name().equals(id));
  }

  @Test
  void allGoodButItDoesNotRunIsTheModule() {
    Diagnosis diagnosis = Calls.torque(Symptom.NO_RUN, all(FREE_AND_FED, SOUND_PAIRS, CLEAR_FRAME));
    decided(diagnosis, Suspect.MODULE);
    assertEquals(SuspectState.CLEARED, state(diagnosis, Suspect.WINDING));
    assertEquals(SuspectState.CLEARED, state(diagnosis, Suspect.SUPPLY));
  }

  @Test
  void anUncheckedWindingLeavesTheModuleABestGuess() {
    for (Object[] left : List.of(new Object[0], SOUND_PAIRS, CLEAR_FRAME)) {
      Object[] sold = {"plate.moduleRemovable", true, "plate.moduleSoldAlone", true};
      Diagnosis diagnosis = Calls.torque(Symptom.NO_RUN, all(FREE_AND_FED, sold, left));
      assertEquals(VerdictState.NARROWED, diagnosis.verdict().state());
      assertEquals(Suspect.MODULE, diagnosis.verdict().suspect());
      assertTrue(warns(diagnosis, "WINDING_UNCHECKED"));
      assertTrue(
          diagnosis.verdict().remedy().wouldChange().stream()
              .anyMatch(c -> c.startsWith("winding")),
          diagnosis.verdict().remedy().toString());
    }
  }

  @Test
  void commandAtTheBoardAndNoneAtTheMotorIsTheHarness() {
    decided(
        Calls.torque(
            Symptom.NO_RUN, "command.volts.board", 25.5, "command.volts", 0, "line.volts", 118),
        Suspect.HARNESS);
  }

  @Test
  void noCommandAnywhereWithACallIsTheBoard() {
    Diagnosis diagnosis =
        Calls.torque(
            Symptom.NO_RUN,
            "line.volts",
            118,
            "call.present",
            true,
            "control.volts",
            26,
            "command.volts.board",
            0);
    decided(diagnosis, Suspect.COMMAND);
    assertTrue(share(diagnosis, Suspect.HARNESS) < 0.01);
  }

  @Test
  void noCommandAtTheMotorAloneDoesNotTellBoardFromHarness() {
    Diagnosis diagnosis = Calls.torque(Symptom.NO_RUN, "line.volts", 118, "command.volts", 0);
    assertNotEquals(VerdictState.DECIDED, diagnosis.verdict().state());
    assertEquals(SuspectState.CLEARED, state(diagnosis, Suspect.MODULE));
    assertNotEquals(SuspectState.CLEARED, state(diagnosis, Suspect.COMMAND));
    assertNotEquals(SuspectState.CLEARED, state(diagnosis, Suspect.HARNESS));
  }

  @Test
  void noLineAtThePlugIsTheSupply() {
    decided(Calls.torque(Symptom.NO_RUN, "line.volts", 3), Suspect.SUPPLY);
  }

  @Test
  void weakControlVoltsAreNeverTheMotor() {
    Diagnosis diagnosis = Calls.torque(Symptom.NO_RUN, "line.volts", 240, "command.volts", 14);
    assertEquals(SuspectState.CLEARED, state(diagnosis, Suspect.MODULE));
    assertEquals(SuspectState.CLEARED, state(diagnosis, Suspect.WINDING));
    assertTrue(warns(diagnosis, "CONTROL_VOLTS_LOW"));
  }

  @Test
  void lockedWithTheWheelOffIsTheBearing() {
    Diagnosis diagnosis =
        Calls.torque(
            Symptom.NO_RUN,
            all(
                new Object[] {
                  "shaft.feel",
                  "LOCKED",
                  "shaft.feel.module_off",
                  "LOCKED",
                  "shaft.feel.wheel_off",
                  "LOCKED"
                },
                SOUND_PAIRS));
    decided(diagnosis, Suspect.BEARING);
  }

  /** Three times by hand is suspicion; freed, and a whole call run, is proof. */
  @Test
  void lockedWithTheWheelOnAndFreeOffIsTheWheel() {
    Object[] felt = {
      "shaft.feel",
      "LOCKED",
      "shaft.feel.module_off",
      "LOCKED",
      "shaft.feel.wheel_off",
      "FREE",
      "wheel.look",
      "JAMMED"
    };
    Diagnosis diagnosis = Calls.torque(Symptom.NO_RUN, felt);
    assertEquals(VerdictState.NARROWED, diagnosis.verdict().state());
    assertEquals(Suspect.WHEEL, diagnosis.verdict().suspect());
    decided(
        Calls.torque(Symptom.NO_RUN, all(felt, new Object[] {"run.wheel_mended", "RUNS"})),
        Suspect.WHEEL);
  }

  @Test
  void dragThatGoesWithTheModuleIsTheModule() {
    decided(
        Calls.torque(
            Symptom.TRIPS_PROTECTION,
            all(
                new Object[] {
                  "line.volts", 240, "shaft.feel", "COGGING", "shaft.feel.module_off", "FREE"
                },
                SOUND_PAIRS,
                CLEAR_FRAME)),
        Suspect.MODULE);
  }

  @Test
  void aShortedWindingIsProvedByItsReadingsAlone() {
    Diagnosis diagnosis =
        Calls.torque(Symptom.NO_RUN, "winding.ab", 5.7, "winding.bc", 1.6, "winding.ca", 5.7);
    decided(diagnosis, Suspect.WINDING);
    assertEquals(SuspectState.POSSIBLE, state(diagnosis, Suspect.MODULE));
    assertTrue(warns(diagnosis, "MODULE_MAY_BE_DAMAGED"));
  }

  @Test
  void seizedBearingAndBurntWindingAreBothDecided() {
    Diagnosis diagnosis =
        Calls.torque(
            Symptom.NO_RUN,
            "shaft.feel",
            "LOCKED",
            "wheel.look",
            "CLEAR",
            "shaft.feel.wheel_off",
            "LOCKED",
            "winding.ab",
            5.7,
            "winding.bc",
            1.6,
            "winding.ca",
            5.7);
    assertEquals(VerdictState.DECIDED, diagnosis.verdict().state());
    assertTrue(diagnosis.verdict().suspects().contains(Suspect.WINDING));
    assertNotEquals(SuspectState.CLEARED, state(diagnosis, Suspect.BEARING));
  }

  @Test
  void runsWithThePlugOutIsAModuleStuckOn() {
    decided(Calls.torque(Symptom.RUNS_ALWAYS, "run.control_unplugged", "RUNS"), Suspect.MODULE);
    Diagnosis stops = Calls.torque(Symptom.RUNS_ALWAYS, "run.control_unplugged", "STOPS");
    assertEquals(SuspectState.CLEARED, state(stops, Suspect.MODULE));
  }

  @Test
  void aBoardThatWaitsForASpeedSignalIsASetting() {
    decided(
        Calls.torque(
            Symptom.STARTS_THEN_STOPS,
            "replaced.recently",
            true,
            "board.needs_feedback",
            true,
            "motor.feedback",
            false),
        Suspect.SETTING);
  }

  @Test
  void blockedFilterLeadsButDoesNotDecide() {
    Diagnosis diagnosis = Calls.torque(Symptom.LOW_AIRFLOW, "air.look", "FILTER_BLOCKED");
    assertEquals(Suspect.AIR_PATH, diagnosis.suspects().get(0).id());
    assertEquals(VerdictState.NARROWED, diagnosis.verdict().state());
  }

  @Test
  void readingsThatCannotAllBeTrueAreNamed() {
    Diagnosis diagnosis =
        Calls.torque(Symptom.NO_RUN, "shaft.feel", "LOCKED", "run.substitute_command", "RUNS");
    assertEquals(VerdictState.OPEN, diagnosis.verdict().state());
    assertTrue(warns(diagnosis, "CONTRADICTION"));
  }

  /** A command at the motor and none at the board is fed by another wire: no contradiction. */
  @Test
  void aBackFedTapIsTheHarness() {
    Diagnosis diagnosis =
        Calls.torque(Symptom.RUNS_ALWAYS, "command.volts.board", 0, "command.volts", 24);
    assertFalse(warns(diagnosis, "CONTRADICTION"));
    assertEquals(Suspect.HARNESS, diagnosis.suspects().get(0).id());
  }

  @Test
  void aCodeMovesSuspicionAndNeverDecides() {
    List<variablerotor.core.fact.Fact> code =
        Calls.facts("code.suspects", List.of("WHEEL", "BEARING"));
    Diagnosis before = Calls.torque(Symptom.NO_RUN);
    Diagnosis after = Calls.torque(Symptom.NO_RUN, code);
    assertTrue(share(after, Suspect.BEARING) > share(before, Suspect.BEARING));
    assertFalse(after.verdict().state() == VerdictState.DECIDED);
  }

  static double share(Diagnosis diagnosis, Suspect suspect) {
    return diagnosis.suspects().stream()
        .filter(view -> view.id() == suspect)
        .mapToDouble(Diagnosis.SuspectView::probability)
        .sum();
  }

  @Test
  void nothingMeasuredOffersAPowerOnCheckThatTellsMuch() {
    Diagnosis diagnosis = Calls.torque(Symptom.NO_RUN);
    assertEquals(VerdictState.OPEN, diagnosis.verdict().state());
    Diagnosis.NextTest next = diagnosis.nextTests().get(0);
    assertEquals(UnitState.POWER_ON, next.check().state());
    assertTrue(next.gainBits() >= 0.05);
    assertTrue(next.outcomes().size() >= 2);
  }

  @Test
  void stateOfTheUnitIsKeptWhileItHasUsefulChecks() {
    Diagnosis diagnosis =
        Calls.torque(Symptom.NO_RUN, "line.volts", 240, "command.volts", 25, "shaft.feel", "FREE");
    assertNotEquals(UnitState.POWER_ON, diagnosis.nextTests().get(0).check().state());
  }
}
