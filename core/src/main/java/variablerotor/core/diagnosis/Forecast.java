package variablerotor.core.diagnosis;

import org.jspecify.annotations.Nullable;
import variablerotor.core.check.UnitState;
import variablerotor.core.likelihood.Check;

/**
 * How many minutes a check leads to, to the proof: its own, and for each of its answers those of
 * the checks that would follow. What follows is forecast along the likeliest answers by a plain
 * rule: the check that clears most of what is still possible a minute, the way to it counted. An
 * answer off that line ends the search where it decides, and is followed likewise where it does
 * not.
 */
final class Forecast {
  /** What an unlikely answer that decides nothing costs from there on [min]. Judgement. */
  private static final double ASTRAY = 10;

  /** An answer off the line is followed, too, where it comes up at least this often. */
  private static final double WORTH_FOLLOWING = 0.1;

  /** Answers rarer than this are not followed. */
  private static final double SELDOM = 0.01;

  /** A line is followed while it is at least this likely to go on. */
  private static final double GOES_ON = 0.08;

  /**
   * What a check is worth that clears nothing by its likeliest answer, and something by another.
   */
  private static final double FAINT = 1e-4;

  private final CauseTable table;
  private final Goal goal;

  /**
   * The rivals still allowed, and how likely each is; they sum to 1.
   *
   * @param weight by cause of the table; 0 for those that are not among them
   */
  private record Open(int[] cause, double[] weight) {}

  /**
   * @param goal what the search is for
   */
  Forecast(CauseTable table, Goal goal) {
    this.table = table;
    this.goal = goal;
  }

  private static Open open(Belief belief) {
    boolean[] rivals = belief.rivals();
    int[] cause = new int[rivals.length];
    double[] weight = new double[rivals.length];
    int n = 0;
    double sum = 0;
    for (int i = 0; i < rivals.length; i++) {
      if (rivals[i]) {
        cause[n++] = i;
        weight[i] = belief.probability[i];
        sum += belief.probability[i];
      }
    }
    return scaled(cause, n, weight, sum);
  }

  private static Open scaled(int[] cause, int n, double[] weight, double sum) {
    int[] kept = java.util.Arrays.copyOf(cause, n);
    for (int i : kept) {
      weight[i] /= sum;
    }
    return new Open(kept, weight);
  }

  private Open after(Open open, int check, int outcome) {
    int[] cause = new int[open.cause.length];
    double[] weight = new double[open.weight.length];
    int n = 0;
    double sum = 0;
    double[][] kept = table.kept[check];
    for (int i : open.cause) {
      double share = kept[i][outcome];
      if (share > 0) {
        cause[n++] = i;
        weight[i] = open.weight[i] * share;
        sum += weight[i];
      }
    }
    return scaled(cause, n, weight, sum);
  }

  /** Whether all causes still allowed share what the goal asks for. */
  private boolean decided(Open open) {
    int shared = -1;
    for (int i : open.cause) {
      shared &= goal.bits()[i];
    }
    return shared != 0;
  }

  /** How often each answer comes, of those that some open cause can give. */
  private double[] chances(Open open, int check) {
    double[] chances = new double[table.kept[check][0].length];
    for (int i : open.cause) {
      double weight = open.weight[i];
      double[] kept = table.kept[check][i];
      for (int o = 0; o < chances.length; o++) {
        chances[o] += weight * kept[o];
      }
    }
    return chances;
  }

  private static int likeliest(double[] chances) {
    int best = 0;
    for (int o = 1; o < chances.length; o++) {
      best = chances[o] > chances[best] ? o : best;
    }
    return best;
  }

  /**
   * Minutes to the proof on average if this check is made now [min].
   *
   * @param enough where it comes to more than this, how much more is not worked out
   */
  double minutes(Belief belief, int[] answers, UnitState now, int check, double enough) {
    Check first = table.checks.get(check);
    Open open = open(belief);
    double minutes = table.minutes[check] + now.minutesTo(first.state());
    double[] chances = chances(open, check);
    for (int o = 0; o < chances.length && minutes < enough; o++) {
      if (chances[o] > SELDOM) {
        int[] then = answers.clone();
        then[check] = o;
        double left = (enough - minutes) / chances[o];
        minutes += chances[o] * along(after(open, check, o), then, first.state(), chances[o], left);
      }
    }
    return minutes;
  }

