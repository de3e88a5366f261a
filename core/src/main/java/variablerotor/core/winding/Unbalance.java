package variablerotor.core.winding;

/**
 * How far three like values differ: 100 × largest deviation from the mean ÷ mean, as NEMA MG 1
 * reckons voltage unbalance (from memory), with the band that reading errors leave.
 *
 * @param percent of the readings as shown [%]
 * @param low least that the true values can have [%]
 * @param high most that the true values can have [%]
 */
public record Unbalance(double percent, double low, double high) {

  /**
   * @param x first of three readings, all above zero
   * @param error half-width of the band round each reading, same unit
   */
  public static Unbalance of(double x, double y, double z, double error) {
    return new Unbalance(percent(x, y, z), least(x, y, z, error), most(x, y, z, error));
  }

  /** Without an interval. All three zero counts as equal. */
  public static double percent(double x, double y, double z) {
    double mean = (x + y + z) / 3;
    if (mean <= 0) {
      return 0;
    }
    double off = Math.max(Math.abs(x - mean), Math.max(Math.abs(y - mean), Math.abs(z - mean)));
    return 100 * off / mean;
  }

  /**
   * The spread of three readings, (max − min) ÷ min [%], which is what "within 10 % of each other"
   * says. Common practice.
   */
  public static double spread(double x, double y, double z) {
    double low = Math.min(x, Math.min(y, z));
    double high = Math.max(x, Math.max(y, z));
    return low <= 0 ? Double.POSITIVE_INFINITY : 100 * (high - low) / low;
  }

  /**
   * Each share x/mean is quasi-linear in the readings, so the largest deviation is quasi-convex and
   * its greatest value over the box of possible readings stands at one of the eight corners.
   */
  private static double most(double x, double y, double z, double error) {
    double most = 0;
    for (int corner = 0; corner < 8; corner++) {
      double px = corner(x, error, corner & 1);
      double py = corner(y, error, corner & 2);
      double pz = corner(z, error, corner & 4);
      most = Math.max(most, percent(px, py, pz));
    }
    return most;
  }

  private static double corner(double value, double error, int up) {
    return Math.max(0, up != 0 ? value + error : value - error);
  }

  /**
   * The least value: bring the outer two as near as their bands allow, and put the middle one where
   * the two deviations are the same, or as near to it as its band allows.
   */
  private static double least(double x, double y, double z, double error) {
    double low = Math.min(x, Math.min(y, z));
    double high = Math.max(x, Math.max(y, z));
    double middle = x + y + z - low - high;
    double top = high - error;
    double bottom = low + error;
    if (top <= bottom) {
      return 0;
    }
    double best = (top + bottom) / 2;
    double near = Math.max(middle - error, Math.min(middle + error, best));
    return percent(bottom, near, top);
  }
}
