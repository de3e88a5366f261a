package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Experience;

/** While it is not known which motor it is, only what holds for each is said. */
class CommonGroundTest {
  private static final List<Family> BLOWERS =
      List.of(
          Family.CONSTANT_TORQUE, Family.CONSTANT_AIRFLOW_PARALLEL, Family.CONSTANT_AIRFLOW_SERIAL);

  private static Diagnosis of(List<Family> families, Object... pairs) {
    return CommonGround.diagnose(
        Situation.of(families.get(0), Symptom.NO_RUN, Facts.of(Calls.facts(pairs))),
        families,
        Experience.NONE);
  }

  @Test
  void oneFamilyIsItsOwnDiagnosis() {
    List<Family> one = List.of(Family.CONSTANT_TORQUE);
    Diagnosis alone = of(one, "line.volts", 240);
    assertEquals(
        Calls.torque(Symptom.NO_RUN, "line.volts", 240).verdict().sentence(),
        alone.verdict().sentence());
    assertFalse(alone.rounds().isEmpty());
  }

  @Test
  void onlyWhatEachOfThemHasIsAsked() {
    Set<String> shared = CommonGround.checks(BLOWERS);
    assertTrue(shared.containsAll(Set.of("line.volts", "winding.pairs", "shaft.feel")));
    assertFalse(shared.contains("link.volts"), "only of a serial link");
    Diagnosis diagnosis = of(BLOWERS);
    assertFalse(diagnosis.nextTests().isEmpty());
    diagnosis.nextTests().forEach(test -> assertTrue(shared.contains(test.check().id())));
    double sum = diagnosis.suspects().stream().mapToDouble(one -> one.probability()).sum();
    assertEquals(1, sum, 1e-9);
  }

  /** No line is no line, whichever of them it is; a shorted winding likewise. */
  @Test
  void whatHoldsForEachIsProved() {
    Diagnosis dead = of(BLOWERS, "line.volts", 0);
    assertEquals(VerdictState.DECIDED, dead.verdict().state(), dead.verdict().sentence());
    assertEquals(List.of(Suspect.SUPPLY), dead.verdict().suspects());
    assertEquals(Action.REPAIR_SUPPLY, dead.verdict().remedy().action());
    Diagnosis shorted =
        of(
            BLOWERS,
            "line.volts",
            240,
            "shaft.feel",
            "LOCKED",
            "winding.ab",
            5.7,
            "winding.bc",
            1.6,
            "winding.ca",
            5.7);
    assertEquals(SuspectState.PROVED, view(shorted, Suspect.WINDING).state());
  }

  /** A command that proves the module of one kind proves nothing while it may be another. */
  @Test
  void whatHoldsForOneOnlyIsNotProved() {
    Object[] read = Calls.all(Calls.FED_AND_FREE, Calls.SOUND_WINDING);
    assertEquals(VerdictState.DECIDED, of(List.of(Family.CONSTANT_TORQUE), read).verdict().state());
    Diagnosis either = of(BLOWERS, read);
    assertNotEquals(VerdictState.DECIDED, either.verdict().state());
    assertEquals(Remedy.State.OPEN, either.verdict().remedy().state());
  }

  private static Diagnosis.SuspectView view(Diagnosis diagnosis, Suspect suspect) {
    return diagnosis.suspects().stream()
        .filter(one -> one.id() == suspect)
        .findFirst()
        .orElseThrow();
  }
}
