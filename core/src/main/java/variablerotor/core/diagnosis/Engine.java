package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.chain.Chain;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.FactType;
import variablerotor.core.winding.WindingVerdict;

/**
 * Diagnosis by elimination. Every cause that the family can have is weighed by Bayes' rule against
 * every reading, exactly, by enumeration. Proof is stricter than probability: a suspect is proved
 * only when the facts clear every cause that it has no part in.
 */
public final class Engine {
  /** Version of rules and odds; a stored verdict carries it. */
  public static final String VERSION = "0.1.0";

  private static final double LIKELY = DiagnosisFigures.LIKELY.value();

  private final Situation situation;
  private final CauseTable table;
  private final WindingVerdict winding;
  private final Observation[] seen;
  private final boolean[] done;
  private final Belief belief;

  private Engine(Situation situation) {
    this.situation = situation;
    table = FamilyModel.of(situation.family()).table(situation.symptom());
    winding = situation.winding();
    Reading reading = new Reading(situation, winding);
    int n = table.checks.size();
    seen = new Observation[n];
    done = new boolean[n];
    for (int c = 0; c < n; c++) {
      seen[c] = table.checks.get(c).read(reading);
      done[c] = seen[c] != null;
    }
    belief = believe(-1);
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered, or a plate that cannot be
   *     read
   */
  public static Diagnosis diagnose(Situation situation) {
    return new Engine(situation).diagnosis();
  }

  /** The belief after all observations but one; -1 leaves none out. */
  private Belief believe(int leftOut) {
    Belief result = Belief.start(table, codeWeight());
    for (int c = 0; c < seen.length; c++) {
      if (seen[c] != null && c != leftOut) {
        result = result.after(c, outcome(c));
      }
    }
    return result;
  }

  private int outcome(int check) {
    return table.checks.get(check).index(seen[check].outcome());
  }

  /** A code moves suspicion, and never decides: it multiplies the odds of what it raises. */
  private double[] codeWeight() {
    List<String> raised = situation.facts().names(FactType.CODE_SUSPECTS);
    double[] weight = new double[table.causes.size()];
    for (int i = 0; i < weight.length; i++) {
      weight[i] = 1;
      for (Suspect suspect : table.groups.get(table.group[i])) {
        if (raised.contains(suspect.name())) {
          weight[i] = DiagnosisFigures.CODE_WEIGHT.value();
        }
      }
    }
    return weight;
  }

  private Diagnosis diagnosis() {
    boolean contradicted = !belief.anyAllowed();
    boolean[] proved = belief.proved();
    List<Diagnosis.SuspectView> suspects = suspects(proved);
    Diagnosis.Verdict verdict = verdict(suspects, contradicted);
    boolean decided = verdict.state() == VerdictState.DECIDED;
    List<Diagnosis.NextTest> next =
        decided ? List.of() : NextTests.of(belief, done, presentState());
    return new Diagnosis(
        verdict,
        suspects,
        stations(suspects),
        winding,
        next,
        new Warnings(situation, winding, seen, table, verdict).list(contradictions(contradicted)));
  }

  /** The state that the last check recorded left the unit in. */
  private UnitState presentState() {
    for (FactType fact : situation.facts().latestFirst()) {
      for (Check check : table.checks) {
        if (check.facts().contains(fact)) {
          return check.state();
        }
      }
    }
    return UnitState.POWER_ON;
  }

  private List<Diagnosis.SuspectView> suspects(boolean[] proved) {
    Map<Suspect, Double> shares = belief.bySuspect();
    List<Suspect> order = new ArrayList<>(Chain.of(situation.family()));
    if (shares.containsKey(Suspect.NONE)) {
      order.add(Suspect.NONE);
    }
    List<Diagnosis.SuspectView> views = new ArrayList<>();
    for (Suspect suspect : order) {
      views.add(view(suspect, shares.getOrDefault(suspect, 0.0), proved[suspect.ordinal()]));
    }
    views.sort(
        Comparator.comparing((Diagnosis.SuspectView v) -> v.state() != SuspectState.PROVED)
            .thenComparing(
                Comparator.comparingDouble(Diagnosis.SuspectView::probability).reversed()));
    return views;
  }

  private Diagnosis.SuspectView view(Suspect suspect, double probability, boolean proved) {
    List<Integer> mine = new ArrayList<>();
    boolean open = false;
    double involved = 0;
    for (int i = 0; i < table.causes.size(); i++) {
      if (table.groups.get(table.group[i]).contains(suspect)) {
        mine.add(i);
        open |= belief.allowed[i];
        involved += belief.probability[i];
      }
    }
    SuspectState state;
    if (proved) {
      state = SuspectState.PROVED;
    } else if (!open && belief.anyAllowed()) {
      state = SuspectState.CLEARED;
    } else {
      state = probability >= LIKELY ? SuspectState.LIKELY : SuspectState.POSSIBLE;
    }
    Set<FactType> because = new LinkedHashSet<>();
    List<String> reasons = new ArrayList<>();
    for (int c = 0; c < seen.length; c++) {
      if (seen[c] != null && speaks(c, mine, state)) {
        because.addAll(seen[c].facts());
        reasons.add(seen[c].sentence());
      }
    }
    if (mine.isEmpty()) {
      reasons.add(
          "\"" + situation.symptom().title() + "\" does not come from " + suspect.spoken() + ".");
    }
    return new Diagnosis.SuspectView(
        suspect,
        probability,
        Math.min(1, involved),
        state,
        List.copyOf(because),
        List.copyOf(reasons),
        state == SuspectState.CLEARED ? List.of() : missing(mine, proved));
  }

  /** Whether an observation is a reason for the state of a suspect with these causes. */
  private boolean speaks(int check, List<Integer> mine, SuspectState state) {
    int outcome = outcome(check);
    if (state == SuspectState.CLEARED) {
      for (int cause : mine) {
        if (!table.possible[check][cause][outcome]) {
          return true;
        }
      }
      return false;
    }
    double forMe = 0;
    double myWeight = 0;
    double forRest = 0;
    double restWeight = 0;
    boolean clearsRival = false;
    for (int i = 0; i < table.causes.size(); i++) {
      double prior = table.prior[i];
      double share = table.share[check][i][outcome];
      if (mine.contains(i)) {
        forMe += prior * share;
        myWeight += prior;
      } else {
        forRest += prior * share;
        restWeight += prior;
        clearsRival |= !table.possible[check][i][outcome];
      }
    }
    if (state == SuspectState.PROVED) {
      return clearsRival;
    }
    return myWeight > 0 && restWeight > 0 && forMe / myWeight > 1.05 * forRest / restWeight;
  }

  /** Checks not made yet that could clear a rival of this suspect, or clear it. */
  private List<String> missing(List<Integer> mine, boolean proved) {
    List<String> ids = new ArrayList<>();
    if (proved) {
      return ids;
    }
    for (int c = 0; c < seen.length; c++) {
      if (seen[c] == null && couldClear(c, mine)) {
        ids.add(table.checks.get(c).id());
      }
    }
    return ids;
  }

  /** Whether some outcome that this suspect allows clears a rival that the facts still allow. */
  private boolean couldClear(int check, List<Integer> mine) {
    for (int o = 0; o < table.checks.get(check).outcomes().size(); o++) {
      boolean fits = false;
      boolean clears = false;
      for (int i = 0; i < table.causes.size(); i++) {
        if (belief.allowed[i]) {
          boolean possible = table.possible[check][i][o];
          fits |= possible && mine.contains(i);
          clears |= !possible && !mine.contains(i);
        }
      }
      if (fits && clears) {
        return true;
      }
    }
    return false;
  }

  private Diagnosis.Verdict verdict(List<Diagnosis.SuspectView> views, boolean contradicted) {
    if (contradicted) {
      return new Diagnosis.Verdict(
          VerdictState.OPEN,
          List.of(),
          "Two readings contradict each other. Take them again before anything is decided.");
    }
    List<Suspect> proved = new ArrayList<>();
    for (Diagnosis.SuspectView view : views) {
      if (view.state() == SuspectState.PROVED) {
        proved.add(view.id());
      }
    }
    if (!proved.isEmpty()) {
      return new Diagnosis.Verdict(VerdictState.DECIDED, proved, decided(proved));
    }
    Diagnosis.SuspectView first = views.get(0);
    int percent = (int) Math.round(100 * first.probability());
    boolean measured = anythingSeen();
    if (measured && first.probability() >= LIKELY) {
      return new Diagnosis.Verdict(
          VerdictState.NARROWED,
          List.of(first.id()),
          "Most likely "
              + first.id().spoken()
              + " ("
              + percent
              + " %), not proved: "
              + likeliestFault(first.id()).spoken()
              + ".");
    }
    return new Diagnosis.Verdict(VerdictState.OPEN, List.of(), open(measured));
  }

  private static String open(boolean measured) {
    return measured
        ? "Not decided yet: several links can still be at fault."
        : "Nothing measured yet.";
  }

  private String decided(List<Suspect> proved) {
    StringBuilder text = new StringBuilder("It is ");
    for (int i = 0; i < proved.size(); i++) {
      text.append(i == 0 ? "" : " and ").append(proved.get(i).spoken());
    }
    text.append(": ");
    for (int i = 0; i < proved.size(); i++) {
      text.append(i == 0 ? "" : ", and ").append(likeliestFault(proved.get(i)).spoken());
    }
    return text.append('.').toString();
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
      if (best == null || sum.getValue() > sums.get(best)) {
        best = sum.getKey();
      }
    }
    return best;
  }

