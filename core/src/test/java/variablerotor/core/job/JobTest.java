package variablerotor.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import variablerotor.core.casefile.CaseFile;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Market.Offer;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.family.Family;
import variablerotor.core.fitting.Body;
import variablerotor.core.fitting.FitCase;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.fitting.Hold;
import variablerotor.core.fitting.Notes;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.proof.ProofRequest;
import variablerotor.core.proof.ReadingType;
import variablerotor.core.proof.Readings;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Route;
import variablerotor.core.view.Answers;
import variablerotor.core.view.CallView;

/** What follows from the log of a call. */
class JobTest {
  private static final LocalDate TODAY = LocalDate.parse("2026-11-24");

  private static final Particulars TOLD =
      Particulars.of(
              "Quay",
              Symptom.NO_RUN,
              MotorPlate.of(Family.CONSTANT_TORQUE).volts("208-230").fullLoadAmps(4.3).build())
          .unitName("Roof")
          .build();

  private static final Object[] SHORTED_WINDING = {
    "line.volts",
    241,
    "command.volts",
    25,
    "shaft.feel",
    "LOCKED",
    "winding.ab",
    5.7,
    "winding.bc",
    1.6,
    "winding.ca",
    5.7
  };

  private final List<JobLog.Reading> readings = new ArrayList<>();

  private void read(RepairPhase phase, Object... pairs) {
    for (Fact fact : Calls.facts(pairs)) {
      Fact taken = new Fact(fact.type(), fact.value(), phase);
      String id = "r" + readings.size();
      readings.add(new JobLog.Reading(id, taken, "Tobin", "2026-11-24T12:00:00Z", null));
    }
  }

  private JobLog.Builder log() {
    return new JobLog.Builder("c", false, "Tobin", "then", "now", TOLD).readings(readings);
  }

  private Job job() {
    return Job.of(log().build(), Settings.usual("UTC"), TODAY);
  }

  @Test
  void theNewMotorsReadingsLeaveTheVerdictAlone() {
    read(RepairPhase.BEFORE, SHORTED_WINDING);
    Job before = job();
    assertEquals(VerdictState.DECIDED, before.diagnosis().verdict().state());
    read(
        RepairPhase.AFTER,
        "line.volts",
        239,
        "command.volts",
        0,
        "shaft.feel",
        "FREE",
        "winding.ab",
        22,
        "winding.bc",
        21,
        "winding.ca",
        22);
    Job after = job();
    assertEquals(CallView.of(before).diagnosis(), CallView.of(after).diagnosis());
    assertEquals(before.ways(), after.ways());
    // The old motor's pairs still stand beside the new one's.
    assertEquals(12, after.countInForce());
    assertTrue(readings.stream().allMatch(after::isInForce));
  }

  @Test
  void aLaterReadingStandsOnlyInItsOwnPhase() {
    read(RepairPhase.BEFORE, "line.volts", 241);
    read(RepairPhase.AFTER, "line.volts", 230);
    read(RepairPhase.AFTER, "line.volts", 231);
    Job job = job();
    List<Boolean> standing = readings.stream().map(job::isInForce).toList();
    assertEquals(List.of(true, false, true), standing);
  }

  @Test
  void theCaseFileCarriesThePhaseAndReadsBackTheSame() throws InputFaults {
    read(RepairPhase.BEFORE, SHORTED_WINDING);
    Object without = Answers.diagnose(job().caseTree());
    read(RepairPhase.AFTER, "winding.ab", 22, "look.lamp", "OFF");
    Map<String, Object> tree = job().caseTree();
    CaseFile file = CaseReader.read(tree);
    assertTrue(file.unknownFields().isEmpty());
    assertEquals(
        List.of(FactType.WINDING_AB, FactType.LOOK_LAMP),
        file.facts().stream()
            .filter(fact -> fact.phase() == RepairPhase.AFTER)
            .map(Fact::type)
            .toList());
    assertEquals(without, Answers.diagnose(tree), "what was read after moves nothing");
  }

  /** Page and command line answer alike where a shop does otherwise than most. */
  @Test
  void theCaseFileCarriesTheShopsHabits() throws InputFaults {
    Settings own =
        Settings.usual("UTC").but().moduleAloneYears(4).habits(List.of(Habit.ALWAYS_BOTH)).build();
    assertNull(job().caseTree().get("habits"), "nothing is said where all is as usual");
    Map<String, Object> tree = Job.of(log().build(), own, TODAY).caseTree();
    assertEquals(4.0, ((Map<?, ?>) tree.get("habits")).get("moduleAloneYears"));
    CaseFile file = CaseReader.read(tree);
    assertTrue(file.unknownFields().isEmpty());
    assertEquals(4, file.schools().moduleAloneYears());
    assertTrue(file.schools().have(Habit.ALWAYS_BOTH));
  }

