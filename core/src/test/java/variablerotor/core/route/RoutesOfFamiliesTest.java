package variablerotor.core.route;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.bench.BenchCall;
import variablerotor.core.bench.HiddenFault;
import variablerotor.core.bench.MeterModel;
import variablerotor.core.bench.SimulatedMotor;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;

/**
 * Every route of every family, by what is broken: O open, C on conditions, X blocked, in the order
 * module, same, equivalent, fixed speed, loan, board and motor, drive, bypass, other repair. Out of
 * warranty, five years old, the module sold alone, no heat of its own, no proof of speed.
 */
class RoutesOfFamiliesTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 5, 2);

  /** Every check of a simulated motor with this fault, answered by an exact meter. */
  private static List<Fact> read(Family family, Fault fault) {
    HiddenFault hidden = new HiddenFault(family, Symptom.NO_RUN, List.of(fault), 1, 7);
    SimulatedMotor motor = new SimulatedMotor(hidden);
    MeterModel meter = new MeterModel(new Random(1), 0);
    List<Fact> facts = new ArrayList<>();
    for (Check check : FamilyModel.of(family).checks()) {
      facts.addAll(BenchCall.answers(motor, check, meter));
    }
    return facts;
  }

  private static String states(Family family, @Nullable Fault fault, boolean warranty) {
    UnitPlate unit =
        UnitPlate.plate()
            .kind(UnitPlate.Kind.PACKAGED_UNIT)
            .heating(List.of(UnitPlate.Heating.NONE))
            .otherHeatOrCooling(false)
            .boardNeedsFeedback(false)
            .installed(TODAY.minusYears(5))
            .warrantyUntil(warranty ? TODAY : TODAY.minusDays(1))
            .build();
    MotorPlate motor =
        MotorPlate.of(family)
            .horsepower(0.5)
            .volts("208-230")
            .moduleRemovable(true)
            .moduleSoldAlone(true)
            .programmed(false)
            .build();
    Facts facts = Facts.of(fault == null ? List.of() : read(family, fault));
    Diagnosis diagnosis = Engine.diagnose(Situation.of(family, Symptom.NO_RUN, facts));
    Map<Route, RouteState> states = new TreeMap<>();
    Ways.of(Circumstances.of(unit, motor, TODAY), facts, diagnosis)
        .forEach(way -> states.put(way.route(), way.state()));
    return states.values().stream()
        .map(one -> one == RouteState.OPEN ? "O" : one == RouteState.CONDITIONAL ? "C" : "X")
        .collect(Collectors.joining());
  }

  @ParameterizedTest
  @CsvSource({
    "CONSTANT_TORQUE, , false, XCCCCXXXC",
    "CONSTANT_TORQUE, WINDING_SHORT, false, XOCOOXXXX",
    "CONSTANT_TORQUE, WINDING_SHORT, true, XOXXOXXXX",
    "CONSTANT_TORQUE, BEARING_SEIZED, false, XOCOOXXXX",
    "CONSTANT_TORQUE, BEARING_SEIZED, true, XOXXOXXXX",
    "CONSTANT_TORQUE, MODULE_DEAD, false, OOCOOXXXX",
    "CONSTANT_TORQUE, MODULE_DEAD, true, OOXXOXXXX",
    "CONSTANT_TORQUE, HARNESS_OPEN, false, XXXXXXXXO",
    "CONSTANT_TORQUE, HARNESS_OPEN, true, XXXXXXXXO",
    "CONSTANT_TORQUE, SUPPLY_OFF, false, XXXXXXXXO",
    "CONSTANT_TORQUE, SUPPLY_OFF, true, XXXXXXXXO",
    "CONSTANT_AIRFLOW_PARALLEL, , false, XCXCCXXXC",
    "CONSTANT_AIRFLOW_PARALLEL, WINDING_SHORT, false, XOXOOXXXX",
    "CONSTANT_AIRFLOW_PARALLEL, WINDING_SHORT, true, XOXXOXXXX",
    "CONSTANT_AIRFLOW_PARALLEL, BEARING_SEIZED, false, XOXOOXXXX",
    "CONSTANT_AIRFLOW_PARALLEL, BEARING_SEIZED, true, XOXXOXXXX",
    "CONSTANT_AIRFLOW_PARALLEL, MODULE_DEAD, false, OOXOOXXXX",
    "CONSTANT_AIRFLOW_PARALLEL, MODULE_DEAD, true, OOXXOXXXX",
    "CONSTANT_AIRFLOW_PARALLEL, HARNESS_OPEN, false, XXXXXXXXO",
    "CONSTANT_AIRFLOW_PARALLEL, HARNESS_OPEN, true, XXXXXXXXO",
    "CONSTANT_AIRFLOW_SERIAL, , false, XCXXXXXXC",
    "CONSTANT_AIRFLOW_SERIAL, WINDING_SHORT, false, XOXXXXXXX",
    "CONSTANT_AIRFLOW_SERIAL, WINDING_SHORT, true, XOXXXXXXX",
    "CONSTANT_AIRFLOW_SERIAL, BEARING_SEIZED, false, XOXXXXXXX",
    "CONSTANT_AIRFLOW_SERIAL, BEARING_SEIZED, true, XOXXXXXXX",
    "CONSTANT_AIRFLOW_SERIAL, MODULE_DEAD, false, OOXXXXXXX",
    "CONSTANT_AIRFLOW_SERIAL, MODULE_DEAD, true, OOXXXXXXX",
    "CONSTANT_AIRFLOW_SERIAL, HARNESS_OPEN, false, XXXXXXXXO",
    "CONSTANT_AIRFLOW_SERIAL, HARNESS_OPEN, true, XXXXXXXXO",
    "CONSTANT_AIRFLOW_SERIAL, SUPPLY_OFF, false, XXXXXXXXO",
    "CONSTANT_AIRFLOW_SERIAL, SUPPLY_OFF, true, XXXXXXXXO",
    "STAGED_CONDENSER, , false, XCCCCXXXC",
    "STAGED_CONDENSER, WINDING_SHORT, false, XOCCOXXXX",
    "STAGED_CONDENSER, WINDING_SHORT, true, XOXXOXXXX",
    "STAGED_CONDENSER, BEARING_SEIZED, false, XOCCOXXXX",
    "STAGED_CONDENSER, BEARING_SEIZED, true, XOXXOXXXX",
    "STAGED_CONDENSER, MODULE_DEAD, false, OOCCOXXXX",
    "STAGED_CONDENSER, MODULE_DEAD, true, OOXXOXXXX",
    "STAGED_CONDENSER, HARNESS_OPEN, false, XXXXXXXXO",
    "STAGED_CONDENSER, HARNESS_OPEN, true, XXXXXXXXO",
    "STAGED_CONDENSER, SUPPLY_OFF, false, XXXXXXXXO",
    "STAGED_CONDENSER, SUPPLY_OFF, true, XXXXXXXXO",
    "BLDC_FIVE_WIRE, , false, XCCXXXXXC",
    "BLDC_FIVE_WIRE, BEARING_SEIZED, false, XOCXXXXXX",
    "BLDC_FIVE_WIRE, BEARING_SEIZED, true, XOXXXXXXX",
    "BLDC_FIVE_WIRE, MODULE_DEAD, false, XOCXXXXXX",
    "BLDC_FIVE_WIRE, MODULE_DEAD, true, XOXXXXXXX",
    "BLDC_FIVE_WIRE, HARNESS_OPEN, false, XXXXXXXXO",
    "BLDC_FIVE_WIRE, HARNESS_OPEN, true, XXXXXXXXO",
    "BLDC_FIVE_WIRE, SUPPLY_OFF, false, XXXXXXXXO",
    "BLDC_FIVE_WIRE, SUPPLY_OFF, true, XXXXXXXXO",
    "BLDC_THREE_WIRE, , false, XCCXXXXXC",
    "BLDC_THREE_WIRE, WINDING_SHORT, false, XOCXXXXXX",
    "BLDC_THREE_WIRE, WINDING_SHORT, true, XOXXXXXXX",
    "BLDC_THREE_WIRE, BEARING_SEIZED, false, XOCXXXXXX",
    "BLDC_THREE_WIRE, BEARING_SEIZED, true, XOXXXXXXX",
    "BLDC_THREE_WIRE, MODULE_DEAD, false, XXXXXXXXO",
    "BLDC_THREE_WIRE, MODULE_DEAD, true, XXXXXXXXO",
    "BLDC_THREE_WIRE, SUPPLY_OFF, false, XXXXXXXXO",
    "BLDC_THREE_WIRE, SUPPLY_OFF, true, XXXXXXXXO",
    "EC_PLUG_FAN, , false, XCCXXXXXC",
    "EC_PLUG_FAN, BEARING_SEIZED, false, XOCXXXXXX",
    "EC_PLUG_FAN, BEARING_SEIZED, true, XOXXXXXXX",
    "EC_PLUG_FAN, MODULE_DEAD, false, XOCXXXXXX",
    "EC_PLUG_FAN, MODULE_DEAD, true, XOXXXXXXX",
    "EC_PLUG_FAN, HARNESS_OPEN, false, XXXXXXXXO",
    "EC_PLUG_FAN, HARNESS_OPEN, true, XXXXXXXXO",
    "EC_PLUG_FAN, SUPPLY_OFF, false, XXXXXXXXO",
    "EC_PLUG_FAN, SUPPLY_OFF, true, XXXXXXXXO",
    "DRIVE_FED_INDUCTION, , false, XCCXXXCCC",
    "DRIVE_FED_INDUCTION, WINDING_SHORT, false, XOCXXXXXX",
    "DRIVE_FED_INDUCTION, WINDING_SHORT, true, XOXXXXXXX",
    "DRIVE_FED_INDUCTION, BEARING_SEIZED, false, XOCXXXXXX",
    "DRIVE_FED_INDUCTION, BEARING_SEIZED, true, XOXXXXXXX",
    "DRIVE_FED_INDUCTION, DRIVE_DEAD, false, XXXXXXOCX",
    "DRIVE_FED_INDUCTION, DRIVE_DEAD, true, XXXXXXOCX",
    "DRIVE_FED_INDUCTION, HARNESS_OPEN, false, XXXXXXXXO",
    "DRIVE_FED_INDUCTION, HARNESS_OPEN, true, XXXXXXXXO",
    "DRIVE_FED_INDUCTION, SUPPLY_OFF, false, XXXXXXXXO",
    "DRIVE_FED_INDUCTION, SUPPLY_OFF, true, XXXXXXXXO"
  })
  void asTheTradeHasThem(
      Family family, @Nullable Fault broken, boolean inWarranty, String expected) {
    assertEquals(expected, states(family, broken, inWarranty));
  }

  /** No family is left out, and none is told to convert what is never converted. */
  @Test
  void everyFamilyHasAllNine() {
    for (Family family : Family.values()) {
      if (family.isVariableSpeed()) {
        assertEquals(9, states(family, null, false).length(), family.name());
      }
    }
  }
}
