package variablerotor.core.job;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.Fields;
import variablerotor.core.casefile.FitReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.ProofReader;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.Fact;
import variablerotor.core.route.Route;

/**
 * What was done on a device and waits to be sent, put onto the log of its call as the server will
 * put it there. So the call can be worked out where there is no radio.
 */
public final class Saves {
  private final Shop shop;
  private final LocalDate today;
  private JobLog log;

  /** What followed when it was last asked. */
  private @Nullable Job followed;

  private Saves(JobLog log, Shop shop, LocalDate today) {
    this.log = log;
    this.shop = shop;
    this.today = today;
  }

  /**
   * One save on its way.
   *
   * @param kind as in the path that it goes to, such as {@code readings}
   * @param body a plain tree
   * @param at when it was made, by the device (ISO 8601)
   */
  public record Save(String id, String kind, Object body, String author, String at) {}

  /**
   * The call with these on its log. What the server would refuse, or what follows from stock alone,
   * is left out: the server says what becomes of it.
   *
   * @param saves in the order in which they were made
   */
  public static Job onto(JobLog log, Shop shop, LocalDate today, List<Save> saves) {
    Saves all = new Saves(log, shop, today);
    for (Save one : saves) {
      try {
        all.put(all.notBefore(one));
      } catch (InputFaults refused) {
        // Left out: the server refuses it too, with these faults, and the page then shows them.
      }
    }
    return all.job();
  }

  /**
   * A device's clock may be behind: what was done after all that the log holds is not earlier.
   *
   * <p>Both are in UTC, so their texts are in the order of time.
   */
  private Save notBefore(Save one) {
    return one.at().compareTo(log.changedAt()) >= 0
        ? one
        : new Save(one.id(), one.kind(), one.body(), one.author(), log.changedAt());
  }

  private void put(Save save) throws InputFaults {
    String id = save.id();
    String by = save.author();
    String at = save.at();
    switch (save.kind()) {
      case "readings" -> {
        if (log.readings().stream().noneMatch(one -> one.id().equals(id))) {
          take(save, more().readings(List.of(new JobLog.Reading(id, fact(save), by, at, null))));
        }
      }
      case "retractions" -> takeBack(save);
      case "corrections" -> correct(save);
      case "offers" -> take(save, more().offers(List.of(CaseReader.offer(save.body()))));
      case "answers" -> answer(save);
      case "decisions" -> decide(save);
      case "wirings" ->
          take(
              save,
              more()
                  .wirings(List.of(new JobLog.Wired(id, AsWiredReader.read(save.body()), by, at))));
      case "fits" ->
          take(
              save,
              more()
                  .fits(
                      List.of(
                          new JobLog.Fitted(id, FitReader.told(save.body()).document(), by, at))));
      case "proofs" ->
          take(
              save,
              more()
                  .proofs(
                      List.of(
                          new JobLog.Proved(
                              id, ProofReader.told(save.body()).document(), by, at))));
      case "outcomes" -> end(save);
      default -> {
        // A photo, or a part that stock and supply house must say something of.
      }
    }
  }

  private JobLog.Builder more() {
    return new JobLog.Builder(log);
  }

  private void take(Save save, JobLog.Builder more) {
    log = more.changedAt(save.at()).build();
  }

  private Job job() {
    followed = followed == null ? Job.of(log, shop.settings(), today) : followed.with(log);
    return followed;
  }

  private static Fact fact(Save save) throws InputFaults {
    Map<?, ?> told = map(save.body());
    Map<String, Object> fact = new LinkedHashMap<>();
    put(fact, "id", told.get("fact"));
    put(fact, "value", told.get("value"));
    put(fact, "phase", told.get("phase"));
    put(fact, "again", told.get("again"));
    put(fact, "note", filled(told.get("note")));
    put(fact, "while", told.get("when"));
    put(fact, "on", filled(told.get("on")));
    return CaseReader.fact(fact);
  }

  private static void put(Map<String, Object> fact, String field, @Nullable Object value) {
    if (value != null) {
      fact.put(field, value);
    }
  }

  private static @Nullable Object filled(@Nullable Object given) {
    return given instanceof String text ? text.isBlank() ? null : text.trim() : given;
  }

  private static Map<?, ?> map(@Nullable Object tree) {
    return tree instanceof Map<?, ?> map ? map : Map.of();
  }

  private void takeBack(Save save) {
    Object reading = map(save.body()).get("reading");
    List<JobLog.Reading> readings = new ArrayList<>();
    for (JobLog.Reading one : log.readings()) {
      boolean mine = one.id().equals(reading) && !one.retracted();
      readings.add(
          mine
              ? new JobLog.Reading(one.id(), one.fact(), one.author(), one.at(), save.author())
              : one);
    }
    take(save, more().withReadings(readings));
  }

  private void correct(Save save) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    List<Correction> changes = new ArrayList<>();
    new Fields(map(save.body()), "", faults)
        .each(
            "changes",
            Integer.MAX_VALUE,
            one ->
                changes.add(
                    new Correction(Needed.text(one, "field"), one.plain("was"), one.plain("now"))));
    hold(faults);
    take(save, more().particulars(Corrections.onto(log.particulars(), changes)));
  }

  private void answer(Save save) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields said = new Fields(map(save.body()), "", faults);
    Route route = said.word("route", Route.values());
    String by = Needed.text(said, "by").strip();
    LocalDate on = said.date("on");
    String note = said.has("note") ? Needed.text(said, "note").strip() : "";
    Signature signed = Signature.read(said);
    hold(faults);
    if (log.answers().stream().anyMatch(one -> one.id().equals(save.id()))) {
      return;
    }
    if (route != null) {
      Deciding.holdOpen(job(), route);
    }
    JobLog.Answered answered =
        new JobLog.Answered(
            save.id(),
            route,
            by,
            (on == null ? today : on).toString(),
            note,
            signed,
            save.author(),
            save.at());
    take(save, more().answers(List.of(answered)));
  }

  private void decide(Save save) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields said = new Fields(map(save.body()), "", faults);
    Route route = said.word("route", Route.values());
    String candidate = said.text("candidate", Needed.LONGEST);
    List<String> done = said.list("done").stream().map(String::valueOf).toList();
    if (route == null) {
      Needed.missing(said, "route", Route.REPAIR_OTHER);
    }
    hold(faults);
    if (route != null && log.decisions().stream().noneMatch(one -> one.id().equals(save.id()))) {
      JobLog.Decided decided =
          Deciding.of(job(), save.id(), route, candidate, done, save.author(), save.at());
      take(save, more().decisions(List.of(decided)));
    }
  }

  private void end(Save save) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields told = new Fields(map(save.body()), "", faults);
    JobLog.Outcome.Was was = told.word("was", JobLog.Outcome.Was.values());
    List<Suspect> found = told.words("found", Suspect.values());
    String note = told.has("note") ? Needed.text(told, "note").strip() : "";
    hold(faults);
    if (was == null || log.outcomes().stream().anyMatch(one -> one.id().equals(save.id()))) {
      return;
    }
    List<Suspect> said = job().said();
    JobLog.Outcome outcome =
        new JobLog.Outcome(
            save.id(), was, said, was.found(said, found), note, save.author(), save.at());
    take(save, more().outcomes(List.of(outcome)));
  }

  private static void hold(List<InputFault> faults) throws InputFaults {
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
  }
}