  /** Of a conversion a capacitor motor is proved, of the maker's own the motor as it was told. */
  @Test
  void whatIsFittedFollowsFromTheWay() {
    assertNull(job().proof(), "no way is chosen");
    for (Route way :
        List.of(Route.FIXED_SPEED, Route.LOANER, Route.SAME_MOTOR, Route.MODULE_ONLY)) {
      Job job =
          Job.of(
              log()
                  .decisions(
                      List.of(
                          new JobLog.Decided(
                              "d", way, null, null, "USD", List.of(), "Tobin", "then")))
                  .build(),
              Settings.usual("UTC"),
              TODAY);
      Family family = java.util.Objects.requireNonNull(job.proof()).fitted().family();
      assertEquals(way.keepsVariableSpeed() ? Family.CONSTANT_TORQUE : Family.PSC, family);
      assertNull(job.proved());
      // The plate of a new motor is read, and not taken from the old one's.
      Double amps = way == Route.MODULE_ONLY ? (Double) 4.3 : null;
      assertEquals(amps, job.proof().fitted().fullLoadAmps());
    }
  }

  @Test
  void anUnknownPhaseIsToldByItsPath() {
    Map<String, Object> tree =
        TOLD.caseTree(List.of(Map.of("id", "line.volts", "value", 240.0, "phase", "DURING")));
    InputFaults faults = assertThrows(InputFaults.class, () -> CaseReader.read(tree));
    assertEquals(
        new InputFault("facts[0].phase", "found \"DURING\"; allowed is one of BEFORE, AFTER"),
        faults.faults().get(0));
  }

  @Test
  void theOfferAndTheChoiceMadeLastCount() {
    read(RepairPhase.BEFORE, SHORTED_WINDING);
    JobLog log =
        log()
            .offers(
                List.of(
                    new Offer(Route.SAME_MOTOR, null, 900.0, 5.0, 1.0, null, null),
                    new Offer(Route.SAME_MOTOR, null, 800.0, 5.0, 2.0, null, null)))
            .decisions(
                List.of(
                    new JobLog.Decided(
                        "d1", Route.FIXED_SPEED, null, null, "USD", List.of(), "Tobin", "then"),
                    new JobLog.Decided(
                        "d2", Route.SAME_MOTOR, "M", 1040.0, "USD", List.of(), "Ines", "now")))
            .build();
    Job job = Job.of(log, Settings.usual("UTC"), TODAY);
    assertEquals(Route.SAME_MOTOR, job.chosen());
    assertEquals(Route.SAME_MOTOR, job.recommended());
    CallView view = CallView.of(job);
    assertEquals("d2", view.decisions().get(0).id());
    CallView.WayView way =
        view.ways().stream().filter(one -> one.route() == Route.SAME_MOTOR).findFirst().get();
    // 800 + 2 h at 120 an hour.
    assertEquals(1040, way.firstCost());
  }

  /** What the customer said last stands first, and changes neither choice nor ranking. */
  @Test
  void theCustomersAnswersStandWithTheCallAndDecideNothing() {
    JobLog.Answered over =
        new JobLog.Answered("1", null, "A. Customer", "2026-11-26", "", null, "Tobin", "then");
    JobLog.Answered yes =
        new JobLog.Answered(
            "2",
            Route.FIXED_SPEED,
            "A. Customer",
            "2026-11-27",
            "Soon, please.",
            null,
            "Tobin",
            "then");
    CallView view =
        CallView.of(
            Job.of(log().answers(List.of(over, yes)).build(), Settings.usual("UTC"), TODAY));
    assertEquals(Route.FIXED_SPEED, view.answers().get(0).route());
    assertNull(view.answers().get(1).route());
    assertTrue(view.decisions().isEmpty());
  }

  @Test
  void particularsReadBackAsTheyWereTold() throws InputFaults {
    Particulars told =
        new Particulars(
            " Quay ",
            null,
            null,
            Symptom.NOISE,
            null,
            null,
            MotorPlate.of(Family.BLDC_FIVE_WIRE, null),
            null,
            Map.of("VSP", "pink", "BUS", " "),
            null,
            null);
    Particulars kept = Particulars.checked(told);
    assertEquals("Quay", kept.place());
    assertEquals(Map.of("VSP", "pink"), kept.wires());
    assertEquals(kept, Particulars.read(kept.tree()));
    assertFalse(kept.tree().containsValue(UnitPlate.UNKNOWN), "plain all through");
  }

