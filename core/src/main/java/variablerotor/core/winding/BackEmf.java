package variablerotor.core.winding;

/** What a motor tells when it is turned with its leads open: three AC voltages and a frequency. */
public final class BackEmf {
  private BackEmf() {}

  /**
   * Whether the three voltages [V] agree within the limit. A shorted phase reads low, and drags.
   *
   * @param limitPercent largest unbalance allowed [%]
   */
  public static boolean agrees(double ab, double bc, double ca, double limitPercent) {
    return Unbalance.percent(ab, bc, ca) <= limitPercent;
  }

  /**
   * Rotor speed n = 60 f / p [r/min] from the frequency [Hz] of voltage, or of pulses that come so
   * often a revolution. Any machine text.
   *
   * @param polePairs half the number of poles, or pulses a revolution; 1 or more
   */
  public static double rpm(double hertz, int polePairs) {
    if (polePairs < 1) {
      throw new IllegalArgumentException("pole pairs: 1 or more");
    }
    return 60 * hertz / polePairs;
  }
}
