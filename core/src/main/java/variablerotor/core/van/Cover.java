package variablerotor.core.van;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import variablerotor.core.van.VanRequest.Stocked;

/**
 * The few that cover most (maximum coverage), by branch and bound. A branch is given up where the
 * Lagrangian bound of what is left says that it cannot be better: each group of motors gets a price
 * λ between nothing and its weight w, and no set of r models more covers more than
 *
 * <p>what is covered + Σ (w − λ) over the groups left + the r largest Σ λ of a model over them.
 *
 * <p>The prices come nearer by subgradient steps (Held, Wolfe and Crowder, from memory); any prices
 * give a true bound, good ones a close one. Where two sets cover as much, the cheaper is better, an
 * unknown price being dearer than any; then the fewer models; then ids in order.
 */
final class Cover {
  /** Steps towards good prices. */
  private static final int STEPS = 400;

  /** The same within the search, from the prices of the branch before. */
  private static final int NODE_STEPS = 12;

  /** Looks at one model in one branch, before the search for the proof is given up. */
  private static final long MOST_LOOKS = 6_000_000;

  /** Sums that differ by less, in shares of the whole, are the same. */
  private static final double SAME = 1e-9;

  /**
   * @param proved whether no other set is better
   * @param bound no set covers more than this
   */
  record Best(List<Stocked> chosen, double perYear, boolean proved, double bound) {
    Best {
      chosen = List.copyOf(chosen);
    }
  }

  /** Of those that could be chosen, without those that another is never worse than; by id. */
  private final Stocked[] models;

  /** The groups that each covers. */
  private final int[][] groupsOf;

  private final double[] weight;
  private final double within;

  private int slots;
  private Branch best = Branch.NONE;
  private long looks;

  /**
   * @param groups by which of the candidates cover them, how often a year they fail
   */
  Cover(List<Stocked> candidates, Map<BitSet, Double> groups) {
    weight = groups.values().stream().mapToDouble(Double::doubleValue).toArray();
    within = SAME * (1 + Arrays.stream(weight).sum());
    List<BitSet> sets = new ArrayList<>();
    for (int at = 0; at < candidates.size(); at++) {
      BitSet covers = new BitSet();
      int group = 0;
      for (BitSet fits : groups.keySet()) {
        covers.set(group++, fits.get(at));
      }
      sets.add(covers);
    }
    List<Integer> kept = new ArrayList<>();
    for (int at = 0; at < candidates.size(); at++) {
      boolean needless = sets.get(at).isEmpty();
      for (int other = 0; other < candidates.size() && !needless; other++) {
        needless = other != at && isNeverBetter(candidates, sets, at, other);
      }
      if (!needless) {
        kept.add(at);
      }
    }
    kept.sort(Comparator.comparing(at -> candidates.get(at).id()));
    models = kept.stream().map(candidates::get).toArray(Stocked[]::new);
    groupsOf = kept.stream().map(at -> sets.get(at).stream().toArray()).toArray(int[][]::new);
  }

  /** Whether the other can stand wherever this one does, and nothing is worse for it. */
  private static boolean isNeverBetter(
      List<Stocked> candidates, List<BitSet> sets, int at, int other) {
    BitSet more = (BitSet) sets.get(at).clone();
    more.andNot(sets.get(other));
    if (!more.isEmpty()) {
      return false;
    }
    double mine = cost(candidates.get(at));
    double its = cost(candidates.get(other));
    return its < mine
        || (its == mine && candidates.get(other).id().compareTo(candidates.get(at).id()) < 0);
  }

  /** Dearer than any where it is not known. */
  private static double cost(Stocked one) {
    return one.price() == null ? Double.POSITIVE_INFINITY : one.price();
  }

  /** What is the same sum, for all the rounding [1/year]. */
  double within() {
    return within;
  }

  /** The best set of at most so many. */
  Best best(int room) {
    slots = room;
    best = Branch.NONE;
    looks = 0;
    greedy();
    boolean[] covered = new boolean[weight.length];
    boolean[] out = new boolean[models.length];
    double[] half = Arrays.stream(weight).map(one -> one / 2).toArray();
    Priced root = priced(half, STEPS, 0, slots, covered, out);
    search(Branch.NONE, covered, out, root.prices());
    boolean proved = looks < MOST_LOOKS;
    List<Stocked> chosen = Arrays.stream(best.ids).mapToObj(at -> models[at]).toList();
    return new Best(chosen, best.perYear, proved, proved ? best.perYear : root.bound());
  }

