package variablerotor.core.winding;

/** What the readings allow to be said of the winding. */
public enum WindingState {
  SOUND,
  FAULTY,
  /** The meter cannot tell. */
  UNCERTAIN,
  NOT_MEASURED
}
