package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.Answer;
import variablerotor.core.likelihood.Cause;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.Likelihood;
import variablerotor.core.likelihood.Witness;

/** The causes of one symptom in one family against the checks, worked out once. */
final class CauseTable {
  /** Not answered yet. */
  static final int OPEN = -1;

  /** Not answered, and not to be asked: it cannot be made on this call. */
  static final int OUT_OF_REACH = -2;

  final List<Cause> causes;
  final List<Check> checks;

  /** Prior probability of each cause; they sum to 1. */
  final double[] prior;

  /** By check, cause, outcome: how often it is seen. */
  final double[][][] share;

  /** By check, cause, outcome: whether it can be seen at all. */
  final boolean[][][] possible;

  /** By cause: whether it must be cleared before another is proved. */
  final boolean[] usual;

  /** Index of what nobody listed. */
  final int unlisted;

  /** Causes with the same suspects have the same number. */
  final int[] group;

  final List<List<Suspect>> groups = new ArrayList<>();

  /** Every suspect that some cause has in it, in their order. */
  final Set<Suspect> named = EnumSet.noneOf(Suspect.class);

  /** By group: its suspects as bits, so that what causes share is quick to say. */
  final int[] suspects;

  /** As {@link #share}; 0 where the outcome cannot be seen. */
  final double[][][] kept;

  /** By check: index of its good outcome. */
  final int[] good;

  /** By check and cause: {@link #kept} of the good outcome. */
  final double[][] keptGood;

  /** By check: whether hand or meter makes it, and what it takes [min] in which state. */
  final boolean[] hard;

  final double[] minutes;
  final UnitState[] state;

  /** By check: how often its good answer is seen under the causes that have no row of their own. */
  final double[] usualGood;

  /** By check: the causes under which the good answer comes otherwise, or not at all. */
  final int[][] unlikeUsual;

  /** By check: whether it is worth offering where this is the complaint. */
  final boolean[] offered;

  /** By check: what may come before it; none where it stands by itself. */
  private final List<List<Before>> before = new ArrayList<>();

  /**
   * A check that comes before another.
   *
   * @param unlocks by its outcome: whether the other one comes after it
   */
  private record Before(int check, boolean[] unlocks) {}

  /** Two faults at once, for readings that no one cause explains: each pair is a rival. */
  static CauseTable ofPairs(Symptom symptom, List<Cause> causes, List<Check> checks) {
    return new CauseTable(symptom, causes, checks, true);
  }

  CauseTable(Symptom symptom, List<Cause> causes, List<Check> checks) {
    this(symptom, causes, checks, false);
  }

  private CauseTable(Symptom symptom, List<Cause> causes, List<Check> checks, boolean pairs) {
    this.causes = causes;
    this.checks = checks;
    int n = causes.size();
    prior = new double[n];
    group = new int[n];
    usual = new boolean[n];
    int other = -1;
    double sum = 0;
    for (int i = 0; i < n; i++) {
      Cause cause = causes.get(i);
      prior[i] = cause.weight(symptom);
      sum += prior[i];
      usual[i] = !cause.isUnlisted() && (pairs || cause.isUsual(symptom));
      other = cause.isUnlisted() ? i : other;
      List<Suspect> suspects = cause.suspects();
      if (!groups.contains(suspects)) {
        groups.add(suspects);
      }
      group[i] = groups.indexOf(suspects);
    }
    unlisted = other;
    for (int i = 0; i < n; i++) {
      prior[i] /= sum;
    }
    share = new double[checks.size()][n][];
    possible = new boolean[checks.size()][n][];
    kept = new double[checks.size()][n][];
    for (int c = 0; c < checks.size(); c++) {
      for (int i = 0; i < n; i++) {
        Likelihood likelihood = checks.get(c).likelihood(causes.get(i), symptom);
        share[c][i] = likelihood.share();
        possible[c][i] = likelihood.possible();
        kept[c][i] = likelihood.share().clone();
        for (int o = 0; o < kept[c][i].length; o++) {
          kept[c][i][o] *= possible[c][i][o] ? 1 : 0;
        }
      }
    }
    suspects = new int[groups.size()];
    for (int g = 0; g < suspects.length; g++) {
      for (Suspect suspect : groups.get(g)) {
        suspects[g] |= 1 << suspect.ordinal();
        named.add(suspect);
      }
    }
    good = new int[checks.size()];
    keptGood = new double[checks.size()][n];
    hard = new boolean[checks.size()];
    minutes = new double[checks.size()];
    state = new UnitState[checks.size()];
    offered = new boolean[checks.size()];
    for (int c = 0; c < checks.size(); c++) {
      offered[c] = checks.get(c).isFor(symptom);
      hard[c] = !checks.get(c).isSoft();
      minutes[c] = checks.get(c).minutes();
      state[c] = checks.get(c).state();
      good[c] = checks.get(c).goodIndex();
      for (int i = 0; i < n; i++) {
        keptGood[c][i] = kept[c][i][good[c]];
      }
    }
    usualGood = new double[checks.size()];
    unlikeUsual = new int[checks.size()][];
    for (int c = 0; c < checks.size(); c++) {
      usualGood[c] = checks.get(c).normal(symptom).share()[good[c]];
      unlikeUsual[c] = unlike(c);
    }
    for (Check check : checks) {
      before.add(before(check));
    }
  }

