package variablerotor.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.Plan;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;
import variablerotor.core.wiring.Planner;

/** The pattern and what it is filled with follow from the unit, and every guess is said. */
class PlanDraftTest {
  private static PlanDraft draft(Family family, String volts, UnitPlate unit) {
    Particulars told =
        Particulars.of("Quay", Symptom.NO_RUN, MotorPlate.of(family, volts)).unit(unit).build();
    boolean drive = family == Family.DRIVE_FED_INDUCTION;
    return job(told, drive ? Route.DRIVE_BYPASS : Route.FIXED_SPEED).planDraft();
  }

  private static Job job(Particulars told, Route chosen) {
    JobLog log =
        new JobLog.Builder("id", false, "Tobin", "", "", told)
            .decisions(
                List.of(new JobLog.Decided("d", chosen, null, null, "USD", List.of(), "Tobin", "")))
            .build();
    return Job.of(log, Settings.usual("UTC"), LocalDate.parse("2026-11-24"));
  }

  /** Like goes on like: nothing is wired anew, and no plan stands that somebody might follow. */
  @ParameterizedTest
  @EnumSource(
      value = Route.class,
      names = {"SAME_MOTOR", "MODULE_ONLY", "EQUIVALENT_MOTOR", "BOARD_AND_MOTOR", "REPAIR_OTHER"})
  void noPlanStandsForAWayThatIsNotWired(Route chosen) {
    UnitPlate unit = UnitPlate.plate().role(UnitPlate.Role.INDOOR_BLOWER).build();
    Particulars told =
        Particulars.of("Quay", Symptom.NO_RUN, MotorPlate.of(Family.CONSTANT_AIRFLOW_SERIAL, "115"))
            .unit(unit)
            .build();
    assertNull(job(told, chosen).planDraft());
  }

  @ParameterizedTest
  @CsvSource({
    "STAGED_CONDENSER, 208-230, OUTDOOR_FAN, A, LINE_240",
    "BLDC_THREE_WIRE, 230, OUTDOOR_FAN, A, LINE_240",
    "CONSTANT_TORQUE, 115, INDOOR_BLOWER, B, LINE_120",
    "CONSTANT_AIRFLOW_SERIAL, 120/240, INDOOR_BLOWER, E, LINE_120",
    "DRIVE_FED_INDUCTION, 460, INDOOR_BLOWER, D, LINE_3PH"
  })
  void theUnitNamesThePattern(
      Family family, String volts, UnitPlate.Role role, Pattern pattern, PartType line) {
    PlanDraft draft = draft(family, volts, UnitPlate.plate().role(role).build());
    assertEquals(pattern, draft.plan().pattern());
    assertEquals(line, draft.plan().supply());
  }

  @Test
  void callsFollowTheHeat() {
    UnitPlate gas =
        UnitPlate.plate()
            .role(UnitPlate.Role.INDOOR_BLOWER)
            .heating(List.of(UnitPlate.Heating.GAS))
            .build();
    assertEquals(
        List.of(CallId.COOL, CallId.GAS_HEAT, CallId.FAN, CallId.LIMIT, CallId.OFF_DELAY),
        draft(Family.CONSTANT_AIRFLOW_PARALLEL, "115", gas).plan().calls());
    UnitPlate pump =
        UnitPlate.plate()
            .role(UnitPlate.Role.OUTDOOR_FAN)
            .heating(List.of(UnitPlate.Heating.HEAT_PUMP))
            .build();
    PlanDraft outdoors = draft(Family.STAGED_CONDENSER, "230", pump);
    assertEquals(List.of(CallId.COOL, CallId.HEAT_PUMP), outdoors.plan().calls());
    assertTrue(outdoors.plan().defrost());
  }

  /** Nothing known is no reason to fail, and nothing that was guessed is kept quiet. */
  @ParameterizedTest
  @EnumSource(
      value = Family.class,
      mode = EnumSource.Mode.EXCLUDE,
      names = {"PSC"})
  void everyFamilyHasAPlanThatRuns(Family family) {
    PlanDraft draft = draft(family, null, UnitPlate.UNKNOWN);
    assertNotEquals(Plan.State.BLOCKED, Planner.of(draft.plan()).state());
    List<String> assumed = draft.assumed().stream().map(PlanDraft.Assumed::field).toList();
    assertTrue(assumed.contains("transformerVa") && assumed.contains("amps"), assumed.toString());
    assertTrue(assumed.contains("calls"), assumed.toString());
    boolean contactor = family == Family.STAGED_CONDENSER || family == Family.BLDC_THREE_WIRE;
    assertEquals(contactor, assumed.contains("contactorPoles"), assumed.toString());
  }
}
