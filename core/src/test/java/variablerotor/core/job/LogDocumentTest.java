package variablerotor.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Market.Offer;
import variablerotor.core.choice.Shelf;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.choice.Sourced;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.fact.Fact;
import variablerotor.core.family.Family;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.Wording;
import variablerotor.core.likelihood.Counted;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.Place;
import variablerotor.core.stock.Quote;
import variablerotor.core.stock.RatingField;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.CallAnswers;
import variablerotor.core.view.CallView;

/** A call that a device holds as its log says there what it says on the server. */
class LogDocumentTest {
  private static final LocalDate TODAY = LocalDate.parse("2026-11-24");

  private static final Particulars TOLD =
      Particulars.of(
              "Mill",
              Symptom.NO_RUN,
              MotorPlate.of(Family.CONSTANT_TORQUE)
                  .volts("208-230")
                  .horsepower(0.5)
                  .fullLoadAmps(4.3)
                  .build())
          .unitName("Loft")
          .complaint("No air, \"hums\"")
          .unit(
              UnitPlate.plate()
                  .heating(List.of(UnitPlate.Heating.NONE))
                  .installed(LocalDate.parse("2021-04-01"))
                  .build())
          .wires(Map.of("C", "blue"))
          .build();

  private static final Object[] DEAD_MODULE = {
    "line.volts",
    240,
    "command.volts",
    25.1,
    "shaft.feel",
    "FREE",
    "connector.look",
    "SEATED",
    "winding.ab",
    22,
    "winding.bc",
    22,
    "winding.ca",
    22,
    "winding.frame.a",
    "OL",
    "winding.frame.b",
    "OL",
    "winding.frame.c",
    "OL"
  };

  private final Shop shop = shop();

  private static Shop shop() {
    try {
      ShopMotor motor =
          CaseReader.shopMotor(
              Tree.of(
                  "id", "Heron half",
                  "family", "CONSTANT_TORQUE",
                  "volts", "208-230",
                  "horsepower", 0.5,
                  "onHand", 2,
                  "at", "VAN",
                  "price", 310));
      InStock relay =
          new InStock(
              PartReader.part(
                  Tree.of("number", "R-1", "kind", "RELAY", "price", 14, "coilVolts", 24)),
              List.of(new InStock.StockPlace(Place.VAN, "Van 2", 3)));
      Quote quote =
          new Quote(
              "Q-7",
              PartKind.CAPACITOR,
              "Capacitor",
              null,
              9.5,
              null,
              2.0,
              null,
              Map.of(RatingField.MICROFARADS, 7.5),
              "2026-11-20T08:00:00Z",
              List.of("It says no number in stock."));
      Sourced lies =
          new Sourced(
              null,
              PartKind.MOTOR,
              "Heron half",
              "",
              Place.VAN,
              "Van 2",
              1,
              null,
              false,
              0.0,
              null);
      return new Shop(
          Settings.usual("Europe/Lisbon").but().name("Rook & Daughter").taxPercent(8.25).build(),
          List.of(motor),
          List.of(lies),
          new Shelf(List.of(relay), List.of(quote)),
          Experience.of(
                  List.of(
                      new Counted(
                          Family.CONSTANT_TORQUE, Symptom.NO_RUN, List.of(Suspect.MODULE), 9)),
                  40)
              .timed(
                  List.of(new Experience.Timed(Family.CONSTANT_TORQUE, "line.volts", 12, 30.5))));
    } catch (InputFaults faults) {
      throw new IllegalStateException(faults);
    }
  }

  private static JobLog.Reading reading(int at, Fact fact) {
    String time = "2026-11-24T12:00:" + (10 + at) + "Z";
    return new JobLog.Reading("r" + at, fact, "Tobin", time, null);
  }

  private static List<JobLog.Reading> readings(Object... pairs) {
    List<JobLog.Reading> readings = new ArrayList<>();
    for (Fact fact : Calls.facts(pairs)) {
      readings.add(reading(readings.size(), fact));
    }
    return readings;
  }

  private JobLog.Builder log() {
    JobLog.Builder log =
        new JobLog.Builder(
            "c", false, "Tobin", "2026-11-24T11:00:00Z", "2026-11-24T12:00:40Z", TOLD);
    shop.addTo(log);
    return log;
  }

  private Job job(JobLog log) {
    return Job.of(log, shop.settings(), TODAY);
  }

  /** As it goes over a wire, and back. */
  private static Object sent(Map<String, Object> tree) {
    return Tree.withoutNulls(tree);
  }

