package variablerotor.core.choice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.core.diagnosis.Calls.FED_AND_SHORTED;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Circumstances;
import variablerotor.core.route.ReasonId;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;

/** Costs and break-even worked by hand; every route of families as the trade has them. */
class OptionsTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 5, 2);

  private static final MotorPlate HALF =
      MotorPlate.of(Family.CONSTANT_TORQUE)
          .horsepower(0.5)
          .volts("208-230")
          .phases(1)
          .rpm(1050.0)
          .moduleRemovable(true)
          .moduleSoldAlone(false)
          .build();

  private static final UnitPlate OLD_UNIT =
      UnitPlate.plate()
          .boardNeedsFeedback(false)
          .installed(LocalDate.of(2019, 1, 1))
          .warrantyUntil(LocalDate.of(2024, 1, 1))
          .build();

  private static Market.Offer offer(
      Route route, double part, double hours, @Nullable Double watts) {
    return new Market.Offer(route, null, part, 2.0, hours, null, watts);
  }

  private static Market market(Market.Offer... offers) {
    return new Market("USD", 120.0, 0.16, 2600.0, 1200.0, 6.0, List.of(offers));
  }

  private static Options options(
      UnitPlate unit, MotorPlate motor, Market market, List<Candidate> motors, Object... read) {
    Situation situation = Situation.of(motor.family(), Symptom.NO_RUN, Facts.of(Calls.facts(read)));
    return Options.of(
        Circumstances.of(unit, motor, TODAY),
        situation,
        Engine.diagnose(situation),
        market,
        motors);
  }

  private static RouteCost route(Options options, Route route) {
    return options.route(route);
  }

  private static RouteState state(Options options, Route route) {
    return route(options, route).way().state();
  }

  /**
   * By hand: 280 W × 1.2 × 2600 h ÷ 1000 × 0.16 = 139.776 a year; 365 W likewise 182.208. First
   * costs 980 + 120 and 420 + 210; they cost the same after (1100 − 630) ÷ (182.208 − 139.776).
   */
  @Test
  void costsAndBreakEvenAsWorkedByHand() {
    Options options =
        options(
            OLD_UNIT,
            HALF,
            market(
                offer(Route.SAME_MOTOR, 980, 1, 280.0), offer(Route.FIXED_SPEED, 420, 1.75, null)),
            List.of(),
            FED_AND_SHORTED);
    RouteCost same = route(options, Route.SAME_MOTOR);
    assertEquals(120, same.labour(), 1e-9);
    assertEquals(1100, same.firstCost(), 1e-9);
    assertEquals(139.776, same.energyPerYear(), 1e-9);
    assertEquals(1100 + 6 * 139.776, same.totalCost(), 1e-9);
    RouteCost fixed = route(options, Route.FIXED_SPEED);
    assertEquals(182.208, fixed.energyPerYear(), 1e-9);
    assertEquals(630, fixed.firstCost(), 1e-9);
    assertEquals(1, options.breakEven().size());
    assertEquals(470 / (182.208 - 139.776), options.breakEven().get(0).years(), 1e-9);
  }

  @Test
  void whatIsMissingIsSaidAndNotInvented() {
    Options options = options(OLD_UNIT, HALF, Market.UNKNOWN, List.of(), FED_AND_SHORTED);
    assertEquals(9, options.routes().size());
    options
        .routes()
        .forEach(
            one -> {
              assertNull(one.firstCost());
              assertNull(one.totalCost());
            });
    assertEquals(List.of(), options.breakEven());
    assertEquals(Route.SAME_MOTOR, options.recommended());
  }

  @Test
  void inWarrantyTheMakersPartIsFreeAndLabourIsNot() {
    UnitPlate young = OLD_UNIT.but().warrantyUntil(TODAY).build();
    Options options =
        options(
            young,
            HALF,
            market(offer(Route.SAME_MOTOR, 980, 1, 280.0)),
            List.of(),
            FED_AND_SHORTED);
    assertEquals(0, route(options, Route.SAME_MOTOR).partPrice());
    assertEquals(120, route(options, Route.SAME_MOTOR).firstCost());
    assertEquals(RouteState.BLOCKED, state(options, Route.EQUIVALENT_MOTOR));
    assertEquals(Route.SAME_MOTOR, options.recommended());
  }

  /** A dearer part never ranks higher for it. */
  @ParameterizedTest
  @CsvSource({"400, SAME_MOTOR", "1500, EQUIVALENT_MOTOR"})
  void theCheaperOfTwoOpenWaysLeads(double part, Route leads) {
    Candidate like = new Candidate("L", HALF, 1, List.of(), null);
    Options options =
        options(
            OLD_UNIT,
            HALF,
            market(
                offer(Route.SAME_MOTOR, part, 1, 280.0),
                offer(Route.EQUIVALENT_MOTOR, 700, 1, 280.0)),
            List.of(like),
            FED_AND_SHORTED);
    assertEquals(RouteState.OPEN, state(options, Route.EQUIVALENT_MOTOR), "a motor that fits");
    assertEquals(leads, options.recommended());
  }

  @Test
  void nothingIsRecommendedBeforeItIsSettled() {
    assertNull(options(OLD_UNIT, HALF, Market.UNKNOWN, List.of()).recommended());
  }

  /** NEC 2023 Table 430.248: ½ hp at 230 V 4.9 A; 125 % and 115 % of it. */
  @Test
  void aConversionIsSizedByTheCodesTable() {
    Conversion by =
        options(OLD_UNIT, HALF, Market.UNKNOWN, List.of(), FED_AND_SHORTED).conversion();
    assertNotNull(by);
    assertEquals(0.5, by.horsepower());
    assertEquals(6, by.poles());
    assertEquals(4.9, by.fullLoadAmps());
    assertEquals(6.125, by.conductorAmps(), 1e-9);
    assertEquals(5.635, by.overloadAmps().get(0), 1e-9);
    Object[] low = FED_AND_SHORTED.clone();
    low[1] = 209;
    assertEquals(
        5.4, options(OLD_UNIT, HALF, Market.UNKNOWN, List.of(), low).conversion().fullLoadAmps());
    MotorPlate odd = HALF.but().horsepower(0.6).build();
    assertNull(
        options(OLD_UNIT, odd, Market.UNKNOWN, List.of(), FED_AND_SHORTED)
            .conversion()
            .fullLoadAmps());
  }

  /** The plate of the motor that is fitted goes before the table (NEC 430.6(A)(2)). */
  @Test
  void theNewMotorsPlateGoesBeforeTheTable() {
    MotorPlate capacitor =
        MotorPlate.of(Family.PSC)
            .horsepower(0.5)
            .volts("208-230")
            .phases(1)
            .rpm(1075.0)
            .fullLoadAmps(3.2)
            .build();
    Candidate candidate = new Candidate("P", capacitor, 1, List.of(), null);
    Conversion by =
        options(OLD_UNIT, HALF, Market.UNKNOWN, List.of(candidate), FED_AND_SHORTED).conversion();
    assertEquals(4.0, by.conductorAmps(), 1e-9);
    assertEquals(3.68, by.overloadAmps().get(0), 1e-9);
  }

  @Test
  void aFanThatIsNeverConvertedHasNoConversion() {
    Options five =
        options(
            OLD_UNIT,
            MotorPlate.of(Family.BLDC_FIVE_WIRE).build(),
            Market.UNKNOWN,
            List.of(),
            "bus.volts",
            0,
            "bus.volts.unplugged",
            338,
            "connector.look",
            "SEATED");
    assertEquals(RouteState.BLOCKED, state(five, Route.FIXED_SPEED));
    assertEquals(RouteState.BLOCKED, state(five, Route.LOANER));
    assertNull(five.conversion());
    assertEquals(Route.SAME_MOTOR, five.recommended());
  }

  /** The driver of a three-wire fan sits on its board: the board is the way, no motor is. */
  @Test
  void aThreeWireFansDriverIsItsBoard() {
    Options three =
        options(
            OLD_UNIT,
            MotorPlate.of(Family.BLDC_THREE_WIRE).build(),
            Market.UNKNOWN,
            List.of(),
            Calls.all(
                Calls.SOUND_WINDING,
                "line.volts",
                240,
                "shaft.feel",
                "FREE",
                "connector.look",
                "SEATED",
                "call.present",
                true));
    assertEquals(RouteState.OPEN, state(three, Route.REPAIR_OTHER));
    for (Route motor :
        List.of(Route.MODULE_ONLY, Route.SAME_MOTOR, Route.EQUIVALENT_MOTOR, Route.FIXED_SPEED)) {
      assertEquals(RouteState.BLOCKED, state(three, motor), motor.name());
    }
    assertEquals(Route.REPAIR_OTHER, three.recommended());
  }

  @Test
  void aDeadDriveIsReplacedOrBypassed() {
    Options drive =
        options(
            OLD_UNIT,
            MotorPlate.of(Family.DRIVE_FED_INDUCTION).build(),
            Market.UNKNOWN,
            List.of(),
            "line.volts.ab",
            210,
            "line.volts.bc",
            210,
            "line.volts.ca",
            210,
            "call.present",
            true,
            "drive.output.ab",
            0,
            "drive.output.bc",
            0,
            "drive.output.ca",
            0,
            "drive.fault",
            true,
            "run.bypass",
            "RUNS");
    assertEquals(RouteState.OPEN, state(drive, Route.DRIVE_REPLACE));
    assertEquals(RouteState.CONDITIONAL, state(drive, Route.DRIVE_BYPASS));
    assertEquals(RouteState.BLOCKED, state(drive, Route.SAME_MOTOR));
    assertEquals(RouteState.BLOCKED, state(drive, Route.REPAIR_OTHER));
    assertEquals(Route.DRIVE_REPLACE, drive.recommended());
    assertEquals(
        RouteState.BLOCKED,
        state(
            options(OLD_UNIT, HALF, Market.UNKNOWN, List.of(), FED_AND_SHORTED),
            Route.DRIVE_REPLACE));
  }

  /**
   * A serial blower in warranty whose fault is not pinned: both ends; out of warranty, prove it.
   */
  @Test
  void bothEndsOfALinkOnlyInWarranty() {
    MotorPlate serial = MotorPlate.of(Family.CONSTANT_AIRFLOW_SERIAL).build();
    UnitPlate young = OLD_UNIT.but().warrantyUntil(TODAY).build();
    Object[] open = {"line.volts", 240, "link.volts", 12};
    assertNotEquals(
        RouteState.BLOCKED,
        state(options(young, serial, Market.UNKNOWN, List.of(), open), Route.BOARD_AND_MOTOR));
    assertEquals(
        RouteState.BLOCKED,
        state(options(OLD_UNIT, serial, Market.UNKNOWN, List.of(), open), Route.BOARD_AND_MOTOR));
    assertEquals(
        RouteState.BLOCKED,
        state(options(young, serial, Market.UNKNOWN, List.of(), open), Route.FIXED_SPEED));
  }

  /**
   * A proof of speed that can be switched off, or may be, is a condition; one that cannot, a block.
   */
  @ParameterizedTest
  @CsvSource({"true, CONDITIONAL", "false, BLOCKED", ", CONDITIONAL"})
  void theBoardsProofOfSpeed(@Nullable Boolean off, RouteState state) {
    UnitPlate waits = OLD_UNIT.but().boardNeedsFeedback(true).feedbackCanBeDisabled(off).build();
    assertEquals(
        state,
        state(options(waits, HALF, Market.UNKNOWN, List.of(), FED_AND_SHORTED), Route.FIXED_SPEED));
  }

  @Test
  void aJamFreedWithTheWheelOffIsNoBadShaft() {
    MotorPlate alone = HALF.but().moduleSoldAlone(true).build();
    Object[] read = {
      "line.volts", 240, "command.volts", 25, "shaft.feel", "LOCKED", "shaft.feel.wheel_off", "FREE"
    };
    assertTrue(
        route(options(OLD_UNIT, alone, Market.UNKNOWN, List.of(), read), Route.MODULE_ONLY)
            .way()
            .reasons()
            .stream()
            .noneMatch(one -> one.id() == ReasonId.SHAFT_NOT_FREE));
  }
}
