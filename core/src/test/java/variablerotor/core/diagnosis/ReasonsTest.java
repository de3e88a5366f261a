package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.catalogue.Figures;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.signal.Window;
import variablerotor.core.source.Source;

/** What is said beside the verdict: reasons, contradictions, rounds, notes, windows. */
class ReasonsTest {
  private static Diagnosis noRun(Family family, Object... pairs) {
    return Engine.diagnose(Situation.of(family, Symptom.NO_RUN, Facts.of(Calls.facts(pairs))));
  }

  private static Diagnosis.SuspectView of(Diagnosis diagnosis, Suspect suspect) {
    return diagnosis.suspects().stream().filter(s -> s.id() == suspect).findFirst().orElseThrow();
  }

  private static boolean warns(Diagnosis diagnosis, String id) {
    return diagnosis.warnings().stream().anyMatch(w -> w.id().name().equals(id));
  }

  @Test
  void eachSuspectSaysWhatClearsItWhatPointsAtItAndWhatWouldSettleIt() {
    Diagnosis diagnosis = noRun(Family.CONSTANT_TORQUE, "line.volts", 241, "command.volts", 25);
    Diagnosis.SuspectView supply = of(diagnosis, Suspect.SUPPLY);
    assertEquals(SuspectState.CLEARED, supply.state());
    Diagnosis.Reason cleared = supply.clearedBy().get(0);
    assertTrue(cleared.sentence().startsWith("Line at the motor plug: 241 V, good"));
    assertTrue(
        cleared.sentence().contains("not seen when the unit has no power"), cleared.sentence());
    assertEquals("line.tolerance", cleared.figure());
    Diagnosis.SuspectView module = of(diagnosis, Suspect.MODULE);
    assertFalse(module.pointedAtBy().isEmpty());
    Diagnosis.SuspectView winding = of(diagnosis, Suspect.WINDING);
    assertTrue(
        winding.wouldSettle().stream().anyMatch(s -> s.contains("would prove it")),
        winding.wouldSettle().toString());
  }

  /** Every figure that a reason names is in the list of figures with its source. */
  @Test
  void everyThresholdHasItsSource() {
    List<String> known = Figures.all().stream().map(f -> f.id()).toList();
    Diagnosis diagnosis =
        noRun(
            Family.CONSTANT_TORQUE,
            "line.volts",
            241,
            "command.volts",
            25,
            "control.volts",
            12,
            "static.inwc",
            0.7,
            "winding.ab",
            4,
            "winding.bc",
            4,
            "winding.ca",
            4,
            "winding.insulation",
            80,
            "emf.ab",
            9,
            "emf.bc",
            9,
            "emf.ca",
            9);
    int named = 0;
    for (Diagnosis.SuspectView view : diagnosis.suspects()) {
      for (Diagnosis.Reason reason : view.clearedBy()) {
        if (reason.figure() != null) {
          named++;
          assertTrue(known.contains(reason.figure()), reason.figure());
        }
      }
    }
    assertTrue(named >= 3, "named " + named);
  }

  @ParameterizedTest
  @CsvSource({
    "shaft.feel,FREE,shaft.feel.module_off,LOCKED",
    "shaft.feel,FREE,shaft.feel.wheel_off,LOCKED",
    "shaft.feel,LOCKED,run.substitute_command,RUNS",
    "wheel.look,JAMMED,shaft.feel,FREE"
  })
  void whatCannotBeIsNamedPairByPair(String one, String first, String other, String second) {
    Diagnosis diagnosis = noRun(Family.CONSTANT_TORQUE, one, first, other, second);
    assertEquals(VerdictState.OPEN, diagnosis.verdict().state());
    assertTrue(warns(diagnosis, "CONTRADICTION"));
    assertFalse(diagnosis.nextTests().isEmpty());
  }

  @Test
  void voltsThatCannotBothBeAreNamed() {
    Diagnosis link = noRun(Family.CONSTANT_AIRFLOW_SERIAL, "link.volts", 12, "link.volts.board", 0);
    assertTrue(warns(link, "CONTRADICTION"));
    assertEquals(VerdictState.OPEN, link.verdict().state());
    Diagnosis bus = noRun(Family.BLDC_FIVE_WIRE, "bus.volts", 330, "bus.volts.unplugged", 0);
    assertTrue(warns(bus, "CONTRADICTION"));
    Diagnosis fine = noRun(Family.BLDC_FIVE_WIRE, "bus.volts", 0, "bus.volts.unplugged", 330);
    assertFalse(warns(fine, "CONTRADICTION"));
  }