  private Object onDevice(JobLog log, Object... saves) throws InputFaults {
    CallAnswers device = new CallAnswers();
    device.shop(sent(shop.tree()));
    return device.call(
        Tree.of(
            "log", sent(LogDocument.tree(log)), "saves", List.of(saves), "today", "2026-11-24"));
  }

  private static Object view(Job job) {
    return sent(CallView.of(job).tree());
  }

  /** Everything that a call can hold. */
  private JobLog whole() {
    JobLog.Builder log = log().readings(readings(DEAD_MODULE));
    JobLog.Reading back = reading(20, Calls.facts("line.volts", 3).get(0));
    log.readings(
        List.of(
            new JobLog.Reading(back.id(), back.fact(), back.author(), back.at(), "Ines Marlow")));
    log.offers(List.of(new Offer(Route.MODULE_ONLY, null, 100.0, 3.0, 1.5, null, null)));
    log.sourced(
        List.of(
            new Sourced(
                Route.SAME_MOTOR,
                PartKind.MOTOR,
                "H-9",
                "",
                null,
                null,
                null,
                400.0,
                true,
                4.0,
                "2026-11-20T08:00:00Z")));
    log.answers(
        List.of(
            new JobLog.Answered(
                "a",
                null,
                "Mrs Fell",
                "2026-11-24",
                "thinks",
                new Signature("M1 2L3 4", List.of("I want to think it over")),
                "Tobin",
                "2026-11-24T12:20:00Z")));
    String chosen = "2026-11-24T12:30:00Z";
    Job before = job(log.build());
    log.decisions(
        List.of(
            new JobLog.Decided(
                "d",
                Route.FIXED_SPEED,
                null,
                before.options().route(Route.FIXED_SPEED).firstCost(),
                "USD",
                List.of("Set the link."),
                "Tobin",
                chosen)));
    Job job = job(log.build());
    log.fits(List.of(new JobLog.Fitted("f", job.fitting().record(), "Tobin", chosen)));
    log.proofs(List.of(new JobLog.Proved("p", job.proof(), "Tobin", chosen)));
    log.photos(List.of(new JobLog.Photo("ph", PhotoKind.MOTOR_PLATE, 640, 480, "Tobin", chosen)));
    log.strange(List.of(new JobLog.Strange(new AsTold("brush", "worn"), "Tobin", chosen)));
    log.broughtIn(new JobLog.BroughtIn("Ines Marlow", chosen));
    log.outcomes(
        List.of(
            new JobLog.Outcome(
                "o",
                JobLog.Outcome.Was.YES,
                List.of(Suspect.MODULE),
                List.of(Suspect.MODULE),
                "",
                "Tobin",
                chosen)));
    return log.build();
  }

  @Test
  void whatADeviceHoldsSaysWhatTheServerSays() throws InputFaults {
    JobLog log = whole();
    assertEquals(view(job(log)), onDevice(log));
    assertEquals(log.strange(), LogDocument.read(sent(LogDocument.tree(log)), shop).strange());
  }

  @Test
  void theShopReadsBackWhole() throws InputFaults {
    Shop read = Shop.read(sent(shop.tree()));
    assertEquals(sent(shop.tree()), sent(read.tree()));
    assertEquals(shop.shelf(), read.shelf());
    assertEquals(shop.motors(), read.motors());
    assertEquals(shop.settings(), read.settings());
    assertEquals(shop.experience().counts(), read.experience().counts());
    assertEquals(shop.experience().times(), read.experience().times());
  }

  private static Map<String, Object> save(String id, String kind, Object body) {
    return Tree.of(
        "id", id, "kind", kind, "body", body, "author", "Tobin", "at", "2026-11-24T13:00:00Z");
  }

  /** What a page sends of a reading. */
  private static Map<String, Object> recorded(JobLog.Reading one) {
    Fact fact = one.fact();
    return Tree.of(
        "fact", fact.type().id(), "value", fact.value().plain(), "phase", "BEFORE", "again", false);
  }

  private static Object diagnosis(Object view) {
    Map<String, Object> said = new LinkedHashMap<>();
    ((Map<?, ?>) view).forEach((name, value) -> said.put(String.valueOf(name), value));
    List.of("readings", "changedAt", "decisions", "answers").forEach(said::remove);
    return said;
  }

