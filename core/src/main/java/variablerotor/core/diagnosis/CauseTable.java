package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.odds.Cause;
import variablerotor.core.odds.Check;
import variablerotor.core.odds.Odds;

/** The causes of one symptom in one family against the checks, worked out once. */
final class CauseTable {
  final List<Cause> causes;
  final List<Check> checks;

  /** Prior probability of each cause; they sum to 1. */
  final double[] prior;

  /** By check, cause, outcome: how often it is seen. */
  final double[][][] share;

  /** By check, cause, outcome: whether it can be seen at all. */
  final boolean[][][] possible;

  /** Causes with the same suspects have the same number. */
  final int[] group;

  final List<List<Suspect>> groups = new ArrayList<>();

  /** By group: its suspects as bits, so that what causes share is quick to say. */
  final int[] suspects;

  /** By check: index of its good outcome; and by check and cause what that one needs. */
  final int[] good;

  final double[][] goodShare;
  final boolean[][] goodPossible;

  /** By check: index of the one that must come before it, or -1. */
  private final int[] before;

  CauseTable(Symptom symptom, List<Cause> causes, List<Check> checks) {
    this.causes = causes;
    this.checks = checks;
    int n = causes.size();
    prior = new double[n];
    group = new int[n];
    double sum = 0;
    for (int i = 0; i < n; i++) {
      prior[i] = causes.get(i).weight(symptom);
      sum += prior[i];
      List<Suspect> suspects = causes.get(i).suspects();
      if (!groups.contains(suspects)) {
        groups.add(suspects);
      }
      group[i] = groups.indexOf(suspects);
    }
    for (int i = 0; i < n; i++) {
      prior[i] /= sum;
    }
    share = new double[checks.size()][n][];
    possible = new boolean[checks.size()][n][];
    for (int c = 0; c < checks.size(); c++) {
      for (int i = 0; i < n; i++) {
        Odds odds = checks.get(c).odds(causes.get(i));
        share[c][i] = odds.share();
        possible[c][i] = odds.possible();
      }
    }
    suspects = new int[groups.size()];
    for (int g = 0; g < suspects.length; g++) {
      for (Suspect suspect : groups.get(g)) {
        suspects[g] |= 1 << suspect.ordinal();
      }
    }
    good = new int[checks.size()];
    goodShare = new double[checks.size()][n];
    goodPossible = new boolean[checks.size()][n];
    for (int c = 0; c < checks.size(); c++) {
      good[c] = checks.get(c).goodIndex();
      for (int i = 0; i < n; i++) {
        goodShare[c][i] = share[c][i][good[c]];
        goodPossible[c][i] = possible[c][i][good[c]];
      }
    }
    before = new int[checks.size()];
    for (int c = 0; c < before.length; c++) {
      before[c] = indexOf(checks.get(c).after());
    }
  }

  private int indexOf(@Nullable String id) {
    for (int c = 0; c < checks.size(); c++) {
      if (checks.get(c).id().equals(id)) {
        return c;
      }
    }
    return -1;
  }

  /** Whether a check may be advised: not made yet, and what it is compared with is. */
  boolean mayCome(int check, boolean[] done) {
    return !done[check] && (before[check] < 0 || done[before[check]]);
  }
}