  /**
   * The same with what checks take here; nothing else of it changes.
   *
   * @param taken by check id [min]; of those that it lacks, the planned minutes stand
   */
  CauseTable timed(Map<String, Double> taken) {
    return taken.isEmpty() ? this : new CauseTable(this, taken);
  }

  private CauseTable(CauseTable same, Map<String, Double> taken) {
    causes = same.causes;
    checks = same.checks;
    prior = same.prior;
    share = same.share;
    possible = same.possible;
    usual = same.usual;
    unlisted = same.unlisted;
    group = same.group;
    groups.addAll(same.groups);
    named.addAll(same.named);
    suspects = same.suspects;
    kept = same.kept;
    good = same.good;
    keptGood = same.keptGood;
    hard = same.hard;
    minutes = same.minutes.clone();
    for (int c = 0; c < minutes.length; c++) {
      minutes[c] = taken.getOrDefault(checks.get(c).id(), minutes[c]);
    }
    state = same.state;
    usualGood = same.usualGood;
    unlikeUsual = same.unlikeUsual;
    offered = same.offered;
    before.addAll(same.before);
  }

  private int[] unlike(int check) {
    int[] found = new int[causes.size()];
    int n = 0;
    for (int i = 0; i < found.length; i++) {
      if (keptGood[check][i] != usualGood[check]) {
        found[n++] = i;
      }
    }
    return java.util.Arrays.copyOf(found, n);
  }

  private List<Before> before(Check check) {
    List<Before> list = new ArrayList<>();
    check
        .after()
        .forEach(
            (id, answers) -> {
              int first = indexOf(id);
              if (first >= 0) {
                list.add(new Before(first, unlocking(answers, checks.get(first))));
              }
            });
    return list;
  }

  private static boolean[] unlocking(Set<Answer> answers, Check first) {
    boolean[] unlocks = new boolean[first.outcomes().size()];
    for (int o = 0; o < unlocks.length; o++) {
      unlocks[o] = answers.isEmpty() || answers.contains(first.outcomes().get(o).value());
    }
    return unlocks;
  }

  private int indexOf(String id) {
    for (int c = 0; c < checks.size(); c++) {
      if (checks.get(c).id().equals(id)) {
        return c;
      }
    }
    return -1;
  }

  /** Nothing answered. */
  int[] nothingAnswered() {
    int[] answers = new int[checks.size()];
    java.util.Arrays.fill(answers, OPEN);
    return answers;
  }

  /**
   * Whether a check may be advised: not made yet, and what it follows is answered so.
   *
   * @param answers by check the outcome seen, or {@link #OPEN}
   */
  boolean mayCome(int check, int[] answers) {
    if (answers[check] != OPEN || !offered[check]) {
      return false;
    }
    List<Before> all = before.get(check);
    for (int i = 0; i < all.size(); i++) {
      Before first = all.get(i);
      int answer = answers[first.check];
      if (answer >= 0 && first.unlocks[answer]) {
        return true;
      }
    }
    return checks.get(check).after().isEmpty();
  }

  /** Whether an answer rests on a meter, or on a trial that only one thing explains. */
  boolean isMeasured(int check, int outcome) {
    return checks.get(check).witness() == Witness.MEASURED || isFinding(check, outcome);
  }

  /** Whether an answer shows the part itself to be broken. */
  boolean isFinding(int check, int outcome) {
    Check made = checks.get(check);
    return made.isFinding(made.outcomes().get(outcome).value());
  }
}
