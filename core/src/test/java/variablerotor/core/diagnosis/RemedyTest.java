package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.core.diagnosis.Calls.FED_AND_FREE;
import static variablerotor.core.diagnosis.Calls.SOUND_WINDING;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.family.Family;

/** What is to be done, settled before the part has its name, and what a proof rests on. */
class RemedyTest {
  private static final Object[] SOLD = {
    "plate.moduleRemovable", true, "plate.moduleSoldAlone", true
  };

  private static Object[] all(Object[]... parts) {
    return Arrays.stream(parts).flatMap(Arrays::stream).toArray();
  }

  private static Diagnosis noRun(Family family, Object... pairs) {
    return Engine.diagnose(Situation.of(family, Symptom.NO_RUN, Facts.of(Calls.facts(pairs))));
  }

  private static void settled(Action action, Diagnosis diagnosis) {
    Remedy remedy = diagnosis.verdict().remedy();
    assertEquals(Remedy.State.SETTLED, remedy.state(), remedy.toString());
    assertEquals(action, remedy.action());
    assertEquals(List.of(), remedy.wouldChange());
    boolean again = diagnosis.beforeChoosing().stream().anyMatch(Diagnosis.NextTest::again);
    assertTrue(
        remedy
            .sentence()
            .contains(again ? "take once more what it rests on" : "No further check can change"),
        "one line of state: " + remedy.sentence());
  }

  private static void open(Diagnosis diagnosis) {
    Remedy remedy = diagnosis.verdict().remedy();
    assertEquals(Remedy.State.OPEN, remedy.state(), remedy.toString());
    assertNull(remedy.action());
    assertFalse(remedy.wouldChange().isEmpty());
  }

  /** Module or winding of a motor that is replaced whole: nothing is left to tell apart. */
  @Test
  void aModuleNotSoldAloneSettlesItBeforeTheWindingIsMeasured() {
    Object[] whole = {"plate.moduleSoldAlone", false};
    Diagnosis early = noRun(Family.STAGED_CONDENSER, all(FED_AND_FREE, whole));
    assertNotEquals(VerdictState.DECIDED, early.verdict().state());
    settled(Action.REPLACE_MOTOR, early);
    assertFalse(early.nextTests().isEmpty(), "who wants the name can go on");
    Diagnosis open = noRun(Family.STAGED_CONDENSER, all(FED_AND_FREE, SOLD));
    open(open);
    assertTrue(
        open.verdict().remedy().wouldChange().contains("winding.pairs"),
        open.verdict().remedy().toString());
  }

  @Test
  void aFiveWireFanIsReplacedWholeBearingOrDriver() {
    settled(
        Action.REPLACE_MOTOR,
        noRun(
            Family.BLDC_FIVE_WIRE,
            "bus.volts",
            338,
            "logic.volts",
            15,
            "command.volts",
            3.1,
            "shaft.feel",
            "LOCKED",
            "connector.look",
            "SEATED",
            "wheel.look",
            "CLEAR"));
  }

  @Test
  void plateAndCounterDecideBetweenModuleAndMotor() {
    Diagnosis unknown = noRun(Family.STAGED_CONDENSER, all(FED_AND_FREE, SOUND_WINDING));
    assertEquals(Suspect.MODULE, unknown.verdict().suspect());
    open(unknown);
    assertEquals(
        List.of("plate.moduleRemovable", "plate.moduleSoldAlone"),
        unknown.verdict().remedy().wouldChange());
    settled(
        Action.REPLACE_MODULE,
        noRun(Family.STAGED_CONDENSER, all(FED_AND_FREE, SOUND_WINDING, SOLD)));
    settled(
        Action.REPLACE_BOARD,
        noRun(
            Family.BLDC_THREE_WIRE,
            all(SOUND_WINDING, FED_AND_FREE, new Object[] {"call.present", true})));
  }

  @Test
  void aBoardIsReplacedOnlyWithItsCallPresent() {
    Object[] silent = {"line.volts", 240, "control.volts", 26, "command.volts.board", 0};
    settled(
        Action.REPLACE_BOARD,
        noRun(Family.CONSTANT_TORQUE, all(silent, new Object[] {"call.present", true})));
    settled(
        Action.REPAIR_COMMAND,
        noRun(Family.CONSTANT_TORQUE, all(silent, new Object[] {"call.present", false})));
    open(noRun(Family.CONSTANT_TORQUE, silent));
  }

