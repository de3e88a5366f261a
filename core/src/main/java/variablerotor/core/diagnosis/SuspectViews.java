package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Observation;
import variablerotor.core.fact.FactType;
import variablerotor.core.likelihood.Cause;
import variablerotor.core.likelihood.Check;
import variablerotor.core.text.Words;

/**
 * How each suspect stands and why, in sentences that a customer can be read: which readings clear
 * it, which point at it, and what would still prove it.
 */
final class SuspectViews {

  /** So many answers that would settle a suspect are told. */
  private static final int SAID = 4;

  /** A reading points at a suspect when it is this much likelier under it than under the rest. */
  private static final double POINTS = 1.3;

  private static final double LIKELY = CheckFigures.LIKELY.value();

  private final Evidence evidence;
  private final CauseTable table;
  private final Belief belief;
  private final Belief weighed;
  private final List<Step> steps = new ArrayList<>();

  /**
   * What one answer of a check not made yet would settle; suspects as bits by ordinal.
   *
   * @param proved in every cause that it leaves
   * @param open in some cause that it leaves
   * @param gone in every cause that it clears
   */
  private record Step(Check check, int outcome, int proved, int open, int gone) {
    private static boolean has(int bits, Suspect suspect) {
      return (bits & 1 << suspect.ordinal()) != 0;
    }

    boolean proves(Suspect suspect) {
      return has(proved, suspect);
    }

    boolean clears(Suspect suspect) {
      return !has(open, suspect);
    }

    /** Whether it fits this suspect, and clears a cause that it has no part in. */
    boolean clearsRivalOf(Suspect suspect) {
      return has(open, suspect) && !has(gone, suspect);
    }
  }

  private final int proved;
  private final boolean[] rivals;

  /**
   * @param weighed how likely each is, with the shop's own counts; what is cleared, the judged say
   * @param proved the suspects proved, as bits by ordinal
   */
  SuspectViews(Evidence evidence, Belief weighed, int proved) {
    this.evidence = evidence;
    this.weighed = weighed;
    this.proved = proved;
    rivals = evidence.belief.rivals();
    table = evidence.table;
    belief = evidence.belief;
    if (belief.anyAllowed()) {
      lookAhead();
    }
  }

  private void lookAhead() {
    for (int c = 0; c < table.checks.size(); c++) {
      Check check = table.checks.get(c);
      for (int o = 0; evidence.seen[c] == null && o < check.outcomes().size(); o++) {
        int left = -1;
        int open = 0;
        int gone = -1;
        for (int i = 0; i < belief.allowed.length; i++) {
          int mine = table.suspects[table.group[i]];
          if (rivals[i] && table.possible[c][i][o]) {
            left &= mine;
            open |= mine;
          } else if (rivals[i]) {
            gone &= mine;
          }
        }
        // Only an answer that leaves something and clears something settles anything.
        if (open != 0 && gone != -1) {
          steps.add(new Step(check, o, table.isMeasured(c, o) ? left : 0, open, gone));
        }
      }
    }
  }

  List<Diagnosis.SuspectView> list() {
    Map<Suspect, Double> shares = weighed.bySuspect();
    boolean[] open = belief.open();
    List<Suspect> order = new ArrayList<>(evidence.situation.family().profile().links());
    if (shares.containsKey(Suspect.NONE)) {
      order.add(Suspect.NONE);
    }
    order.add(Suspect.OTHER);
    List<Diagnosis.SuspectView> views = new ArrayList<>();
    for (Suspect suspect : order) {
      double share = shares.getOrDefault(suspect, 0.0);
      SuspectState state;
      if ((proved & 1 << suspect.ordinal()) != 0) {
        state = SuspectState.PROVED;
      } else if (!open[suspect.ordinal()] && belief.anyAllowed() && suspect != Suspect.OTHER) {
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
    for (int i = 0; i < mine.length; i++) {
      mine[i] = table.groups.get(table.group[i]).contains(suspect);
      count += mine[i] ? 1 : 0;
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
        state,
        List.copyOf(because),
        cleared,
        points,
        wouldSettle(suspect, state),
        missing(suspect, state));
  }

  private String spoken(Suspect suspect) {
    return evidence.situation.family().profile().spoken(suspect);
  }

  private Diagnosis.Reason reason(int check, String consequence) {
    Observation seen = evidence.seen[check];
    return new Diagnosis.Reason(seen.sentence() + consequence, seen.figure(), seen.facts());
  }

  /** The single faults of this suspect that the observation cannot be seen under, spoken. */
  private String ruledOut(int check, boolean[] mine) {
    int outcome = evidence.answers[check];
    Set<String> faults = new LinkedHashSet<>();
    Set<String> kept = new LinkedHashSet<>();
    boolean anyUsual = false;
    for (int i = 0; i < mine.length; i++) {
      anyUsual |= mine[i] && table.usual[i];
    }
    for (int i = 0; i < mine.length; i++) {
      Cause cause = table.causes.get(i);
      boolean worthSaying = mine[i] && (table.usual[i] || !anyUsual);
      if (worthSaying && (cause.faults().size() == 1 || evidence.doubled)) {
        boolean possible = table.possible[check][i][outcome];
        (possible ? kept : faults).add(cause.faults().get(0).spoken());
      }
    }
    faults.removeAll(kept);
    return Words.or(faults);
  }

  private boolean pointsAt(int check, boolean[] mine, SuspectState state) {
    int outcome = evidence.answers[check];
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

  /** What lies outside the list, no answer proves or clears. */
  private static boolean isSettled(Suspect suspect, SuspectState state) {
    return state == SuspectState.PROVED
        || state == SuspectState.CLEARED
        || suspect == Suspect.OTHER;
  }

  /** What would still prove it, or clear it: an answer of a check not made yet. */
  private List<String> wouldSettle(Suspect suspect, SuspectState state) {
    List<String> all = new ArrayList<>();
    if (isSettled(suspect, state)) {
      return all;
    }
    for (Step step : steps) {
      if (all.size() < SAID && step.proves(suspect)) {
        all.add(said(step, "prove"));
      }
    }
    for (Step step : steps) {
      if (all.size() < SAID && !step.proves(suspect) && step.clears(suspect)) {
        all.add(said(step, "clear"));
      }
    }
    return all;
  }

  private static String said(Step step, String does) {
    return "\""
        + step.check.outcomes().get(step.outcome).label()
        + "\" to \""
        + step.check.ask()
        + "\" would "
        + does
        + " it.";
  }

  /** Checks not made yet that could clear a rival of this suspect, by id. */
  private List<String> missing(Suspect suspect, SuspectState state) {
    Set<String> ids = new LinkedHashSet<>();
    boolean settled = isSettled(suspect, state);
    for (Step step : steps) {
      if (!settled && step.clearsRivalOf(suspect)) {
        ids.add(step.check.id());
      }
    }
    return List.copyOf(ids);
  }
}
