package variablerotor.core.history;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.fact.Fact;
import variablerotor.core.family.Family;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.Settings;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;

/** What an earlier call says of a unit, and what it must not say. */
class UnitHistoryTest {
  private static final LocalDate NOW = LocalDate.parse("2027-05-10");
  private static final LocalDate YEAR_AGO = LocalDate.parse("2026-05-02");

  private static UnitHistory.Call call(
      LocalDate day, Family family, @Nullable Route chosen, Object... facts) {
    return call(UnitPlate.Kind.AIR_HANDLER, day, family, chosen, facts);
  }

  private static UnitHistory.Call call(
      UnitPlate.@Nullable Kind kind,
      LocalDate day,
      Family family,
      @Nullable Route chosen,
      Object... facts) {
    List<JobLog.Reading> readings = new ArrayList<>();
    for (Fact fact : Calls.facts(facts)) {
      readings.add(
          new JobLog.Reading("r" + readings.size(), fact, "Tobin", day + "T12:00:00Z", null));
    }
    JobLog.Builder log =
        new JobLog.Builder(
                "c-" + day,
                false,
                "Tobin",
                day + "T12:00:00Z",
                day + "T12:00:00Z",
                Particulars.of(
                        "Quay", Symptom.NO_RUN, MotorPlate.of(family).volts("208-230").build())
                    .unitName("Roof")
                    .unit(UnitPlate.plate().kind(kind).build())
                    .build())
            .readings(readings);
    if (chosen != null) {
      log.decisions(
          List.of(
              new JobLog.Decided(
                  "d", chosen, null, null, "USD", List.of(), "Tobin", day + "T13:00:00Z")));
    }
    return new UnitHistory.Call(Job.of(log.build(), Settings.usual("UTC"), day), day, day);
  }

  private static UnitHistory.Call sound(@Nullable Route chosen) {
    return call(
        YEAR_AGO,
        Family.CONSTANT_TORQUE,
        chosen,
        "winding.ab",
        24,
        "winding.bc",
        24,
        "winding.ca",
        24,
        "winding.celsius",
        40);
  }

  private static UnitHistory.Call today() {
    return call(NOW, Family.CONSTANT_TORQUE, null);
  }

  /** IEEE Std 118, from memory: copper from 40 to 20 °C, 24 Ω × (234.5 + 20) / (234.5 + 40). */
  @Test
  void soundPairsOfAYearAgoAreTheKnownFigure() {
    UnitHistory history = UnitHistory.of(List.of(today(), sound(null)));
    UnitHistory.KnownWinding known = history.known();
    assertNotNull(known);
    assertEquals(24 * 254.5 / 274.5, known.pairOhmsAt20(), 1e-9);
    assertEquals("c-2026-05-02", known.call());
    assertTrue(history.visits().get(1).pairs().endsWith("at 40 °C"), "" + history.visits());
    // A module put on since leaves the motor as it is.
    assertNotNull(UnitHistory.of(List.of(today(), sound(Route.MODULE_ONLY))).known());
  }

  @ParameterizedTest
  @EnumSource(
      value = Route.class,
      names = {"SAME_MOTOR", "EQUIVALENT_MOTOR", "FIXED_SPEED", "LOANER", "BOARD_AND_MOTOR"})
  void whatWasReadOfAMotorThatWentOutIsNotSaidOfTheNextOne(Route another) {
    assertNull(UnitHistory.of(List.of(today(), sound(another))).known());
    UnitHistory.Call between = call(LocalDate.parse("2026-09-01"), Family.CONSTANT_TORQUE, another);
    assertNull(UnitHistory.of(List.of(today(), between, sound(null))).known());
  }

  @Test
  void nothingIsKnownWithoutTemperatureSoundnessOrTheSameKindOfMotor() {
    UnitHistory.Call cold =
        call(
            YEAR_AGO,
            Family.CONSTANT_TORQUE,
            null,
            "winding.ab",
            24,
            "winding.bc",
            24,
            "winding.ca",
            24);
    UnitHistory history = UnitHistory.of(List.of(today(), cold));
    assertNull(history.known(), "an attic makes a tenth");
    assertEquals(
        "A to B 24 Ω, B to C 24 Ω, C to A 24 Ω, temperature not read",
        history.visits().get(1).pairs());
    UnitHistory.Call shorted =
        call(
            YEAR_AGO,
            Family.CONSTANT_TORQUE,
            null,
            "winding.ab",
            5.7,
            "winding.bc",
            1.6,
            "winding.ca",
            5.7,
            "winding.celsius",
            20);
    assertNull(UnitHistory.of(List.of(today(), shorted)).known());
    UnitHistory.Call other = call(NOW, Family.CONSTANT_AIRFLOW_SERIAL, null);
    assertNull(UnitHistory.of(List.of(other, sound(null))).known());
    // Its own readings are what is judged.
    assertNull(UnitHistory.of(List.of(sound(null))).known());
  }

