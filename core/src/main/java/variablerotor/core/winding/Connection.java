package variablerotor.core.winding;

/** How the three phases are joined inside the motor. A meter at the leads cannot see it. */
public enum Connection {
  /** Star (wye): the usual one in small permanent-magnet motors. */
  STAR("Star"),
  DELTA("Delta"),
  /** Not stated; read as star, and where a delta explains the readings better, that is said. */
  UNKNOWN("Not stated");

  private final String title;

  Connection(String title) {
    this.title = title;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }
}
