package variablerotor.core.winding;

/**
 * Three resistances that meet in one point.
 *
 * @param a from lead A to the star point [Ω], and so b, c
 */
public record Star(double a, double b, double c) {

  /**
   * The star that shows these pairs at its leads: R_A = (AB + CA − BC)/2 and so on. A negative
   * value means that the three readings cannot belong to one winding: a resistance between two
   * leads is never more than the way round by the third.
   */
  public static Star ofPairs(double ab, double bc, double ca) {
    return new Star((ab + ca - bc) / 2, (ab + bc - ca) / 2, (bc + ca - ab) / 2);
  }

  /** Between leads A and B [Ω]. */
  public double ab() {
    return a + b;
  }

  /** Between leads B and C [Ω]. */
  public double bc() {
    return b + c;
  }

  /** Between leads C and A [Ω]. */
  public double ca() {
    return c + a;
  }

  /** From this lead to the star point [Ω]. */
  public double of(Phase phase) {
    return phase == Phase.A ? a : phase == Phase.B ? b : c;
  }

  /** The lowest of the three [Ω]. */
  public double least() {
    return Math.min(a, Math.min(b, c));
  }

  /** The delta with the same readings at its leads; star-delta transform (any circuit text). */
  public Delta toDelta() {
    double sum = a * b + b * c + c * a;
    return new Delta(sum / c, sum / a, sum / b);
  }
}
