package variablerotor.core.family;

/** How a family is told to run. */
public enum Command {
  /** 24 V between an input and common. */
  VOLTS_24,
  /** Messages over a serial link. */
  MESSAGES,
  /** A low DC voltage that sets the speed, beside a DC bus. */
  SPEED_VOLTS,
  /** 0 to 10 V DC. */
  ZERO_TO_TEN,
  /** By the three phases themselves, which the board makes. */
  PHASES
}
