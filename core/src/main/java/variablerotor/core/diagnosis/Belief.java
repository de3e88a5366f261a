package variablerotor.core.diagnosis;

import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;

/** How likely each cause is, and which of them the facts still allow. */
final class Belief {
  private static final double LN2 = StrictMath.log(2);

  /** What may be left over for causes that nobody listed. */
  private static final double ROOM = CheckFigures.ROOM.value() / 100;

  final CauseTable table;
  final double[] probability;
  final boolean[] allowed;

  /** How likely each cause would be by what was measured alone, without hand, eye or ear. */
  private final double[] measuredOnly;

  /** Logarithm of how likely all that was seen is under this table. */
  final double logEvidence;

  /** Whether a meter cleared anything so far, or something was found on the part itself. */
  private final boolean measured;

  /**
   * What is believed without those answers that the leading cause expects, that clear no usual
   * rival, and that only make it less likely: they may move suspicion, and unprove nothing. Null
   * where there is none.
   */
  private final @Nullable Belief essential;

  private Belief(
      CauseTable table,
      double[] probability,
      double[] measuredOnly,
      boolean[] allowed,
      double logEvidence,
      boolean measured,
      @Nullable Belief essential) {
    this.table = table;
    this.essential = essential;
    this.measuredOnly = measuredOnly;
    this.probability = probability;
    this.allowed = allowed;
    this.logEvidence = logEvidence;
    this.measured = measured;
  }

  /**
   * Before any check.
   *
   * @param toldWeight by cause, what was told does to its probability; 0 where it cannot be
   */
  static Belief start(CauseTable table, double[] toldWeight) {
    double[] probability = table.prior.clone();
    boolean[] allowed = new boolean[probability.length];
    for (int i = 0; i < probability.length; i++) {
      probability[i] *= toldWeight[i];
      allowed[i] = toldWeight[i] > 0;
    }
    return normalised(table, probability, probability.clone(), allowed, 0, false);
  }

  private static Belief normalised(
      CauseTable table,
      double[] probability,
      double[] measuredOnly,
      boolean[] allowed,
      double logEvidence,
      boolean measured) {
    double sum = scale(probability);
    scale(measuredOnly);
    return new Belief(
        table,
        probability,
        measuredOnly,
        allowed,
        logEvidence + StrictMath.log(sum),
        measured,
        null);
  }

  /** The same, with what is believed without what the leading cause expects. */
  Belief with(Belief other) {
    return new Belief(table, probability, measuredOnly, allowed, logEvidence, measured, other);
  }

  /** Index of the likeliest listed cause that is allowed, or -1. */
  int leadingCause() {
    int best = -1;
    for (int i = 0; i < probability.length; i++) {
      boolean listed = allowed[i] && i != table.unlisted;
      if (listed && (best < 0 || probability[i] > probability[best])) {
        best = i;
      }
    }
    return best;
  }

  private static double scale(double[] weights) {
    double sum = 0;
    for (double weight : weights) {
      sum += weight;
    }
    for (int i = 0; i < weights.length; i++) {
      weights[i] /= sum;
    }
    return sum;
  }

  /** Bayes' rule for one outcome of one check. */
  Belief after(int check, int outcome) {
    double[] next = new double[probability.length];
    double[] byMeter = measuredOnly.clone();
    boolean[] still = new boolean[probability.length];
    boolean meter = table.isMeasured(check, outcome);
    boolean clears = table.isFinding(check, outcome);
    for (int i = 0; i < next.length; i++) {
      double share = table.share[check][i][outcome];
      next[i] = probability[i] * share;
      byMeter[i] *= meter ? share : 1;
      boolean possible = table.possible[check][i][outcome];
      still[i] = allowed[i] && (possible || i == table.unlisted);
      clears |= !possible && table.usual[i];
    }
    boolean tells = measured || (clears && meter);
    return normalised(table, next, byMeter, still, logEvidence, tells);
  }

  /** How likely each outcome of a check is now. */
  double[] outcomes(int check) {
    double[] chances = new double[table.checks.get(check).outcomes().size()];
    for (int i = 0; i < probability.length; i++) {
      for (int o = 0; o < chances.length; o++) {
        chances[o] += probability[i] * table.share[check][i][o];
      }
    }
    return chances;
  }

  /**
   * Doubt about what the goal asks for [bit]: Shannon's entropy over its groups, of what is listed.
   * What nobody listed is not to be told apart by any check.
   */
  double entropy(Goal goal) {
    double[] sums = new double[goal.groups()];
    for (int i = 0; i < probability.length; i++) {
      sums[goal.group()[i]] += i == table.unlisted ? 0 : probability[i];
    }
    double all = 0;
    double nats = 0;
    for (double p : sums) {
      if (p > 0) {
        nats -= p * StrictMath.log(p);
        all += p;
      }
    }
    return (nats + all * StrictMath.log(all)) / LN2;
  }

