package variablerotor.core.winding;

/** One of the three leads of the motor, and the phase winding behind it. */
public enum Phase {
  A,
  B,
  C;

  /** The pair that does not touch this phase. */
  public Pair opposite() {
    switch (this) {
      case A:
        return Pair.BC;
      case B:
        return Pair.CA;
      default:
        return Pair.AB;
    }
  }
}
