package variablerotor.core.winding;

/** The picture that three pairs and three frame readings make. */
public enum Signature {
  BALANCED,
  OPEN_PHASE,
  TURN_SHORT,
  PHASE_TO_PHASE_SHORT,
  HIGH_JOINT,
  FRAME_SHORT,
  /** Faulty, but no single fault makes these readings. */
  UNCLEAR,
  /** No winding whatever makes these readings: a contact or a note is wrong. */
  INCONSISTENT,
  NOT_MEASURED
}
