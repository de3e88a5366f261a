package variablerotor.server.outcome;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.bench.RealCall;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.family.Family;
import variablerotor.core.history.Hindsight;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.JobLog.Outcome.Was;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.Counted;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.likelihood.Experience.Timed;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Faults;
import variablerotor.server.web.MayLag;
import variablerotor.server.web.Refused;

/** What calls turned out to be, and what the shop's own counts make of the judged weights. */
@Service
public class OutcomeService {
  static final int LONGEST_NOTE = 1000;

  /** A cause and the damage that it did, and what that did. */
  private static final int MOST_FOUND = 3;

  /** So many ended calls are gone through again; each is worked out reading by reading. */
  private static final int GONE_THROUGH = 200;

  private final OutcomeStore store;
  private final LearningStore learning;
  private final CallService calls;

  OutcomeService(OutcomeStore store, LearningStore learning, CallService calls) {
    this.store = store;
    this.learning = learning;
    this.calls = calls;
  }

  /**
   * @param found what it was, the first cause first; for a no alone
   * @throws Refused where a field makes no sense
   */
  @Transactional
  public Job keep(UUID call, UUID id, Was was, List<Suspect> found, String note, Stamp stamp) {
    calls.lock(call);
    Job job = calls.job(call);
    List<Suspect> said = job.said();
    Faults faults = new Faults();
    check(faults, was, found, job.situation().family());
    faults.refuse();
    List<Suspect> known = was.found(said, found);
    Save save = store.outcome(id, call, was, said, known, note.strip());
    if (!store.holds(save) && was == Was.YES && said.isEmpty()) {
      throw Refused.field(
          "was", "Nothing had been said: say what it was, or that it is not known.");
    }
    Counted place = new Counted(job.situation().family(), job.situation().symptom(), known, 1);
    boolean own = store.isOwn(call);
    boolean first = own && store.isFirst(call);
    boolean added = store.add(save, call, place, own, stamp);
    if (added && first) {
      store.count(CheckTimes.of(job.situation().family(), job.log().readings()));
    }
    return calls.after(added, call, stamp);
  }

  private static void check(Faults faults, Was was, List<Suspect> found, Family family) {
    if (was != Was.NO) {
      if (!found.isEmpty()) {
        faults.add("found", "allowed only where it was something else");
      }
      return;
    }
    Set<Suspect> allowed = new LinkedHashSet<>(family.profile().links());
    allowed.add(Suspect.NONE);
    allowed.add(Suspect.OTHER);
    boolean once = new LinkedHashSet<>(found).size() == found.size();
    boolean alone = found.size() == 1 || !found.contains(Suspect.NONE);
    if (found.isEmpty()
        || found.size() > MOST_FOUND
        || !once
        || !alone
        || !allowed.containsAll(found)) {
      faults.add(
          "found",
          "required are one to "
              + MOST_FOUND
              + " of "
              + String.join(", ", allowed.stream().map(Enum::name).toList())
              + ", each once, the first cause first; NONE stands alone");
    }
  }

  /**
   * One kind of call.
   *
   * @param calls counted
   */
  public record Kind(Family family, Symptom symptom, int calls, List<Experience.Row> things) {}

  /** What was counted, beside what is judged; the kinds with most calls first. */
  @Transactional(readOnly = true)
  public List<Kind> kinds() {
    Experience own = Experience.of(store.counts(), learning.current().strength());
    Set<List<Enum<?>>> seen = new LinkedHashSet<>();
    List<Kind> kinds = new ArrayList<>();
    for (Counted one : store.counts()) {
      if (seen.add(List.of(one.family(), one.symptom()))) {
        List<Experience.Row> rows = own.rows(one.family(), one.symptom());
        int calls = rows.stream().mapToInt(Experience.Row::calls).sum();
        kinds.add(new Kind(one.family(), one.symptom(), calls, rows));
      }
    }
    kinds.sort((one, two) -> Integer.compare(two.calls(), one.calls()));
    return kinds;
  }

  /**
   * The shop's own ended calls of this kind, as machines to practise on: without where, whose and
   * who. The newest first.
   */
  @MayLag
  public List<RealCall> real(Family family, Symptom symptom) {
    List<RealCall> real = new ArrayList<>();
    for (UUID call : store.ended(family, symptom, GONE_THROUGH)) {
      for (Job job : calls.readable(call)) {
        List<JobLog.Outcome> outcomes = job.log().outcomes();
        if (outcomes.isEmpty()) {
          continue;
        }
        Map<FactType, FactValue> readings = new EnumMap<>(FactType.class);
        Facts.of(job.facts()).list().forEach(one -> readings.put(one.type(), one.value()));
        List<Suspect> found = outcomes.get(outcomes.size() - 1).found();
        real.add(
            new RealCall(
                family, symptom, job.log().particulars().motor().volts(), found, readings));
      }
    }
    return real;
  }

  /**
   * What a check took.
   *
   * @param times how often it was timed
   * @param planned for it [min]
   * @param took on average [min]
   * @param learnt what comes of both [min]
   */
  public record CheckTook(
      Family family, String check, int times, double planned, double took, double learnt) {}

  /** What checks took, beside what is planned for them; those timed most often first. */
  @MayLag
  public List<CheckTook> took() {
    List<Timed> times = store.times();
    Experience own = Experience.NONE.timed(times);
    List<CheckTook> took = new ArrayList<>();
    for (Timed one : times) {
      for (Check check : FamilyModel.of(one.family()).checks()) {
        Double learnt = own.minutes(one.family()).get(one.check());
        if (check.id().equals(one.check()) && learnt != null) {
          took.add(
              new CheckTook(
                  one.family(),
                  one.check(),
                  one.times(),
                  check.minutes(),
                  one.minutes() / one.times(),
                  learnt));
        }
      }
    }
    return took;
  }

  /** Whether the shop would have been right sooner, on the calls that ended last. */
  @MayLag
  public Hindsight hindsight() {
    List<Hindsight.Ended> ended = new ArrayList<>();
    for (UUID call : store.ended(GONE_THROUGH)) {
      for (Job job : calls.readable(call)) {
        List<JobLog.Outcome> outcomes = job.log().outcomes();
        if (outcomes.isEmpty()) {
          continue;
        }
        List<Fact> facts =
            job.facts().stream().filter(one -> one.phase() == RepairPhase.BEFORE).toList();
        List<Suspect> found = outcomes.get(outcomes.size() - 1).found();
        ended.add(new Hindsight.Ended(job.situation(), facts, found));
      }
    }
    return Hindsight.of(ended, Experience.of(store.counts(), learning.current().strength()));
  }
}
