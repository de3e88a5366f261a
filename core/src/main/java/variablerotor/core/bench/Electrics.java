package variablerotor.core.bench;

import java.util.Random;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.family.Command;
import variablerotor.core.family.Family;
import variablerotor.core.family.FamilyProfile;
import variablerotor.core.family.Fault;

/** Supply, board and harness of a simulated motor: what stands on every terminal. */
final class Electrics {
  private static final String[] THREE_PHASE = {"208", "460"};

  private final HiddenFault hidden;
  private final String plate;
  private final double rated;

  /** Line at the unit's own terminals, before anything is lost on the way [V]. */
  private final double unit;

  private final double chance;
  private final double stray;
  private final boolean on115;
  private final boolean lowWhenOut;
  private final Effects effects;

  Electrics(HiddenFault hidden, Effects effects, Random random) {
    this.hidden = hidden;
    this.effects = effects;
    FamilyProfile profile = hidden.family().profile();
    boolean threePhase = profile.isThreePhase();
    boolean may115 = profile.isMadeFor115();
    boolean is115 = may115 && (random.nextDouble() < 0.4 || hidden.has(Fault.SETTING_LINK));
    // A torque motor has a link only where its plate is for two voltages.
    boolean dual = hidden.has(Fault.SETTING_LINK) && hidden.family() == Family.CONSTANT_TORQUE;
    plate =
        threePhase
            ? THREE_PHASE[random.nextInt(2)]
            : dual ? "115/208-230" : is115 ? "115" : "208-230";
    on115 = is115;
    rated = threePhase ? Double.parseDouble(plate) : is115 ? 118 : 236;
    double spread = 1 + 0.06 * (random.nextDouble() - 0.5);
    lowWhenOut = random.nextDouble() < 0.8;
    chance = random.nextDouble();
    stray = random.nextDouble();
    boolean on208 = hidden.has(Fault.SETTING_TAP) && !threePhase && !is115;
    unit = (on208 ? 208 : rated) * spread * supplyFactor();
  }

  private double supplyFactor() {
    if (hidden.has(Fault.SUPPLY_OFF) || effects.tripped()) {
      return 0;
    }
    if (!hidden.has(Fault.SUPPLY_OUT_OF_RANGE)) {
      return 1;
    }
    // A plate of 208-230 reaches down to 187 V and up to 253 V.
    return lowWhenOut ? 0.74 - 0.2 * hidden.severity() : 1.16 + 0.1 * hidden.severity();
  }

  String plate() {
    return plate;
  }

  /** Whether it is fed by some 115 V. */
  boolean is115() {
    return on115;
  }

  double rated() {
    return rated;
  }

  private boolean has(Fault fault) {
    return hidden.has(fault);
  }

  /** Line where the motor takes it [V]; for three phases the least pair. */
  double line() {
    boolean way = has(Fault.DEFROST_STUCK) || has(Fault.HELD_OFF_BY_DEFROST);
    if (way || contactor() < 0.3 * unit) {
      return 0.01 * rated * stray;
    }
    return has(Fault.SUPPLY_LINE_LOST) ? lost() : unit;
  }

  /** The contactor's load side [V]; where no contactor stands in the way, the line itself. */
  private double contactor() {
    if (hidden.family() != Family.STAGED_CONDENSER) {
      return unit;
    }
    boolean dropped = has(Fault.CONTROL_SAGS) && chance < 0.6;
    boolean out = has(Fault.CONTACTOR_OPEN) || !asks() || dropped;
    return out ? 0.01 * rated * stray : unit;
  }

  /** What stands on a line that is cut: stray volts, or what a poor joint lets through [V]. */
  private double lost() {
    boolean poor = chance < 0.1;
    return poor ? 0.5 * unit : 0.04 * rated * stray;
  }

  private double pair(FactType type) {
    boolean throughB = type != FactType.LINE_VOLTS_CA;
    return has(Fault.SUPPLY_LINE_LOST) && throughB ? lost() : unit;
  }

  /** The unit's 24 V supply [V]. */
  private double control() {
    if (has(Fault.SETTING_TAP)) {
      return 26 * 0.8 * unit / (plate.equals("115") ? rated : 208);
    }
    double volts = 26 * unit / rated;
    if (has(Fault.CONTROL_SAGS)) {
      return chance < 0.5 ? volts : sagged();
    }
    if (!has(Fault.CONTROL_POWER)) {
      return volts;
    }
    return chance < 0.2 ? volts * (0.45 + 0.15 * stray) : 0;
  }

  /** The same with everything asked at once [V]. */
  private double loaded() {
    if (has(Fault.CONTROL_SAGS)) {
      return sagged();
    }
    return control() * (has(Fault.SETTING_TAP) ? 0.86 : 0.95);
  }

  private double sagged() {
    return 26 * unit / rated * (0.42 + 0.15 * stray);
  }

  /** Whether the control side asks for the fan at all. */
  boolean asks() {
    return !has(Fault.NO_CALL) && !has(Fault.SAFETY_OPEN) && !has(Fault.CONTROL_POWER) && unit > 0;
  }

