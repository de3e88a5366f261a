package variablerotor.core.route;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;

/** A plate's figure is asked where something waits for it, and not before. */
class PlateAskTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 5, 2);

  private static List<PlateAsk> asks(MotorPlate motor, UnitPlate unit, Object... read) {
    Facts facts = Facts.of(Calls.facts(read));
    Diagnosis diagnosis = Engine.diagnose(Situation.of(motor.family(), Symptom.NO_RUN, facts));
    Circumstances all = Circumstances.of(unit, motor, TODAY);
    return PlateAsk.of(all, diagnosis, Ways.of(all, facts, diagnosis));
  }

  private static List<String> fields(List<PlateAsk> asks, PlateAsk.Stage stage) {
    return asks.stream().filter(one -> one.stage() == stage).map(PlateAsk::field).toList();
  }

  private static final MotorPlate BARE = MotorPlate.of(Family.CONSTANT_TORQUE).build();

  @Test
  void theLinesPlateIsAskedWhereItsVoltsMayBeEither() {
    assertEquals(
        List.of("motor.volts"),
        fields(asks(BARE, UnitPlate.UNKNOWN, "line.volts", 119), PlateAsk.Stage.PROVE));
    assertEquals(
        List.of(), fields(asks(BARE, UnitPlate.UNKNOWN, "line.volts", 240), PlateAsk.Stage.PROVE));
    assertEquals(
        List.of(),
        fields(
            asks(BARE.but().volts("115").build(), UnitPlate.UNKNOWN, "line.volts", 119),
            PlateAsk.Stage.PROVE));
  }

  /** A bad harness asks nothing of any plate; a bad winding asks what another motor must match. */
  @Test
  void onlyTheWaysThatAreOpenAsk() {
    Object[] wire = {
      "line.volts", 240, "command.volts.board", 25, "command.volts", 0, "call.present", true
    };
    assertEquals(List.of(), fields(asks(BARE, UnitPlate.UNKNOWN, wire), PlateAsk.Stage.CHOOSE));
    List<String> waited =
        fields(asks(BARE, UnitPlate.UNKNOWN, Calls.FED_AND_SHORTED), PlateAsk.Stage.CHOOSE);
    assertTrue(
        waited.containsAll(List.of("motor.horsepower", "motor.rotation")), waited.toString());
    assertTrue(!waited.contains("motor.moduleSoldAlone"), waited.toString());
    List<String> known =
        fields(
            asks(BARE.but().horsepower(0.5).build(), UnitPlate.UNKNOWN, Calls.FED_AND_SHORTED),
            PlateAsk.Stage.CHOOSE);
    assertTrue(!known.contains("motor.horsepower"), known.toString());
  }

  /** A conversion asks for the 24 V supply; a fan that is never converted does not. */
  @Test
  void onlyAConversionAsksForTheTransformer() {
    List<String> blower =
        fields(asks(BARE, UnitPlate.UNKNOWN, Calls.FED_AND_SHORTED), PlateAsk.Stage.CHOOSE);
    assertTrue(blower.contains("running.transformerVa"), blower.toString());
    assertTrue(blower.contains("unit.otherHeatOrCooling"), blower.toString());
    List<String> fan =
        fields(
            asks(MotorPlate.of(Family.BLDC_FIVE_WIRE).build(), UnitPlate.UNKNOWN),
            PlateAsk.Stage.CHOOSE);
    assertTrue(!fan.contains("running.transformerVa"), fan.toString());
  }
}
