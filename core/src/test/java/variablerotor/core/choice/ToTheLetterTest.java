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
import variablerotor.core.match.AdapterKind;
import variablerotor.core.match.Candidate;
import variablerotor.core.match.Match;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Circumstances;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Schools;
import variablerotor.core.route.Way;

/**
 * What happens to the one who buys what comes first: calls told from the trade, an 800 W blower of
 * torque with a shorted winding in the middle of most.
 */
class ToTheLetterTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 5, 2);
  private static final MotorPlate OLD =
      MotorPlate.of(Family.CONSTANT_TORQUE)
          .horsepower(0.75)
          .volts("208-230")
          .moduleRemovable(true)
          .moduleSoldAlone(false)
          .feedback(false)
          .build();
  private static final UnitPlate UNIT =
      UnitPlate.plate()
          .kind(UnitPlate.Kind.PACKAGED_UNIT)
          .role(UnitPlate.Role.INDOOR_BLOWER)
          .heating(List.of(UnitPlate.Heating.HEAT_PUMP))
          .otherHeatOrCooling(false)
          .boardNeedsFeedback(false)
          .build();
  private static final Candidate LIKE = new Candidate("L", OLD, 1, List.of(), null);
  private static final Candidate FIXED = new Candidate("P", OLD.as(Family.PSC), 1, List.of(), null);

  private UnitPlate unit = UNIT;
  private MotorPlate motor = OLD;
  private Running running = Running.UNKNOWN;
  private Schools schools = Schools.USUAL;
  private Object[] facts = FED_AND_SHORTED;
  private Symptom symptom = Symptom.NO_RUN;
  private final List<Candidate> candidates = new ArrayList<>(List.of(LIKE, FIXED));
  private final List<Offer> offers = new ArrayList<>();

  private static Offer offer(Route route, @Nullable Candidate of, double part, double days) {
    return new Offer(route, of == null ? null : of.id(), part, days, 1.0, null, 280.0);
  }

  private Options options() {
    Situation situation = Situation.of(motor.family(), symptom, Facts.of(Calls.facts(facts)));
    return Options.of(
        new Circumstances(unit, motor, running, schools, List.of(), TODAY),
        situation,
        Engine.diagnose(situation),
        new Market("USD", 120.0, 0.16, 2600.0, 1200.0, 6.0, offers),
        candidates);
  }

  private static List<String> reasons(Options options, Route route) {
    return options.route(route).way().reasons().stream().map(one -> one.id().name()).toList();
  }

  /** Heat and kind of unit are asked before a conversion or a loan is open. */
  @ParameterizedTest
  @CsvSource({"heat, ASK_HEAT", "kind, ASK_KIND", "other, ASK_OTHER_HEAT"})
  void whatNobodyToldIsAsked(String left, String asks) {
    unit =
        switch (left) {
          case "heat" -> unit.but().heating(List.of()).build();
          case "kind" -> unit.but().kind(null).build();
          default -> unit.but().otherHeatOrCooling(null).build();
        };
    offers.add(offer(Route.SAME_MOTOR, null, 900, 0));
    offers.add(offer(Route.FIXED_SPEED, FIXED, 200, 0));
    Options options = options();
    assertTrue(reasons(options, Route.LOANER).contains(asks));
    boolean conversion = !left.equals("other");
    assertEquals(conversion, reasons(options, Route.FIXED_SPEED).contains(asks));
    assertEquals(
        conversion ? Route.SAME_MOTOR : Route.FIXED_SPEED, options.recommended(), "comes first");
  }

  /** A way stands open on what was read of both plates, and on nothing else. */
  @Test
  void aMotorOfWhichNothingWasReadOpensNoWay() {
    offers.add(offer(Route.SAME_MOTOR, null, 900, 0));
    offers.add(offer(Route.EQUIVALENT_MOTOR, LIKE, 200, 0));
    assertEquals(Route.EQUIVALENT_MOTOR, options().recommended());
    Way.Reason met = options().route(Route.EQUIVALENT_MOTOR).way().met().get(0);
    assertEquals("Matched: kind, volts, horsepower and speed signal.", met.sentence());
    motor = OLD.but().horsepower(null).build();
    Options unread = options();
    assertEquals(List.of("MATCH_PLATE"), reasons(unread, Route.EQUIVALENT_MOTOR));
    assertEquals(Route.SAME_MOTOR, unread.recommended());
    assertTrue(reasons(unread, Route.FIXED_SPEED).contains("SIZE_UNKNOWN"));
  }

  /** The one on the van, dearer by fifty, where nobody can wait and nothing can be lent. */
  @Test
  void theBestOfferIsNotTheCheapestPart() {
    Candidate other = new Candidate("M", OLD, 0, List.of(), null);
    candidates.add(other);
    unit = unit.but().boardNeedsFeedback(true).feedbackCanBeDisabled(false).build();
    candidates.replaceAll(
        one ->
            new Candidate(one.id(), one.plate().but().feedback(true).build(), 1, List.of(), null));
    offers.add(offer(Route.EQUIVALENT_MOTOR, other, 380, 3));
    offers.add(offer(Route.EQUIVALENT_MOTOR, LIKE, 430, 0));
    RouteCost cost = options().route(Route.EQUIVALENT_MOTOR);
    assertEquals("L", cost.candidate());
    assertEquals(550, cost.firstCost());
    unit = unit.but().otherHeatOrCooling(true).build();
    assertEquals("M", options().route(Route.EQUIVALENT_MOTOR).candidate());
  }

  /** Cheaper by 300, and nobody knows when: what is said of the first is not of its price. */
  @Test
  void whatComesFirstIsNotSaidToCostLessThanWhatIsCheaper() {
    unit = unit.but().boardNeedsFeedback(true).feedbackCanBeDisabled(false).build();
    candidates.replaceAll(
        one ->
            new Candidate(one.id(), one.plate().but().feedback(true).build(), 1, List.of(), null));
    offers.add(offer(Route.EQUIVALENT_MOTOR, LIKE, 700, 0));
    offers.add(new Offer(Route.SAME_MOTOR, null, 400.0, null, 1.0, null, 280.0));
    Options options = options();
    assertEquals(Route.EQUIVALENT_MOTOR, options.recommended());
    assertEquals(
        "It is there by tomorrow, and the building has no other heat or cooling.",
        options.ranking().why());
  }

  /** 700 + 120 and a loan of 300 against 900 + 120: today's by a hundred. */
  @Test
  void aLoanIsPricedBesideTheWaitThatItBridges() {
    offers.add(offer(Route.SAME_MOTOR, null, 700, 7));
    offers.add(offer(Route.EQUIVALENT_MOTOR, LIKE, 900, 0));
    offers.add(new Offer(Route.LOANER, null, 0.0, 0.0, 2.5, null, null));
    Options options = options();
    assertEquals(Route.EQUIVALENT_MOTOR, options.recommended());
    Bridge bridge = options.route(Route.SAME_MOTOR).bridge();
    assertNotNull(bridge);
    assertEquals(300, bridge.firstCost());
    assertEquals(LocalDate.of(2031, 5, 9), bridge.until());
    assertTrue(options.ranking().why().contains("100 less"), options.ranking().why());
    assertNull(options.route(Route.EQUIVALENT_MOTOR).bridge(), "it is here");
    symptom = Symptom.RUNS_ALWAYS;
    assertNull(options().route(Route.SAME_MOTOR).bridge(), "the fan never stops");
  }

  /** Days that nobody told are not tomorrow. */
  @Test
  void unknownDaysAreNotTomorrow() {
    unit = unit.but().boardNeedsFeedback(true).feedbackCanBeDisabled(false).build();
    candidates.replaceAll(
        one ->
            new Candidate(one.id(), one.plate().but().feedback(true).build(), 1, List.of(), null));
    offers.add(new Offer(Route.SAME_MOTOR, null, 300.0, null, 1.0, null, 280.0));
    offers.add(offer(Route.EQUIVALENT_MOTOR, LIKE, 500, 0));
    assertEquals(Route.EQUIVALENT_MOTOR, options().recommended());
  }

  /** A corroded plug beside a shorted winding: mended with it, priced with it, no way by itself. */
  @Test
  void twoThingsBrokenAreOneWayAndOnePrice() {
    facts = Calls.all(FED_AND_SHORTED, "connector.look", "CORRODED");
    offers.add(offer(Route.SAME_MOTOR, null, 700, 0));
    offers.add(new Offer(Route.REPAIR_OTHER, null, 20.0, 0.0, 0.5, null, null));
    Options options = options();
    assertEquals(Route.SAME_MOTOR, options.recommended());
    assertEquals(RouteState.BLOCKED, options.route(Route.REPAIR_OTHER).way().state());
    RouteCost same = options.route(Route.SAME_MOTOR);
    assertEquals(700 + 20 + 1.5 * 120, same.firstCost());
    assertEquals(
        List.of("Motor", "Mend the harness"), same.parts().stream().map(PartPrice::what).toList());
    assertTrue(same.way().plan().contains("Mend the harness"), same.way().plan().toString());
  }

  /** Capacitor, relays and adapter are on the list; what has no price is named and not counted. */
  @Test
  void firstCostIsEverythingOnTheList() {
    offers.add(
        offer(Route.FIXED_SPEED, FIXED, 135, 0)
            .besides(
                List.of(
                    new PartPrice("2 × relay", 52.0),
                    new PartPrice("Adapter", 143.0),
                    new PartPrice("Capacitor", null))));
    RouteCost cost = options().route(Route.FIXED_SPEED);
    assertEquals(135.0, cost.partPrice());
    assertEquals(135 + 52 + 143 + 120, cost.firstCost());
    assertEquals(330.0, cost.partsSum());
  }

  /** A board that waits for pulses, or may, and motors that send none: alike for every way. */
  @ParameterizedTest
  @CsvSource({"true, , ASK_PROOF_OFF", "true, true, SPEED_PROOF_OFF", ", , ASK_SPEED_SIGNAL"})
  void aBoardThatMayWaitForPulses(@Nullable Boolean needs, @Nullable Boolean off, String asks) {
    unit = unit.but().boardNeedsFeedback(needs).feedbackCanBeDisabled(off).build();
    motor = OLD.but().feedback(true).build();
    Options options = options();
    for (Route route : List.of(Route.EQUIVALENT_MOTOR, Route.FIXED_SPEED, Route.LOANER)) {
      assertTrue(reasons(options, route).contains(asks), route + ": " + reasons(options, route));
    }
  }

  /** 40 VA with 36 on it and coils of 9. */
  @Test
  void aTransformerThatCannotBearItIsACondition() {
    running =
        new Running(
            null, null, null, null, null, null, null, null, null, null, null, 40.0, 36.0, 9.0);
    assertTrue(reasons(options(), Route.FIXED_SPEED).contains("TRANSFORMER_TOO_SMALL"));
    running =
        new Running(
            null, null, null, null, null, null, null, null, null, null, null, 75.0, 36.0, 9.0);
    assertFalse(reasons(options(), Route.FIXED_SPEED).contains("TRANSFORMER_TOO_SMALL"));
  }

  /** What is fed decides: 241 V measured, a plate for both. */
  @ParameterizedTest
  @CsvSource({
    "115/208-230, 241, 115, NO",
    "115/208-230, 241, 208-230, FITS",
    "115/208-230, 241, 115/208-230, FITS_WITH",
    "208-230, 204, 208, FITS",
    "208-230, 204, 230, NO",
    "208-230, 0, 208-230, FITS",
    "208-230, 120, 115, NO",
    ", 241, 115, NO",
    ", 120, 208-230, FITS_WITH"
  })
  void theMeasuredLineDecides(
      @Nullable String plate, double line, String volts, Match.State state) {
    motor = OLD.but().volts(plate).build();
    facts = Calls.all(FED_AND_SHORTED, "line.volts", line);
    candidates.clear();
    candidates.add(new Candidate("C", OLD.but().volts(volts).build(), 1, List.of(), null));
    assertEquals(state, options().basis().judged().get("C").state());
  }

  /** In warranty the drive and both ends of a link are the maker's, too. */
  @Test
  void theMakersOwnIsFreeInWarranty() {
    unit = unit.but().warrantyUntil(TODAY).build();
    for (Route route :
        List.of(Route.SAME_MOTOR, Route.MODULE_ONLY, Route.BOARD_AND_MOTOR, Route.DRIVE_REPLACE)) {
      offers.add(offer(route, null, 800, 2));
    }
    Options options = options();
    for (Offer one : offers) {
      assertEquals(0.0, options.route(one.route()).partPrice(), one.route().name());
    }
  }

  /** To the day eight years old: no longer younger than eight. */
  @ParameterizedTest
  @CsvSource({"2023-05-02, true", "2023-05-03, false"})
  void eightYearsSharp(LocalDate installed, boolean old) {
    unit = unit.but().installed(installed).build();
    assertEquals(old, reasons(options(), Route.MODULE_ONLY).contains("MOTOR_OLD"));
  }

  /** A shop's half years count, too. */
  @ParameterizedTest
  @CsvSource({"2023-11-02, true", "2023-11-03, false"})
  void aShopsOwnYearsSharp(LocalDate installed, boolean old) {
    unit = unit.but().installed(installed).build();
    schools = schools.withModuleAloneYears(7.5);
    assertEquals(old, reasons(options(), Route.MODULE_ONLY).contains("MOTOR_OLD"));
  }

  /** All nine stand in the order of the ranking: what is shut last, a loan no way to stay. */
  @Test
  void nineWaysInOneOrder() {
    offers.add(offer(Route.SAME_MOTOR, null, 900, 0));
    offers.add(offer(Route.EQUIVALENT_MOTOR, LIKE, 500, 0));
    offers.add(offer(Route.FIXED_SPEED, FIXED, 700, 0));
    List<Route> order = options().routes().stream().map(one -> one.way().route()).toList();
    assertEquals(9, order.size());
    assertEquals(
        List.of(Route.EQUIVALENT_MOTOR, Route.FIXED_SPEED, Route.SAME_MOTOR, Route.LOANER),
        order.subList(0, 4));
  }

  /** A kind of thing, and not a word in a text. */
  @ParameterizedTest
  @CsvSource({
    "HARNESS, adapter harness, true",
    "HARNESS, 'Harness, five taps', true",
    "HARNESS, no harness, false",
    "HARNESS, cable ties, false",
    "MOUNT, mounting kit, true",
    "MOUNT, mounting kit sold separately, false",
    "MOUNT, band aid, false",
    "BUSHING, shaft bushing 5/8 to 1/2, true",
    "BUSHING, a bush of sage, false",
    "FRAME, frame ring, true",
    "FRAME, wiring diagram, false"
  })
  void adaptersAreKinds(AdapterKind kind, String words, boolean meant) {
    assertEquals(meant, kind.isMeant(words));
  }
}
