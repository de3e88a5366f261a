package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.FamilyModel;

/** The trade's rules of proof, one a case: what was read, and who it is by common practice. */
class RulesOfProofTest {

  /** A rule with the readings that it speaks of. */
  private record Rule(
      String name, Family family, Symptom symptom, Suspect suspect, boolean proved, Object[] read) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static final Object[] SOUND_WINDINGS = {
    "winding.ab",
    4.2,
    "winding.bc",
    4.2,
    "winding.ca",
    4.2,
    "winding.frame.a",
    "OL",
    "winding.frame.b",
    "OL",
    "winding.frame.c",
    "OL"
  };

  private static Rule proved(
      String name, Family family, Symptom symptom, Suspect suspect, Object... read) {
    return new Rule(name, family, symptom, suspect, true, read);
  }

  private static Rule likely(
      String name, Family family, Symptom symptom, Suspect suspect, Object... read) {
    return new Rule(name, family, symptom, suspect, false, read);
  }

  private static Object[] with(Object[] one, Object... more) {
    List<Object> all = new ArrayList<>(Arrays.asList(one));
    all.addAll(Arrays.asList(more));
    return all.toArray();
  }

  static Stream<Rule> rules() {
    return Stream.of(
        likely(
            "drag that is gone with the module off was in the module",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.MODULE,
            "shaft.feel",
            "COGGING",
            "shaft.feel.module_off",
            "FREE"),
        proved(
            "drag that stays, with the pairs uneven, is the winding",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.WINDING,
            "shaft.feel",
            "COGGING",
            "shaft.feel.module_off",
            "COGGING",
            "winding.ab",
            5,
            "winding.bc",
            5,
            "winding.ca",
            8),
        likely(
            "locked, and free out of its wheel, is the wheel",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.WHEEL,
            "line.volts",
            240,
            "shaft.feel",
            "LOCKED",
            "shaft.feel.module_off",
            "LOCKED",
            "shaft.feel.wheel_off",
            "FREE"),
        proved(
            "locked with everything off, windings sound, is the bearing",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.BEARING,
            with(
                SOUND_WINDINGS,
                "line.volts",
                240,
                "shaft.feel",
                "LOCKED",
                "shaft.feel.module_off",
                "LOCKED",
                "shaft.feel.wheel_off",
                "LOCKED")),
        proved(
            "runs with the control plug pulled: the module is stuck on",
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Symptom.RUNS_ALWAYS,
            Suspect.MODULE,
            "run.control_unplugged",
            "RUNS"),
        likely(
            "stops with the control plug pulled: something upstream feeds it",
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Symptom.RUNS_ALWAYS,
            Suspect.COMMAND,
            "run.control_unplugged",
            "STOPS"),
        proved(
            "a call at the board and nothing at its terminal is the board",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            "call.present",
            true,
            "control.volts",
            26,
            "line.volts",
            240,
            "command.volts.board",
            0),
        proved(
            "a command at the board and none at the motor is the harness",
            Family.STAGED_CONDENSER,
            Symptom.NO_RUN,
            Suspect.HARNESS,
            "line.volts",
            240,
            "command.volts.board",
            25,
            "command.volts",
            0),
        proved(
            "under 18 V is a weak transformer, not the motor",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            "line.volts",
            240,
            "control.volts",
            13),
        proved(
            "a new motor that sends no speed, and a board that waits for one",
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Symptom.STARTS_THEN_STOPS,
            Suspect.SETTING,
            "replaced.recently",
            true,
            "motor.feedback",
            false,
            "board.needs_feedback",
            true),
        proved(
            "a lead under 100 kΩ to the frame condemns the winding",
            Family.CONSTANT_TORQUE,
            Symptom.TRIPS_PROTECTION,
            Suspect.WINDING,
            "winding.frame.a",
            40000,
            "winding.frame.b",
            40000,
            "winding.frame.c",
            40000),
        proved(
            "insulation far below 5 MΩ at 40 °C condemns it as well",
            Family.CONSTANT_TORQUE,
            Symptom.TRIPS_PROTECTION,
            Suspect.WINDING,
            "winding.insulation",
            0.8,
            "winding.celsius",
            40),
        likely(
            "little air, a blocked filter and high static: the air path",
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Symptom.LOW_AIRFLOW,
            Suspect.AIR_PATH,
            "air.look",
            "FILTER_BLOCKED",
            "static.inwc",
            0.9,
            "rotation",
            "RIGHT"),
        proved(
            "link supply present, a tester does not run it, all else good: the module of a serial"
                + " blower",
            Family.CONSTANT_AIRFLOW_SERIAL,
            Symptom.NO_RUN,
            Suspect.MODULE,
            with(
                SOUND_WINDINGS,
                "line.volts",
                240,
                "call.present",
                true,
                "control.volts",
                26,
                "link.volts",
                12,
                "run.substitute_command",
                "STILL",
                "shaft.feel",
                "FREE",
                "connector.look",
                "SEATED")),
        proved(
            "link supply missing at the board's own terminal: the board",
            Family.CONSTANT_AIRFLOW_SERIAL,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            "line.volts",
            240,
            "control.volts",
            26,
            "link.volts",
            0,
            "link.volts.board",
            0),
        likely(
            "a link in the plug of a 208-230 V motor is a setting",
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Symptom.NO_RUN,
            Suspect.SETTING,
            "line.volts",
            240,
            "link.voltage_jumper",
            "IN"),
        likely(
            "no speed pulses while it turns: the motor before its wire",
            Family.BLDC_FIVE_WIRE,
            Symptom.STARTS_THEN_STOPS,
            Suspect.MODULE,
            "bus.volts",
            338,
            "logic.volts",
            15,
            "feedback.hertz",
            0,
            "replaced.recently",
            false),
        likely(
            "bus gone, and gone with the motor unplugged: the board",
            Family.BLDC_FIVE_WIRE,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            "bus.volts",
            0,
            "bus.volts.unplugged",
            0),
        likely(
            "bus and logic good, no command at either end: the board is not asking",
            Family.BLDC_FIVE_WIRE,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            "bus.volts",
            338,
            "logic.volts",
            15,
            "command.volts",
            0,
            "command.volts.board",
            0),
        likely(
            "its own 10 V put in, and it runs: the controller",
            Family.EC_PLUG_FAN,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            "aux.volts",
            10,
            "command.volts",
            0,
            "run.substitute_command",
            "RUNS"),
        proved(
            "a drive held off by an input, that runs from its keypad, is a setting",
            Family.DRIVE_FED_INDUCTION,
            Symptom.NO_RUN,
            Suspect.SETTING,
            "line.volts.ab",
            208,
            "line.volts.bc",
            208,
            "line.volts.ca",
            209,
            "call.present",
            true,
            "command.volts",
            6,
            "drive.status",
            "HELD_OFF",
            "run.substitute_command",
            "RUNS",
            "connector.look",
            "SEATED",
            "run.reseated",
            "STILL"),
        likely(
            "free cold, and catching warm right after it quits: the winding",
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Symptom.STARTS_THEN_STOPS,
            Suspect.WINDING,
            "shaft.feel",
            "FREE",
            "shaft.feel.warm",
            "COGGING"),
        likely(
            "water in the module of a motor that is fed, free and sound",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.MODULE,
            with(
                SOUND_WINDINGS,
                "line.volts",
                240,
                "command.volts",
                25,
                "connector.look",
                "CORRODED",
                "module.look",
                "WATER",
                "shaft.feel",
                "FREE")));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("rules")
  void theRuleHolds(Rule rule) {
    Diagnosis diagnosis =
        Engine.diagnose(Situation.of(rule.family, rule.symptom, Facts.of(Calls.facts(rule.read))));
    Diagnosis.Verdict verdict = diagnosis.verdict();
    assertEquals(rule.suspect, verdict.suspect(), verdict.sentence());
    assertEquals(
        rule.proved ? VerdictState.DECIDED : VerdictState.NARROWED,
        verdict.state(),
        verdict.sentence());
  }

  /** A module that nobody has measured the winding of is the best guess, and no more. */
  @Test
  void anUncheckedWindingKeepsTheModuleFromBeingProved() {
    Diagnosis diagnosis =
        Calls.torque(Symptom.NO_RUN, "line.volts", 240, "command.volts", 25, "shaft.feel", "FREE");
    assertEquals(VerdictState.NARROWED, diagnosis.verdict().state());
    assertEquals(Suspect.MODULE, diagnosis.verdict().suspect());
    assertTrue(
        diagnosis.warnings().stream().anyMatch(w -> w.id().name().equals("WINDING_UNCHECKED")));
  }

  /** A motor that is replaced whole has no winding to be warned of. */
  @Test
  void aWholeMotorIsNotWarnedForItsWinding() {
    Diagnosis diagnosis =
        Engine.diagnose(
            Situation.of(
                Family.BLDC_FIVE_WIRE,
                Symptom.NO_RUN,
                Facts.of(Calls.facts("bus.volts", 0, "bus.volts.unplugged", 338))));
    assertEquals(List.of(Suspect.MODULE), diagnosis.verdict().suspects());
    assertTrue(
        diagnosis.warnings().stream().noneMatch(w -> w.id() == WarningId.WINDING_UNCHECKED),
        diagnosis.warnings().toString());
    assertTrue(diagnosis.stations().stream().noneMatch(s -> s.id() == Suspect.WINDING));
  }

  /** What is compared with an earlier check is not advised before it. */
  @Test
  void theSecondFeelIsNotAdvisedBeforeTheFirst() {
    Diagnosis begun = Calls.torque(Symptom.NO_RUN);
    List<String> advised = begun.nextTests().stream().map(t -> t.check().id()).toList();
    assertTrue(advised.contains("shaft.feel"));
    assertTrue(advised.stream().noneMatch(id -> id.startsWith("shaft.feel.")), advised.toString());
    Diagnosis felt = Calls.torque(Symptom.NO_RUN, "shaft.feel", "COGGING");
    assertTrue(
        felt.nextTests().stream().anyMatch(t -> t.check().id().equals("shaft.feel.module_off")));
  }

  /** With the unit open and dead, what is left to do there comes before what needs power. */
  @Test
  void changesOfStateCount() {
    Object[] read = {
      "line.volts",
      240,
      "command.volts",
      25,
      "shaft.feel",
      "FREE",
      "connector.look",
      "SEATED",
      "plate.moduleRemovable",
      true,
      "plate.moduleSoldAlone",
      true
    };
    Diagnosis off = Calls.torque(Symptom.NO_RUN, Calls.facts(read));
    UnitState next = off.nextTests().get(0).check().state();
    assertTrue(next != UnitState.POWER_ON, "power stays off: " + off.nextTests().get(0));
    assertEquals(off.nextTests().get(0).check().state(), off.rounds().get(0).state());
  }

  /** Every check that can be advised says what each of its answers would mean. */
  @Test
  void eachAnswersMeaningIsShownBeforeTheReading() {
    for (Family family : Family.values()) {
      if (FamilyModel.covers(family)) {
        Diagnosis diagnosis =
            Engine.diagnose(Situation.of(family, Symptom.NO_RUN, Facts.of(List.of())));
        for (Diagnosis.NextTest test : diagnosis.nextTests()) {
          assertEquals(test.check().outcomes().size(), test.outcomes().size());
          double sum = 0;
          for (Diagnosis.Answer answer : test.outcomes()) {
            sum += answer.probability();
          }
          assertEquals(1, sum, 1e-3, test.check().id());
        }
      }
    }
  }
}
