package variablerotor.core.winding;

/** What the readings from lead to frame say. */
public enum FrameState {
  /** OL on all three leads, or insulation proved by a tester. */
  CLEAR,
  /** A path, but above the condemning value: only an insulation tester can tell. */
  LEAK,
  SHORT,
  NOT_MEASURED
}