  /** Whether a command that the motor can follow reaches it. */
  boolean asksAtMotor() {
    boolean weak = has(Fault.CONTROL_SAGS) && is24();
    return asks()
        && !has(Fault.BOARD_SILENT)
        && !has(Fault.BOARD_NO_TALK)
        && !lostOnTheWay()
        && !weak
        && !effects.lockedOut();
  }

  private boolean lostOnTheWay() {
    return has(Fault.HARNESS_OPEN)
        || has(Fault.HARNESS_GROUND)
        || (has(Fault.HARNESS_PIN) && !powerPin());
  }

  /** Whether the bad pin is one that brings power, not the command. */
  boolean powerPin() {
    return stray < 0.4 && !hidden.family().profile().hasDrive();
  }

  boolean feedbackPowered() {
    return !has(Fault.BOARD_NO_LOGIC) && !has(Fault.SUPPLY_OFF) && !has(Fault.SUPPLY_LINE_LOST);
  }

  /** The family's command where it is given, full and sound [V]. */
  private double fullCommand() {
    return switch (hidden.family().profile().command()) {
      case SPEED_VOLTS -> 2.6 + 3 * stray;
      case ZERO_TO_TEN -> 3 + 6 * stray;
      case VOLTS_24, MESSAGES, PHASES -> effects.dutyCycle() ? 6 + 8 * stray : asked24();
    };
  }

  /** A 24 V command, with the load that comes with asking [V]. */
  private double asked24() {
    return has(Fault.CONTROL_SAGS) || has(Fault.SETTING_TAP) ? loaded() : control();
  }

  private boolean is24() {
    Command command = hidden.family().profile().command();
    return command != Command.SPEED_VOLTS && command != Command.ZERO_TO_TEN;
  }

  /** What a failing output or joint still lets through: now and then something, mostly nothing. */
  private double weak(double volts) {
    return chance < 0.1 ? (is24() ? 0.45 * volts : Math.min(volts, 0.6)) : 0;
  }

  private double commandAtBoard() {
    return effects.lockedOut() || stuckWire() ? 0 : commandWhileItTries();
  }

  /** A crossed wire feeds the motor past the board. */
  private boolean stuckWire() {
    return has(Fault.HARNESS_CROSSED) && chance < 0.7;
  }

  private double commandWhileItTries() {
    if (has(Fault.BOARD_SILENT)) {
      // Some outputs fail weak, not dead.
      return weak(fullCommand());
    }
    boolean control24 = is24();
    if (has(Fault.AUX_PULLED_DOWN)) {
      return chance < 0.6 ? 0 : 0.5;
    }
    boolean call = !has(Fault.NO_CALL) && !has(Fault.SAFETY_OPEN);
    boolean asked = call && (control24 || !has(Fault.CONTROL_POWER));
    boolean fed = control24 || unit > 0;
    return asked && fed ? fullCommand() : 0;
  }

  private double commandAtMotor() {
    if (has(Fault.HARNESS_GROUND)) {
      return 0;
    }
    if (has(Fault.HARNESS_CROSSED)) {
      return fullCommand();
    }
    if (has(Fault.HARNESS_OPEN)) {
      return weak(commandAtBoard());
    }
    // Measured behind a bad pin it is there; at its tip it is not.
    boolean gone = has(Fault.HARNESS_PIN) && !powerPin() && chance < 0.4;
    return gone ? 0 : commandAtBoard();
  }

  private double idle() {
    boolean asked = has(Fault.BOARD_STUCK) || has(Fault.FAN_SWITCH_ON);
    return asked ? fullCommand() : 0.4 * stray;
  }

  private double idleAtMotor() {
    return has(Fault.HARNESS_CROSSED) ? fullCommand() : idle();
  }

  private double bus(boolean plugged, boolean atPlug) {
    if (has(Fault.BOARD_NO_BUS)) {
      return chance < 0.2 ? 150 : 0;
    }
    if (plugged && has(Fault.MODULE_PULLS_DOWN)) {
      return chance < 0.6 ? 30 * stray : 90 + 100 * stray;
    }
    if (atPlug && (has(Fault.HARNESS_BUS) || has(Fault.HARNESS_GROUND))) {
      return 4 * stray;
    }
    // Rectified single phase: the peak of the line, √2 of what a meter reads; some boards boost it.
    return Math.sqrt(2) * unit * (effects.ownWindow() ? 1.1 : 1);
  }

  private double logic(boolean plugged) {
    if (unit <= 0 || (plugged && has(Fault.HARNESS_GROUND))) {
      return 0;
    }
    if (has(Fault.BOARD_NO_LOGIC)) {
      return chance < 0.2 ? 8 : 0;
    }
    if (plugged && has(Fault.MODULE_PULLS_LOGIC)) {
      return chance < 0.6 ? stray : 3 + 5 * stray;
    }
    boolean dragged =
        (has(Fault.BOARD_NO_BUS) && chance < 0.3)
            || (plugged && has(Fault.MODULE_PULLS_DOWN) && chance < 0.2);
    return dragged ? 0 : 14.6 + stray;
  }

