package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;

/** Things that mislead in the trade: what was read, who leads, and whether that is proved. */
class MisleadingTest {
  private static Diagnosis diagnose(Family family, Symptom symptom, Object... pairs) {
    return Engine.diagnose(Situation.of(family, symptom, Facts.of(Calls.facts(pairs))));
  }

  private static Arguments call(
      String what, Family family, Symptom symptom, Suspect leads, boolean proved, Object... read) {
    return Arguments.of(what, family, symptom, leads, proved, read);
  }

  static Stream<Arguments> calls() {
    Object[] drive = {"line.volts.ab", 208, "line.volts.bc", 208, "line.volts.ca", 208};
    return Stream.of(
        call(
            "24 V on the 240 V tap",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.MODULE,
            false,
            "line.volts",
            208,
            "control.volts",
            20.8,
            "transformer.primary.volts",
            208),
        call(
            "a transformer that sags",
            Family.CONSTANT_TORQUE,
            Symptom.STARTS_THEN_STOPS,
            Suspect.COMMAND,
            true,
            "line.volts",
            240,
            "control.volts",
            26,
            "control.volts.loaded",
            15),
        call(
            "the float opens the call",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            true,
            "call.present",
            false,
            "thermostat.call",
            true,
            "safety.open",
            "FLOAT"),
        call(
            "a door switch that nobody holds in",
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            Suspect.MODULE,
            false,
            "safety.open",
            "DOOR"),
        call(
            "a breaker that tripped leaves nothing",
            Family.CONSTANT_TORQUE,
            Symptom.TRIPS_PROTECTION,
            Suspect.WINDING,
            false,
            "line.volts",
            0),
        call(
            "a board that locked out",
            Family.CONSTANT_AIRFLOW_PARALLEL,
            Symptom.STARTS_THEN_STOPS,
            Suspect.SETTING,
            false,
            "replaced.recently",
            true,
            "command.volts.board",
            0),
        call(
            "the same board right after a reset",
            Family.BLDC_FIVE_WIRE,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            true,
            "bus.volts",
            338,
            "logic.volts",
            15,
            "call.present",
            true,
            "command.volts.board",
            0,
            "command.volts",
            0,
            "command.volts.reset",
            0),
        call(
            "in defrost the fan stands still",
            Family.STAGED_CONDENSER,
            Symptom.INTERMITTENT,
            Suspect.NONE,
            false,
            "line.volts",
            0,
            "defrost.active",
            true),
        call(
            "the contactor burnt",
            Family.STAGED_CONDENSER,
            Symptom.NO_RUN,
            Suspect.SUPPLY,
            true,
            "call.present",
            true,
            "control.volts",
            26,
            "contactor.volts",
            0,
            "line.volts",
            0,
            "defrost.active",
            false,
            "command.volts",
            25),
        call(
            "a shorted potentiometer",
            Family.EC_PLUG_FAN,
            Symptom.NO_RUN,
            Suspect.COMMAND,
            true,
            "line.volts.ab",
            460,
            "line.volts.bc",
            460,
            "line.volts.ca",
            460,
            "aux.volts",
            2,
            "aux.volts.unloaded",
            10),
        call(
            "volts come back with the motor off",
            Family.DRIVE_FED_INDUCTION,
            Symptom.NO_RUN,
            Suspect.WINDING,
            false,
            "drive.output.ab",
            0,
            "drive.output.bc",
            0,
            "drive.output.ca",
            0,
            "drive.output.unloaded.ab",
            200,
            "drive.output.unloaded.bc",
            200,
            "drive.output.unloaded.ca",
            200),
        call(
            "a lost phase, back-fed",
            Family.EC_PLUG_FAN,
            Symptom.NO_RUN,
            Suspect.SUPPLY,
            true,
            "line.volts.ab",
            460,
            "line.volts.bc",
            230,
            "line.volts.ca",
            230),
        call(
            "it binds only when hot",
            Family.CONSTANT_TORQUE,
            Symptom.STARTS_THEN_STOPS,
            Suspect.BEARING,
            false,
            "shaft.feel",
            "FREE",
            "shaft.feel.warm",
            "STIFF",
            "shaft.feel.slow",
            "STIFF"),
        call(
            "a logic supply that the motor shorts",
            Family.BLDC_FIVE_WIRE,
            Symptom.NO_RUN,
            Suspect.MODULE,
            false,
            "bus.volts",
            338,
            "logic.volts",
            0,
            "logic.volts.unplugged",
            15),
        call(
            "caked blades",
            Family.CONSTANT_TORQUE,
            Symptom.LOW_AIRFLOW,
            Suspect.WHEEL,
            false,
            "wheel.dirt",
            "DIRTY",
            "air.look",
            "CLEAR",
            "static.inwc",
            0.05,
            "wheel.look",
            "CLEAR",
            "speed.setting",
            "RIGHT"));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("calls")
  void itIsNotTakenForWhatItLooksLike(
      String what, Family family, Symptom symptom, Suspect leads, boolean proved, Object[] read) {
    Diagnosis diagnosis = diagnose(family, symptom, read);
    String sentence = diagnosis.verdict().sentence();
    assertEquals(leads, diagnosis.suspects().get(0).id(), what + ": " + sentence);
    assertEquals(
        proved, diagnosis.verdict().state() == VerdictState.DECIDED, what + ": " + sentence);
    assertTrue(
        diagnosis.warnings().stream().noneMatch(w -> w.id() == WarningId.CONTRADICTION), what);
  }

  private static boolean warns(Diagnosis diagnosis, WarningId id) {
    return diagnosis.warnings().stream().anyMatch(w -> w.id() == id);
  }

  /** What holds the air back inside the cabinet lowers external static; ducts raise it. */
  @Test
  void aBlockageInsideLowersTheStatic() {
    for (double inwc : new double[] {0.05, 0.9}) {
      Diagnosis diagnosis =
          diagnose(Family.CONSTANT_TORQUE, Symptom.LOW_AIRFLOW, "static.inwc", inwc);
      assertEquals(Suspect.AIR_PATH, diagnosis.suspects().get(0).id(), inwc + " in. w.c.");
      assertNotEquals(SuspectState.CLEARED, diagnosis.suspects().get(0).state());
    }
  }

  @Test
  void aDutyCycleIsNoOddVoltage() {
    Object[] duty = {"line.volts", 240, "command.kind", "DUTY_CYCLE", "command.volts", 8};
    Diagnosis odd = diagnose(Family.CONSTANT_AIRFLOW_PARALLEL, Symptom.NO_RUN, duty);
    assertTrue(warns(odd, WarningId.NOT_USED));
    assertEquals(SuspectState.POSSIBLE, state(odd, Suspect.HARNESS));
    Object[] none = {"line.volts", 240, "command.volts", 25, "command.duty", 0};
    Diagnosis volts = diagnose(Family.CONSTANT_AIRFLOW_PARALLEL, Symptom.NO_RUN, none);
    assertEquals(SuspectState.CLEARED, state(volts, Suspect.COMMAND), "no duty of a 24 V command");
  }

  private static SuspectState state(Diagnosis diagnosis, Suspect suspect) {
    return diagnosis.suspects().stream()
        .filter(view -> view.id() == suspect)
        .findFirst()
        .orElseThrow()
        .state();
  }

  /** The lamp may be an outside sensor: read, reset, and see whether it comes back. */
  @Test
  void aResetThatHoldsClearsTheDrive() {
    Object[] fault = {"line.volts.ab", 208, "line.volts.bc", 208, "line.volts.ca", 208};
    Object[] held = java.util.Arrays.copyOf(fault, 10);
    held[6] = "drive.fault";
    held[7] = true;
    held[8] = "drive.reset";
    held[9] = "RUNS";
    Diagnosis runs = diagnose(Family.DRIVE_FED_INDUCTION, Symptom.STARTS_THEN_STOPS, held);
    assertEquals(SuspectState.CLEARED, state(runs, Suspect.DRIVE));
    assertNotEquals(SuspectState.CLEARED, state(runs, Suspect.SETTING));
    held[8] = "code.returns";
    held[9] = true;
    Diagnosis back = diagnose(Family.DRIVE_FED_INDUCTION, Symptom.STARTS_THEN_STOPS, held);
    assertNotEquals(SuspectState.CLEARED, state(back, Suspect.DRIVE));
  }

  @Test
  void twoGoneAndOneLeftIsTheBlackProbe() {
    assertTrue(
        warns(
            diagnose(
                Family.BLDC_FIVE_WIRE,
                Symptom.NO_RUN,
                "bus.volts",
                0,
                "logic.volts",
                0,
                "command.volts",
                3),
            WarningId.BLACK_PROBE));
  }

  @Test
  void anAnswerThatIsRareForThisComplaintIsWeighedAndAskedAbout() {
    Diagnosis noise = diagnose(Family.CONSTANT_TORQUE, Symptom.NOISE, "line.volts", 0);
    assertTrue(warns(noise, WarningId.UNUSUAL));
    assertFalse(warns(noise, WarningId.CONTRADICTION));
    assertFalse(
        warns(
            diagnose(Family.CONSTANT_TORQUE, Symptom.NO_RUN, "line.volts", 0), WarningId.UNUSUAL));
  }

  @Test
  void noFactIsSwallowed() {
    Diagnosis torque =
        diagnose(
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            "drive.fault",
            true,
            "bus.volts",
            300,
            "static.inwc",
            0.5,
            "line.volts.ab",
            240);
    assertEquals(4, torque.warnings().stream().filter(w -> w.id() == WarningId.NOT_USED).count());
    Diagnosis drive =
        diagnose(Family.DRIVE_FED_INDUCTION, Symptom.NO_RUN, "emf.ab", 9, "line.volts", 240);
    assertEquals(2, drive.warnings().stream().filter(w -> w.id() == WarningId.NOT_USED).count());
  }

  /** Nothing is left when everything fits nothing on the list: it is said, and shown to lead. */
  @Test
  void somethingElseCanLead() {
    Diagnosis diagnosis =
        diagnose(
            Family.CONSTANT_TORQUE,
            Symptom.NO_RUN,
            "line.volts",
            240,
            "command.volts",
            25,
            "shaft.feel",
            "FREE",
            "connector.look",
            "SEATED",
            "winding.ab",
            8,
            "winding.bc",
            8,
            "winding.ca",
            8,
            "run.substitute_command",
            "RUNS");
    assertEquals(Suspect.OTHER, diagnosis.suspects().get(0).id());
    assertEquals(VerdictState.OPEN, diagnosis.verdict().state());
    assertEquals(
        "Not settled yet: the readings fit nothing on the list.",
        diagnosis.verdict().remedy().sentence());
    assertTrue(diagnosis.verdict().sentence().contains("something else"));
  }
}
