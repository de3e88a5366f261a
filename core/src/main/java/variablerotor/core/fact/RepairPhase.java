package variablerotor.core.fact;

/** When a fact was taken. The two are never mixed: what is fitted is not what failed. */
public enum RepairPhase {
  /** On the machine as it was found. */
  BEFORE,
  /** On the machine as it was left. */
  AFTER
}
