package variablerotor.core.diagnosis;

/** How a suspect stands. */
public enum SuspectState {
  /** The facts leave nothing else: each rival is cleared by a fact. */
  PROVED,
  LIKELY,
  POSSIBLE,
  CLEARED
}