  /** Whether anything listed is still allowed. */
  boolean anyAllowed() {
    for (int i = 0; i < allowed.length; i++) {
      if (allowed[i] && i != table.unlisted) {
        return true;
      }
    }
    return false;
  }

  /** Whether a cause is a rival still: allowed, and a usual one while any of those is allowed. */
  boolean[] rivals() {
    boolean anyUsual = false;
    for (int i = 0; i < allowed.length; i++) {
      anyUsual |= allowed[i] && table.usual[i];
    }
    boolean[] rivals = new boolean[allowed.length];
    for (int i = 0; i < rivals.length; i++) {
      rivals[i] = allowed[i] && (anyUsual ? table.usual[i] : i != table.unlisted);
    }
    return rivals;
  }

  /**
   * A usual rival that what was measured leaves less likely than this beside the likeliest is
   * cleared. Judgement.
   */
  private static final double OUTWEIGHED = 0.002;

  /**
   * What every rival has in it, of what the goal asks for, as bits: each rival cleared by what was
   * measured, and no more room than a little for the rest of the world.
   */
  int settled(Goal goal) {
    if (!measured) {
      return 0;
    }
    boolean[] rivals = rivals();
    double most = 0;
    for (double one : measuredOnly) {
      most = Math.max(most, one);
    }
    int shared = -1;
    for (int i = 0; i < rivals.length; i++) {
      boolean stands = rivals[i] && measuredOnly[i] >= OUTWEIGHED * most;
      shared &= stands ? goal.bits()[i] : -1;
    }
    int leader = leadingCause();
    if (shared == -1 && leader >= 0) {
      // Every usual rival is outweighed: what leads is rare under this complaint.
      shared = goal.bits()[leader];
    }
    int settled = 0;
    for (int left = shared; left != 0; left &= left - 1) {
      int bit = left & -left;
      double mass = mass(goal, bit);
      mass = essential == null ? mass : Math.max(mass, essential.mass(goal, bit));
      settled |= mass >= 1 - ROOM ? bit : 0;
    }
    return settled;
  }

  private double mass(Goal goal, int bit) {
    double mass = 0;
    for (int i = 0; i < probability.length; i++) {
      mass += (goal.bits()[i] & bit) != 0 ? probability[i] : 0;
    }
    return mass;
  }

  /** Likelier than this a suspect is not out of it, though its usual causes are. Judgement. */
  private static final double OUT = 0.005;

  /**
   * The suspects that are not cleared, by ordinal: in some cause still allowed that is usual under
   * this complaint, or the only kind that it has, or not unlikely.
   */
  boolean[] open() {
    int usualNow = 0;
    int usualEver = 0;
    int rareNow = 0;
    for (int i = 0; i < allowed.length; i++) {
      int mine = table.suspects[table.group[i]];
      usualEver |= table.usual[i] ? mine : 0;
      usualNow |= allowed[i] && table.usual[i] ? mine : 0;
      rareNow |= allowed[i] && !table.usual[i] ? mine : 0;
    }
    Map<Suspect, Double> shares = bySuspect();
    boolean[] open = new boolean[Suspect.values().length];
    for (Suspect suspect : Suspect.values()) {
      int bit = 1 << suspect.ordinal();
      boolean rare = (rareNow & bit) != 0;
      boolean likely = shares.getOrDefault(suspect, 0.0) >= OUT;
      open[suspect.ordinal()] =
          (usualNow & bit) != 0 || (rare && ((usualEver & bit) == 0 || likely));
    }
    return open;
  }

  /** By suspect; they sum to 1. What two suspects did together counts half for each. */
  Map<Suspect, Double> bySuspect() {
    Map<Suspect, Double> shares = new EnumMap<>(Suspect.class);
    double[] sums = byOrdinal();
    for (Suspect suspect : table.named) {
      shares.put(suspect, sums[suspect.ordinal()]);
    }
    return shares;
  }

  private double[] byOrdinal() {
    double[] groups = new double[table.groups.size()];
    for (int i = 0; i < probability.length; i++) {
      groups[table.group[i]] += probability[i];
    }
    double[] sums = new double[Suspect.values().length];
    for (int g = 0; g < groups.length; g++) {
      var suspects = table.groups.get(g);
      for (Suspect suspect : suspects) {
        sums[suspect.ordinal()] += groups[g] / suspects.size();
      }
    }
    return sums;
  }

  Suspect leading() {
    double[] sums = byOrdinal();
    Suspect best = Suspect.NONE;
    double most = -1;
    for (Suspect suspect : table.named) {
      if (sums[suspect.ordinal()] > most) {
        most = sums[suspect.ordinal()];
        best = suspect;
      }
    }
    return best;
  }
}
