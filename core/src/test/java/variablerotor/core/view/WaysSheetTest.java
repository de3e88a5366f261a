package variablerotor.core.view;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Market.Offer;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.fact.Fact;
import variablerotor.core.family.Family;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.Settings;
import variablerotor.core.job.Signature;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.route.Route;

/** What a customer is shown, and puts a name to. */
class WaysSheetTest {
  private static final LocalDate TODAY = LocalDate.parse("2026-11-24");
  private static final String STROKES = "M1 2L3 4";

  private static final Object[] OPEN_WINDING = {
    "line.volts",
    241,
    "command.volts",
    25,
    "shaft.feel",
    "FREE",
    "winding.ab",
    5.7,
    "winding.bc",
    "OL",
    "winding.ca",
    "OL"
  };

  private final List<JobLog.Reading> readings = new ArrayList<>();
  private final List<JobLog.Answered> answers = new ArrayList<>();
  private double part = 410;

  private void read(Object... pairs) {
    for (Fact fact : Calls.facts(pairs)) {
      readings.add(
          new JobLog.Reading("r" + readings.size(), fact, "Tobin", "2026-11-24T12:00:00Z", null));
    }
  }

  private WaysSheet sheet(LocalDate priced) {
    Particulars told =
        Particulars.of(
                "Quay",
                Symptom.NO_RUN,
                MotorPlate.of(Family.CONSTANT_TORQUE).volts("208-230").fullLoadAmps(4.3).build())
            .unitName("Roof")
            .build();
    JobLog log =
        new JobLog.Builder("c", false, "Tobin", "then", "now", told)
            .readings(readings)
            .offers(List.of(new Offer(Route.SAME_MOTOR, null, part, 2.0, 1.0, null, null)))
            .answers(answers)
            .build();
    return WaysSheet.of(CallView.of(Job.of(log, Settings.usual("UTC"), TODAY)), TODAY, priced);
  }

  private WaysSheet sheet() {
    return sheet(TODAY);
  }

  private static WaysSheet.WayBox same(WaysSheet sheet) {
    return sheet.ways().stream()
        .filter(way -> way.route() == Route.SAME_MOTOR)
        .findFirst()
        .orElseThrow();
  }

  private void signed(Route route, List<String> under) {
    answers.add(
        new JobLog.Answered(
            "a" + answers.size(),
            route,
            "Mrs Fell",
            "2026-11-24",
            "",
            under == null ? null : new Signature(STROKES, under),
            "Tobin",
            "2026-11-24T12:30:00Z"));
  }

  @Test
  void whatIsSignedIsWhatIsShown() {
    read(OPEN_WINDING);
    WaysSheet shown = sheet();
    assertTrue(shown.proved());
    List<String> under = same(shown).signed();
    assertEquals(shown.verdict(), under.get(0));
    assertEquals("Same motor: " + same(shown).price(), under.get(1));
    signed(Route.SAME_MOTOR, under);
    WaysSheet.CustomerSaid answer = sheet().answer();
    assertEquals(under, answer.signed().under());
    assertFalse(answer.otherNow());
    assertEquals("Said by Mrs Fell on 24 November 2026.", answer.by());
  }

  /** A price that rose since, a verdict that turned: the name stands for what was above it. */
  @Test
  void whatChangedSinceIsNotSigned() {
    read(OPEN_WINDING);
    signed(Route.SAME_MOTOR, same(sheet()).signed());
    part = 520;
    assertTrue(sheet().answer().otherNow());
    part = 410;
    assertFalse(sheet().answer().otherNow());
    readings.clear();
    assertTrue(sheet().answer().otherNow(), "nothing is proved any more");
  }

  @Test
  void whatIsNotProvedIsSignedAsThat() {
    read("line.volts", 241);
    WaysSheet shown = sheet();
    assertFalse(shown.proved());
    for (WaysSheet.WayBox way : shown.ways()) {
      assertTrue(way.signed().get(1).startsWith("This is not proved yet"), way.signed().get(1));
    }
    assertTrue(shown.toThink().get(1).startsWith("This is not proved yet"));
    signed(null, shown.toThink());
    assertFalse(sheet().answer().otherNow());
    read("command.volts", 25, "shaft.feel", "LOCKED");
    assertNotEquals(shown.verdict(), sheet().verdict());
    assertTrue(sheet().answer().otherNow());
  }

  @Test
  void anAnswerWithoutANameUnderItIsOne() {
    signed(Route.SAME_MOTOR, null);
    assertEquals(Route.SAME_MOTOR.title(), sheet().answer().said());
    assertFalse(sheet().answer().otherNow());
  }

  /** A price that is not held any more is not signed as if it were. */
  @Test
  void anOldPriceIsSignedAsThat() {
    read(OPEN_WINDING);
    WaysSheet shown = sheet(LocalDate.parse("2026-10-24"));
    List<String> under = same(shown).signed();
    assertEquals(shown.holds(), under.get(under.size() - 1));
    signed(Route.SAME_MOTOR, under);
    assertFalse(sheet(LocalDate.parse("2026-10-24")).answer().otherNow());
    assertTrue(sheet().answer().otherNow(), "asked for anew, it is another");
  }

  /** Prices read long ago hold from then on, not from the day on which they are shown. */
  @Test
  void pricesHoldFromTheDayOnWhichTheyWereRead() {
    assertEquals("Prices hold until 24 December 2026.", sheet().holds());
    assertEquals(
        "Prices hold until 24 November 2026.", sheet(LocalDate.parse("2026-10-25")).holds());
    assertEquals(
        "The prices are of 24 October 2026 and are to be confirmed.",
        sheet(LocalDate.parse("2026-10-24")).holds());
    assertEquals(
        "Prices hold until 24 December 2026.", sheet(LocalDate.parse("2027-01-01")).holds());
  }
}