  @Test
  void whatWaitsCountsAsWhatWasSent() throws InputFaults {
    List<JobLog.Reading> all = readings(DEAD_MODULE);
    Object[] waiting =
        all.subList(3, all.size()).stream()
            .map(one -> save(one.id(), "readings", recorded(one)))
            .toArray();
    Object sent = view(job(log().readings(all).build()));
    Object held = onDevice(log().readings(all.subList(0, 3)).build(), waiting);
    assertEquals(diagnosis(sent), diagnosis(held));
    assertEquals(
        "DECIDED",
        ((Map<?, ?>) ((Map<?, ?>) ((Map<?, ?>) held).get("diagnosis")).get("verdict"))
            .get("state"));
    // The answer to one of them was lost on the way: it counts once.
    assertEquals(
        diagnosis(sent), diagnosis(onDevice(log().readings(all.subList(0, 5)).build(), waiting)));
  }

  @Test
  void takenBackCorrectedChosenAndAnsweredWithoutARadio() throws InputFaults {
    List<JobLog.Reading> all = readings(DEAD_MODULE);
    JobLog log = log().readings(all).build();
    Map<?, ?> view =
        (Map<?, ?>)
            onDevice(
                log,
                save("1", "retractions", Tree.of("reading", "r2")),
                save(
                    "2",
                    "corrections",
                    Tree.of(
                        "changes",
                        List.of(Tree.of("field", "place", "was", "Mill", "now", "Pier")))),
                save("3", "answers", Tree.of("by", " Mrs Fell ", "route", "SAME_MOTOR")),
                save("4", "decisions", Tree.of("route", "SAME_MOTOR", "done", List.of())));
    assertEquals("Pier", ((Map<?, ?>) view.get("particulars")).get("place"));
    Map<?, ?> back = (Map<?, ?>) ((List<?>) view.get("readings")).get(2);
    assertEquals("Tobin", back.get("retractedBy"));
    Map<?, ?> answer = (Map<?, ?>) ((List<?>) view.get("answers")).get(0);
    assertEquals("Mrs Fell", answer.get("by"));
    assertEquals("2026-11-24", answer.get("on"));
    assertEquals("SAME_MOTOR", ((Map<?, ?>) ((List<?>) view.get("decisions")).get(0)).get("route"));
  }

  @Test
  void whatTheServerWouldRefuseChangesNothing() throws InputFaults {
    JobLog log = log().readings(readings(DEAD_MODULE)).build();
    Object without = onDevice(log);
    assertEquals(
        without,
        onDevice(
            log,
            save("1", "readings", Tree.of("fact", "line.volts", "value", "many")),
            save("2", "readings", Tree.of("fact", "brush.length", "value", 3)),
            save("3", "decisions", Tree.of("route", "DRIVE_BYPASS")),
            save("4", "decisions", Tree.of("route", "EQUIVALENT_MOTOR", "candidate", "none")),
            save("5", "corrections", Tree.of("changes", List.of(Tree.of("field", "colour")))),
            save("6", "fits", Tree.of("format", "other")),
            save("7", "found", Tree.of("route", "SAME_MOTOR", "number", "X"))));
  }

  @Test
  void aClockThatIsBehindPutsNothingBeforeWhatIsThere() throws InputFaults {
    JobLog log = whole();
    Map<String, Object> late =
        new LinkedHashMap<>(
            save("9", "readings", recorded(reading(9, Calls.facts("line.volts", 238).get(0)))));
    late.put("at", "2019-01-01T00:00:00Z");
    Map<?, ?> view = (Map<?, ?>) onDevice(log, late);
    assertEquals(log.changedAt(), view.get("changedAt"));
  }

  @Test
  void aCallThatNoServerHasSeenIsWorkedOutAsWell() throws InputFaults {
    CallAnswers device = new CallAnswers();
    device.shop(sent(shop.tree()));
    Map<?, ?> view =
        device.call(
            Tree.of(
                "opened",
                save("new", "calls", sent(TOLD.tree())),
                "saves",
                List.of(save("r", "readings", Tree.of("fact", "line.volts", "value", 240))),
                "today",
                "2026-11-24"));
    assertEquals("new", view.get("id"));
    assertEquals("Mill", ((Map<?, ?>) view.get("particulars")).get("place"));
    assertEquals(1, ((List<?>) view.get("readings")).size());
  }

  @Test
  void inAnotherWordingNothingIsRead() {
    Map<String, Object> old = LogDocument.tree(whole());
    old.put("wording", Wording.NOW + 1.0);
    InputFaults faults = assertThrows(InputFaults.class, () -> LogDocument.read(sent(old), shop));
    assertEquals("log.wording", faults.faults().get(0).path());
    InputFaults first = assertThrows(InputFaults.class, () -> new CallAnswers().call(Map.of()));
    assertEquals("shop", first.faults().get(0).path());
  }
}
