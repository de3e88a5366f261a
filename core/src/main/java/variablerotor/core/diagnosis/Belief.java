package variablerotor.core.diagnosis;

import java.util.EnumMap;
import java.util.Map;
import variablerotor.core.chain.Suspect;

/** How likely each cause is, and which of them the facts still allow. */
final class Belief {
  private static final double LN2 = StrictMath.log(2);

  final CauseTable table;
  final double[] probability;
  final boolean[] allowed;

  /** Worked out when first asked for; NaN until then. */
  private double entropy = Double.NaN;

  private Belief(CauseTable table, double[] probability, boolean[] allowed) {
    this.table = table;
    this.probability = probability;
    this.allowed = allowed;
  }

  /** Before any check; a code has moved the weights by then. */
  static Belief start(CauseTable table, double[] codeWeight) {
    double[] probability = table.prior.clone();
    boolean[] allowed = new boolean[probability.length];
    for (int i = 0; i < probability.length; i++) {
      probability[i] *= codeWeight[i];
      allowed[i] = true;
    }
    return normalised(table, probability, allowed);
  }

  private static Belief normalised(CauseTable table, double[] probability, boolean[] allowed) {
    double sum = 0;
    for (double p : probability) {
      sum += p;
    }
    for (int i = 0; i < probability.length; i++) {
      probability[i] /= sum;
    }
    return new Belief(table, probability, allowed);
  }

  /** Bayes' rule for one outcome of one check. */
  Belief after(int check, int outcome) {
    double[] next = new double[probability.length];
    boolean[] still = new boolean[probability.length];
    for (int i = 0; i < next.length; i++) {
      next[i] = probability[i] * table.share[check][i][outcome];
      still[i] = allowed[i] && table.possible[check][i][outcome];
    }
    return normalised(table, next, still);
  }

  /** How likely each outcome of a check is now. */
  double[] outcomes(int check) {
    double[] odds = new double[table.checks.get(check).outcomes().size()];
    for (int i = 0; i < probability.length; i++) {
      for (int o = 0; o < odds.length; o++) {
        odds[o] += probability[i] * table.share[check][i][o];
      }
    }
    return odds;
  }

  /** Doubt about who is to blame [bit]; Shannon's entropy over the sets of suspects. */
  double entropy() {
    if (Double.isNaN(entropy)) {
      entropy = workOut();
    }
    return entropy;
  }

  private double workOut() {
    double[] sums = byGroup();
    double nats = 0;
    for (double p : sums) {
      if (p > 0) {
        nats -= p * StrictMath.log(p);
      }
    }
    return nats / LN2;
  }

  boolean anyAllowed() {
    for (boolean one : allowed) {
      if (one) {
        return true;
      }
    }
    return false;
  }

  int countAllowed() {
    int count = 0;
    for (boolean one : allowed) {
      count += one ? 1 : 0;
    }
    return count;
  }

  /** The suspects that every cause still allowed has in it, as bits; none where none is allowed. */
  private int shared() {
    int shared = -1;
    for (int i = 0; i < allowed.length; i++) {
      if (allowed[i]) {
        shared &= table.suspects[table.group[i]];
      }
    }
    return shared == -1 ? 0 : shared;
  }

  /** The suspects that every cause still allowed has in it, by ordinal. */
  boolean[] proved() {
    return suspects(shared());
  }

  /** The suspects that some cause still allowed has in it, by ordinal. */
  boolean[] open() {
    int open = 0;
    for (int i = 0; i < allowed.length; i++) {
      open |= allowed[i] ? table.suspects[table.group[i]] : 0;
    }
    return suspects(open);
  }

  private static boolean[] suspects(int bits) {
    boolean[] suspects = new boolean[Suspect.values().length];
    for (int s = 0; s < suspects.length; s++) {
      suspects[s] = (bits & 1 << s) != 0;
    }
    return suspects;
  }

  /** Whether the causes still allowed all blame the same suspects. */
  boolean settled() {
    int group = -1;
    for (int i = 0; i < allowed.length; i++) {
      if (allowed[i] && group >= 0 && table.group[i] != group) {
        return false;
      }
      group = allowed[i] ? table.group[i] : group;
    }
    return group >= 0;
  }

  boolean decided() {
    return shared() != 0;
  }

  private double[] byGroup() {
    double[] sums = new double[table.groups.size()];
    for (int i = 0; i < probability.length; i++) {
      sums[table.group[i]] += probability[i];
    }
    return sums;
  }

  /** By suspect; they sum to 1. What two suspects did together counts half for each. */
  Map<Suspect, Double> bySuspect() {
    Map<Suspect, Double> shares = new EnumMap<>(Suspect.class);
    double[] sums = byGroup();
    for (int g = 0; g < sums.length; g++) {
      var suspects = table.groups.get(g);
      for (Suspect suspect : suspects) {
        shares.merge(suspect, sums[g] / suspects.size(), Double::sum);
      }
    }
    return shares;
  }

  Suspect leading() {
    Suspect best = Suspect.NONE;
    double most = -1;
    for (Map.Entry<Suspect, Double> share : bySuspect().entrySet()) {
      if (share.getValue() > most) {
        most = share.getValue();
        best = share.getKey();
      }
    }
    return best;
  }
}