  /** A set on its way, its models in order. */
  private static final class Branch {
    static final Branch NONE = new Branch(new int[0], 0, 0, 0);

    final int[] ids;
    final double perYear;
    final int unpriced;
    final double price;

    private Branch(int[] ids, double perYear, int unpriced, double price) {
      this.ids = ids;
      this.perYear = perYear;
      this.unpriced = unpriced;
      this.price = price;
    }

    Branch with(int id, double gain, Stocked model) {
      int[] more = Arrays.copyOf(ids, ids.length + 1);
      more[ids.length] = id;
      Arrays.sort(more);
      Double its = model.price();
      return new Branch(
          more, perYear + gain, unpriced + (its == null ? 1 : 0), price + (its == null ? 0 : its));
    }
  }

  private boolean isBetter(Branch one, Branch other) {
    if (Math.abs(one.perYear - other.perYear) > within) {
      return one.perYear > other.perYear;
    }
    int dearer = dearer(one.unpriced, one.price, one.ids.length, other);
    return dearer != 0 ? dearer < 0 : Arrays.compare(one.ids, other.ids) < 0;
  }

  /** Below zero where such a set is cheaper, or as cheap with fewer models. */
  private static int dearer(int unpriced, double price, int count, Branch other) {
    if (unpriced != other.unpriced) {
      return Integer.compare(unpriced, other.unpriced);
    }
    double cent = 1e-6 * (1 + Math.abs(other.price));
    return Math.abs(price - other.price) > cent
        ? Double.compare(price, other.price)
        : Integer.compare(count, other.ids.length);
  }

  /** Always whichever adds most, as something to be better than. */
  private void greedy() {
    Branch branch = Branch.NONE;
    boolean[] covered = new boolean[weight.length];
    while (branch.ids.length < slots) {
      int next = -1;
      double most = within;
      for (int at = 0; at < models.length; at++) {
        double gain = sum(weight, at, covered);
        if (gain > most) {
          most = gain;
          next = at;
        }
      }
      if (next < 0) {
        break;
      }
      cover(next, covered);
      branch = branch.with(next, most, models[next]);
    }
    best = branch;
    swap();
  }

  /** One for another, as long as it gets better. */
  private void swap() {
    for (boolean again = true; again; ) {
      again = false;
      Branch start = best;
      for (int out = 0; out < start.ids.length && !again; out++) {
        for (int in = 0; in < models.length && !again; in++) {
          Branch other = Branch.NONE;
          boolean[] covered = new boolean[weight.length];
          for (int at = 0; at < start.ids.length; at++) {
            int id = at == out ? in : start.ids[at];
            double gain = sum(weight, id, covered);
            cover(id, covered);
            other = other.with(id, gain, models[id]);
          }
          boolean twice = Arrays.stream(other.ids).distinct().count() < other.ids.length;
          if (!twice && isBetter(other, best)) {
            best = other;
            again = true;
          }
        }
      }
    }
  }

  private double sum(double[] of, int model, boolean[] covered) {
    double sum = 0;
    for (int group : groupsOf[model]) {
      if (!covered[group]) {
        sum += of[group];
      }
    }
    return sum;
  }

  private void cover(int model, boolean[] covered) {
    for (int group : groupsOf[model]) {
      covered[group] = true;
    }
  }

  /** A bound of what a branch can come to, and the prices of the groups that give it. */
  private record Priced(double bound, double[] prices, double[] worth) {}

  /**
   * The closest bound that so many steps find.
   *
   * @param from prices to begin with
   * @param base what is covered already
   */
  private Priced priced(
      double[] from, int steps, double base, int room, boolean[] covered, boolean[] barred) {
    double[] now = from.clone();
    Priced closest = new Priced(Double.POSITIVE_INFINITY, from, new double[models.length]);
    double step = 1;
    int[] top = new int[Math.min(room, models.length)];
    for (int turn = 0; turn < steps; turn++) {
      double[] worth = new double[models.length];
      int found = 0;
      double value = base;
      for (int at = 0; at < models.length; at++) {
        if (!barred[at]) {
          looks++;
          worth[at] = sum(now, at, covered);
          found = insert(top, found, at, worth);
        }
      }
      int[] times = new int[weight.length];
      for (int at = 0; at < found; at++) {
        value += worth[top[at]];
        for (int group : groupsOf[top[at]]) {
          times[group]++;
        }
      }
      double square = 0;
      for (int group = 0; group < weight.length; group++) {
        if (!covered[group]) {
          value += weight[group] - now[group];
          int slope = times[group] - 1;
          boolean stuck = slope > 0 && now[group] <= 0 || slope < 0 && now[group] >= weight[group];
          square += stuck ? 0 : slope * slope;
        }
      }
      if (value < closest.bound() - within) {
        closest = new Priced(value, now.clone(), worth);
      } else if (turn % 5 == 4) {
        step *= 0.7;
      }
      if (square == 0 || closest.bound() < best.perYear - within) {
        break;
      }
      double length = step * Math.max(value - best.perYear, within) / square;
      for (int group = 0; group < weight.length; group++) {
        if (!covered[group]) {
          double next = now[group] - length * (times[group] - 1);
          now[group] = Math.max(0, Math.min(weight[group], next));
        }
      }
    }
    return closest;
  }

