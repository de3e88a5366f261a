package variablerotor.core.drawing;

/** What a line or a word is drawn in, by what it says; page and paper choose the colour. */
public enum Ink {
  /** The plain line. */
  INK,
  /** Not looked at, or beside the point. */
  SOFT,
  /** Copper wire as it should be. */
  COPPER,
  FAILED,
  /** The ground that it stands on. */
  PAPER
}
