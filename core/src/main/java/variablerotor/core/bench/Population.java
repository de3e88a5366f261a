package variablerotor.core.bench;

import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.odds.FamilyModel;

/** Many simulated calls of every family, and how three orders of checks did on them. */
public final class Population {

  /** Sums over the calls of one family by one order. */
  public static final class Tally {
    private int calls;
    private int right;
    private int decided;
    private int wronglyProved;
    private long checks;
    private double minutes;

    void add(BenchCall.Result result) {
      calls++;
      right += result.right() ? 1 : 0;
      decided += result.decided() ? 1 : 0;
      wronglyProved += result.wronglyProved() ? 1 : 0;
      checks += result.checks();
      minutes += result.minutes();
    }

    void add(Tally other) {
      calls += other.calls;
      right += other.right;
      decided += other.decided;
      wronglyProved += other.wronglyProved;
      checks += other.checks;
      minutes += other.minutes;
    }

    /** How many calls were run. */
    public int calls() {
      return calls;
    }

    /** Share of calls in which the suspect that leads at the end is to blame [%]. */
    public double rightPercent() {
      return percent(right);
    }

    /** Of all calls, those that ended in a verdict [%]. */
    public double decidedPercent() {
      return percent(decided);
    }

    /** Calls in which a suspect was proved that is not to blame. */
    public int wronglyProved() {
      return wronglyProved;
    }

    /** Checks to the proof, or to the end where there is none; on average. */
    public double checks() {
      return (double) checks / Math.max(1, calls);
    }

    /** Likewise [min]. */
    public double minutes() {
      return minutes / Math.max(1, calls);
    }

    private double percent(int count) {
      return 100.0 * count / Math.max(1, calls);
    }
  }

  private final Map<Family, Map<CheckOrder, Tally>> tallies = new EnumMap<>(Family.class);

  private Population() {}

  /**
   * @param cases how many calls, dealt out evenly over the families
   * @param seed the same seed, the same calls
   * @param wrongRate share of readings that are simply wrong
   * @param missingRate share of checks that cannot be made
   */
  public static Population run(int cases, long seed, double wrongRate, double missingRate) {
    Population population = new Population();
    Random random = new Random(seed);
    for (int i = 0; i < cases; ) {
      for (Family family : Family.values()) {
        if (FamilyModel.covers(family) && i < cases) {
          population.call(HiddenFault.draw(family, random), wrongRate, missingRate);
          i++;
        }
      }
    }
    return population;
  }

  private void call(HiddenFault hidden, double wrongRate, double missingRate) {
    Map<CheckOrder, Tally> mine =
        tallies.computeIfAbsent(hidden.family(), f -> new EnumMap<>(CheckOrder.class));
    for (CheckOrder order : CheckOrder.values()) {
      mine.computeIfAbsent(order, o -> new Tally())
          .add(BenchCall.run(hidden, order, wrongRate, missingRate));
    }
  }

  /** Null where no call of the family was run. */
  public @Nullable Tally of(Family family, CheckOrder order) {
    Map<CheckOrder, Tally> mine = tallies.get(family);
    return mine == null ? null : mine.get(order);
  }

  /** Over all families. */
  public Tally overall(CheckOrder order) {
    Tally sum = new Tally();
    for (Map<CheckOrder, Tally> mine : tallies.values()) {
      Tally one = mine.get(order);
      if (one != null) {
        sum.add(one);
      }
    }
    return sum;
  }
}
