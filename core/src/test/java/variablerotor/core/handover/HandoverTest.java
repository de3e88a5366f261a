package variablerotor.core.handover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.fitting.Ask;
import variablerotor.core.fitting.FitCase;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.fitting.Hold;
import variablerotor.core.fitting.Notes;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.Settings;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.route.Route;

/** What is left at a unit says what was done, and nothing that was only meant. */
class HandoverTest {
  private static final LocalDate DAY = LocalDate.parse("2026-11-24");

  private static Job job(Route way, @Nullable FitRecord done) {
    JobLog.Builder log =
        new JobLog.Builder(
                "c1",
                false,
                "Tobin",
                "2026-11-20T12:00:00Z",
                "2026-11-24T12:00:00Z",
                Particulars.of(
                        "Quay",
                        Symptom.NO_RUN,
                        MotorPlate.of(Family.CONSTANT_TORQUE).volts("208-230").build())
                    .unitName("Roof")
                    .build())
            .decisions(
                List.of(
                    new JobLog.Decided(
                        "d1",
                        way,
                        "K-9",
                        300.0,
                        "USD",
                        List.of(),
                        "Tobin",
                        "2026-11-20T12:00:00Z")));
    if (done != null) {
      log.fits(List.of(new JobLog.Fitted("f1", done, "Tobin", "2026-11-24T12:00:00Z")));
    }
    return Job.of(log.build(), Settings.usual("UTC"), DAY);
  }

  private static FitRecord record(Job job, boolean done, @Nullable Hold hold) {
    Fitting fitting = job.fitting();
    assertNotNull(fitting);
    FitCase hands = fitting.record().job();
    List<FitRecord.Mark> marks = new ArrayList<>();
    Map<String, Object> notes = new LinkedHashMap<>(Map.of("link", "OUT", "rest.volts", 2.0));
    for (; ; ) {
      FitRecord record =
          new FitRecord(hands, marks, new Notes(notes), List.of(), List.of(), hold, false, null);
      Fitting.Standing next = done ? Fitting.of(record).next() : null;
      if (next == null) {
        return record;
      }
      next.step().asks().forEach(ask -> notes.putIfAbsent(ask.id(), good(ask)));
      marks.add(new FitRecord.Mark(next.step().id(), true, ""));
    }
  }

  private static Object good(Ask ask) {
    return ask.least() != null
        ? (Object) (ask.least() + 1)
        : ask.words().isEmpty() ? "told" : ask.words().get(0).id();
  }

  private static List<String> titles(@Nullable UnitLabel label) {
    assertNotNull(label);
    return label.lines().stream().map(UnitLabel.LabelLine::title).toList();
  }

  @Test
  void nothingIsSaidOfWhatWasOnlyChosen() {
    assertNull(UnitLabel.of(job(Route.EQUIVALENT_MOTOR, null), DAY));
    Job chosen = job(Route.EQUIVALENT_MOTOR, null);
    assertNull(
        UnitLabel.of(job(Route.EQUIVALENT_MOTOR, record(chosen, false, null)), DAY), "not begun");
    // What was done on another way is in no unit by this one.
    assertNull(
        UnitLabel.of(
            job(Route.SAME_MOTOR, record(job(Route.EQUIVALENT_MOTOR, null), true, null)), DAY));
  }

  @Test
  void whatWasDoneIsSaidWithItsSettings() {
    Job chosen = job(Route.EQUIVALENT_MOTOR, null);
    UnitLabel label = UnitLabel.of(job(Route.EQUIVALENT_MOTOR, record(chosen, true, null)), DAY);
    assertNotNull(label);
    assertEquals(
        new UnitLabel.LabelLine("Fitted", "Equivalent motor K-9, 2026-11-24"),
        label.lines().get(0));
    assertTrue(titles(label).contains("Voltage link"), "" + titles(label));
    assertTrue(
        label.lines().contains(new UnitLabel.LabelLine("Proved", "not yet")),
        "and no repair is claimed");
    assertFalse(titles(label).contains("Capacitor"), "none goes with this way");
    assertTrue(label.code().endsWith("\nCall: c1"));
    assertTrue(label.code().startsWith("Unit: Quay, Roof\nFitted: "));
  }

  /** A motor on loan is in the unit: what was chosen is still to come. */
  @Test
  void aBridgeIsNotWhatWasChosen() {
    Job chosen = job(Route.EQUIVALENT_MOTOR, null);
    Hold hold =
        new Hold(Hold.Reason.BRIDGED, "2026-12-01", "loaner on the contactor", "", List.of());
    UnitLabel label = UnitLabel.of(job(Route.EQUIVALENT_MOTOR, record(chosen, false, hold)), DAY);
    assertFalse(titles(label).contains("Fitted"), "" + label);
    assertEquals(List.of("For a time", "To come", "Proved"), titles(label));
    assertNotNull(label);
    assertTrue(label.lines().get(0).said().endsWith("Until 2026-12-01."), "" + label);
  }

  @Test
  void aVisitIsOwedWhereSomethingWaitsOrWasLeft() {
    Job chosen = job(Route.EQUIVALENT_MOTOR, null);
    assertNull(ReturnVisit.of(chosen), "it goes on now");
    Hold hold =
        new Hold(
            Hold.Reason.RETURN_VISIT, "2026-12-01", "rain", "a puller", List.of(Hold.Left.CHARGE));
    ReturnVisit visit = ReturnVisit.of(job(Route.EQUIVALENT_MOTOR, record(chosen, false, hold)));
    assertNotNull(visit);
    assertEquals("2026-12-01", visit.day());
    assertEquals(List.of("a puller"), visit.bring());
    assertEquals(List.of("Refrigerant charge, by certified people"), visit.left());
    // All done and nothing seen of it: the proof is what is left.
    ReturnVisit unproved = ReturnVisit.of(job(Route.EQUIVALENT_MOTOR, record(chosen, true, null)));
    assertNotNull(unproved);
    assertEquals(List.of("The proof of the repair"), unproved.left());
    assertNull(unproved.day(), "and nobody said when");
  }
}
