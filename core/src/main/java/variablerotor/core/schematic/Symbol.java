package variablerotor.core.schematic;

/** How a branch is drawn: graphic symbols after ANSI/IEEE Std 315 (from memory). */
enum Symbol {
  OPEN_CONTACT,
  CLOSED_CONTACT,
  COIL,
  MOTOR,
  WINDING,
  CAPACITOR,
  OVERLOAD,
  ELECTRONICS,
  /** Joined whatever the call, inside a part. */
  LINK,
  /** Where a lead ends that nothing hangs on, or goes on elsewhere: told in words. */
  END;

  boolean isContact() {
    return this == OPEN_CONTACT || this == CLOSED_CONTACT;
  }

  /** Whether it stands at the right of its rung: what is fed, behind what feeds it. */
  boolean isLoad() {
    return this == COIL || this == MOTOR || this == WINDING || this == ELECTRONICS;
  }
}