  private JobLog.Decided decided(Route way) {
    return new JobLog.Decided(
        "d", way, null, null, "USD", List.of(), "Tobin", "2026-11-24T13:00:00Z");
  }

  private static JobLog.Fitted fitted(FitRecord record) {
    return new JobLog.Fitted("f", record, "Tobin", "2026-11-24T14:00:00Z");
  }

  private Stand stand(JobLog.Builder log) {
    return Job.of(log.build(), Settings.usual("UTC"), TODAY).stand();
  }

  private static JobLog.Outcome outcome(JobLog.Outcome.Was was, Suspect... found) {
    return new JobLog.Outcome(
        "o", was, List.of(), List.of(found), "", "Tobin", "2026-11-24T13:30:00Z");
  }

  /** What somebody says it was ends a call of which nothing is under work, and no other. */
  @Test
  void whatItWasEndsACallThatDoesNotGoOn() {
    read(RepairPhase.BEFORE, SHORTED_WINDING);
    List<JobLog.Outcome> was =
        List.of(outcome(JobLog.Outcome.Was.NO, Suspect.WINDING, Suspect.MODULE));
    Stand ended = stand(log().outcomes(was));
    assertEquals(new Stand(Stand.Place.ENDED, "It was the winding and the module.", null), ended);
    JobLog.Builder chosen =
        log()
            .decisions(List.of(decided(Route.SAME_MOTOR)))
            .offers(List.of(new Offer(Route.SAME_MOTOR, null, 900.0, 3.0, 1.0, 12.0, null)))
            .outcomes(was);
    assertEquals(Stand.Place.ENDED, stand(chosen).place(), "no part is waited for");
    FitCase hands = Job.of(chosen.build(), Settings.usual("UTC"), TODAY).fitting().record().job();
    Hold hold = new Hold(Hold.Reason.WRONG_PART, "2026-11-30", "a left-hand one", "", List.of());
    FitRecord held =
        new FitRecord(hands, List.of(), Notes.NONE, List.of(), List.of(), hold, false, null);
    assertEquals(Stand.Place.WAITING, stand(chosen.fits(List.of(fitted(held)))).place());
    assertEquals(
        "What it was is not known.",
        stand(log().outcomes(List.of(outcome(JobLog.Outcome.Was.UNKNOWN)))).sentence());
    // Read on since: it goes on.
    Fact fact = Calls.facts("line.volts", 0).get(0);
    readings.add(new JobLog.Reading("later", fact, "Tobin", "2026-11-24T13:31:00Z", null));
    assertNotEquals(Stand.Place.ENDED, stand(log().outcomes(was)).place());
  }

