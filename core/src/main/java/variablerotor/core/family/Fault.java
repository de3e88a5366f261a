package variablerotor.core.family;

import variablerotor.core.chain.Suspect;

/** One way in which a link fails. Each belongs to one suspect. */
public enum Fault {
  SUPPLY_OFF(Suspect.SUPPLY, "the unit has no power"),
  SUPPLY_LINE_LOST(Suspect.SUPPLY, "line does not reach the motor plug"),
  SUPPLY_OUT_OF_RANGE(Suspect.SUPPLY, "line is outside the plate's range"),
  NO_CALL(Suspect.COMMAND, "the thermostat does not call"),
  CONTROL_POWER(Suspect.COMMAND, "the 24 V supply is weak or gone"),
  BOARD_SILENT(Suspect.COMMAND, "the board gives no command"),
  BOARD_STUCK(Suspect.COMMAND, "the board or thermostat never ends the command"),
  BOARD_NO_BUS(Suspect.COMMAND, "the board gives no DC bus"),
  BOARD_NO_LOGIC(Suspect.COMMAND, "the board gives no logic supply"),
  HARNESS_OPEN(Suspect.HARNESS, "a wire between board and motor is open or poor"),
  HARNESS_PIN(Suspect.HARNESS, "a pin does not meet its mate"),
  HARNESS_FEEDBACK(Suspect.HARNESS, "the feedback wire is open"),
  HARNESS_CORRODED(Suspect.HARNESS, "water has corroded the pins"),
  HARNESS_CROSSED(Suspect.HARNESS, "a crossed wire feeds the motor"),
  SETTING_SPEED(Suspect.SETTING, "the speed tap or switch is set wrong"),
  SETTING_SPEED_PROOF(Suspect.SETTING, "the board proves a speed that this motor does not report"),
  SETTING_ROTATION(Suspect.SETTING, "the rotation is set wrong"),
  SETTING_LINK(Suspect.SETTING, "the 115 V link is wrong for this voltage"),
  SETTING_DRIVE(Suspect.SETTING, "a setting or an interlock keeps the drive off"),
  DRIVE_DEAD(Suspect.DRIVE, "the drive is dead"),
  DRIVE_STUCK_ON(Suspect.DRIVE, "the drive runs without a command"),
  MODULE_MUTE(Suspect.MODULE, "it sends no speed signal"),
  MODULE_PULLS_DOWN(Suspect.MODULE, "it shorts the DC bus"),
  MODULE_DEAD(Suspect.MODULE, "the electronics are dead"),
  MODULE_STUCK_ON(Suspect.MODULE, "the electronics run without a command"),
  MODULE_OUTPUT_SHORTED(Suspect.MODULE, "the output stage is shorted and brakes the rotor"),
  MODULE_FADING(Suspect.MODULE, "the electronics work only at times"),
  WINDING_OPEN(Suspect.WINDING, "a phase is open"),
  WINDING_SHORT(Suspect.WINDING, "turns or phases are shorted"),
  WINDING_JOINT(Suspect.WINDING, "a joint in the winding is poor"),
  WINDING_FRAME(Suspect.WINDING, "the winding touches the frame"),
  WINDING_SLIGHT_SHORT(Suspect.WINDING, "a few turns are shorted"),
  WINDING_WARM_SHORT(Suspect.WINDING, "turns short only when warm"),
  BEARING_SEIZED(Suspect.BEARING, "a bearing has seized"),
  BEARING_DRAG(Suspect.BEARING, "a bearing drags"),
  BEARING_NOISY(Suspect.BEARING, "a bearing is worn and noisy"),
  WHEEL_JAMMED(Suspect.WHEEL, "the wheel is jammed"),
  WHEEL_RUBBING(Suspect.WHEEL, "the wheel rubs"),
  WHEEL_LOOSE(Suspect.WHEEL, "the wheel is loose on the shaft"),
  AIR_BLOCKED(Suspect.AIR_PATH, "filter, coil or ducts hold the air back"),
  NOTHING(Suspect.NONE, "nothing in this chain is at fault");

  private final Suspect suspect;
  private final String spoken;

  Fault(Suspect suspect, String spoken) {
    this.suspect = suspect;
    this.spoken = spoken;
  }

  /** The link of the chain in which it sits. */
  public Suspect suspect() {
    return suspect;
  }

  /** What is wrong, inside a sentence. */
  public String spoken() {
    return spoken;
  }
}
