package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.chain.Chain;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.FactType;

/**
 * How each suspect stands and why, in sentences that a customer can be read: which readings clear
 * it, which point at it, and what would still prove it.
 */
final class SuspectViews {
  /** A reading points at a suspect when it is this much likelier under it than under the rest. */
  private static final double POINTS = 1.3;

  private static final double LIKELY = DiagnosisFigures.LIKELY.value();

  private final Evidence evidence;
  private final CauseTable table;
  private final Belief belief;
  private final List<Step> steps = new ArrayList<>();

  /** What one answer of a check not made yet would settle. */
  private record Step(Check check, int outcome, boolean[] proved, boolean[] open) {}

  SuspectViews(Evidence evidence) {
    this.evidence = evidence;
    table = evidence.table;
    belief = evidence.belief;
    if (belief.anyAllowed() && !belief.decided()) {
      lookAhead();
    }
  }

  private void lookAhead() {
    for (int c = 0; c < table.checks.size(); c++) {
      Check check = table.checks.get(c);
      for (int o = 0; evidence.seen[c] == null && o < check.outcomes().size(); o++) {
        Belief after = belief.after(c, o);
        if (after.anyAllowed() && after.countAllowed() < belief.countAllowed()) {
          steps.add(new Step(check, o, after.proved(), after.open()));
        }
      }
    }
  }

  List<Diagnosis.SuspectView> list() {
    Map<Suspect, Double> shares = belief.bySuspect();
    boolean[] proved = belief.proved();
    boolean[] open = belief.open();
    List<Suspect> order = new ArrayList<>(Chain.of(evidence.situation.family()));
    if (shares.containsKey(Suspect.NONE)) {
      order.add(Suspect.NONE);
    }
    List<Diagnosis.SuspectView> views = new ArrayList<>();
    for (Suspect suspect : order) {
      double share = shares.getOrDefault(suspect, 0.0);
      SuspectState state;
      if (proved[suspect.ordinal()]) {
        state = SuspectState.PROVED;
      } else if (!open[suspect.ordinal()] && belief.anyAllowed()) {
        state = SuspectState.CLEARED;
      } else {
        state = share >= LIKELY ? SuspectState.LIKELY : SuspectState.POSSIBLE;
      }
      views.add(view(suspect, share, state));
    }
    views.sort(
        Comparator.comparing((Diagnosis.SuspectView v) -> v.state() != SuspectState.PROVED)
            .thenComparing(
                Comparator.comparingDouble(Diagnosis.SuspectView::probability).reversed()));
    return views;
  }

  private Diagnosis.SuspectView view(Suspect suspect, double share, SuspectState state) {
    boolean[] mine = new boolean[table.causes.size()];
    int count = 0;
    double involved = 0;
    for (int i = 0; i < mine.length; i++) {
      mine[i] = table.groups.get(table.group[i]).contains(suspect);
      count += mine[i] ? 1 : 0;
      involved += mine[i] ? belief.probability[i] : 0;
    }
    List<Diagnosis.Reason> cleared = new ArrayList<>();
    List<Diagnosis.Reason> points = new ArrayList<>();
    Set<FactType> because = new LinkedHashSet<>();
    for (int c = 0; c < evidence.seen.length; c++) {
      if (evidence.seen[c] == null) {
        continue;
      }
      String out = ruledOut(c, mine);
      if (!out.isEmpty()) {
        cleared.add(reason(c, " That is not seen when " + out + "."));
      }
      boolean speaks = state != SuspectState.CLEARED && pointsAt(c, mine, state);
      if (speaks) {
        String leads = " That speaks for " + spoken(suspect) + ".";
        points.add(reason(c, state == SuspectState.PROVED ? "" : leads));
      }
      if (speaks || (state == SuspectState.CLEARED && !out.isEmpty())) {
        because.addAll(evidence.seen[c].facts());
      }
    }
    if (count == 0) {
      String text =
          "\"" + evidence.situation.symptom().title() + "\" does not come from " + spoken(suspect);
      cleared.add(new Diagnosis.Reason(text + ".", null, List.of()));
    }
    return new Diagnosis.SuspectView(
        suspect,
        share,
        Math.min(1, involved),
        state,
        List.copyOf(because),
        cleared,
        points,
        wouldSettle(suspect, state),
        missing(mine, state));
  }