  /** The newest truth: from the first word to the customer's hand. */
  @Test
  void aCallStandsWhereItsNewestTruthIs() {
    assertEquals(Stand.Place.HEARING, stand(log()).place());
    read(RepairPhase.BEFORE, "line.volts", 241);
    assertEquals(Stand.Place.PROVING, stand(log()).place());
    read(RepairPhase.BEFORE, SHORTED_WINDING);
    assertEquals(Stand.Place.CHOOSING, stand(log()).place());
    List<JobLog.Decided> way = List.of(decided(Route.SAME_MOTOR));
    assertEquals(Stand.Place.FITTING, stand(log().decisions(way)).place());
    JobLog.Builder away =
        log()
            .decisions(way)
            .offers(List.of(new Offer(Route.SAME_MOTOR, null, 900.0, 3.0, 1.0, 12.0, null)));
    assertEquals(Stand.Place.WAITING, stand(away).place());
    assertEquals("2026-11-27", stand(away).due(), "three days from when it was chosen");
    FitCase hands = Job.of(away.build(), Settings.usual("UTC"), TODAY).fitting().record().job();
    FitRecord begun =
        new FitRecord(
            hands,
            List.of(new FitRecord.Mark("off.power", true, "")),
            Notes.NONE,
            List.of(),
            List.of(),
            null,
            false,
            null);
    Stand fitting = stand(away.fits(List.of(fitted(begun))));
    assertEquals(Stand.Place.FITTING, fitting.place());
    assertTrue(fitting.sentence().startsWith("1 of "), fitting.sentence());
    Hold hold = new Hold(Hold.Reason.WRONG_PART, "2026-11-30", "a left-hand one", "", List.of());
    FitRecord held =
        new FitRecord(hands, List.of(), Notes.NONE, List.of(), List.of(), hold, false, null);
    Stand waiting = stand(away.fits(List.of(fitted(held))));
    assertEquals(
        new Stand(
            Stand.Place.WAITING, "The wrong part was in the box: a left-hand one.", "2026-11-30"),
        waiting);
    FitRecord over =
        new FitRecord(hands, List.of(), Notes.NONE, List.of(), List.of(), null, true, null);
    assertEquals(Stand.Place.HANDED_OVER, stand(away.fits(List.of(fitted(over)))).place());
    FitRecord lent =
        new FitRecord(hands, List.of(), Notes.NONE, List.of(), List.of(), hold, true, null);
    assertEquals(
        Stand.Place.WAITING, stand(away.fits(List.of(fitted(lent)))).place(), "still owed");
    // What was noted against a step is newer than any proof.
    FitRecord smelt =
        new FitRecord(
            hands,
            List.of(),
            new Notes(Map.of("first.run", "TRIPS")),
            List.of(),
            List.of(),
            null,
            false,
            null);
    ProofRequest asked = Job.of(away.build(), Settings.usual("UTC"), TODAY).proof();
    ProofRequest backwards =
        new ProofRequest(
            asked.way(),
            asked.unit(),
            asked.limits(),
            asked.fitted(),
            new Readings(Map.of(), Map.of(ReadingType.ROTATION, "REVERSED"), Map.of()));
    JobLog.Builder both =
        away.proofs(List.of(new JobLog.Proved("p", backwards, "Tobin", "2026-11-24T15:00:00Z")));
    assertEquals(Stand.Place.PROVING_REPAIR, stand(both.fits(List.of(fitted(begun)))).place());
    Stand trips = stand(both.fits(List.of(fitted(smelt))));
    assertEquals(Stand.Place.FITTING, trips.place());
    assertTrue(trips.sentence().contains("leave it off"), trips.sentence());
    // What was done on another way is none of this one's.
    JobLog.Builder turned = away.decisions(List.of(decided(Route.REPAIR_OTHER)));
    assertEquals(Stand.Place.FITTING, stand(turned).place());
  }

  /** Two things broken: what is proved besides is mended with the way that was chosen. */
  @Test
  void theHandsMendWhatIsProvedBesides() {
    read(RepairPhase.BEFORE, SHORTED_WINDING);
    read(RepairPhase.BEFORE, "connector.look", "CORRODED");
    Job job =
        Job.of(
            log().decisions(List.of(decided(Route.SAME_MOTOR))).build(),
            Settings.usual("UTC"),
            TODAY);
    assertTrue(job.diagnosis().verdict().remedy().also().contains(Action.REPAIR_HARNESS));
    assertEquals(List.of(Body.MOTOR, Body.HARNESS), job.fitting().record().job().bodies());
    assertTrue(job.fitting().record().job().water(), "green pins had water");
  }

  /** Worked out from what was known before, or anew: the same, whatever came onto the log. */
  @Test
  void aJobThatGoesOnSaysWhatOneWorkedOutAnewSays() {
    read(RepairPhase.BEFORE, SHORTED_WINDING);
    Job begun = job();
    JobLog.Decided chosen =
        new JobLog.Decided("d", Route.SAME_MOTOR, null, 400.0, "$", List.of(), "Ines", "then");
    Particulars other =
        Particulars.of("Quay", Symptom.INTERMITTENT, MotorPlate.of(Family.EC_PLUG_FAN).build())
            .build();
    List<JobLog> goesOn = new ArrayList<>();
    goesOn.add(log().decisions(List.of(chosen)).build());
    goesOn.add(new JobLog.Builder(log().build()).particulars(other).build());
    goesOn.add(
        log()
            .withReadings(
                readings.stream()
                    .map(
                        one ->
                            new JobLog.Reading(
                                one.id(), one.fact(), one.author(), one.at(), "Ines"))
                    .toList())
            .build());
    read(RepairPhase.BEFORE, "winding.ab", 1.6, "shaft.feel", "FREE");
    goesOn.add(log().build());
    for (JobLog more : goesOn) {
      Job anew = Job.of(more, begun.settings(), TODAY);
      assertEquals(CallView.of(anew).tree(), CallView.of(begun.with(more)).tree());
    }
    assertSame(begun.diagnosis(), begun.with(goesOn.get(0)).diagnosis());
    assertNotEquals(begun.diagnosis(), begun.with(goesOn.get(3)).diagnosis());
  }
}
