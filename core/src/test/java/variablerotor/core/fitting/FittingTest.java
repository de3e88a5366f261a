package variablerotor.core.fitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate.Mount;
import variablerotor.core.motor.UnitPlate.Heating;
import variablerotor.core.motor.UnitPlate.Kind;
import variablerotor.core.route.Route;

/** The steps of the hands: those of this job and no others, and what was noted given back. */
class FittingTest {
  private static final Set<Route> MOTORS =
      Set.of(
          Route.SAME_MOTOR,
          Route.EQUIVALENT_MOTOR,
          Route.FIXED_SPEED,
          Route.LOANER,
          Route.BOARD_AND_MOTOR);

  /** Whom a step concerns, told from the trade. What is not listed concerns everybody. */
  private static final Map<String, Predicate<FitCase>> CONCERNS = concerns();

  private static Map<String, Predicate<FitCase>> concerns() {
    Predicate<FitCase> motor = one -> MOTORS.contains(one.way());
    Predicate<FitCase> wheel = motor.and(one -> one.old() != Family.EC_PLUG_FAN);
    Predicate<FitCase> fixed = one -> one.way() == Route.FIXED_SPEED || one.way() == Route.LOANER;
    Predicate<FitCase> drive =
        one -> one.way() == Route.DRIVE_REPLACE || one.way() == Route.DRIVE_BYPASS;
    Predicate<FitCase> board = one -> one.way() == Route.BOARD_AND_MOTOR;
    Predicate<FitCase> module = one -> one.way() == Route.MODULE_ONLY;
    Predicate<FitCase> airflow =
        one ->
            one.old() == Family.CONSTANT_AIRFLOW_PARALLEL
                || one.old() == Family.CONSTANT_AIRFLOW_SERIAL;
    Map<String, Predicate<FitCase>> all = new LinkedHashMap<>();
    all.put("out.depth", wheel);
    all.put("out.wheel", wheel);
    all.put("out.clean", wheel);
    all.put("in.wheel", wheel);
    all.put("in.hung", wheel);
    all.put("beside.carry", wheel);
    all.put("out.mount", wheel.and(one -> one.mount() == null));
    all.put("out.band", wheel.and(one -> one.mount() == Mount.BELLY_BAND));
    all.put("out.feet", wheel.and(one -> one.mount() == Mount.LUGS || one.mount() == Mount.STUDS));
    all.put("out.stuck", one -> false);
    all.put("out.cassette", motor.and(one -> one.old() == Family.EC_PLUG_FAN));
    all.put("in.cassette", motor.and(one -> one.old() == Family.EC_PLUG_FAN));
    all.put("out.module", module);
    all.put("in.module", module);
    all.put("out.board", board);
    all.put("in.board", board);
    all.put("set.board", board);
    all.put("out.drive", drive);
    all.put("in.drive", one -> one.way() == Route.DRIVE_REPLACE);
    all.put("set.drive", one -> one.way() == Route.DRIVE_REPLACE);
    all.put("in.deadends", one -> one.way() == Route.DRIVE_BYPASS);
    all.put("set.overload", one -> one.way() == Route.DRIVE_BYPASS);
    all.put("in.parts", fixed);
    all.put("in.oldplugs", fixed);
    all.put("in.wiring", one -> one.way().isWired());
    all.put("beside.part", one -> one.way() != Route.REPAIR_OTHER);
    all.put("beside.sheets", one -> one.way() != Route.REPAIR_OTHER);
    all.put("beside.body", motor);
    all.put("mend.harness", one -> one.way() == Route.REPAIR_OTHER);
    all.put(
        "set.link",
        motor
            .or(module)
            .and(fixed.negate())
            .and(
                one ->
                    one.old() == Family.CONSTANT_TORQUE
                        || one.old() == Family.CONSTANT_AIRFLOW_PARALLEL));
    all.put(
        "set.taps",
        motor.and(
            fixed
                .and(one -> !one.outdoors())
                .or(fixed.negate().and(one -> one.old() == Family.CONSTANT_TORQUE))));
    all.put("set.command", motor.and(fixed.negate()).and(one -> one.old() == Family.EC_PLUG_FAN));
    all.put("set.program", motor.or(module).and(fixed.negate()).and(airflow));
    all.put("set.proof", motor.or(module).and(one -> !one.outdoors()));
    all.put(
        "on.link",
        motor
            .or(module)
            .and(fixed.negate())
            .and(one -> one.old() == Family.CONSTANT_AIRFLOW_SERIAL));
    all.put(
        "on.gas",
        one ->
            one.way() != Route.REPAIR_OTHER
                && !one.outdoors()
                && one.heating().contains(Heating.GAS));
    all.put("on.pulses", fixed.negate().and(one -> one.old() == Family.BLDC_FIVE_WIRE));
    return all;
  }