  @Test
  void aCallSoonAfterARepairIsAComeback() {
    LocalDate opened = LocalDate.parse("2026-06-01");
    UnitHistory.Call again = call(opened, Family.CONSTANT_TORQUE, null);
    UnitHistory.Comeback comeback =
        UnitHistory.of(List.of(again, sound(Route.MODULE_ONLY))).comeback();
    assertNotNull(comeback);
    assertEquals(30, comeback.days());
    assertTrue(
        comeback.sentence().contains("30 days ago. Chosen then: new module"), comeback.sentence());
    assertTrue(comeback.asks(), "nobody said yet what that says of the repair");
    assertFalse(comeback.said(), "sound pairs alone say nothing");
    assertTrue(askedAfter(again, "2026-05-30T12:00:00Z"), "before it came back nobody knew");
    assertFalse(askedAfter(again, "2026-06-01T12:30:00Z"));
    UnitHistory.Call later = call(opened.plusDays(1), Family.CONSTANT_TORQUE, null);
    assertNull(UnitHistory.of(List.of(later, sound(Route.MODULE_ONLY))).comeback(), "31 days");
    assertNull(UnitHistory.of(List.of(again, sound(null))).comeback(), "nothing was done then");
    assertNull(UnitHistory.of(List.of(again)).comeback());
  }

  /** Whether it is still asked, where something was said of the repair at this time. */
  private static boolean askedAfter(UnitHistory.Call again, String at) {
    JobLog log = sound(Route.MODULE_ONLY).job().log();
    JobLog told =
        new JobLog.Builder(
                log.id(), false, "Tobin", log.openedAt(), log.changedAt(), log.particulars())
            .readings(log.readings())
            .decisions(log.decisions())
            .outcomes(
                List.of(
                    new JobLog.Outcome(
                        "o", JobLog.Outcome.Was.UNKNOWN, List.of(), List.of(), "", "Tobin", at)))
            .build();
    Job job = Job.of(told, Settings.usual("UTC"), YEAR_AGO);
    UnitHistory.Comeback comeback =
        UnitHistory.of(List.of(again, new UnitHistory.Call(job, YEAR_AGO, YEAR_AGO))).comeback();
    return comeback != null && comeback.asks();
  }

  /** A rooftop has two motors of one kind: nothing that was read of one is said of the other. */
  @Test
  void whereTwoFansMayBeMeantNothingIsHandedOn() {
    Object[] pairs = {"winding.ab", 24, "winding.bc", 24, "winding.ca", 24, "winding.celsius", 40};
    UnitHistory.Call then =
        call(UnitPlate.Kind.ROOFTOP, YEAR_AGO, Family.CONSTANT_TORQUE, null, pairs);
    UnitHistory.Call now = call(UnitPlate.Kind.ROOFTOP, NOW, Family.CONSTANT_TORQUE, null);
    assertNull(UnitHistory.of(List.of(now, then)).known());
    // The blower's figure waits for the blower, whatever is done to the outdoor fan between.
    UnitHistory.Call blower = call(null, YEAR_AGO, Family.CONSTANT_TORQUE, null, pairs);
    UnitHistory.Call fan =
        call(null, LocalDate.parse("2026-11-02"), Family.STAGED_CONDENSER, Route.SAME_MOTOR);
    assertNotNull(UnitHistory.of(List.of(today(), fan, blower)).known());
    // Two boxes under one name: which of them the call of then was to nobody said.
    UnitHistory.Call box =
        call(
            UnitPlate.Kind.HEAT_PUMP_OUTDOOR,
            LocalDate.parse("2026-11-02"),
            Family.CONSTANT_TORQUE,
            null);
    assertNull(UnitHistory.of(List.of(today(), box, blower)).known());
    UnitHistory history = UnitHistory.of(List.of(today(), fan, blower));
    assertEquals(
        List.of("INDOOR_BLOWER", "OUTDOOR_FAN"),
        history.motors().stream().map(one -> one.role().name()).toList());
  }

  /** What was chosen is in no unit before it is fitted; one of another kind is another one. */
  @Test
  void motorsAreThoseThatWereMetOrPutIn() {
    UnitHistory.Call chosen = call(YEAR_AGO, Family.CONSTANT_TORQUE, Route.SAME_MOTOR);
    UnitHistory.Call other = call(NOW, Family.CONSTANT_AIRFLOW_SERIAL, null);
    assertEquals(
        List.of("Constant-torque blower, 208-230 V since 2026-05-02 to null"),
        spoken(List.of(chosen)));
    assertEquals(
        List.of(
            Family.CONSTANT_AIRFLOW_SERIAL.title() + ", 208-230 V since 2027-05-10 to null",
            "Constant-torque blower, 208-230 V since 2026-05-02 to 2027-05-10"),
        spoken(List.of(other, chosen)));
    // The motor of then may be out: nobody noted it, and who reads the page must look.
    assertEquals(
        "Same motor chosen on 2026-05-02, and not noted as fitted: look at the plate.",
        UnitHistory.of(List.of(today(), chosen)).motors().get(0).doubt());
    assertEquals("", UnitHistory.of(List.of(today())).motors().get(0).doubt());
    // Nobody said which of two it is: each is listed by itself, and none is said to be out.
    UnitHistory.Call either = call(UnitPlate.Kind.ROOFTOP, YEAR_AGO, Family.CONSTANT_TORQUE, null);
    UnitHistory.Call again =
        call(UnitPlate.Kind.ROOFTOP, NOW, Family.CONSTANT_AIRFLOW_SERIAL, null);
    assertEquals(
        List.of(
            Family.CONSTANT_AIRFLOW_SERIAL.title() + ", 208-230 V since 2027-05-10 to null",
            "Constant-torque blower, 208-230 V since 2026-05-02 to null"),
        spoken(List.of(again, either)));
  }

  private static List<String> spoken(List<UnitHistory.Call> calls) {
    return UnitHistory.of(calls).motors().stream()
        .map(one -> one.motor() + " since " + one.since() + " to " + one.until())
        .toList();
  }
}