  /** No single fault explains them, two do: both are looked for, and neither is averaged away. */
  @Test
  void twoFaultsAtOnceAreToldAsTwo() {
    Diagnosis diagnosis = noRun(Family.CONSTANT_TORQUE, "line.volts", 150, "shaft.feel", "LOCKED");
    assertTrue(warns(diagnosis, "TWO_FAULTS"));
    assertFalse(warns(diagnosis, "CONTRADICTION"));
    assertEquals(VerdictState.NARROWED, diagnosis.verdict().state());
    assertEquals(SuspectState.PROVED, of(diagnosis, Suspect.SUPPLY).state());
    Diagnosis both =
        noRun(
            Family.CONSTANT_TORQUE,
            "line.volts",
            150,
            "shaft.feel",
            "LOCKED",
            "wheel.look",
            "CLEAR",
            "shaft.feel.module_off",
            "LOCKED",
            "shaft.feel.wheel_off",
            "LOCKED",
            "module.look",
            "CLEAN",
            "winding.ab",
            4,
            "winding.bc",
            4,
            "winding.ca",
            4);
    assertEquals(VerdictState.DECIDED, both.verdict().state(), both.verdict().sentence());
    assertTrue(both.verdict().suspects().containsAll(List.of(Suspect.SUPPLY, Suspect.BEARING)));
  }

  @Test
  void aBurntModuleOnAShortedWindingIsBoth() {
    Diagnosis diagnosis =
        noRun(
            Family.CONSTANT_TORQUE,
            "winding.ab",
            5.7,
            "winding.bc",
            1.6,
            "winding.ca",
            5.7,
            "module.look",
            "BURNT");
    assertEquals(VerdictState.DECIDED, diagnosis.verdict().state());
    assertTrue(
        diagnosis.verdict().suspects().containsAll(List.of(Suspect.WINDING, Suspect.MODULE)));
    assertEquals(SuspectState.PROVED, of(diagnosis, Suspect.MODULE).state());
  }

  @Test
  void aSlightShortIsFeltWhereTheLimitHidesIt() {
    Diagnosis drags =
        noRun(
            Family.CONSTANT_TORQUE,
            "winding.ab",
            20,
            "winding.bc",
            20,
            "winding.ca",
            20.6,
            "shaft.feel",
            "COGGING",
            "shaft.feel.module_off",
            "COGGING");
    assertNotEquals(SuspectState.CLEARED, of(drags, Suspect.WINDING).state());
    assertTrue(
        of(drags, Suspect.WINDING).probability() > of(drags, Suspect.MODULE).probability(),
        "it stays, module off");
  }

  @Test
  void theRoundKeepsToOneStateAndSaysWhatToCarry() {
    Diagnosis diagnosis = noRun(Family.CONSTANT_TORQUE);
    Diagnosis.Round round = diagnosis.rounds().get(0);
    assertEquals(diagnosis.nextTests().get(0).check().id(), round.checks().get(0));
    for (String id : round.checks()) {
      Check check =
          FamilyModel.of(Family.CONSTANT_TORQUE).checks().stream()
              .filter(c -> c.id().equals(id))
              .findFirst()
              .orElseThrow();
      assertEquals(round.state(), check.state());
    }
    assertTrue(round.checks().size() >= 2, round.checks().toString());
    assertTrue(round.tools().contains("Meter of the right category"));
    assertTrue(round.parts().stream().anyMatch(p -> p.contains("motor of this kind")));
    assertNotEquals(round.state(), diagnosis.rounds().get(1).state());
    Diagnosis decided = noRun(Family.CONSTANT_TORQUE, "line.volts", 0);
    assertEquals(List.of(), decided.rounds());
  }

  /**
   * NEMA MG 1, 14.36 (from memory): 2 % unbalance, 0.95; above 5 % not at all. It derates a motor
   * on the line, and not one behind a drive.
   */
  @Test
  void unequalLineDeratesAMotorOnTheLine() {
    Object[] two = {"line.volts.ab", 460, "line.volts.bc", 460, "line.volts.ca", 474};
    Diagnosis behind = noRun(Family.DRIVE_FED_INDUCTION, two);
    assertFalse(warns(behind, "UNBALANCE_DERATE"));
    assertTrue(warns(behind, "UNBALANCE_AT_INPUT"));
    Object[] bypass = java.util.Arrays.copyOf(two, 8);
    bypass[6] = "run.bypass";
    bypass[7] = "RUNS";
    assertTrue(warns(noRun(Family.DRIVE_FED_INDUCTION, bypass), "UNBALANCE_DERATE"));
    bypass[5] = 505;
    assertTrue(warns(noRun(Family.DRIVE_FED_INDUCTION, bypass), "UNBALANCE_DO_NOT_RUN"));
  }

