package variablerotor.core.match;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;

/** Worked pairs: what fits, what fits with something, and by what the rest fails. */
class MatchingTest {
  private static final MotorPlate OLD =
      MotorPlate.of(Family.CONSTANT_TORQUE)
          .horsepower(0.5)
          .volts("208-230")
          .phases(1)
          .hertz(60.0)
          .rpm(1050.0)
          .frame("48")
          .shaftDiameterIn(0.5)
          .shaftLengthIn(5.0)
          .bodyLengthIn(6.0)
          .rotation(MotorPlate.Rotation.CCW)
          .mount(MotorPlate.Mount.BELLY_BAND)
          .fullLoadAmps(4.3)
          .build();

  private static Match match(Consumer<MotorPlate.Builder> change, String... adapters) {
    MotorPlate.Builder other = OLD.but();
    change.accept(other);
    return Matching.of(
        UnitPlate.UNKNOWN, OLD, new Candidate("X", other.build(), 1, List.of(adapters), null));
  }

  private static Arguments pair(
      String attribute, Point.State state, Consumer<MotorPlate.Builder> change) {
    return Arguments.of(attribute, state, change);
  }

  static Stream<Arguments> pairs() {
    return Stream.of(
        pair("volts", Point.State.CHANGE, m -> m.volts("115/208-230")),
        pair("volts", Point.State.OK, m -> m.volts("230")),
        pair("volts", Point.State.NO, m -> m.volts("115")),
        pair("volts", Point.State.NO, m -> m.volts("460")),
        pair("volts", Point.State.CHANGE, m -> m.volts(null)),
        pair("phases", Point.State.NO, m -> m.phases(3)),
        pair("hertz", Point.State.NO, m -> m.hertz(50.0)),
        pair("horsepower", Point.State.NO, m -> m.horsepower(0.333)),
        pair("horsepower", Point.State.CHANGE, m -> m.horsepower(0.75)),
        pair("horsepower", Point.State.NO, m -> m.horsepower(1.0)),
        pair("poles", Point.State.OK, m -> m.rpm(1100.0)),
        pair("poles", Point.State.NO, m -> m.rpm(825.0)),
        pair("poles", Point.State.NO, m -> m.rpm(1725.0)),
        pair("rotation", Point.State.NO, m -> m.rotation(MotorPlate.Rotation.CW)),
        pair("rotation", Point.State.CHANGE, m -> m.rotation(MotorPlate.Rotation.REVERSIBLE)),
        pair("rotation", Point.State.OK, m -> m.rotation(MotorPlate.Rotation.SELF_FINDING)),
        pair("frame", Point.State.NO, m -> m.frame("42")),
        pair("shaftDiameterIn", Point.State.NO, m -> m.shaftDiameterIn(0.625)),
        pair("shaftLengthIn", Point.State.NO, m -> m.shaftLengthIn(3.0)),
        pair("shaftLengthIn", Point.State.CHANGE, m -> m.shaftLengthIn(4.75)),
        pair("bodyLengthIn", Point.State.CHANGE, m -> m.bodyLengthIn(7.0)),
        pair("mount", Point.State.NO, m -> m.mount(MotorPlate.Mount.LUGS)),
        pair("fullLoadAmps", Point.State.CHANGE, m -> m.fullLoadAmps(6.1)));
  }

  @ParameterizedTest
  @MethodSource("pairs")
  void eachAttributeIsJudgedByItself(
      String attribute, Point.State state, Consumer<MotorPlate.Builder> change) {
    Match match = match(change);
    Point point =
        match.points().stream()
            .filter(one -> one.attribute().equals(attribute))
            .findFirst()
            .orElseThrow();
    assertEquals(state, point.state(), point.sentence());
    Match.State whole =
        state == Point.State.NO
            ? Match.State.NO
            : state == Point.State.CHANGE ? Match.State.FITS_WITH : Match.State.FITS;
    assertEquals(whole, match.state(), match.points().toString());
  }

  @Test
  void itsLikeFitsAndWhatNeitherPlateTellsIsNotJudged() {
    Match same = match(m -> {});
    assertEquals(Match.State.FITS, same.state(), same.points().toString());
    assertTrue(same.points().stream().noneMatch(one -> one.attribute().equals("enclosure")));
  }

