package variablerotor.core.check;

/** What the fan does wrong. */
public enum Symptom {
  NO_RUN("Does not run"),
  RUNS_ALWAYS("Never stops"),
  STARTS_THEN_STOPS("Starts, then stops"),
  NO_SPEED_CHANGE("Does not change speed"),
  LOW_AIRFLOW("Too little air"),
  WRONG_DIRECTION("Turns the wrong way"),
  NOISE("Makes a noise"),
  TRIPS_PROTECTION("Trips breaker or fuse"),
  CODE_BUT_RUNS("Shows a code, but runs"),
  INTERMITTENT("Comes and goes");

  private final String title;

  Symptom(String title) {
    this.title = title;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }
}