  /** Practice value: 4.12 V asks for 1650 r/min on the sample; n = 60 f/p. */
  @Test
  void fiveWireSpeedsAreWorkedOut() {
    Diagnosis diagnosis =
        noRun(
            Family.BLDC_FIVE_WIRE,
            "command.volts",
            4.12,
            "feedback.hertz",
            110,
            "feedback.pulses",
            4);
    List<String> notes = diagnosis.notes().stream().map(Diagnosis.Note::sentence).toList();
    assertTrue(notes.get(0).contains("1650 r/min"), notes.toString());
    assertTrue(notes.get(1).contains("1650 r/min"), "60 · 110 / 4: " + notes);
    Diagnosis still = noRun(Family.BLDC_FIVE_WIRE, "command.volts", 1.2);
    assertTrue(still.notes().get(0).sentence().contains("stand still"));
  }

  /** Two speeds are one below three in the hundred; neither proves anything. */
  @Test
  void twoSpeedsOfTheWheelSayWhetherItFollows() {
    assertTrue(speeds(1180, 860).contains("follows the call"));
    assertTrue(speeds(1180, 1170).contains("does not follow"));
    assertTrue(speeds(860, 1180).contains("slower where it should be faster"));
    assertEquals(
        noRun(Family.CONSTANT_TORQUE).suspects(),
        noRun(Family.CONSTANT_TORQUE, "rotor.rpm", 1180, "rotor.rpm.less", 1170).suspects());
  }

  private static String speeds(double more, double less) {
    return noRun(Family.CONSTANT_TORQUE, "rotor.rpm", more, "rotor.rpm.less", less).notes().stream()
        .filter(note -> note.id().equals("SPEED_FOLLOWS"))
        .findFirst()
        .orElseThrow()
        .sentence();
  }

  @Test
  void theWindowInForceNamesItsSource() {
    Diagnosis usual = noRun(Family.BLDC_FIVE_WIRE);
    Diagnosis own = noRun(Family.BLDC_FIVE_WIRE, "window.bus.volts", List.of(370.0, 395.0));
    assertEquals(Source.Kind.PRACTICE, bus(usual).source().kind());
    assertEquals(Source.Kind.UNIT, bus(own).source().kind());
    assertEquals(370, bus(own).low());
    assertNull(bus(own).figure());
  }

  private static Window bus(Diagnosis diagnosis) {
    return diagnosis.windows().stream()
        .filter(w -> w.reading().id().equals("bus.volts"))
        .findFirst()
        .orElseThrow()
        .window();
  }

  @Test
  void aCodeOffersItsOrderAndDecidesNothing() {
    Diagnosis diagnosis =
        noRun(Family.CONSTANT_TORQUE, "code", "4", "code.suspects", List.of("WHEEL"));
    assertTrue(warns(diagnosis, "CODE_ORDER"));
    assertEquals(VerdictState.OPEN, diagnosis.verdict().state());
    assertTrue(
        of(diagnosis, Suspect.WHEEL).probability()
            > of(noRun(Family.CONSTANT_TORQUE), Suspect.WHEEL).probability());
  }

  /** What is heard moves suspicion and never clears. */
  @Test
  void hearsayNeverClears() {
    Diagnosis told =
        noRun(
            Family.CONSTANT_TORQUE,
            "heard.answer",
            "TRIES_AND_GIVES_UP",
            "runs.outdoor",
            true,
            "look.lamp",
            "STEADY",
            "look.smell",
            "BURNT",
            "look.water",
            "DRY");
    Diagnosis before = noRun(Family.CONSTANT_TORQUE);
    for (Suspect suspect : Suspect.values()) {
      boolean cleared =
          before.suspects().stream()
              .anyMatch(s -> s.id() == suspect && s.state() == SuspectState.CLEARED);
      assertEquals(
          cleared,
          told.suspects().stream()
              .anyMatch(s -> s.id() == suspect && s.state() == SuspectState.CLEARED),
          suspect.name());
    }
    assertTrue(of(told, Suspect.WINDING).probability() > of(before, Suspect.WINDING).probability());
    assertTrue(of(told, Suspect.SUPPLY).probability() < of(before, Suspect.SUPPLY).probability());
  }

  /** Why a check comes next, as one would say it to a customer. */
  @Test
  void whyACheckComesNextIsSaidPlainly() {
    for (Family family : Family.values()) {
      for (Symptom symptom : Symptom.values()) {
        if (family.isVariableSpeed()) {
          Engine.diagnose(Situation.of(family, symptom, Facts.of(List.of())))
              .nextTests()
              .forEach(
                  test ->
                      assertTrue(
                          test.sentence()
                              .matches(
                                  "|(If all is well here, |\".+\" would point at |It decides between ).+\\."),
                          test.sentence()));
        }
      }
    }
  }
}
