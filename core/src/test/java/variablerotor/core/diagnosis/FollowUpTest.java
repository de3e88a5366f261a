package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.core.diagnosis.Calls.all;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.family.Family;

/** What is asked after a reading: the other end of the wire, once more, unloaded, after a reset. */
class FollowUpTest {
  private static Diagnosis diagnose(Family family, Symptom symptom, List<Fact> facts) {
    return Engine.diagnose(Situation.of(family, symptom, Facts.of(facts)));
  }

  private static Diagnosis noRun(Family family, Object... pairs) {
    return diagnose(family, Symptom.NO_RUN, Calls.facts(pairs));
  }

  private static void decided(Suspect suspect, Action action, Diagnosis diagnosis) {
    assertEquals(VerdictState.DECIDED, diagnosis.verdict().state(), diagnosis.verdict().sentence());
    assertEquals(suspect, diagnosis.verdict().suspect());
    assertEquals(action, diagnosis.verdict().remedy().action());
  }

  private static List<String> wouldChange(Diagnosis diagnosis) {
    return diagnosis.verdict().remedy().wouldChange();
  }

  /** There at one end of the wire and gone at the other is a finding on the wire. */
  @Test
  void whatIsLostOnItsWayIsTheHarness() {
    decided(
        Suspect.HARNESS,
        Action.REPAIR_HARNESS,
        noRun(Family.BLDC_FIVE_WIRE, "bus.volts", 0, "bus.volts.board", 338));
    decided(
        Suspect.HARNESS,
        Action.REPAIR_HARNESS,
        noRun(
            Family.CONSTANT_AIRFLOW_SERIAL,
            "line.volts",
            240,
            "link.volts",
            0,
            "link.volts.board",
            12));
  }

  /** Two readings of one wire outweigh the eye, which overlooks a spread pin; they do not prove. */
  @Test
  void aPinThatLooksWellIsNotWellForIt() {
    Diagnosis diagnosis =
        noRun(
            Family.BLDC_FIVE_WIRE,
            "bus.volts",
            0,
            "bus.volts.board",
            338,
            "connector.look",
            "SEATED");
    assertEquals(Suspect.HARNESS, diagnosis.verdict().suspect());
    assertNotEquals(VerdictState.DECIDED, diagnosis.verdict().state());
  }

  /** A wire gives no more than it gets: both ends are measured again before anything else. */
  @Test
  void readingsThatExcludeEachOtherAreTakenOnceMoreFirst() {
    Diagnosis diagnosis =
        noRun(
            Family.CONSTANT_AIRFLOW_SERIAL,
            "line.volts",
            240,
            "link.volts.board",
            0,
            "link.volts",
            12);
    assertEquals(WarningId.CONTRADICTION, diagnosis.warnings().get(0).id());
    List<Diagnosis.NextTest> first = diagnosis.nextTests().subList(0, 2);
    assertEquals(
        List.of("link.volts", "link.volts.board"),
        first.stream().map(test -> test.check().id()).sorted().toList());
    assertTrue(first.stream().allMatch(Diagnosis.NextTest::again));
  }

  @Test
  void theBusAtTheBoardDoesNotGoWithTheMotor() {
    Diagnosis diagnosis =
        noRun(
            Family.BLDC_FIVE_WIRE,
            "bus.volts",
            0,
            "bus.volts.board",
            338,
            "bus.volts.unplugged",
            0);
    assertEquals(WarningId.CONTRADICTION, diagnosis.warnings().get(0).id());
    assertNotEquals(VerdictState.DECIDED, diagnosis.verdict().state());
  }

  /** Two that disagree: the third is asked for as one more, not as a first. */
  @Test
  void aDisputedReadingIsAskedForOnceMore() {
    List<Fact> facts = new ArrayList<>(Calls.facts("line.volts", 240));
    Fact other = Calls.facts("line.volts", 112).get(0);
    facts.add(new Fact(other.type(), other.value(), RepairPhase.BEFORE, true));
    Diagnosis.NextTest next =
        diagnose(Family.CONSTANT_TORQUE, Symptom.NO_RUN, facts).nextTests().get(0);
    assertEquals("line.volts", next.check().id());
    assertTrue(next.again());
  }

