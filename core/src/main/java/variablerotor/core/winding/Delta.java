package variablerotor.core.winding;

/**
 * Three resistances in a ring.
 *
 * @param ab the leg from lead A to lead B [Ω], and so bc, ca
 */
public record Delta(double ab, double bc, double ca) {

  /** The star with the same readings at its leads; delta-star transform (any circuit text). */
  public Star toStar() {
    double sum = ab + bc + ca;
    return new Star(ab * ca / sum, ab * bc / sum, bc * ca / sum);
  }

  /** Of the leg between these leads [Ω]. */
  public double of(Pair leg) {
    return leg == Pair.AB ? ab : leg == Pair.BC ? bc : ca;
  }
}
