package variablerotor.core.motor;

/** Poles of an induction motor or of one that takes its place, and how fast its field turns. */
public final class SpeedClass {
  private SpeedClass() {}

  /**
   * The poles whose synchronous speed, 120 f / p, is next above the rated one (NEMA MG 1, from
   * memory).
   *
   * @param rpm on its plate [r/min]
   * @param hertz of its plate [Hz]
   */
  public static int poles(double rpm, double hertz) {
    return Math.max(2, 2 * (int) Math.floor(60 * hertz / rpm + 1e-9));
  }

  /**
   * How fast the field turns, 120 f / p (NEMA MG 1, from memory); an induction motor stays below it
   * [r/min].
   *
   * @param hertz of its line [Hz]
   */
  public static double synchronous(int poles, double hertz) {
    return 120 * hertz / poles;
  }
}
