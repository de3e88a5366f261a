package variablerotor.core.van;

/** How often a year a unit was called for, from the shop's own records. */
public final class CallRate {
  /** Days of a year, leap years counted [d]. */
  private static final double DAYS_A_YEAR = 365.25;

  private CallRate() {}

  /**
   * Records of less than a year are taken for a year: what happened in a month does not happen
   * twelve times.
   *
   * @param times calls so far
   * @param days so far as the records go back [d]
   * @return calls a year
   */
  public static double perYear(int times, double days) {
    return times / Math.max(1, days / DAYS_A_YEAR);
  }
}
