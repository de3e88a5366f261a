package variablerotor.core.route;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;

class WaysTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
  private static final MotorPlate MOTOR = MotorPlate.of(Family.CONSTANT_TORQUE, "208-230");
  private static final MotorPlate MODULE_SOLD =
      MOTOR.but().moduleRemovable(true).moduleSoldAlone(true).build();

  private static final List<Fact> DEAD_MODULE =
      Calls.facts(
          "line.volts",
          240,
          "command.volts",
          25,
          "shaft.feel",
          "FREE",
          "connector.look",
          "SEATED",
          "winding.ab",
          22,
          "winding.bc",
          21,
          "winding.ca",
          22,
          "winding.frame.a",
          "OL",
          "winding.frame.b",
          "OL",
          "winding.frame.c",
          "OL");

  private static UnitPlate unit(
      String installed, String warranty, Boolean feedback, UnitPlate.Heating... heat) {
    return UnitPlate.plate()
        .kind(UnitPlate.Kind.AIR_HANDLER)
        .role(UnitPlate.Role.INDOOR_BLOWER)
        .coolingTons(3.0)
        .heating(List.of(heat))
        .installed(LocalDate.parse(installed))
        .warrantyUntil(LocalDate.parse(warranty))
        .boardNeedsFeedback(feedback)
        .build();
  }

  private static Way way(Route route, UnitPlate unit, MotorPlate motor, List<Fact> facts) {
    Diagnosis diagnosis = Calls.torque(Symptom.NO_RUN, facts);
    return Ways.of(Circumstances.of(unit, motor, TODAY), Facts.of(facts), diagnosis).stream()
        .filter(way -> way.route() == route)
        .findFirst()
        .orElseThrow();
  }

  private static boolean has(Way way, String id) {
    return way.reasons().stream().anyMatch(reason -> reason.id().name().equals(id));
  }

  @Test
  void moduleAloneOnAProvedMotorIsOpen() {
    UnitPlate young = unit("2021-01-01", "2023-01-01", false);
    assertEquals(RouteState.OPEN, way(Route.MODULE_ONLY, young, MODULE_SOLD, DEAD_MODULE).state());
  }

  @Test
  void moduleAloneOnAnOldMotorAsksFirst() {
    Way way =
        way(Route.MODULE_ONLY, unit("2015-01-01", "2020-01-01", false), MODULE_SOLD, DEAD_MODULE);
    assertEquals(RouteState.CONDITIONAL, way.state());
    assertTrue(has(way, "MOTOR_OLD"));
  }

  @Test
  void moduleOnAnUnmeasuredOrBadWindingIsBlocked() {
    UnitPlate young = unit("2021-01-01", "2023-01-01", false);
    Way unmeasured = way(Route.MODULE_ONLY, young, MODULE_SOLD, DEAD_MODULE.subList(0, 4));
    assertEquals(RouteState.BLOCKED, unmeasured.state());
    assertTrue(has(unmeasured, "WINDING_NOT_MEASURED"));
    List<Fact> shorted = Calls.facts("winding.ab", 5.7, "winding.bc", 1.6, "winding.ca", 5.7);
    assertTrue(has(way(Route.MODULE_ONLY, young, MODULE_SOLD, shorted), "WINDING_FAULTY"));
  }

  @Test
  void moduleNotSoldAloneIsBlocked() {
    UnitPlate young = unit("2021-01-01", "2023-01-01", false);
    Way way =
        way(
            Route.MODULE_ONLY,
            young,
            MOTOR.but().moduleRemovable(true).moduleSoldAlone(false).build(),
            DEAD_MODULE);
    assertEquals(RouteState.BLOCKED, way.state());
    assertTrue(has(way, "MODULE_NOT_SOLD_ALONE"));
  }

  @Test
  void warrantyShutsAllButTheMakersPart() {
    UnitPlate inWarranty = unit("2024-01-01", "2026-11-24", false);
    assertTrue(has(way(Route.EQUIVALENT_MOTOR, inWarranty, MOTOR, DEAD_MODULE), "IN_WARRANTY"));
    assertTrue(has(way(Route.FIXED_SPEED, inWarranty, MOTOR, DEAD_MODULE), "IN_WARRANTY"));
    assertEquals(RouteState.OPEN, way(Route.SAME_MOTOR, inWarranty, MOTOR, DEAD_MODULE).state());
    UnitPlate ended = unit("2024-01-01", "2026-11-23", false);
    assertTrue(!has(way(Route.EQUIVALENT_MOTOR, ended, MOTOR, DEAD_MODULE), "IN_WARRANTY"));
  }

  @Test
  void conversionMindsSpeedSignalAndHeat() {
    UnitPlate proves =
        unit("2018-01-01", "2020-01-01", true).but().feedbackCanBeDisabled(false).build();
    assertEquals(RouteState.BLOCKED, way(Route.FIXED_SPEED, proves, MOTOR, DEAD_MODULE).state());
    UnitPlate hot =
        unit("2018-01-01", "2020-01-01", false, UnitPlate.Heating.GAS, UnitPlate.Heating.ELECTRIC);
    Way way = way(Route.FIXED_SPEED, hot, MOTOR, DEAD_MODULE);
    assertEquals(RouteState.CONDITIONAL, way.state());
    assertTrue(has(way, "TEMPERATURE_RISE") && has(way, "HEAT_WITHOUT_AIR"));
    assertTrue(way.loses().size() >= 3);
  }

  @Test
  void faultElsewhereBlocksEveryNewMotor() {
    UnitPlate unit = unit("2018-01-01", "2020-01-01", false);
    List<Fact> harness =
        Calls.facts("line.volts", 240, "command.volts.board", 25, "command.volts", 0);
    assertEquals(RouteState.BLOCKED, way(Route.SAME_MOTOR, unit, MOTOR, harness).state());
    assertEquals(RouteState.OPEN, way(Route.REPAIR_OTHER, unit, MOTOR, harness).state());
    assertEquals(RouteState.BLOCKED, way(Route.REPAIR_OTHER, unit, MOTOR, DEAD_MODULE).state());
  }

  private static Way fixedSpeed(Running running, UnitPlate.Heating... heat) {
    UnitPlate unit = unit("2018-01-01", "2020-01-01", false, heat);
    return Ways.of(
            new Circumstances(unit, MOTOR, running, Schools.USUAL, List.of(), TODAY),
            Facts.of(DEAD_MODULE),
            Calls.torque(Symptom.NO_RUN, DEAD_MODULE))
        .get(Route.FIXED_SPEED.ordinal());
  }

  private static Running gas(double air, double low, double high) {
    return new Running(
        null, null, null, null, null, null, null, air, 60_000.0, low, high, null, null, null);
  }

  /** By hand, standard air: 60,000 ÷ (1.08 × 1,000) rises by 55.6 °F, at 1,400 cfm by 39.7 °F. */
  @Test
  void gasHeatsRiseMustStayWithinThePlate() {
    assertEquals(60_000 / 1080.0, gas(1000, 35, 65).riseAtOneSpeed(), 1e-9);
    Way within = fixedSpeed(gas(1000, 35, 65), UnitPlate.Heating.GAS);
    assertTrue(!has(within, "TEMPERATURE_RISE") && !has(within, "RISE_OUT_OF_RANGE"));
    Way cold = fixedSpeed(gas(1400, 45, 75), UnitPlate.Heating.GAS);
    assertEquals(RouteState.BLOCKED, cold.state());
    assertTrue(has(cold, "RISE_OUT_OF_RANGE"));
    assertTrue(has(fixedSpeed(Running.UNKNOWN, UnitPlate.Heating.GAS), "TEMPERATURE_RISE"));
  }

  /** A lowest stage that may have 700 cfm does not go with one speed of 1,000 cfm. */
  @Test
  void theLowestStageMustBearTheOneSpeed() {
    for (Running.Staging staging : Running.Staging.values()) {
      Running one =
          new Running(
              null, null, null, null, null, staging, 700.0, 1000.0, null, null, null, null, null,
              null);
      Way way = fixedSpeed(one);
      assertEquals(staging != Running.Staging.ONE, has(way, "LOWEST_STAGE_AIR"), staging.name());
      Running unknown =
          new Running(
              null, null, null, null, null, staging, null, null, null, null, null, null, null,
              null);
      assertEquals(staging != Running.Staging.ONE, has(fixedSpeed(unknown), "MULTI_STAGE"));
    }
  }

  /** A link in for 115 V on a line of 240 V, and a winding that is shorted: both are mended. */
  @Test
  void bothRepairsStandInThePlan() {
    Family family = Family.CONSTANT_AIRFLOW_PARALLEL;
    Facts facts =
        Facts.of(Calls.facts(Calls.all(Calls.FED_AND_SHORTED, "link.voltage_jumper", "IN")));
    List<Way> ways =
        Ways.of(
            Circumstances.of(
                unit("2021-01-01", "2023-01-01", false), MotorPlate.of(family).build(), TODAY),
            facts,
            Engine.diagnose(Situation.of(family, Symptom.NO_RUN, facts)));
    Way same = ways.get(Route.SAME_MOTOR.ordinal());
    assertEquals(RouteState.OPEN, same.state());
    assertEquals(List.of("Change the setting", "Same motor"), same.plan());
    Way other = ways.get(Route.REPAIR_OTHER.ordinal());
    assertEquals(RouteState.BLOCKED, other.state(), "no setting mends a winding");
  }

  @Test
  void whatTheShopDoesCounts() {
    UnitPlate old = unit("2015-01-01", "2020-01-01", false);
    Diagnosis dead = Calls.torque(Symptom.NO_RUN, DEAD_MODULE);
    for (Habit habit : School.MODULE_ALONE.habits()) {
      Way module =
          Ways.of(
                  new Circumstances(
                      old,
                      MODULE_SOLD,
                      Running.UNKNOWN,
                      Schools.of(List.of(habit)),
                      List.of(),
                      TODAY),
                  Facts.of(DEAD_MODULE),
                  dead)
              .get(0);
      RouteState expected =
          habit == Habit.MODULE_IF_YOUNG
              ? RouteState.CONDITIONAL
              : habit == Habit.MODULE_AT_ANY_AGE ? RouteState.OPEN : RouteState.BLOCKED;
      assertEquals(expected, module.state(), habit.name());
    }
    Way repaired =
        Ways.of(
                new Circumstances(
                    old,
                    MODULE_SOLD,
                    Running.UNKNOWN,
                    Schools.of(List.of(Habit.REPAIRED_HERE)),
                    List.of(),
                    TODAY),
                Facts.of(DEAD_MODULE),
                dead)
            .get(Route.REPAIR_OTHER.ordinal());
    assertTrue(has(repaired, "REPAIRED_HERE"));
  }

  /** Whatever holds a way back leads somewhere, unless it is a plain no. */
  @Test
  void everyConditionLeadsToWhatLiftsIt() {
    for (UnitPlate.Heating heat : UnitPlate.Heating.values()) {
      for (List<Fact> facts : List.of(DEAD_MODULE, List.<Fact>of())) {
        UnitPlate unit = unit("2015-01-01", "2020-01-01", null, heat);
        for (Way way :
            Ways.of(
                Circumstances.of(unit, MOTOR, TODAY),
                Facts.of(facts),
                Calls.torque(Symptom.NO_RUN, facts))) {
          way.reasons().stream()
              .filter(one -> !one.blocks())
              .forEach(one -> assertNotNull(one.opener(), one.id().name()));
        }
      }
    }
  }
}
