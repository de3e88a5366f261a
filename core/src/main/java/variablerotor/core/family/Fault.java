package variablerotor.core.family;

import variablerotor.core.chain.Suspect;

/** One way in which a link fails. Each belongs to one suspect. */
public enum Fault {
  SUPPLY_OFF(Suspect.SUPPLY, "the unit has no power"),
  SUPPLY_LINE_LOST(Suspect.SUPPLY, "line does not reach the motor plug"),
  SUPPLY_OUT_OF_RANGE(Suspect.SUPPLY, "line is outside the plate's range"),
  CONTACTOR_OPEN(Suspect.SUPPLY, "the contactor does not pass the line on"),
  DEFROST_STUCK(Suspect.SUPPLY, "the defrost contact stays open"),
  NO_CALL(Suspect.COMMAND, "the thermostat's call does not come through"),
  SAFETY_OPEN(Suspect.COMMAND, "a safety switch or the low-voltage fuse is open"),
  CONTROL_POWER(Suspect.COMMAND, "the 24 V supply is weak or gone"),
  CONTROL_SAGS(Suspect.COMMAND, "the 24 V supply sags under its load"),
  BOARD_SILENT(Suspect.COMMAND, "the board gives no command"),
  BOARD_NO_TALK(Suspect.COMMAND, "the board feeds the link and does not talk"),
  BOARD_STUCK(Suspect.COMMAND, "the board or thermostat never ends the command"),
  FAN_SWITCH_ON(Suspect.COMMAND, "the thermostat's fan switch is on"),
  BOARD_NO_BUS(Suspect.COMMAND, "the board gives no DC bus"),
  BOARD_NO_LOGIC(Suspect.COMMAND, "the board gives no logic supply"),
  AUX_PULLED_DOWN(Suspect.COMMAND, "the controller or its potentiometer pulls the 10 V down"),
  HARNESS_OPEN(Suspect.HARNESS, "a wire between board and motor is open or poor"),
  HARNESS_PIN(Suspect.HARNESS, "a pin does not meet its mate"),
  HARNESS_FEEDBACK(Suspect.HARNESS, "the feedback wire is open"),
  HARNESS_CORRODED(Suspect.HARNESS, "water has corroded the pins"),
  HARNESS_CROSSED(Suspect.HARNESS, "a crossed wire feeds the motor"),
  HARNESS_BUS(Suspect.HARNESS, "the pin or wire of the DC bus is open"),
  HARNESS_GROUND(Suspect.HARNESS, "the black wire, which all signals share, is open"),
  HARNESS_LEAD(Suspect.HARNESS, "a motor lead is open on its way"),
  HARNESS_CHAFED(Suspect.HARNESS, "a motor lead touches metal on its way"),
  HARNESS_TOUCHING(Suspect.HARNESS, "two motor leads touch on their way"),
  SETTING_SPEED(Suspect.SETTING, "the speed tap or switch is set wrong"),
  SETTING_SPEED_PROOF(Suspect.SETTING, "the board proves a speed that this motor does not report"),
  SETTING_ROTATION(Suspect.SETTING, "the rotation is set wrong"),
  SETTING_LINK(Suspect.SETTING, "the 115 V link is wrong for this voltage"),
  SETTING_TAP(Suspect.SETTING, "the control transformer is on the wrong tap"),
  SETTING_DRIVE(Suspect.SETTING, "a setting or an interlock keeps the drive off"),
  SETTING_TRIP(Suspect.SETTING, "an outside sensor or interlock trips the drive"),
  DRIVE_DEAD(Suspect.DRIVE, "the drive is dead"),
  DRIVE_STUCK_ON(Suspect.DRIVE, "the drive runs without a command"),
  MODULE_MUTE(Suspect.MODULE, "it sends no speed signal"),
  MODULE_PULLS_DOWN(Suspect.MODULE, "it shorts the DC bus"),
  MODULE_PULLS_LOGIC(Suspect.MODULE, "it shorts the logic supply"),
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
  WINDING_WARM_OPEN(Suspect.WINDING, "a phase opens only when warm"),
  MAGNETS_WEAK(Suspect.WINDING, "the rotor's magnets are weak"),
  BEARING_SEIZED(Suspect.BEARING, "a bearing has seized"),
  BEARING_DRAG(Suspect.BEARING, "a bearing drags"),
  BEARING_NOISY(Suspect.BEARING, "a bearing is worn and noisy"),
  BEARING_WARM(Suspect.BEARING, "a bearing binds only when hot"),
  WHEEL_JAMMED(Suspect.WHEEL, "the wheel is jammed"),
  WHEEL_RUBBING(Suspect.WHEEL, "the wheel rubs"),
  WHEEL_LOOSE(Suspect.WHEEL, "the wheel is loose on the shaft"),
  WHEEL_DIRTY(Suspect.WHEEL, "the wheel's blades are caked"),
  AIR_BLOCKED(Suspect.AIR_PATH, "filter or coil hold the air back"),
  DUCTS_BLOCKED(Suspect.AIR_PATH, "ducts or registers hold the air back"),
  HELD_OFF_BY_DEFROST(Suspect.NONE, "defrost holds the fan off, as it should"),
  NOTHING(Suspect.NONE, "nothing in this chain is at fault"),
  /** The world is open: a cause in every call, and it allows every answer. */
  UNLISTED(Suspect.OTHER, "something that is not on the list");

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
