package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.core.diagnosis.Calls.all;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.winding.Connection;

/** The rules of proof of each family beside the constant-torque blower. */
class FamiliesTest {
  private static Diagnosis diagnose(Family family, Symptom symptom, Object... pairs) {
    return Engine.diagnose(Situation.of(family, symptom, Facts.of(Calls.facts(pairs))));
  }

  private static Diagnosis noRun(Family family, Object... pairs) {
    return diagnose(family, Symptom.NO_RUN, pairs);
  }

  private static void decided(Suspect suspect, Diagnosis diagnosis) {
    assertEquals(VerdictState.DECIDED, diagnosis.verdict().state(), diagnosis.verdict().sentence());
    assertEquals(List.of(suspect), diagnosis.verdict().suspects());
  }

  private static void leads(Suspect suspect, Diagnosis diagnosis) {
    assertNotEquals(VerdictState.DECIDED, diagnosis.verdict().state());
    assertEquals(suspect, diagnosis.suspects().get(0).id());
  }

  private static final Object[] SOUND = {
    "shaft.feel", "FREE", "connector.look", "SEATED", "wheel.look", "CLEAR",
    "winding.ab", 4.2, "winding.bc", 4.2, "winding.ca", 4.2,
    "winding.frame.a", "OL", "winding.frame.b", "OL", "winding.frame.c", "OL"
  };

  @ParameterizedTest
  @EnumSource(Family.class)
  void everyFamilyStartsWithACheckWorthMaking(Family family) {
    if (!family.isVariableSpeed()) {
      return;
    }
    for (Symptom symptom : Symptom.values()) {
      Diagnosis diagnosis = diagnose(family, symptom);
      assertEquals(VerdictState.OPEN, diagnosis.verdict().state(), symptom.name());
      assertFalse(diagnosis.nextTests().isEmpty(), symptom.name());
      assertTrue(diagnosis.nextTests().get(0).gainBits() >= 0.01, symptom.name());
      double sum = 0;
      for (Diagnosis.SuspectView view : diagnosis.suspects()) {
        sum += view.probability();
        assertTrue(
            !view.id().isLink() || family.profile().links().contains(view.id()), view.id().name());
      }
      assertEquals(1, sum, 1e-9);
    }
  }

  @Test
  void parallelBlowerWithAllGoodIsItsModule() {
    decided(
        Suspect.MODULE,
        noRun(
            Family.CONSTANT_AIRFLOW_PARALLEL, all(SOUND, "line.volts", 240, "command.volts", 25)));
  }

  private static Diagnosis plated(String plate, Object... pairs) {
    return Engine.diagnose(
        new Situation(
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Symptom.NO_RUN,
            plate,
            Connection.UNKNOWN,
            Facts.of(Calls.facts(pairs)),
            10));
  }

  /** A link that is seen wrong is found, is set right, and then it is tried again. */
  @Test
  void a115VoltUnitWithoutItsLinkIsASetting() {
    Object[] fed = all(SOUND, "line.volts", 118, "command.volts", 25);
    assertNotEquals(VerdictState.DECIDED, plated("115", fed).verdict().state());
    Diagnosis seen = plated("115", all(fed, "link.voltage_jumper", "OUT"));
    leads(Suspect.SETTING, seen);
    assertEquals(Suspect.SETTING, seen.found().get(0).link());
    decided(
        Suspect.SETTING,
        plated("115", all(fed, "link.voltage_jumper", "OUT", "run.set_right", "RUNS")));
    decided(Suspect.MODULE, plated("115", all(fed, "link.voltage_jumper", "IN")));
  }

  /** The line tells for which of its two ranges such a motor should be set. */
  @ParameterizedTest
  @CsvSource({"118, OUT, SETTING", "118, IN, MODULE", "240, OUT, MODULE", "240, IN, SETTING"})
  void aPlateOfTwoRangesIsJudgedByTheLine(double line, String link, Suspect suspect) {
    Object[] fed = all(SOUND, "line.volts", line, "command.volts", 25, "link.voltage_jumper", link);
    assertEquals(suspect, plated("115/208-230", fed).suspects().get(0).id());
  }