  /** While it is open, what it may come to is told, and the whole motor only once. */
  @Test
  void whatItMayComeToIsToldWhileItIsOpen() {
    Diagnosis either = noRun(Family.STAGED_CONDENSER, FED_AND_FREE);
    assertEquals(
        "Not settled yet. Likeliest: replace the module, or the motor with it.",
        either.verdict().remedy().sentence());
    assertEquals(
        "The command reaches the motor. It turns free. Does a winding touch the frame?",
        either.headline());
    assertEquals(
        "Not settled yet: many things are still possible.",
        noRun(Family.STAGED_CONDENSER).verdict().remedy().sentence());
  }

  /** A defect that is seen is found, is to be mended, and the call goes on. */
  @Test
  void aSeenDefectIsMendedBesides() {
    Diagnosis seen = noRun(Family.CONSTANT_TORQUE, "connector.look", "PIN_PUSHED_BACK");
    assertEquals(Suspect.HARNESS, seen.found().get(0).link());
    assertEquals(Action.REPAIR_HARNESS, seen.verdict().remedy().action());
    assertNotEquals(VerdictState.DECIDED, seen.verdict().state());
    assertTrue(
        seen.nextTests().stream().anyMatch(test -> test.check().id().equals("run.reseated")));
  }

  /** Every reading of an elimination counts; one that is confirmed need not be taken again. */
  @Test
  void whatAProofRestsOnIsToldAndConfirmedReadingsAreLeftOut() {
    List<Fact> facts = new ArrayList<>(Calls.facts(all(FED_AND_FREE, SOUND_WINDING, SOLD)));
    Diagnosis once = diagnose(facts);
    assertTrue(once.verdict().restsOn().contains(FactType.LINE_VOLTS));
    assertTrue(once.verdict().restsOn().contains(FactType.SHAFT_FEEL));
    assertTrue(once.verdict().restsOn().contains(FactType.WINDING_AB));
    for (Fact fact : Calls.facts("line.volts", 238)) {
      facts.add(new Fact(fact.type(), fact.value(), RepairPhase.BEFORE, true));
    }
    assertFalse(diagnose(facts).verdict().restsOn().contains(FactType.LINE_VOLTS));
    assertEquals(List.of(), diagnose(Calls.facts("line.volts", 240)).verdict().restsOn());
  }

  private static Diagnosis diagnose(List<Fact> facts) {
    return Engine.diagnose(Situation.of(Family.STAGED_CONDENSER, Symptom.NO_RUN, Facts.of(facts)));
  }

  /** A reading that surprises, and that a dear part hangs on, is taken once more. */
  @Test
  void aSurprisingReadingIsTakenOnceMoreBeforeADearPartIsChosen() {
    Object[] open = {"winding.ab", "OL", "winding.bc", 8, "winding.ca", "OL"};
    Diagnosis diagnosis = noRun(Family.STAGED_CONDENSER, all(FED_AND_FREE, SOLD, open));
    settled(Action.REPLACE_MOTOR, diagnosis);
    Diagnosis.NextTest again = diagnosis.beforeChoosing().get(0);
    assertTrue(again.again());
    assertEquals("winding.pairs", again.check().id());
    assertEquals(0, again.travelMinutes(), "while the module is still off");
  }

  @Test
  void twoThatDisagreeAreTakenAThirdTimeFirst() {
    List<Fact> facts = new ArrayList<>(Calls.facts("line.volts", 240, "command.volts", 25));
    for (Fact fact : Calls.facts("command.volts", 2)) {
      facts.add(new Fact(fact.type(), fact.value(), RepairPhase.BEFORE, true));
    }
    Diagnosis diagnosis = diagnose(facts);
    assertTrue(diagnosis.warnings().stream().anyMatch(w -> w.id() == WarningId.DISAGREE));
    assertEquals("command.volts", diagnosis.nextTests().get(0).check().id());
  }
}