  private List<Diagnosis.Station> stations(List<Diagnosis.SuspectView> views) {
    List<Diagnosis.Station> stations = new ArrayList<>();
    for (Suspect link : Chain.of(situation.family())) {
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
    for (int c = 0; c < seen.length; c++) {
      Check check = table.checks.get(c);
      if (seen[c] == null || check.station() != link) {
        continue;
      }
      looked = true;
      off |= !check.outcome(seen[c].outcome()).good();
      readings.add(seen[c].sentence());
    }
    Diagnosis.StationState state;
    if (view.state() == SuspectState.PROVED) {
      state = Diagnosis.StationState.FAILED;
    } else if (view.state() == SuspectState.LIKELY && anythingSeen()) {
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

  private boolean anythingSeen() {
    for (boolean one : done) {
      if (one) {
        return true;
      }
    }
    return false;
  }

  /** The observations that stand against the rest: without any one of them a cause is left. */
  private List<String> contradictions(boolean contradicted) {
    List<String> sentences = new ArrayList<>();
    if (!contradicted) {
      return sentences;
    }
    for (int c = 0; c < seen.length; c++) {
      if (seen[c] != null && believe(c).anyAllowed()) {
        sentences.add(seen[c].sentence());
      }
    }
    if (sentences.isEmpty()) {
      for (int c = 0; c < seen.length; c++) {
        if (seen[c] != null && !table.checks.get(c).outcome(seen[c].outcome()).good()) {
          sentences.add(seen[c].sentence());
        }
      }
    }
    return sentences;
  }
}