  /** A pair 20 % off is a poor joint or a few shorted turns: where it turns freely, a question. */
  @ParameterizedTest
  @CsvSource({"FREE, NARROWED", "STIFF, DECIDED"})
  void fewShortedTurnsAreProvedOnlyWhereTheyBrakeTheRotor(String feel, VerdictState state) {
    Diagnosis diagnosis =
        noRun(
            Family.STAGED_CONDENSER,
            "line.volts",
            240,
            "command.volts",
            25,
            "shaft.feel",
            feel,
            "winding.ab",
            6,
            "winding.bc",
            6,
            "winding.ca",
            7.2);
    assertEquals(state, diagnosis.verdict().state());
    assertEquals(Suspect.WINDING, diagnosis.verdict().suspect());
  }

  /**
   * The fan's own 10 V pulled down and nothing from the controller: either may hold it there, until
   * the control wires are off.
   */
  @Test
  void theFansOwnTenVoltsAreMeasuredUnloadedBeforeItIsReplaced() {
    Object[] pulled = {
      "line.volts", 240, "aux.volts", 3, "command.volts", 0, "command.volts.board", 0
    };
    Diagnosis open = noRun(Family.EC_PLUG_FAN, pulled);
    assertEquals(Remedy.State.OPEN, open.verdict().remedy().state());
    assertTrue(wouldChange(open).contains("aux.volts.unloaded"), wouldChange(open).toString());
    decided(
        Suspect.COMMAND,
        Action.REPAIR_COMMAND,
        noRun(Family.EC_PLUG_FAN, all(pulled, "aux.volts.unloaded", 10)));
  }

  /** A drive that waits in a fault gives nothing out: it is reset, or passed by, first. */
  @Test
  void aDriveInAFaultIsResetBeforeItIsCondemned() {
    Object[] seen = {
      "line.volts.ab",
      208,
      "line.volts.bc",
      208,
      "line.volts.ca",
      208,
      "call.present",
      true,
      "command.volts",
      10,
      "drive.output.ab",
      0,
      "drive.output.bc",
      0,
      "drive.output.ca",
      0
    };
    Diagnosis held = noRun(Family.DRIVE_FED_INDUCTION, all(seen, "drive.status", "FAULT"));
    assertNotEquals(VerdictState.DECIDED, held.verdict().state());
    Diagnosis came =
        noRun(
            Family.DRIVE_FED_INDUCTION, all(seen, "drive.status", "FAULT", "drive.reset", "RUNS"));
    assertNotEquals(Suspect.DRIVE, came.verdict().suspect());
  }

  /** Where no doubt is left and nothing is proved, the trial that proves it is what is left. */
  @Test
  void whatWouldProveItIsOfferedWhereNoDoubtIsLeft() {
    Object[] turned = {
      "line.volts.ab", 208, "line.volts.bc", 208, "line.volts.ca", 208, "rotation", "REVERSED"
    };
    Diagnosis seen =
        diagnose(Family.DRIVE_FED_INDUCTION, Symptom.WRONG_DIRECTION, Calls.facts(turned));
    assertNotEquals(VerdictState.DECIDED, seen.verdict().state());
    assertEquals(Action.CHANGE_SETTING, seen.verdict().remedy().action());
    assertEquals("run.set_right", seen.nextTests().get(0).check().id());
    decided(
        Suspect.SETTING,
        Action.CHANGE_SETTING,
        diagnose(
            Family.DRIVE_FED_INDUCTION,
            Symptom.WRONG_DIRECTION,
            Calls.facts(all(turned, "run.set_right", "RUNS"))));
  }

  /** Indoor electronics may call while the outdoor unit is dark: its dark says nothing of them. */
  @Test
  void aCallFromIndoorsOutlivesTheOutdoorSupply() {
    Diagnosis diagnosis =
        noRun(Family.STAGED_CONDENSER, "line.volts", 0, "command.volts", 25, "call.present", true);
    assertTrue(
        diagnosis.warnings().stream().noneMatch(w -> w.id() == WarningId.CONTRADICTION),
        diagnosis.warnings().toString());
    assertEquals(Suspect.SUPPLY, diagnosis.suspects().get(0).id());
  }
}
