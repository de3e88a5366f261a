package variablerotor.core.signal;

/** Where a measured signal lies against its window. */
public enum Level {
  ABSENT,
  LOW,
  GOOD,
  HIGH
}