  private String spoken(Suspect suspect) {
    return Chain.spoken(evidence.situation.family(), suspect);
  }

  private Diagnosis.Reason reason(int check, String consequence) {
    Observation seen = evidence.seen[check];
    return new Diagnosis.Reason(seen.sentence() + consequence, seen.figure(), seen.facts());
  }

  /** The single faults of this suspect that the observation cannot be seen under, spoken. */
  private String ruledOut(int check, boolean[] mine) {
    int outcome = evidence.outcome(check);
    Set<String> faults = new LinkedHashSet<>();
    Set<String> kept = new LinkedHashSet<>();
    for (int i = 0; i < mine.length; i++) {
      Cause cause = table.causes.get(i);
      if (mine[i] && (cause.faults().size() == 1 || evidence.doubled)) {
        boolean possible = table.possible[check][i][outcome];
        (possible ? kept : faults).add(cause.faults().get(0).spoken());
      }
    }
    faults.removeAll(kept);
    return joined(faults);
  }

  private static String joined(Set<String> parts) {
    StringBuilder text = new StringBuilder();
    int n = 0;
    for (String part : parts) {
      text.append(n == 0 ? "" : n + 1 < parts.size() ? ", " : " or ").append(part);
      n++;
    }
    return text.toString();
  }

  private boolean pointsAt(int check, boolean[] mine, SuspectState state) {
    int outcome = evidence.outcome(check);
    double forMe = 0;
    double myWeight = 0;
    double forRest = 0;
    double restWeight = 0;
    boolean clearsRival = false;
    for (int i = 0; i < table.causes.size(); i++) {
      double prior = table.prior[i];
      double share = table.share[check][i][outcome];
      if (mine[i]) {
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
    return myWeight > 0 && restWeight > 0 && forMe / myWeight > POINTS * forRest / restWeight;
  }

  /** What would still prove it, or clear it: an answer of a check not made yet. */
  private List<String> wouldSettle(Suspect suspect, SuspectState state) {
    List<String> proves = new ArrayList<>();
    List<String> clears = new ArrayList<>();
    if (state == SuspectState.PROVED || state == SuspectState.CLEARED) {
      return proves;
    }
    for (Step step : steps) {
      String answer =
          "\""
              + step.check.outcomes().get(step.outcome).label()
              + "\" to \""
              + step.check.ask()
              + "\" would ";
      if (step.proved[suspect.ordinal()]) {
        proves.add(answer + "prove it.");
      } else if (!step.open[suspect.ordinal()]) {
        clears.add(answer + "clear it.");
      }
    }
    List<String> all = new ArrayList<>(proves);
    all.addAll(clears);
    return List.copyOf(all.subList(0, Math.min(4, all.size())));
  }

  /** Checks not made yet that could clear a rival of this suspect, or clear it. */
  private List<String> missing(boolean[] mine, SuspectState state) {
    List<String> ids = new ArrayList<>();
    if (state == SuspectState.PROVED || state == SuspectState.CLEARED) {
      return ids;
    }
    for (int c = 0; c < evidence.seen.length; c++) {
      if (evidence.seen[c] == null && couldClear(c, mine)) {
        ids.add(table.checks.get(c).id());
      }
    }
    return ids;
  }

  /** Whether some outcome that this suspect allows clears a rival that the facts still allow. */
  private boolean couldClear(int check, boolean[] mine) {
    for (int o = 0; o < table.checks.get(check).outcomes().size(); o++) {
      boolean fits = false;
      boolean clears = false;
      for (int i = 0; i < table.causes.size(); i++) {
        if (belief.allowed[i]) {
          boolean possible = table.possible[check][i][o];
          boolean own = mine[i];
          fits |= possible && own;
          clears |= !possible && !own;
        }
      }
      if (fits && clears) {
        return true;
      }
    }
    return false;
  }
}
