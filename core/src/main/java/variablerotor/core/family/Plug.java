package variablerotor.core.family;

/** Where a terminal sits. */
public enum Plug {
  POWER("Power"),
  CONTROL("Control"),
  BOARD("At the board"),
  WINDING("Motor leads");

  private final String title;

  Plug(String title) {
    this.title = title;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }
}