  @Test
  void serialLinkSupplyPartsBoardFromModule() {
    Object[] fed = all(SOUND, "line.volts", 240, "call.present", true, "control.volts", 25);
    Object[] linked = all(fed, "link.volts", 12);
    leads(Suspect.MODULE, noRun(Family.CONSTANT_AIRFLOW_SERIAL, linked));
    decided(
        Suspect.MODULE,
        noRun(Family.CONSTANT_AIRFLOW_SERIAL, all(linked, "run.substitute_command", "STILL")));
    Diagnosis missing =
        noRun(
            Family.CONSTANT_AIRFLOW_SERIAL,
            "line.volts",
            240,
            "control.volts",
            25,
            "link.volts",
            0);
    leads(Suspect.COMMAND, missing);
  }

  /** No call, no contactor, no line: what stands before the fan is gone through in order. */
  @Test
  void stagedFanWithoutLineIsNotTheSupplyAtOnce() {
    Diagnosis bare = noRun(Family.STAGED_CONDENSER, "line.volts", 0);
    assertNotEquals(VerdictState.DECIDED, bare.verdict().state());
    leads(
        Suspect.COMMAND,
        noRun(
            Family.STAGED_CONDENSER, "line.volts", 0, "contactor.volts", 0, "call.present", false));
    Object[] called = {"control.volts", 25, "call.present", true, "line.volts", 0};
    leads(Suspect.NONE, noRun(Family.STAGED_CONDENSER, all(called, "defrost.active", true)));
    decided(
        Suspect.SUPPLY,
        noRun(
            Family.STAGED_CONDENSER,
            all(
                called,
                "contactor.volts",
                236,
                "defrost.active",
                false,
                "defrost.contact",
                "OPEN")));
    decided(
        Suspect.MODULE,
        noRun(Family.STAGED_CONDENSER, all(SOUND, "line.volts", 240, "command.volts", 25)));
  }

  /** Practice values: bus 341 V, logic 15 V, command 3.09 V at low speed. */
  @Test
  void fiveWireFanWithAllThreeVoltagesIsTheMotor() {
    Object[] good = {
      "bus.volts",
      341,
      "logic.volts",
      15,
      "command.volts",
      3.09,
      "shaft.feel",
      "FREE",
      "connector.look",
      "SEATED"
    };
    decided(Suspect.MODULE, noRun(Family.BLDC_FIVE_WIRE, good));
    leads(Suspect.COMMAND, noRun(Family.BLDC_FIVE_WIRE, all(good, "command.volts", 0)));
  }

  /** Gone at the plug and back when it is unplugged: the motor, once the pins are looked at. */
  @Test
  void fiveWireBusThatComesBackUnpluggedIsTheMotor() {
    Object[] back = {"bus.volts", 0, "bus.volts.unplugged", 338};
    leads(Suspect.MODULE, noRun(Family.BLDC_FIVE_WIRE, back));
    decided(Suspect.MODULE, noRun(Family.BLDC_FIVE_WIRE, all(back, "connector.look", "SEATED")));
    decided(Suspect.MODULE, noRun(Family.BLDC_FIVE_WIRE, all(back, "bus.volts.board", 2)));
    Diagnosis between = noRun(Family.BLDC_FIVE_WIRE, all(back, "bus.volts.board", 338));
    assertEquals(Suspect.HARNESS, between.suspects().get(0).id());
    Diagnosis away =
        noRun(Family.BLDC_FIVE_WIRE, "bus.volts", 0, "bus.volts.unplugged", 0, "logic.volts", 15);
    decided(Suspect.COMMAND, away);
  }

  @Test
  void theUnitsOwnWindowRules() {
    Diagnosis boosted = noRun(Family.BLDC_FIVE_WIRE, "bus.volts", 385);
    assertTrue(
        boosted.warnings().stream().anyMatch(w -> w.id() == WarningId.WINDOW_EDGE),
        "385 V is a question: some supplies are boosted");
    assertEquals(SuspectState.POSSIBLE, state(boosted, Suspect.SUPPLY));
    Diagnosis told =
        noRun(Family.BLDC_FIVE_WIRE, "bus.volts", 385, "window.bus.volts", List.of(370.0, 395.0));
    assertEquals(SuspectState.CLEARED, state(told, Suspect.SUPPLY));
  }

  private static SuspectState state(Diagnosis diagnosis, Suspect suspect) {
    return diagnosis.suspects().stream()
        .filter(view -> view.id() == suspect)
        .findFirst()
        .orElseThrow()
        .state();
  }

