package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Observation;
import variablerotor.core.check.Situation;
import variablerotor.core.check.UnitState;
import variablerotor.core.family.FamilyProfile;
import variablerotor.core.family.Fault;
import variablerotor.core.odds.Check;
import variablerotor.core.text.Words;

/**
 * Diagnosis by elimination. Every cause that the family can have is weighed by Bayes' rule against
 * every reading, exactly, by enumeration. Proof is stricter than probability: a suspect is proved
 * only when the facts clear every cause that it has no part in.
 */
public final class Engine {
  /** Version of rules and odds; a stored verdict carries it. */
  public static final String VERSION = "0.2.0";

  private static final double LIKELY = CheckFigures.LIKELY.value();

  private final Evidence evidence;
  private final CauseTable table;
  private final Belief belief;
  private final List<String> contradictions;

  private Engine(Situation situation) {
    evidence = Evidence.of(situation);
    table = evidence.table;
    belief = evidence.belief;
    contradictions = new ArrayList<>(Contradictions.physical(situation.facts()));
    if (evidence.contradicted() && contradictions.isEmpty()) {
      Tables tables = Tables.of(situation.family());
      contradictions.addAll(Contradictions.pairs(evidence, tables.doubles(situation.symptom())));
      if (contradictions.isEmpty()) {
        contradictions.add(Contradictions.outOfOrder(evidence));
      }
    }
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered, or a plate that cannot be
   *     read
   */
  public static Diagnosis diagnose(Situation situation) {
    return new Engine(situation).diagnosis();
  }

  /** The verdict alone, without what to do next: for those who ask many times. */
  public static Diagnosis.Verdict verdict(Situation situation) {
    return new Engine(situation).verdict();
  }

  private Diagnosis diagnosis() {
    List<Diagnosis.SuspectView> suspects = new SuspectViews(evidence).list();
    Diagnosis.Verdict verdict = verdict();
    boolean decided = verdict.state() == VerdictState.DECIDED;
    UnitState now = evidence.presentState();
    NextTests chooser = new NextTests(table, evidence.done());
    List<Diagnosis.NextTest> next =
        decided ? List.of() : chooser.list(belief, now, evidence.situation.family());
    return new Diagnosis(
        verdict,
        suspects,
        stations(suspects),
        evidence.winding,
        next,
        RoundPlan.of(evidence, next, now),
        Notes.of(evidence),
        Notes.windows(evidence),
        new Warnings(evidence, verdict).list(contradictions));
  }

  private Diagnosis.Verdict verdict() {
    if (!contradictions.isEmpty()) {
      return new Diagnosis.Verdict(
          VerdictState.OPEN,
          List.of(),
          "Two readings contradict each other. Take them again before anything is decided.");
    }
    List<Suspect> proved = new ArrayList<>();
    boolean[] blamed = belief.proved();
    Map<Suspect, Double> shares = belief.bySuspect();
    for (Suspect suspect : Suspect.values()) {
      if (blamed[suspect.ordinal()]) {
        proved.add(suspect);
      }
    }
    proved.sort((one, other) -> Double.compare(shares.get(other), shares.get(one)));
    if (!proved.isEmpty() && evidence.doubled && !belief.settled()) {
      return new Diagnosis.Verdict(
          VerdictState.NARROWED,
          proved,
          "More than one thing is wrong. " + decided(proved) + " The rest is not found yet.");
    }
    if (!proved.isEmpty()) {
      return new Diagnosis.Verdict(VerdictState.DECIDED, proved, decided(proved));
    }
    Suspect first = belief.leading();
    int percent = (int) Math.round(100 * shares.getOrDefault(first, 0.0));
    boolean measured = evidence.anythingSeen();
    if (measured && shares.getOrDefault(first, 0.0) >= LIKELY) {
      return new Diagnosis.Verdict(
          VerdictState.NARROWED,
          List.of(first),
          "Most likely "
              + evidence.situation.family().profile().spoken(first)
              + " ("
              + percent
              + " %), not proved: "
              + likeliestFault(first).spoken()
              + ".");
    }
    return new Diagnosis.Verdict(
        VerdictState.OPEN,
        List.of(),
        measured
            ? "Not decided yet: several links can still be at fault."
            : "Nothing measured yet.");
  }

  private String decided(List<Suspect> proved) {
    FamilyProfile profile = evidence.situation.family().profile();
    return "It is "
        + Words.and(proved.stream().map(profile::spoken).toList())
        + ": "
        + Words.clauses(proved.stream().map(one -> likeliestFault(one).spoken()).toList())
        + ".";
  }

  /** The fault of this suspect that the facts make likeliest. */
  private Fault likeliestFault(Suspect suspect) {
    Map<Fault, Double> sums = new EnumMap<>(Fault.class);
    for (int i = 0; i < table.causes.size(); i++) {
      for (Fault fault : table.causes.get(i).faults()) {
        if (fault.suspect() == suspect) {
          sums.merge(fault, belief.probability[i], Double::sum);
        }
      }
    }
    Fault best = null;
    for (Map.Entry<Fault, Double> sum : sums.entrySet()) {
      if (best == null || sum.getValue() > sums.getOrDefault(best, 0.0)) {
        best = sum.getKey();
      }
    }
    if (best == null) {
      throw new IllegalStateException("no cause of this call sits in " + suspect);
    }
    return best;
  }

  private List<Diagnosis.Station> stations(List<Diagnosis.SuspectView> views) {
    List<Diagnosis.Station> stations = new ArrayList<>();
    for (Suspect link : evidence.situation.family().profile().stations()) {
      Diagnosis.SuspectView view =
          views.stream().filter(v -> v.id() == link).findFirst().orElseThrow();
      stations.add(station(link, view));
    }
    return stations;
  }

  private Diagnosis.Station station(Suspect link, Diagnosis.SuspectView view) {
    boolean looked = false;
    boolean off = false;
    List<String> readings = new ArrayList<>();
    for (int c = 0; c < evidence.seen.length; c++) {
      Check check = table.checks.get(c);
      Observation seen = evidence.seen[c];
      if (seen == null || check.station() != link) {
        continue;
      }
      looked |= !check.isSoft();
      off |= !check.isSoft() && !check.outcome(seen.outcome()).good();
      readings.add(seen.sentence());
    }
    Diagnosis.StationState state;
    if (view.state() == SuspectState.PROVED) {
      state = Diagnosis.StationState.FAILED;
    } else if (view.state() == SuspectState.LIKELY && evidence.anythingSeen()) {
      state = Diagnosis.StationState.SUSPECT;
    } else if (!looked) {
      state = Diagnosis.StationState.UNSEEN;
    } else if (view.state() == SuspectState.CLEARED) {
      state = Diagnosis.StationState.GOOD;
    } else {
      state = off ? Diagnosis.StationState.SUSPECT : Diagnosis.StationState.UNSEEN;
    }
    return new Diagnosis.Station(link, state, readings);
  }
}
