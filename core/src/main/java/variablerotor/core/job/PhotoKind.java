package variablerotor.core.job;

/** What a photo shows. */
public enum PhotoKind {
  UNIT_PLATE("Plate of the unit"),
  MOTOR_PLATE("Plate of the motor"),
  WIRING("Wiring, before anything is moved"),
  AS_WIRED("Wiring, as it was made"),
  OTHER("Anything else");

  private final String title;

  PhotoKind(String title) {
    this.title = title;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }
}
