package variablerotor.core.signal;

/** Where a measured signal lies against its window. */
public enum Level {
  ABSENT,
  LOW,
  GOOD,
  HIGH,
  /** Just outside: a question (has this unit a window of its own?), and no finding. */
  EDGE
}