  @Test
  void onlyItsOwnKindStandsInForIt() {
    for (Family family : Family.values()) {
      MotorPlate other = MotorPlate.of(family).build();
      Candidate candidate = new Candidate("X", other, 1, List.of(), null);
      boolean no = Matching.of(UnitPlate.UNKNOWN, OLD, candidate).state() == Match.State.NO;
      assertEquals(family != Family.CONSTANT_TORQUE, no, family.name());
    }
    Match fixed =
        Matching.ofFixedSpeed(
            UnitPlate.UNKNOWN,
            OLD,
            new Candidate("P", MotorPlate.of(Family.PSC).build(), 1, List.of(), null));
    assertFalse(fixed.points().stream().anyMatch(one -> one.attribute().equals("kind")));
  }

  @Test
  void anAdapterInItsBoxMakesItFit() {
    assertEquals(Match.State.FITS_WITH, match(m -> m.frame("42"), "band ring 42 to 48").state());
    assertEquals(
        Match.State.FITS_WITH, match(m -> m.shaftDiameterIn(0.375), "bushing 3/8 to 1/2").state());
    assertEquals(Match.State.NO, match(m -> m.shaftDiameterIn(0.625), "bushing").state());
    assertEquals(Match.State.FITS_WITH, match(m -> {}, "adapter harness").state());
  }

  /** Where the board waits for a speed signal: sent, switched off, or not to be fitted. */
  @ParameterizedTest
  @CsvSource({
    "true, , FITS",
    "false, true, FITS_WITH",
    "false, false, NO",
    "false, , FITS_WITH",
    ", false, FITS_WITH"
  })
  void theBoardsProofOfSpeedCounts(
      @Nullable Boolean sends, @Nullable Boolean off, Match.State state) {
    UnitPlate waits = UnitPlate.plate().boardNeedsFeedback(true).feedbackCanBeDisabled(off).build();
    Candidate candidate = new Candidate("X", OLD.but().feedback(sends).build(), 1, List.of(), null);
    assertEquals(state, Matching.of(waits, OLD, candidate).state());
  }

  /** Synchronous speed 120 f / p: the plates of NEMA MG 1, and 50 Hz ones. */
  @ParameterizedTest
  @CsvSource({
    "1050, 60, 6",
    "1075, 60, 6",
    "1100, 60, 6",
    "1140, 60, 6",
    "825, 60, 8",
    "850, 60, 8",
    "1625, 60, 4",
    "1725, 60, 4",
    "3450, 60, 2",
    "900, 50, 6",
    "1425, 50, 4"
  })
  void polesFollowFromTheRatedSpeed(double rpm, double hertz, int poles) {
    assertEquals(poles, Matching.poles(MotorPlate.of(Family.PSC).rpm(rpm).hertz(hertz).build()));
  }

  /** Field practice: up to 3 tons half a horsepower, above it one; said to be an estimate. */
  @ParameterizedTest
  @CsvSource({"3, 0.5, FITS_WITH", "3, 0.333, NO", "4, 0.75, NO", "4, 1, FITS_WITH"})
  void anUnreadPlateIsSizedByTons(double tons, double horsepower, Match.State state) {
    UnitPlate unit = UnitPlate.plate().coolingTons(tons).build();
    MotorPlate unread = OLD.but().horsepower(null).build();
    Candidate candidate =
        new Candidate("X", OLD.but().horsepower(horsepower).build(), 1, List.of(), null);
    Match match = Matching.of(unit, unread, candidate);
    assertEquals(state, match.state(), match.points().toString());
    assertTrue(match.points().toString().contains("estimate"));
  }

  @Test
  void anOutdoorFanMustBeClosed() {
    UnitPlate outdoors = UnitPlate.plate().role(UnitPlate.Role.OUTDOOR_FAN).build();
    MotorPlate open = OLD.but().enclosure(MotorPlate.Enclosure.OPEN).build();
    assertEquals(
        Match.State.NO,
        Matching.of(outdoors, OLD, new Candidate("X", open, 1, List.of(), null)).state());
    MotorPlate closed = OLD.but().enclosure(MotorPlate.Enclosure.TOTALLY_ENCLOSED).build();
    assertEquals(
        Match.State.FITS,
        Matching.of(outdoors, OLD, new Candidate("X", closed, 1, List.of(), null)).state());
  }
}
