package variablerotor.core.route;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import variablerotor.core.check.Symptom;
import variablerotor.core.cost.Offer;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
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
    return Ways.of(unit, motor, Facts.of(facts), diagnosis, TODAY).stream()
        .filter(way -> way.route() == route)
        .findFirst()
        .orElseThrow();
  }

  private static boolean has(Way way, String id) {
    return way.reasons().stream().anyMatch(reason -> reason.id().equals(id));
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
    UnitPlate proves = unit("2018-01-01", "2020-01-01", true);
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

  @Test
  void cheapestOpenWayIsRecommendedOnceDecided() {
    UnitPlate young = unit("2021-01-01", "2023-01-01", false);
    Diagnosis decided = Calls.torque(Symptom.NO_RUN, DEAD_MODULE);
    List<Way> ways = Ways.of(young, MODULE_SOLD, Facts.of(DEAD_MODULE), decided, TODAY);
    Map<Route, Offer> offers =
        Map.of(
            Route.MODULE_ONLY, new Offer(420, 1, 3),
            Route.SAME_MOTOR, new Offer(900, 1, 5),
            Route.FIXED_SPEED, new Offer(150, 1.75, 0));
    assertEquals(Route.MODULE_ONLY, Ways.recommended(ways, offers, 120, decided));
    Diagnosis open = Calls.torque(Symptom.NO_RUN);
    assertNull(Ways.recommended(ways, offers, 120, open));
  }

  @Test
  void firstCostIsPartAndLabour() {
    assertEquals(980 + 1.5 * 120, new Offer(980, 1.5, 5).firstCost(120), 1e-9);
  }
}
