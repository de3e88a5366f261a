package variablerotor.core.diagnosis;

/** How far the diagnosis has come. */
public enum VerdictState {
  DECIDED,
  /** A best guess, with what would prove it. */
  NARROWED,
  OPEN
}
