package variablerotor.core.fitting;

/** A stretch of the work, in the order of doing. */
public enum Stage {
  BEFORE("Before anything moves"),
  OUT("Out"),
  BESIDE("Old beside new"),
  IN("In"),
  SETTINGS("Settings"),
  POWER("First power");

  private final String title;

  Stage(String title) {
    this.title = title;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }
}