  @Test
  void missingFeedbackWhileItTurnsIsNotTheWindings() {
    Diagnosis diagnosis =
        diagnose(
            Family.BLDC_FIVE_WIRE,
            Symptom.STARTS_THEN_STOPS,
            "feedback.hertz",
            0,
            "replaced.recently",
            false,
            "connector.look",
            "SEATED");
    leads(Suspect.MODULE, diagnosis);
  }

  @Test
  void threeWireFanWithSoundWindingsIsTheBoardsDriver() {
    decided(
        Suspect.MODULE,
        noRun(Family.BLDC_THREE_WIRE, all(SOUND, "line.volts", 240, "call.present", true)));
  }

  @Test
  void plugFanWithPhasesAndWithoutItsTenVoltsIsDead() {
    Object[] phases = {"line.volts.ab", 460, "line.volts.bc", 462, "line.volts.ca", 461};
    decided(
        Suspect.MODULE,
        noRun(Family.EC_PLUG_FAN, all(phases, "aux.volts", 0, "aux.volts.unloaded", 0)));
    leads(
        Suspect.COMMAND,
        noRun(Family.EC_PLUG_FAN, all(phases, "aux.volts", 10, "command.volts", 0)));
  }

  @Test
  void aLostPhaseIsTheSupply() {
    decided(
        Suspect.SUPPLY,
        noRun(Family.EC_PLUG_FAN, "line.volts.ab", 460, "line.volts.bc", 12, "line.volts.ca", 230));
  }

  /** NEMA MG 1, 14.36: above 5 % unbalance a motor is not to be run. */
  @Test
  void unbalancedLineIsNotGood() {
    Diagnosis diagnosis =
        noRun(
            Family.DRIVE_FED_INDUCTION,
            "line.volts.ab",
            230,
            "line.volts.bc",
            205,
            "line.volts.ca",
            208);
    assertEquals(Suspect.SUPPLY, diagnosis.verdict().suspect());
  }

  /** Practice values: 210 V on all pairs in, nothing out, and it runs in bypass. */
  @Test
  void driveWithGoodVoltsInAndNothingOutIsDeadOnceBypassRuns() {
    Object[] seen = {
      "line.volts.ab", 210, "line.volts.bc", 210, "line.volts.ca", 210, "call.present", true,
      "drive.output.ab", 0, "drive.output.bc", 0, "drive.output.ca", 0, "drive.fault", true
    };
    assertNotEquals(
        VerdictState.DECIDED, noRun(Family.DRIVE_FED_INDUCTION, seen).verdict().state());
    decided(Suspect.DRIVE, noRun(Family.DRIVE_FED_INDUCTION, all(seen, "run.bypass", "RUNS")));
    assertNotEquals(
        Suspect.DRIVE,
        noRun(Family.DRIVE_FED_INDUCTION, all(seen, "run.bypass", "STILL")).suspects().get(0).id());
  }

  @Test
  void openPhaseDecidesWhereItIsMeasuredAtTheMotor() {
    Object[] open = {"winding.ab", "OL", "winding.bc", 4.2, "winding.ca", "OL"};
    for (Family family :
        List.of(
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Family.CONSTANT_AIRFLOW_SERIAL,
            Family.STAGED_CONDENSER)) {
      decided(Suspect.WINDING, noRun(family, open));
    }
  }

  /** Through the wires an open lead reads as an open phase: it is measured again at the joint. */
  @ParameterizedTest
  @EnumSource(
      value = Family.class,
      names = {"BLDC_THREE_WIRE", "DRIVE_FED_INDUCTION"})
  void throughTheWiresAnOpenPairIsMeasuredAgainAtTheJoint(Family family) {
    Object[] open = {"winding.ab", "OL", "winding.bc", 4.2, "winding.ca", "OL"};
    Diagnosis bare = noRun(family, open);
    assertNotEquals(VerdictState.DECIDED, bare.verdict().state());
    assertTrue(
        bare.nextTests().stream().anyMatch(test -> test.check().id().equals("winding.joint")));
    Object[] atJoint = {
      "winding.joint.ab", "OL", "winding.joint.bc", 4.2, "winding.joint.ca", "OL"
    };
    decided(Suspect.WINDING, noRun(family, all(open, atJoint)));
    Object[] sound = {"winding.joint.ab", 4.2, "winding.joint.bc", 4.2, "winding.joint.ca", 4.2};
    assertEquals(Suspect.HARNESS, noRun(family, all(open, sound)).suspects().get(0).id());
  }
}
