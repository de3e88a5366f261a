package variablerotor.server.outcome;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.history.Hindsight;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog.Outcome.Was;
import variablerotor.core.likelihood.Experience;
import variablerotor.server.csv.Csv;
import variablerotor.server.log.Editions;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Only;
import variablerotor.server.web.Right;
import variablerotor.server.web.Within;

/** What calls turned out to be, over HTTP; what is learnt of it a lead sets. */
@RestController
class OutcomeApi {
  /** Of counts that say something by themselves, and of more than a shop's life has [calls]. */
  private static final double LEAST_STRENGTH = 5;

  private static final double MOST_STRENGTH = 10_000;

  private final OutcomeService outcomes;
  private final LearningStore learning;
  private final RecurringStore again;
  private final Stamps stamps;

  OutcomeApi(OutcomeService outcomes, LearningStore learning, RecurringStore again, Stamps stamps) {
    this.outcomes = outcomes;
    this.learning = learning;
    this.again = again;
    this.stamps = stamps;
  }

  /**
   * @param found what it was, where it was something else; the first cause first
   */
  record OutcomeRequest(
      @NotNull(message = "found nothing; required is YES, NO or UNKNOWN") Was was,
      @Nullable List<Suspect> found,
      @Size(max = OutcomeService.LONGEST_NOTE, message = "allowed are at most {max} characters")
          @Nullable String note) {}

  @PutMapping("/api/calls/{call}/outcomes/{id}")
  Job keep(@PathVariable UUID call, @PathVariable UUID id, @RequestBody OutcomeRequest body) {
    Faults.of(body).refuse();
    return outcomes.keep(
        call,
        id,
        body.was(),
        Objects.requireNonNullElse(body.found(), List.of()),
        Objects.requireNonNullElse(body.note(), ""),
        stamps.now());
  }

  /**
   * One thing that it can be.
   *
   * @param judged share, as judged [%]
   * @param calls counted
   * @param learnt share with what was counted [%]
   */
  record Thing(List<Suspect> suspects, double judged, int calls, double learnt) {}

  /** One kind of call. */
  record CallKind(Family family, Symptom symptom, int calls, List<Thing> things) {}

  /**
   * @param own whether the counts move the judged weights
   * @param strength so many calls the judged weights are worth
   * @param usualStrength where the shop sets nothing else
   * @param edition null until a lead sets it; so is who set it
   */
  record Learnt(
      boolean own,
      double strength,
      double usualStrength,
      @Nullable UUID edition,
      @Nullable String setBy,
      @Nullable String setAt,
      List<CallKind> kinds,
      List<OutcomeService.CheckTook> took) {}

  @GetMapping("/api/learnt")
  Learnt learnt() {
    LearningStore.Learning how = learning.current();
    Editions.InForce edition = learning.edition().orElse(null);
    return new Learnt(
        how.own(),
        how.strength(),
        Experience.STRENGTH.value(),
        edition == null ? null : edition.id(),
        edition == null ? null : edition.by(),
        edition == null ? null : edition.at().toString(),
        outcomes.kinds().stream().map(OutcomeApi::kind).toList(),
        outcomes.took());
  }

  private static CallKind kind(OutcomeService.Kind one) {
    return new CallKind(
        one.family(),
        one.symptom(),
        one.calls(),
        one.things().stream()
            .map(
                row ->
                    new Thing(row.suspects(), 100 * row.judged(), row.calls(), 100 * row.learnt()))
            .toList());
  }

  record LearningRequest(
      @NotNull(message = "found nothing; required is true or false") Boolean own,
      @NotNull(message = "found nothing; required is a number")
          @Within(least = LEAST_STRENGTH, most = MOST_STRENGTH)
          Double strength) {}

  @Only(Right.LEAD)
  @PutMapping("/api/learnt/{id}")
  Learnt set(
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base,
      @RequestBody LearningRequest body) {
    Faults.of(body).refuse();
    learning.put(id, base, new LearningStore.Learning(body.own(), body.strength()), stamps.now());
    return learnt();
  }

  /** The calls that ended last, gone through again: would the shop have been right sooner? */
  @Only(Right.LEAD)
  @GetMapping("/api/learnt/hindsight")
  Hindsight hindsight() {
    return outcomes.hindsight();
  }

  /** Motors and boards that failed, those that did most often first. */
  @GetMapping("/api/learnt/recurring")
  List<RecurringStore.Recurring> recurring() {
    List<RecurringStore.Recurring> all = new ArrayList<>(again.motors());
    all.addAll(again.boards());
    return all;
  }

  @GetMapping("/api/learnt/counts")
  ResponseEntity<byte[]> counts() {
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of("family", "complaint", "was", "calls", "judged %", "learnt %"));
    for (OutcomeService.Kind kind : outcomes.kinds()) {
      for (Experience.Row one : kind.things()) {
        rows.add(
            List.of(
                kind.family().name(),
                kind.symptom().name(),
                OutcomeStore.names(one.suspects()).replace(",", " "),
                String.valueOf(one.calls()),
                percent(one.judged()),
                percent(one.learnt())));
      }
    }
    return Csv.file("counts.csv", Csv.write(rows));
  }

  private static String percent(double share) {
    return String.valueOf(Math.round(1000 * share) / 10.0);
  }
}