  private double link(boolean atBoard) {
    boolean board = has(Fault.BOARD_SILENT) || has(Fault.CONTROL_POWER) || unit <= 0;
    if (has(Fault.CONTROL_SAGS) || has(Fault.SETTING_TAP)) {
      return chance < 0.5 ? 0 : 3;
    }
    boolean cable = !atBoard && has(Fault.HARNESS_OPEN);
    return board || cable ? 0 : 11 + 2 * stray;
  }

  private double aux(boolean loaded) {
    if (has(Fault.AUX_PULLED_DOWN) && loaded) {
      return 0.4 + 3.5 * stray;
    }
    boolean dead = has(Fault.MODULE_DEAD) && chance < 0.7;
    boolean unfed = line() < 0.6 * rated;
    return dead || unfed ? 0 : 9.8 + 0.4 * stray;
  }

  /** Null where this family has no such terminal. */
  @Nullable FactValue truth(FactType type) {
    switch (type) {
      case CALL_PRESENT:
        boolean atDrive = hidden.family().profile().hasDrive();
        boolean arrives =
            !atDrive || (!has(Fault.BOARD_SILENT) && !lostOnTheWay() && !has(Fault.CONTROL_SAGS));
        return new FactValue.Flag(asks() && arrives && !effects.nobodyAsks());
      case THERMOSTAT_CALL:
        boolean thermostat = has(Fault.NO_CALL) && chance < 0.6;
        boolean gone = has(Fault.CONTROL_POWER) || unit <= 0;
        return new FactValue.Flag(!thermostat && !gone && !effects.nobodyAsks());
      case SAFETY_OPEN:
        return new FactValue.Choice(has(Fault.SAFETY_OPEN) ? safety() : Answer.NONE);
      case CONTROL_VOLTS:
        return volts(control());
      case CONTROL_VOLTS_LOADED:
        return volts(loaded());
      case TRANSFORMER_PRIMARY:
        return volts(unit);
      case LINE_BEFORE:
        return volts(has(Fault.SUPPLY_OFF) && chance < 0.2 ? 0 : rated);
      case LINE_BEHIND:
        return volts(unit);
      case AUX_VOLTS_BOARD:
        return volts(has(Fault.HARNESS_OPEN) && chance < 0.4 ? 0 : aux(true));
      case CONTACTOR_VOLTS:
        return volts(contactor());
      case DEFROST_CONTACT:
        boolean open = has(Fault.DEFROST_STUCK) || has(Fault.HELD_OFF_BY_DEFROST);
        return new FactValue.Choice(open ? Answer.OPEN : Answer.CLOSED);
      case DEFROST_ACTIVE:
        return new FactValue.Flag(has(Fault.HELD_OFF_BY_DEFROST));
      case COMMAND_KIND:
        return new FactValue.Choice(kind());
      case COMMAND_DUTY:
        boolean there = effects.dutyCycle() && commandAtMotor() > 1;
        return volts(there ? 30 + 60 * stray : 0);
      case COMMAND_VOLTS_RESET:
        return volts(commandWhileItTries());
      case COMMAND_VOLTS_MOTOR_IDLE:
        return volts(idleAtMotor());
      case LINE_VOLTS:
        return hidden.family().profile().isThreePhase() ? null : volts(line());
      case LINE_VOLTS_AB:
      case LINE_VOLTS_BC:
      case LINE_VOLTS_CA:
        return hidden.family().profile().isThreePhase() ? volts(pair(type)) : null;
      case COMMAND_VOLTS:
        return volts(commandAtMotor());
      case COMMAND_VOLTS_BOARD:
        return volts(commandAtBoard());
      case COMMAND_VOLTS_IDLE:
        return volts(idle());
      case BUS_VOLTS:
        return volts(bus(true, true));
      case BUS_VOLTS_BOARD:
        return volts(bus(true, false));
      case BUS_VOLTS_UNPLUGGED:
        return volts(bus(false, false));
      case LOGIC_VOLTS:
        return volts(logic(true));
      case LOGIC_VOLTS_UNPLUGGED:
        return volts(logic(false));
      case LINK_VOLTS:
        return volts(link(false));
      case LINK_VOLTS_BOARD:
        return volts(link(true));
      case AUX_VOLTS:
        return volts(aux(true));
      case AUX_VOLTS_UNLOADED:
        return volts(aux(false));
      default:
        return null;
    }
  }

  private Answer safety() {
    return chance < 0.3
        ? Answer.FLOAT
        : chance < 0.5
            ? Answer.LIMIT
            : chance < 0.6 ? Answer.DOOR : chance < 0.8 ? Answer.PRESSURE : Answer.FUSE;
  }

  private Answer kind() {
    return effects.dutyCycle()
        ? Answer.DUTY_CYCLE
        : switch (hidden.family().profile().command()) {
          case VOLTS_24, PHASES -> Answer.VOLTS_24;
          case MESSAGES -> Answer.MESSAGES;
          case SPEED_VOLTS, ZERO_TO_TEN -> Answer.ZERO_TO_TEN;
        };
  }

  private static FactValue volts(double volts) {
    return new FactValue.Quantity(volts);
  }
}
