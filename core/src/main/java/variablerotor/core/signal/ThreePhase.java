package variablerotor.core.signal;

/**
 * What unequal line voltages do to a motor. Up to 1 % it runs freely; from there its load is held
 * down by a factor; above 5 % it is not to be run. NEMA MG 1, 14.36 (from memory).
 */
public final class ThreePhase {
  /** Share of rated load at 0, 1, 2, 3, 4 and 5 % of unbalance; NEMA MG 1, 14.36, read off. */
  private static final double[] FACTOR = {1.00, 1.00, 0.95, 0.88, 0.82, 0.75};

  private ThreePhase() {}

  /**
   * Share of its rated load that a motor may carry, linear between whole percents.
   *
   * @param percent voltage unbalance [%], zero or more
   * @return 0 where it is not to be run at all
   */
  public static double derating(double percent) {
    if (percent <= SignalFigures.UNBALANCE_FREE.value()) {
      return 1;
    }
    if (percent > SignalFigures.UNBALANCE_LIMIT.value()) {
      return 0;
    }
    int below = (int) Math.floor(percent);
    int above = Math.min(below + 1, FACTOR.length - 1);
    return FACTOR[below] + (percent - below) * (FACTOR[above] - FACTOR[below]);
  }
}
