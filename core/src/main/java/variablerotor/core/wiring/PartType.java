package variablerotor.core.wiring;

/** Kinds of parts. */
public enum PartType {
  LINE_240,
  LINE_120,
  LINE_3PH,
  TRANSFORMER,
  OUTPUT,
  CONTACT,
  RELAY,
  CONTACTOR,
  OVERLOAD,
  MOTOR_PSC,
  MOTOR_3PH,
  CAPACITOR,
  ADAPTER,
  JOINT;

  /** Whether it brings line voltage. */
  public boolean isLine() {
    return this == LINE_240 || this == LINE_120 || this == LINE_3PH;
  }

  /** Whether it turns. */
  public boolean isMotor() {
    return this == MOTOR_PSC || this == MOTOR_3PH;
  }

  /** Whether a coil of its own moves its contacts. */
  public boolean hasCoil() {
    return this == RELAY || this == CONTACTOR;
  }
}
