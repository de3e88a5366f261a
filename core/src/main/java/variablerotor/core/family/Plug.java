package variablerotor.core.family;

/** Where a terminal sits. */
public enum Plug {
  POWER("Power"),
  CONTROL("Control"),
  WINDING("Motor leads");

  private final String title;

  Plug(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }
}
