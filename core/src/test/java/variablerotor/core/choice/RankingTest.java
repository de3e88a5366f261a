package variablerotor.core.choice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static variablerotor.core.diagnosis.Calls.FED_AND_SHORTED;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Market.Offer;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Circumstances;
import variablerotor.core.route.Habit;
import variablerotor.core.route.ReasonId;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Schools;
import variablerotor.core.stock.Place;

/** Which way comes first, by the shop's rules; and where another one would. */
class RankingTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 5, 2);
  private static final MotorPlate HALF =
      MotorPlate.of(Family.CONSTANT_TORQUE)
          .horsepower(0.5)
          .volts("208-230")
          .moduleRemovable(true)
          .moduleSoldAlone(false)
          .build();
  private static final UnitPlate UNIT =
      UnitPlate.plate()
          .kind(UnitPlate.Kind.PACKAGED_UNIT)
          .role(UnitPlate.Role.INDOOR_BLOWER)
          .heating(List.of(UnitPlate.Heating.HEAT_PUMP))
          .boardNeedsFeedback(false)
          .build();
  private static final Candidate LIKE =
      new Candidate("L", HALF.but().feedback(true).build(), 1, List.of(), null);

  private static Offer offer(Route route, double part, double days, @Nullable Double watts) {
    return new Offer(route, null, part, days, 1.0, null, watts);
  }

  private static Options options(
      UnitPlate unit, List<Habit> habits, List<String> agreed, Offer... offers) {
    Situation situation =
        Situation.of(HALF.family(), Symptom.NO_RUN, Facts.of(Calls.facts(FED_AND_SHORTED)));
    return Options.of(
        new Circumstances(unit, HALF, Running.UNKNOWN, Schools.of(habits), agreed, TODAY),
        situation,
        Engine.diagnose(situation),
        new Market("USD", 120.0, 0.16, 2600.0, 1200.0, 6.0, List.of(offers)),
        List.of(LIKE));
  }

  private static Options options(UnitPlate unit, Offer... offers) {
    return options(unit, List.of(), List.of(), offers);
  }

  /** Same: 980 + 120, and 6 × 139.776; like: 500 + 120, and 6 × 199.68 (400 W): by the years. */
  @Test
  void theLeastOverTheYearsIsNotTheLeastAtFirst() {
    Offer[] offers = {
      offer(Route.SAME_MOTOR, 780, 0, 280.0), offer(Route.EQUIVALENT_MOTOR, 500, 0, 400.0)
    };
    Options years = options(UNIT, offers);
    assertEquals(Route.SAME_MOTOR, years.recommended());
    assertEquals(
        "Over 6 years it costs least: 79 less than \"Equivalent motor\".", years.ranking().why());
    Options first = options(UNIT, List.of(Habit.LEAST_AT_FIRST), List.of(), offers);
    assertEquals(Route.EQUIVALENT_MOTOR, first.recommended());
    assertTrue(first.ranking().why().startsWith("It costs least at first: 280 less"));
  }

  @Test
  void aShopMayPutTheMakersPartFirst() {
    Offer[] offers = {
      offer(Route.SAME_MOTOR, 1500, 0, 280.0), offer(Route.EQUIVALENT_MOTOR, 500, 0, 280.0)
    };
    assertEquals(Route.EQUIVALENT_MOTOR, options(UNIT, offers).recommended());
    Options like = options(UNIT, List.of(Habit.LIKE_FOR_LIKE), List.of(), offers);
    assertEquals(Route.SAME_MOTOR, like.recommended());
    assertTrue(like.ranking().why().contains("maker's own part"));
  }

  /**
   * A week without heat: the dearer part that is there today comes first, unless a motor can be
   * lent, or there is other heat.
   */
  @Test
  void daysWithoutCountWhereThereIsNoOtherHeat() {
    Offer[] offers = {
      offer(Route.SAME_MOTOR, 400, 7, 280.0), offer(Route.EQUIVALENT_MOTOR, 700, 0, 280.0)
    };
    UnitPlate alone = UNIT.but().otherHeatOrCooling(false).build();
    Options lends = options(alone, offers);
    assertEquals(RouteState.OPEN, lends.route(Route.LOANER).way().state());
    assertEquals(Route.SAME_MOTOR, lends.recommended());
    assertEquals(
        "No other heat or cooling: lend a motor for the 7 days, to 2031-05-09.",
        lends.ranking().loan());
    UnitPlate proves = alone.but().boardNeedsFeedback(true).feedbackCanBeDisabled(false).build();
    Options none =
        options(
            proves,
            List.of(),
            List.of(),
            offer(Route.SAME_MOTOR, 400, 7, 280.0),
            offer(Route.EQUIVALENT_MOTOR, 700, 0, 280.0));
    assertEquals(RouteState.BLOCKED, none.route(Route.LOANER).way().state());
    assertEquals(Route.EQUIVALENT_MOTOR, none.recommended());
    assertTrue(none.ranking().why().contains("by tomorrow"), none.ranking().why());
    assertNull(none.ranking().loan());
    UnitPlate other = proves.but().otherHeatOrCooling(true).build();
    assertEquals(Route.SAME_MOTOR, options(other, offers).recommended());
    assertNull(options(UNIT, offers).ranking().loan(), "nobody asked");
  }

  @Test
  void inWarrantyTheMakersPartIsFirstAndSaysWhy() {
    Options options =
        options(
            UNIT.but().warrantyUntil(TODAY).build(), offer(Route.EQUIVALENT_MOTOR, 1, 0, 100.0));
    assertEquals(Route.SAME_MOTOR, options.recommended());
    assertTrue(options.ranking().why().startsWith("In warranty"));
  }

  /** What was agreed is met, and may be taken back; what blocks cannot be agreed away. */
  @Test
  void aMetConditionNeverHoldsAWayBack() {
    UnitPlate hot = UNIT.but().heating(List.of(UnitPlate.Heating.ELECTRIC)).build();
    Offer fixed = offer(Route.FIXED_SPEED, 100, 0, null);
    assertEquals(
        RouteState.CONDITIONAL, options(hot, fixed).route(Route.FIXED_SPEED).way().state());
    RouteCost met =
        options(hot, List.of(), List.of("HEAT_WITHOUT_AIR"), fixed).route(Route.FIXED_SPEED);
    assertEquals(RouteState.OPEN, met.way().state());
    assertEquals(ReasonId.HEAT_WITHOUT_AIR, met.way().met().get(0).id());
    UnitPlate proves = UNIT.but().boardNeedsFeedback(true).feedbackCanBeDisabled(false).build();
    RouteCost shut =
        options(proves, List.of(), List.of("SPEED_SIGNAL"), fixed).route(Route.FIXED_SPEED);
    assertEquals(RouteState.BLOCKED, shut.way().state());
  }

  /** A dearer part never ranks higher for it, nor a cheaper one lower. */
  @Property(tries = 200)
  void aDearerPartNeverRanksHigher(
      @ForAll @DoubleRange(max = 3000) double same,
      @ForAll @DoubleRange(max = 3000) double like,
      @ForAll @DoubleRange(max = 3000) double more) {
    Options before =
        options(
            UNIT,
            offer(Route.SAME_MOTOR, same, 0, 280.0),
            offer(Route.EQUIVALENT_MOTOR, like, 0, 300.0));
    Options after =
        options(
            UNIT,
            offer(Route.SAME_MOTOR, same + more, 0, 280.0),
            offer(Route.EQUIVALENT_MOTOR, like, 0, 300.0));
    assertFalse(
        before.recommended() == Route.EQUIVALENT_MOTOR && after.recommended() == Route.SAME_MOTOR);
  }

  /**
   * Where the ranking turns is where the two lines meet, by hand: same 1,100 and 139.776 a year,
   * like 620 and 199.68: 480 ÷ 59.904 = 8.0128 years; at six years, energy at 480 ÷ (6 × 1.2 × 2600
   * × 0.12 ÷ 1) a kWh.
   */
  @Test
  void itTurnsWhereTheLinesMeet() {
    Options options =
        options(
            UNIT,
            offer(Route.SAME_MOTOR, 980, 0, 280.0),
            offer(Route.EQUIVALENT_MOTOR, 500, 0, 400.0));
    assertEquals(Route.EQUIVALENT_MOTOR, options.recommended());
    List<Turn> turns = Turn.of(options);
    assertEquals(480 / 59.904, at(turns, Turn.Dial.YEARS), 1e-6);
    assertEquals(480 / (6 * 1.2 * 2600 * 0.120), at(turns, Turn.Dial.ENERGY_PER_KWH), 1e-6);
    assertEquals(480 / (6 * 1.2 * 0.16 * 0.120), at(turns, Turn.Dial.FAN_HOURS), 1e-4);
    assertEquals(
        500 + 480 - 6 * 59.904, at(turns, Turn.Dial.PART_PRICE), 1e-4, "the first way's own part");
    assertTrue(turns.stream().allMatch(one -> one.to() == Route.SAME_MOTOR && one.above()));
    assertEquals(1 + (480 - 6 * 59.904) / 120, at(turns, Turn.Dial.LABOUR_HOURS), 1e-6);
    // Both take an hour: what an hour costs turns nothing.
    assertTrue(turns.stream().noneMatch(one -> one.dial() == Turn.Dial.LABOUR_PER_HOUR));
    assertEquals(480 / 59.904, options.breakEven().get(0).years(), 1e-9);
  }

  private static double at(List<Turn> turns, Turn.Dial dial) {
    return turns.stream().filter(one -> one.dial() == dial).findFirst().orElseThrow().at();
  }

  /** What is typed for a way takes the place of the shop's list; for a motor, of that motor. */
  @Test
  void whatIsTypedGoesBeforeTheList() {
    ShopMotor listed = new ShopMotor(LIKE, Place.VAN, 395.0, 3.0, null, 285.0);
    List<Offer> of = Market.offers(List.of(), List.of(listed));
    assertEquals(395, of.get(0).partPrice());
    assertEquals(0, of.get(0).leadDays(), "one is at hand");
    assertEquals(Route.EQUIVALENT_MOTOR.usualHours(), of.get(0).labourHours());
    Offer typed = offer(Route.EQUIVALENT_MOTOR, 450, 1, null);
    assertEquals(List.of(typed), Market.offers(List.of(typed), List.of(listed)));
    Offer other = new Offer(Route.EQUIVALENT_MOTOR, "M", 450.0, 1.0, 1.0, null, null);
    assertEquals(2, Market.offers(List.of(other), List.of(listed)).size());
  }

  /** A price of a motor that does not fit is no price of the way. */
  @ParameterizedTest
  @CsvSource({"0.5, 395", "0.25, "})
  void onlyAMotorThatFitsBringsItsPrice(double horsepower, @Nullable Double price) {
    Candidate candidate =
        new Candidate("X", HALF.but().horsepower(horsepower).build(), 1, List.of(), null);
    List<Offer> offers = new ArrayList<>();
    offers.add(new Offer(Route.EQUIVALENT_MOTOR, "X", 395.0, 0.0, 1.0, null, null));
    Situation situation =
        Situation.of(HALF.family(), Symptom.NO_RUN, Facts.of(Calls.facts(FED_AND_SHORTED)));
    Options options =
        Options.of(
            Circumstances.of(UNIT, HALF, TODAY),
            situation,
            Engine.diagnose(situation),
            new Market("USD", 120.0, null, null, null, null, offers),
            List.of(candidate));
    assertEquals(price, options.route(Route.EQUIVALENT_MOTOR).partPrice());
  }

  @Test
  void aConversionCountsItsCoils() {
    Running known =
        new Running(
            null, null, null, null, null, null, null, null, null, null, null, 40.0, 30.0, 7.0);
    Situation situation =
        Situation.of(HALF.family(), Symptom.NO_RUN, Facts.of(Calls.facts(FED_AND_SHORTED)));
    for (Habit habit : List.of(Habit.TWO_RELAYS, Habit.ONE_RELAY)) {
      Conversion by =
          Options.of(
                  new Circumstances(
                      UNIT, HALF, known, Schools.of(List.of(habit)), List.of(), TODAY),
                  situation,
                  Engine.diagnose(situation),
                  Market.UNKNOWN,
                  List.of())
              .conversion();
      assertNotNull(by);
      // 30 VA hangs on 40 VA: two coils of 7 VA are too much, one is not.
      assertEquals(habit == Habit.TWO_RELAYS ? 44 : 37, by.transformerVa());
      assertEquals(habit == Habit.ONE_RELAY, by.transformerBears());
      // NEC Table 430.251(A): ½ hp at 230 V locks at 29.4 A.
      assertEquals(29.4, by.lockedRotorAmps(), 1e-9);
    }
  }
}