  /**
   * What the plain rule takes.
   *
   * @param rate share of what is still possible that it would clear a minute
   */
  record Choice(int check, double rate) {}

  /**
   * The check that the plain rule takes first; null for none.
   *
   * @param stay whether only checks that need no change of state will do
   */
  @Nullable Choice plain(Belief belief, int[] answers, UnitState now, boolean stay) {
    return next(open(belief), answers, now, stay);
  }

  /**
   * @param reached how likely it is to come here at all
   * @param enough where it comes to more than this, how much more is not worked out
   */
  private double along(Open start, int[] answers, UnitState from, double reached, double enough) {
    Open open = start;
    UnitState now = from;
    double minutes = 0;
    double going = 1;
    while (going > GOES_ON && minutes < enough && !decided(open)) {
      Choice choice = next(open, answers, now, false);
      if (choice == null) {
        break;
      }
      int check = choice.check;
      Check made = table.checks.get(check);
      minutes += going * (table.minutes[check] + now.minutesTo(made.state()));
      now = made.state();
      double[] chances = chances(open, check);
      int likeliest = likeliest(chances);
      for (int o = 0; o < chances.length; o++) {
        if (o != likeliest && chances[o] > SELDOM) {
          double here = going * chances[o];
          int[] then = answers.clone();
          then[check] = o;
          double left = (enough - minutes) / here;
          minutes += here * offTheLine(after(open, check, o), then, now, reached * here, left);
        }
      }
      going *= chances[likeliest];
      answers[check] = likeliest;
      open = after(open, check, likeliest);
    }
    return minutes;
  }

  private double offTheLine(
      Open open, int[] answers, UnitState now, double reached, double enough) {
    if (decided(open)) {
      return 0;
    }
    return reached < WORTH_FOLLOWING ? ASTRAY : along(open, answers, now, reached, enough);
  }

  private @Nullable Choice next(Open open, int[] answers, UnitState now, boolean stay) {
    Choice choice = next(open, answers, now, stay, false);
    return choice != null ? choice : next(open, answers, now, stay, true);
  }

  /**
   * @param faint whether a check will do that clears something only by an unlikely answer
   */
  private @Nullable Choice next(
      Open open, int[] answers, UnitState now, boolean stay, boolean faint) {
    int best = -1;
    double most = 0;
    for (int c = 0; c < answers.length; c++) {
      if (!table.hard[c] || (stay && table.state[c] != now)) {
        continue;
      }
      // No check clears more than all there is: one that takes too long for that is passed over.
      double minutes = table.minutes[c] + now.minutesTo(table.state[c]);
      if (most * minutes < 1 && table.mayCome(c, answers)) {
        double rate = (faint ? clearsOtherwise(open, c) : clears(open, c)) / minutes;
        if (rate > most) {
          best = c;
          most = rate;
        }
      }
    }
    return best < 0 ? null : new Choice(best, most);
  }

  /** Share of what is still possible that the likeliest answer of a check would clear. */
  private double clears(Open open, int check) {
    double[] kept = table.keptGood[check];
    // The shorter of two ways to the same sums: over those still open, or over the unlike ones.
    boolean few = open.cause.length <= table.unlikeUsual[check].length;
    double usual = few ? 0 : 1;
    double good = 0;
    double cleared = 0;
    for (int i : few ? open.cause : table.unlikeUsual[check]) {
      double weight = open.weight[i];
      usual -= few ? 0 : weight;
      good += weight * kept[i];
      cleared += kept[i] > 0 ? 0 : weight;
    }
    good += usual * table.usualGood[check];
    // Where all is well more often than not, that is the likeliest answer; else each is looked at.
    return good < 0.5 ? clearsOtherwise(open, check) : cleared;
  }

  private double clearsOtherwise(Open open, int check) {
    double[] chances = chances(open, check);
    int likeliest = likeliest(chances);
    double cleared = 0;
    boolean some = false;
    for (int i : open.cause) {
      double[] kept = table.kept[check][i];
      cleared += kept[likeliest] > 0 ? 0 : open.weight[i];
      for (int o = 0; o < chances.length && !some; o++) {
        some = kept[o] == 0 && chances[o] > SELDOM;
      }
    }
    return cleared > 0 ? cleared : some ? FAINT : 0;
  }
}
