package variablerotor.core.family;

/** The kinds of variable-speed motor, by what runs them. */
public enum Family {
  CONSTANT_TORQUE("Constant-torque blower"),
  CONSTANT_AIRFLOW_PARALLEL("Constant-airflow blower, many-way plug"),
  CONSTANT_AIRFLOW_SERIAL("Constant-airflow blower, serial link"),
  STAGED_CONDENSER("Staged condenser fan"),
  BLDC_FIVE_WIRE("Five-wire DC fan"),
  BLDC_THREE_WIRE("Three-wire outdoor fan"),
  EC_PLUG_FAN("EC plug fan"),
  DRIVE_FED_INDUCTION("Induction motor on a drive"),
  /** Permanent split capacitor, fixed speed: only ever a replacement. */
  PSC("Fixed-speed capacitor motor");

  private final String title;

  Family(String title) {
    this.title = title;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /** Whether the motor is one that is diagnosed here, not only fitted. */
  public boolean isVariableSpeed() {
    return this != PSC;
  }

  /**
   * All that is particular to this family.
   *
   * @throws IllegalArgumentException for a motor that is only ever a replacement
   */
  public FamilyProfile profile() {
    return FamilyProfile.of(this);
  }
}