  static Stream<FitCase> jobs() {
    return FitCases.all().stream();
  }

  @Test
  void noStepThatDoesNotConcernTheJob() {
    int most = 0;
    for (FitCase job : FitCases.all()) {
      Fitting fitting = Fitting.of(FitRecord.begun(job));
      List<String> ids = FitCases.ids(fitting);
      assertEquals(ids.size(), new HashSet<>(ids).size(), "twice: " + ids);
      for (String id : ids) {
        assertTrue(CONCERNS.getOrDefault(id, any -> true).test(job), id + " of " + job.tree());
      }
      most = Math.max(most, ids.size());
    }
    System.out.println("steps of a job, at most: " + most);
  }

  @Test
  void noJobLacksAStepThatConcernsIt() {
    Set<String> always =
        Set.of(
            "out.depth",
            "out.wheel",
            "in.wheel",
            "in.hung",
            "out.module",
            "in.module",
            "out.cassette",
            "in.cassette",
            "out.board",
            "in.board",
            "in.drive",
            "in.oldplugs",
            "in.wiring",
            "beside.sheets",
            "out.band",
            "out.feet",
            "set.program",
            "on.link",
            "on.gas");
    for (FitCase job : FitCases.all()) {
      List<String> ids = FitCases.ids(Fitting.of(FitRecord.begun(job)));
      for (String id : always) {
        boolean concerns = CONCERNS.getOrDefault(id, any -> true).test(job);
        assertEquals(concerns, ids.contains(id), id + " of " + job.tree());
      }
      assertTrue(ids.contains("off.power") && ids.contains("on.first"), ids.toString());
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void whatIsSaidReadsAloud(FitCase job) {
    for (Fitting.Standing one : Fitting.of(FitRecord.begun(job)).steps()) {
      Step step = one.step();
      for (String text :
          Stream.concat(Stream.of(step.sentence()), step.cautions().stream()).toList()) {
        assertTrue(text.endsWith("."), step.id() + ": " + text);
        assertFalse(text.contains("  ") || text.contains(" ."), step.id() + ": " + text);
      }
      assertTrue(step.why().isEmpty() || step.why().endsWith("."), step.id());
    }
  }

  /** The wait stands before every step that touches a plug or the module. */
  @Test
  void theWaitStandsBeforeEveryPlug() {
    for (FitCase job : FitCases.all()) {
      List<String> ids = FitCases.ids(Fitting.of(FitRecord.begun(job)));
      int rest = ids.indexOf("off.rest");
      for (String id : List.of("out.module", "in.pins", "out.wheel", "out.cassette", "in.drive")) {
        assertTrue(!ids.contains(id) || (rest >= 0 && rest < ids.indexOf(id)), id + " " + ids);
      }
    }
  }

  private final Map<String, Object> notes = new LinkedHashMap<>();
  private final List<FitRecord.Mark> marks = new ArrayList<>();
  private final List<FitRecord.Removed> removed = new ArrayList<>();

  private FitCase job =
      FitCases.job(
          Route.EQUIVALENT_MOTOR,
          Family.CONSTANT_TORQUE,
          Kind.AIR_HANDLER,
          Mount.BELLY_BAND,
          Heating.ELECTRIC);

  private Fitting now() {
    return Fitting.of(
        new FitRecord(job, marks, new Notes(notes), removed, List.of(), null, false, null));
  }

  private Fitting.Standing at(String id) {
    return now().steps().stream().filter(one -> one.step().id().equals(id)).findFirst().get();
  }

  private void done(String id) {
    marks.add(new FitRecord.Mark(id, true, ""));
  }

  @Test
  void whatIsLostOnceItIsOutComesBackAtItsStep() {
    notes.put("shaft.side", "OUT");
    notes.put("shaft.depth", 0.75);
    notes.put("wheel.side", "FAR");
    notes.put("plug.clock", "6");
    notes.put("band.in", 2.5);
    notes.put("band.ears", "towards the door");
    notes.put("rail.holes", "second from the left");
    notes.put("wires", "red on T2, yellow on T4");
    assertEquals(
        List.of(
            new Step.Back("The shaft’s end", "stands out of the hub"),
            new Step.Back("Shaft stands out of the hub, or short of it, by", "0.75 in"),
            new Step.Back("The hub’s set screw is on", "the far side")),
        at("in.wheel").step().back());
    assertTrue(
        at("in.hung")
            .step()
            .back()
            .contains(new Step.Back("Band, from the shell’s shaft end", "2.5 in")));
    assertTrue(at("in.hung").step().back().toString().contains("6 o’clock"));
    assertTrue(at("in.way").step().back().toString().contains("second from the left"));
    assertTrue(at("set.taps").step().back().toString().contains("red on T2"));
    // Every figure that only the old machine could tell is given back somewhere.
    Set<String> given = new HashSet<>();
    now().steps().forEach(one -> one.step().back().forEach(back -> given.add(back.title())));
    for (Fitting.Standing one : now().steps()) {
      for (Ask ask : one.step().asks()) {
        boolean lost =
            one.step().stage() == Stage.OUT
                && ask.words().stream().noneMatch(w -> w.leadsTo() != null);
        if (lost && notes.containsKey(ask.id())) {
          assertTrue(given.contains(ask.title()), ask.id());
        }
      }
    }
  }

  @Test
  void aStepIsDoneWhenItIsTouchedAndWhatItAsksIsNoted() {
    assertEquals("off.power", now().next().step().id());
    done("off.power");
    assertEquals("off.rest", now().next().step().id());
    done("off.rest");
    assertEquals(Fitting.State.TO_DO, at("off.rest").state());
    assertTrue(at("off.rest").note().startsWith("Still to be noted"), at("off.rest").note());
    notes.put("rest.volts", 62.0);
    assertEquals(Fitting.State.TROUBLE, at("off.rest").state(), "above what may be touched");
    assertEquals("off.rest", now().next().step().id());
    notes.put("rest.volts", 49.9);
    assertEquals(Fitting.State.DONE, at("off.rest").state());
    assertEquals("off.photos", now().next().step().id());
  }

  @Test
  void whatIsLeftOutSaysWhyAndTheSheetsAreNotLeftOut() {
    marks.add(new FitRecord.Mark("off.photos", false, "camera is broken"));
    assertEquals(Fitting.State.SKIPPED, at("off.photos").state());
    marks.add(new FitRecord.Mark("beside.sheets", false, "no time"));
    assertEquals(Fitting.State.TO_DO, at("beside.sheets").state());
    marks.add(new FitRecord.Mark("set.link", false, "no time"));
    assertEquals(Fitting.State.TO_DO, at("set.link").state());
  }

  /** Nobody closes by a word what was measured or smelt. */
  @Test
  void whatWasNotedAgainstAStepIsNotLeftOut() {
    notes.put("rest.volts", 62.0);
    marks.add(new FitRecord.Mark("off.rest", false, "in a hurry"));
    assertEquals(Fitting.State.TROUBLE, at("off.rest").state());
    assertTrue(now().isInTrouble());
    assertFalse(now().isDone());
    notes.put("rest.volts", 4.0);
    assertEquals(Fitting.State.SKIPPED, at("off.rest").state());
  }

  @Test
  void theLinkIsHeldAgainstTheLineThatWasMeasured() {
    done("set.link");
    notes.put("link", "IN");
    assertEquals(Fitting.State.TROUBLE, at("set.link").state(), "115 on 241 V");
    assertTrue(at("set.link").note().contains("241 V"), at("set.link").note());
    notes.put("link", "OUT");
    assertEquals(Fitting.State.DONE, at("set.link").state());
  }

  @Test
  void aWheelThatWillNotComeLeadsToWhatFreesItAndToANewOne() {
    assertFalse(FitCases.ids(now()).contains("out.stuck"));
    notes.put("wheel.off", "STUCK");
    assertTrue(at("out.stuck").step().sentence().contains("never on it"));
    notes.put("wheel.stuck", "BROKE");
    assertTrue(at("in.wheel").step().sentence().startsWith("The new one"));
  }

  @Test
  void aPinPushedBackIsMendedBeforeThePlugGoesOn() {
    done("in.pins");
    notes.put("pins", "PUSHED");
    assertEquals(Fitting.State.TROUBLE, at("in.pins").state());
    assertTrue(at("in.pins").note().contains("from behind"));
    notes.put("pins", "GOOD");
    notes.put("pins.was", "PUSHED");
    assertEquals(Fitting.State.DONE, at("in.pins").state());
    assertTrue(
        now().lines().contains("Mended on the way. The pins: one is pushed back."),
        now().lines().toString());
  }

  @Test
  void whatCameOutIsAllBackBeforeTheUnitIsClosed() {
    removed.add(new FitRecord.Removed("Heater box", "four screws in the bag", false));
    removed.add(new FitRecord.Removed("Limit switch", "", true));
    done("in.way");
    assertEquals(Fitting.State.TO_DO, at("in.way").state());
    removed.set(0, new FitRecord.Removed("Heater box", "four screws in the bag", true));
    assertEquals(Fitting.State.DONE, at("in.way").state());
  }

  @Test
  void fewerWiresAskWhatTheMissingOnesDid() {
    assertFalse(FitCases.ids(now()).contains("set.proof"), "the same family, nothing known");
    notes.put("old.wires", 9.0);
    notes.put("new.wires", 7.0);
    assertTrue(at("beside.body").step().sentence().contains("speed signal"));
    assertTrue(FitCases.ids(now()).contains("set.proof"));
  }

  @Test
  void howItIsHeldIsAskedWhereNoPlateSaysIt() {
    job = FitCases.job(Route.SAME_MOTOR, Family.CONSTANT_TORQUE, Kind.FURNACE, null, Heating.GAS);
    assertFalse(FitCases.ids(now()).contains("out.band"));
    notes.put("mount", "BELLY_BAND");
    assertTrue(FitCases.ids(now()).contains("out.band"));
    assertFalse(FitCases.ids(now()).contains("out.mount"), "asked once");
  }

  @Test
  void aNewMotorThatGivesUpIsNeverFitted() {
    for (Fitting.Standing one : now().steps()) {
      done(one.step().id());
      one.step().asks().stream()
          .filter(Ask::needed)
          .forEach(
              ask ->
                  notes.put(
                      ask.id(),
                      ask.isFigure()
                          ? (Object) 1.0
                          : ask.words().isEmpty() ? "noted" : ask.words().get(0).id()));
    }
    notes.put("link", "OUT");
    assertTrue(now().isDone(), now().headline());
    assertNull(now().next());
    notes.put("first.run", "GIVES_UP");
    assertFalse(now().isDone());
    assertEquals("on.first", now().next().step().id());
    assertTrue(now().headline().contains("new search"), now().headline());
    assertFalse(now().changed().isEmpty());
    assertNotNull(now().tree().get("next"));
  }

  @Test
  void aFirstRunThatFailsIsABeginningThoughNoStepWasTouched() {
    assertFalse(now().isBegun());
    notes.put("first.run", "GIVES_UP");
    assertTrue(now().isBegun());
  }

  private static FitCase with(FitCase job, Double line, List<Heating> heating) {
    return new FitCase(
        job.way(),
        job.bodies(),
        job.old(),
        job.fitted(),
        job.outdoors(),
        job.kind(),
        job.mount(),
        heating,
        job.boardNeedsFeedback(),
        job.feedbackCanBeDisabled(),
        line,
        job.calls(),
        job.wires(),
        job.water());
  }

  /** Calls that nobody thought of while the steps were written. */
  @ParameterizedTest
  @CsvSource({
    "241, IN, false", "241, OUT, true", "119, IN, true", "119, OUT, false", "277, OUT, false",
    // The breaker was off when the line was read: that says nothing of what comes.
    "0, OUT, true", "0, IN, true", ", IN, true", ", OUT, true", "251, OUT, true"
  })
  void aLinkAgainstWhateverWasMeasured(Double line, String link, boolean done) {
    job = with(job, line, job.heating());
    done("set.link");
    notes.put("link", link);
    assertEquals(done, at("set.link").state() == Fitting.State.DONE, at("set.link").note());
  }

  @Test
  void aUnitWhoseHeatNobodyToldMayBurnGas() {
    FitCase roof =
        FitCases.job(Route.SAME_MOTOR, Family.CONSTANT_TORQUE, Kind.PACKAGED_UNIT, Mount.LUGS);
    job = roof;
    assertTrue(at("on.gas").step().sentence().startsWith("Where it burns gas"));
    assertEquals(4, at("on.gas").step().asks().get(0).words().size());
    job = with(roof, 241.0, List.of(Heating.NONE));
    assertFalse(FitCases.ids(now()).contains("on.gas"));
    job = with(roof, 241.0, List.of(Heating.GAS));
    assertEquals(3, at("on.gas").step().asks().get(0).words().size(), "it burns gas");
  }

  /** The outdoor board of a three-wire fan holds its own bus; so does whatever hangs on a drive. */
  @Test
  void whatHoldsABusIsWaitedFor() {
    job =
        FitCases.job(
            Route.REPAIR_OTHER,
            Family.BLDC_THREE_WIRE,
            List.of(Body.BOARD),
            Kind.SPLIT_OUTDOOR,
            Mount.STUDS);
    assertTrue(at("off.rest").step().sentence().contains("board’s large capacitors"));
    job = FitCases.job(Route.SAME_MOTOR, Family.DRIVE_FED_INDUCTION, Kind.MAKE_UP_AIR, Mount.LUGS);
    assertTrue(at("off.rest").step().sentence().contains("15 min"));
    assertTrue(at("in.wheel").step().sentence().contains("belt"));
    job =
        FitCases.job(
            Route.REPAIR_OTHER,
            Family.CONSTANT_TORQUE,
            List.of(Body.AIR_PATH),
            Kind.FURNACE,
            Mount.BELLY_BAND);
    assertFalse(FitCases.ids(now()).contains("off.rest"), "a filter has no bus");
  }

  /** A loan goes out again: where the first motor sat is still true, what was done is not. */
  @Test
  void whereThingsSatIsRememberedOnAnotherWay() {
    notes.put("shaft.depth", 0.75);
    notes.put("pins", "GOOD");
    done("out.depth");
    FitRecord loan = now().record();
    FitRecord next = FitRecord.begun(job).remembering(loan);
    assertEquals(0.75, next.notes().figure("shaft.depth"));
    assertNull(next.notes().of("pins"));
    assertEquals(List.of(), next.marks());
  }
}