  /** Keeps those worth most, the best first; gives how many there are now. */
  private static int insert(int[] top, int found, int model, double[] worth) {
    if (top.length == 0 || (found == top.length && worth[top[found - 1]] >= worth[model])) {
      return found;
    }
    int at = Math.min(found, top.length - 1);
    while (at > 0 && worth[top[at - 1]] < worth[model]) {
      top[at] = top[at - 1];
      at--;
    }
    top[at] = model;
    return Math.min(found + 1, top.length);
  }

  private void search(Branch branch, boolean[] covered, boolean[] out, double[] prices) {
    if (isBetter(branch, best)) {
      best = branch;
    }
    int room = slots - branch.ids.length;
    if (room == 0) {
      return;
    }
    boolean[] barred = out.clone();
    double[] from = prices;
    while (looks < MOST_LOOKS) {
      double[] gains = new double[models.length];
      for (int at = 0; at < models.length; at++) {
        gains[at] = barred[at] ? 0 : sum(weight, at, covered);
        barred[at] |= gains[at] <= within;
      }
      Priced priced = priced(from, NODE_STEPS, branch.perYear, room, covered, barred);
      from = priced.prices();
      double reach = Math.min(priced.bound(), branch.perYear + top(gains, room));
      if (!mayBeBetter(branch, reach, room, barred, gains)) {
        return;
      }
      int next = -1;
      double rth = last(priced.worth(), barred, room);
      for (int at = 0; at < models.length; at++) {
        if (barred[at]) {
          continue;
        }
        // With this one, and so without one of those that the bound counts on, it is too little.
        if (priced.bound() - Math.max(0, rth - priced.worth()[at]) < best.perYear - within) {
          barred[at] = true;
        } else if (next < 0 || gains[at] > gains[next]) {
          next = at;
        }
      }
      if (next < 0) {
        return;
      }
      boolean[] then = covered.clone();
      cover(next, then);
      barred[next] = true;
      search(branch.with(next, gains[next], models[next]), then, barred, from);
    }
  }

  /** The least of the so many that are worth most; nothing where there are fewer. */
  private static double last(double[] worth, boolean[] barred, int room) {
    double[] left = new double[worth.length];
    int count = 0;
    for (int at = 0; at < worth.length; at++) {
      if (!barred[at]) {
        left[count++] = worth[at];
      }
    }
    Arrays.sort(left, 0, count);
    return count < room ? 0 : left[count - room];
  }

  /** Whether any set that has these models, none that is barred, and some of the rest may be. */
  private boolean mayBeBetter(
      Branch branch, double reach, int room, boolean[] barred, double[] gains) {
    if (reach < best.perYear - within) {
      return false;
    }
    if (reach > best.perYear + within) {
      return true;
    }
    // As much at best: then it must be cheaper, with as many more as it takes at least.
    int more = 0;
    while (more < room && branch.perYear + top(gains, more) < best.perYear - within) {
      more++;
    }
    double[] costs = new double[models.length];
    int count = 0;
    for (int at = 0; at < models.length; at++) {
      if (!barred[at] && gains[at] > within) {
        costs[count++] = cost(models[at]);
      }
    }
    Arrays.sort(costs, 0, count);
    int unpriced = branch.unpriced;
    double price = branch.price;
    for (int at = 0; at < Math.min(more, count); at++) {
      unpriced += Double.isInfinite(costs[at]) ? 1 : 0;
      price += Double.isInfinite(costs[at]) ? 0 : costs[at];
    }
    return dearer(unpriced, price, branch.ids.length + more, best) <= 0;
  }

  private static double top(double[] values, int count) {
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    double sum = 0;
    for (int at = 0; at < Math.min(count, sorted.length); at++) {
      sum += sorted[sorted.length - 1 - at];
    }
    return sum;
  }
}
