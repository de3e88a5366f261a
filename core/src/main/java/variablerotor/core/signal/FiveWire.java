package variablerotor.core.signal;

/**
 * What a speed command asks of a five-wire fan. The points are of one sample motor, common
 * practice; another turns faster or slower, but no healthy one runs backwards along this line.
 */
public final class FiveWire {
  /** Speed command [V DC] of the sample. */
  private static final double[] COMMAND = {2.0, 3.6, 4.12, 5.5};

  /** Its speed there [r/min]; it begins to turn near 2 V, and 5.5 V is its top. */
  private static final double[] RPM = {0, 1217, 1650, 2600};

  private FiveWire() {}

  /**
   * Speed that the sample motor runs at [r/min].
   *
   * @param command speed command, yellow to black as a rule [V DC]
   */
  public static double sampleRpm(double command) {
    int last = COMMAND.length - 1;
    if (command <= COMMAND[0]) {
      return 0;
    }
    if (command >= COMMAND[last]) {
      return RPM[last];
    }
    int above = 1;
    while (COMMAND[above] < command) {
      above++;
    }
    double share = (command - COMMAND[above - 1]) / (COMMAND[above] - COMMAND[above - 1]);
    return RPM[above - 1] + share * (RPM[above] - RPM[above - 1]);
  }
}
