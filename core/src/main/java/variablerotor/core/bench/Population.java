package variablerotor.core.bench;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.FamilyModel;

/** Many simulated calls of every family, and how three orders of checks did on them. */
public final class Population {

  /** Sums over the calls of one family by one order. */
  public static final class Tally {
    private int calls;
    private int right;
    private int decided;
    private int settled;
    private int closed;
    private int wronglyProved;
    private int actionRight;
    private int wrongPart;
    private int unlisted;
    private int unlistedProved;
    private int unlistedPart;
    private long checks;
    private double minutes;
    private int both;
    private double settledMinutes;
    private double namedMinutes;

    void add(BenchCall.Result result, boolean odd) {
      if (odd) {
        unlisted++;
        unlistedProved += result.wronglyProved() ? 1 : 0;
        unlistedPart += result.wrongPart() ? 1 : 0;
        return;
      }
      calls++;
      right += result.right() ? 1 : 0;
      decided += result.decided() ? 1 : 0;
      settled += result.action() == null ? 0 : 1;
      closed += result.decided() || result.action() != null ? 1 : 0;
      wronglyProved += result.wronglyProved() ? 1 : 0;
      actionRight += result.actionRight() ? 1 : 0;
      wrongPart += result.wrongPart() ? 1 : 0;
      checks += result.checks();
      minutes += result.minutes();
      if (result.settledMinutes() != null && result.namedMinutes() != null) {
        both++;
        settledMinutes += result.settledMinutes();
        namedMinutes += result.namedMinutes();
      }
    }

    void add(Tally other) {
      calls += other.calls;
      right += other.right;
      decided += other.decided;
      settled += other.settled;
      closed += other.closed;
      wronglyProved += other.wronglyProved;
      actionRight += other.actionRight;
      wrongPart += other.wrongPart;
      unlisted += other.unlisted;
      unlistedProved += other.unlistedProved;
      unlistedPart += other.unlistedPart;
      checks += other.checks;
      minutes += other.minutes;
      both += other.both;
      settledMinutes += other.settledMinutes;
      namedMinutes += other.namedMinutes;
    }

    /** How many calls were run with a fault that is listed. */
    public int calls() {
      return calls;
    }

    /** Share of calls in which the suspect that leads at the end is to blame [%]. */
    public double rightPercent() {
      return percent(right, calls);
    }

    /** Of all calls, those in which a suspect was proved [%]. */
    public double decidedPercent() {
      return percent(decided, calls);
    }

    /** Of all calls, those in which what is to be done was settled [%]. */
    public double settledPercent() {
      return percent(settled, calls);
    }

    /** Of all calls, those in which neither part nor remedy came out [%]. */
    public double undecidedPercent() {
      return 100 - percent(closed, calls);
    }

    /** Of the remedies settled, those that are rightly done [%]. */
    public double remedyRightPercent() {
      return percent(actionRight, settled);
    }

    /** Calls in which a suspect was proved that is not to blame. */
    public int wronglyProved() {
      return wronglyProved;
    }

    /**
     * Calls in which a dear part would be ordered that is not rightly replaced, of a thousand, with
     * those that have something unlisted.
     */
    public double wrongPartPerThousand() {
      return 10 * percent(wrongPart + unlistedPart, calls + unlisted);
    }

    /** Calls with something that nobody listed. */
    public int unlisted() {
      return unlisted;
    }

    /** Those of them in which something was proved that is not to blame. */
    public int unlistedProved() {
      return unlistedProved;
    }

    /** Checks to the end; on average. */
    public double checks() {
      return (double) checks / Math.max(1, calls);
    }

    /** Likewise [min]. */
    public double minutes() {
      return minutes / Math.max(1, calls);
    }

    /** Where both came about: until what is to be done was settled, on average [min]. */
    public double settledMinutes() {
      return settledMinutes / Math.max(1, both);
    }

    /** Where both came about: until the part had its name, on average [min]. */
    public double namedMinutes() {
      return namedMinutes / Math.max(1, both);
    }

    private static double percent(int count, int of) {
      return 100.0 * count / Math.max(1, of);
    }
  }

  private final Map<Family, Map<CheckOrder, Tally>> tallies = new EnumMap<>(Family.class);

  private Population() {}

  /** By every order of checks. */
  public static Population run(int cases, long seed, double wrongRate, double missingRate) {
    return run(cases, seed, wrongRate, missingRate, List.of(CheckOrder.values()));
  }

  /**
   * @param cases how many calls, dealt out evenly over the families
   * @param seed the same seed, the same calls
   * @param wrongRate share of readings that are simply wrong
   * @param missingRate share of checks that cannot be made
   * @param orders by which each call is worked through; what one finds hangs on no other
   */
  public static Population run(
      int cases, long seed, double wrongRate, double missingRate, List<CheckOrder> orders) {
    Population population = new Population();
    Random random = new Random(seed);
    for (int i = 0; i < cases; ) {
      for (Family family : Family.values()) {
        if (FamilyModel.covers(family) && i < cases) {
          population.call(HiddenFault.draw(family, random, true), wrongRate, missingRate, orders);
          i++;
        }
      }
    }
    return population;
  }

  private void call(
      HiddenFault hidden, double wrongRate, double missingRate, List<CheckOrder> orders) {
    Map<CheckOrder, Tally> mine =
        tallies.computeIfAbsent(hidden.family(), f -> new EnumMap<>(CheckOrder.class));
    for (CheckOrder order : orders) {
      SimulatedMotor motor = SimulatedMotor.onACall(hidden);
      mine.computeIfAbsent(order, o -> new Tally())
          .add(BenchCall.run(motor, order, wrongRate, missingRate), hidden.oddity() != null);
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
