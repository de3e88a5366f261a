package variablerotor.core.likelihood;

/** Who answers a check, and so what the answer can do. */
public enum Witness {
  /** A meter, or a trial that only one thing explains: what it cannot be seen under is cleared. */
  MEASURED,
  /**
   * Hand, eye, ear or nose, at the part itself: as it should be, it clears; otherwise it moves
   * suspicion and never proves.
   */
  SENSED,
  /** As SENSED, of what is so plain to see that it is seldom mistaken. */
  SEEN,
  /** Told, heard or seen in passing: moves suspicion, and clears nothing. */
  TOLD
}
