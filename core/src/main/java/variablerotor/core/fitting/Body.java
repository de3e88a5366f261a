package variablerotor.core.fitting;

/** What the hands are laid on. */
public enum Body {
  /** A motor that turns a wheel or a blade. */
  MOTOR("the motor"),
  /** Motor, electronics and impeller in one. */
  FAN("the fan"),
  MODULE("the module"),
  BOARD("the board"),
  DRIVE("the drive"),
  /** A contactor in the drive's place. */
  BYPASS("the bypass"),
  WHEEL("the wheel"),
  HARNESS("the harness"),
  SUPPLY("the supply"),
  COMMAND("the call and its supply"),
  SETTING("the setting"),
  AIR_PATH("the air path");

  private final String spoken;

  Body(String spoken) {
    this.spoken = spoken;
  }

  /** Within a sentence. */
  public String spoken() {
    return spoken;
  }

  /** Whether something new from a box goes in. */
  boolean isNew() {
    return switch (this) {
      case MOTOR, FAN, MODULE, BOARD, DRIVE, BYPASS -> true;
      case WHEEL, HARNESS, SUPPLY, COMMAND, SETTING, AIR_PATH -> false;
    };
  }
}
