package variablerotor.core.bench;

import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.text.Words;
import variablerotor.core.winding.Phase;

/**
 * A machine with a fault in it that answers any check as the real thing would: volts from supply,
 * board and harness, ohms by solving the faulted winding, feel and looks from what is broken. It
 * knows nothing of the likelihoods that the diagnosis works with, and so can judge it.
 *
 * <p>What comes and goes is shown as it is while the fault shows.
 */
public final class SimulatedMotor {
  private final HiddenFault hidden;
  private final Electrics electrics;
  private final Mechanics mechanics;
  private final FaultyWinding winding;
  private final Windings made;
  private final Effects effects;
  private final @Nullable RealCall real;

  /** What shows whatever the machine: of something that nobody listed, or of a real call. */
  private final Map<FactType, FactValue> odd;

  private final double megohms;
  private final double severity;

  /** What is left to chance in such a machine. The order is that of drawing: seeds hang on it. */
  private enum Chance {
    ROTATION,
    SETTING,
    SPEED_PROOF,
    REPLACED,
    REPLACED_ANYWAY,
    SMELL,
    WATER,
    RESEATED,
    RETURNS,
    DRIVE_FAULT,
    DRIVE_DISPLAY,
    MODULE_LOOK,
    PIN_LOOK,
    WIRES,
    FEEDBACK_SPEED,
    ANSWER
  }

  /** Settled once, so that a check taken twice answers the same; from 0 to 1. */
  private final double[] chances = new double[Chance.values().length];

  /** The machine alone, with nothing about it but its fault. */
  public SimulatedMotor(HiddenFault hidden) {
    this(hidden, Effects.NONE);
  }

  /** As it was read on a real call; what was not read there is of a machine with this fault. */
  public static SimulatedMotor of(RealCall real, HiddenFault hidden) {
    return new SimulatedMotor(hidden, Effects.NONE, real);
  }

  /** The machine as it is met on a call: boards lock out, breakers trip, plates are unread. */
  public static SimulatedMotor onACall(HiddenFault hidden) {
    return new SimulatedMotor(hidden, Effects.draw(hidden, new Random(hidden.seed() * 31 + 7)));
  }

  /**
   * @param effects what stands round the fault
   */
  SimulatedMotor(HiddenFault hidden, Effects effects) {
    this(hidden, effects, null);
  }

  private SimulatedMotor(HiddenFault hidden, Effects effects, @Nullable RealCall real) {
    this.hidden = hidden;
    this.real = real;
    this.effects = effects;
    severity = hidden.severity();
    Random random = new Random(hidden.seed());
    for (int i = 0; i < chances.length; i++) {
      chances[i] = random.nextDouble();
    }
    electrics = new Electrics(hidden, effects, random);
    made = Windings.of(hidden, random);
    winding = made.network();
    megohms = made.megohms();
    mechanics = new Mechanics(hidden, made.drag(), effects.ice(), random);
    Oddity oddity = hidden.oddity();
    odd = real != null ? real.readings() : oddity == null ? Map.of() : oddity.shows(random);
  }

  private double chance(Chance of) {
    return chances[of.ordinal()];
  }

  /** What is wrong with it. */
  public HiddenFault hidden() {
    return hidden;
  }

  /** The call that it is of; null for one that was made up. */
  public @Nullable RealCall real() {
    return real;
  }

  /** What is wrong with it, in a sentence. */
  String truth() {
    return real == null
        ? hidden.spoken()
        : "On the call that this was, somebody found "
            + Words.and(
                real.found().stream().map(one -> hidden.family().profile().spoken(one)).toList())
            + ".";
  }

  /** Rated volts as on its plate. */
  public @Nullable String plateVolts() {
    // Of a real call the plate is its own, or unread: another would make its line a fault.
    return real == null ? electrics.plate() : real.plateVolts();
  }

  /** What stands round its fault. */
  Effects effects() {
    return effects;
  }

  private boolean has(Fault fault) {
    return hidden.has(fault);
  }

  /**
   * What is there to be read, seen or felt, without any meter's error.
   *
   * @return null where this machine has no such thing to look at
   */
  public @Nullable FactValue truth(FactType type) {
    FactValue shown = odd.get(type);
    return shown == null ? ofMachine(type) : shown;
  }

  private @Nullable FactValue ofMachine(FactType type) {
    switch (type) {
      case WINDING_WARM_AB:
        return ohms(made.warm().between(0, 1));
      case WINDING_WARM_BC:
        return ohms(made.warm().between(1, 2));
      case WINDING_WARM_CA:
        return ohms(made.warm().between(2, 0));
      case WINDING_JOINT_AB:
        return ohms(made.atJoint().between(0, 1));
      case WINDING_JOINT_BC:
        return ohms(made.atJoint().between(1, 2));
      case WINDING_JOINT_CA:
        return ohms(made.atJoint().between(2, 0));
      case SHAFT_DRAG_JOINED:
        return word(mechanics.joined());
      case WHEEL_DIRT:
        return word(mechanics.dirt());
      case RUN_AIR_CLEARED:
        return tried(has(Fault.AIR_BLOCKED));
      case RUN_WHEEL_MENDED:
        return tried(
            has(Fault.WHEEL_JAMMED)
                || has(Fault.WHEEL_RUBBING)
                || has(Fault.WHEEL_LOOSE)
                || has(Fault.WHEEL_DIRTY));
      case RUN_SET_RIGHT:
        return tried(
            has(Fault.SETTING_SPEED)
                || has(Fault.SETTING_ROTATION)
                || has(Fault.SETTING_LINK)
                || has(Fault.SETTING_TAP));
      case WINDING_AB:
        return ohms(winding.between(0, 1));
      case WINDING_BC:
        return ohms(winding.between(1, 2));
      case WINDING_CA:
        return ohms(winding.between(2, 0));
      case WINDING_JOINT_FRAME_A:
        return ohms(made.atJoint().toFrame(Phase.A));
      case WINDING_JOINT_FRAME_B:
        return ohms(made.atJoint().toFrame(Phase.B));
      case WINDING_JOINT_FRAME_C:
        return ohms(made.atJoint().toFrame(Phase.C));
      case WINDING_FRAME_A:
        return ohms(winding.toFrame(Phase.A));
      case WINDING_FRAME_B:
        return ohms(winding.toFrame(Phase.B));
      case WINDING_FRAME_C:
        return ohms(winding.toFrame(Phase.C));
      case WINDING_INSULATION:
        return new FactValue.Quantity(megohms);
      case WINDING_CELSIUS:
        return new FactValue.Quantity(20);
      case EMF_AB:
        return volts(mechanics.emf(0, 1));
      case EMF_BC:
        return volts(mechanics.emf(1, 2));
      case EMF_CA:
        return volts(mechanics.emf(2, 0));
      case SHAFT_FEEL:
        return word(mechanics.feel(true, true, false));
      case SHAFT_FEEL_SLOW:
        return word(mechanics.slowFeel());
      case SHAFT_FEEL_WARM:
        return word(mechanics.feel(true, true, true));
      case SHAFT_FEEL_MODULE_OFF:
        return word(mechanics.feel(false, true, false));
      case SHAFT_FEEL_WHEEL_OFF:
        return word(mechanics.feel(!comesOff(), false, false));
      case SHAFT_SOUND:
        return word(mechanics.sound());
      case WHEEL_LOOK:
        return word(mechanics.wheel());
      case AIR_LOOK:
        return word(mechanics.air());
      case STATIC_INWC:
        return new FactValue.Quantity(mechanics.staticInwc());
      case ROTATION:
        boolean reversed =
            has(Fault.SETTING_ROTATION)
                || (has(Fault.MODULE_FADING) && chance(Chance.ROTATION) < 0.05);
        return word(reversed ? Answer.REVERSED : Answer.RIGHT);
      case RUN_CONTROL_UNPLUGGED:
        return word(stuckOn() ? Answer.RUNS : Answer.STOPS);
      case RUN_SUBSTITUTE_COMMAND:
        return word(runsOnGoodCommand() ? Answer.RUNS : Answer.STILL);
      case RUN_BYPASS:
        boolean reaches = electrics.line() > 0.7 * electrics.rated() && !badPowerPin();
        return word(reaches && motorTurns() ? Answer.RUNS : Answer.STILL);
      case RUN_RESEATED:
        return tried(has(Fault.HARNESS_PIN) || has(Fault.HARNESS_BUS) || has(Fault.HARNESS_GROUND));
      case CODE_RETURNS:
        return new FactValue.Flag(true);
      case DRIVE_FAULT:
        return new FactValue.Flag(driveFault());
      case DRIVE_RESET:
        boolean passes =
            (has(Fault.SETTING_TRIP) || has(Fault.WINDING_WARM_SHORT) || has(Fault.BEARING_WARM))
                && chance(Chance.RETURNS) < 0.5;
        return word(passes ? Answer.RUNS : Answer.COMES_BACK);
      case DRIVE_UNLOADED_AB:
      case DRIVE_UNLOADED_BC:
      case DRIVE_UNLOADED_CA:
        return volts(unloaded(type));
      case DRIVE_STATUS:
        return word(driveStatus());
      case DRIVE_OUTPUT_AB:
      case DRIVE_OUTPUT_BC:
      case DRIVE_OUTPUT_CA:
        return volts(driveOutput(type));
      default:
        return look(type);
    }
  }

  private @Nullable FactValue look(FactType type) {
    switch (type) {
      case PLATE_MODULE_REMOVABLE:
      case PLATE_MODULE_SOLD_ALONE:
        return new FactValue.Flag(effects.moduleAlone());
      case AMPS:
        return new FactValue.Quantity(amps());
      case ALARM_RELAY:
        boolean alarm =
            has(Fault.MODULE_DEAD) || has(Fault.BEARING_SEIZED) || has(Fault.WHEEL_JAMMED);
        return word(alarm ? Answer.OPEN : Answer.CLOSED);
      case FEEDBACK_PULSES:
        return new FactValue.Quantity(hidden.family().profile().polePairs());
      case MODULE_LOOK:
        return word(moduleLook());
      case CONNECTOR_LOOK:
        return word(connectorLook());
      case LINK_VOLTAGE_JUMPER:
        boolean in = electrics.is115() != has(Fault.SETTING_LINK);
        return word(in ? Answer.IN : Answer.OUT);
      case SPEED_SETTING:
        boolean wrong =
            has(Fault.SETTING_SPEED) || (has(Fault.SETTING_DRIVE) && chance(Chance.SETTING) < 0.6);
        return word(wrong ? Answer.WRONG : Answer.RIGHT);
      case BOARD_NEEDS_FEEDBACK:
        return new FactValue.Flag(
            has(Fault.SETTING_SPEED_PROOF) || chance(Chance.SPEED_PROOF) < 0.4);
      case MOTOR_FEEDBACK:
        return new FactValue.Flag(!has(Fault.SETTING_SPEED_PROOF));
      case REPLACED_RECENTLY:
        boolean setting =
            has(Fault.SETTING_SPEED_PROOF)
                || (has(Fault.SETTING_ROTATION) && chance(Chance.REPLACED) < 0.8)
                || (has(Fault.SETTING_SPEED) && chance(Chance.REPLACED) < 0.6);
        return new FactValue.Flag(setting || chance(Chance.REPLACED_ANYWAY) < 0.07);
      case FEEDBACK_LOOK:
        return word(pulses(true) > 0 ? Answer.JUMPS : Answer.STANDS_STILL);
      case WIRES_LOOK:
        return word(wiresLook());
      case THERMOSTAT_FAN:
        return word(has(Fault.FAN_SWITCH_ON) ? Answer.ON : Answer.AUTO);
      case DRIVE_PERMITS:
        boolean missing =
            has(Fault.SETTING_TRIP) || (has(Fault.SETTING_DRIVE) && chance(Chance.SETTING) < 0.7);
        return word(missing ? Answer.MISSING : Answer.GIVEN);
      case CONTACTOR_LOOK:
        boolean burnt = has(Fault.CONTACTOR_OPEN) && chance(Chance.SETTING) < 0.5;
        boolean out = has(Fault.CONTACTOR_OPEN) || !electrics.asks();
        return word(burnt ? Answer.BURNT : out ? Answer.NOT_PULLED_IN : Answer.PULLED_IN);
      case FEEDBACK_HERTZ:
        return new FactValue.Quantity(pulses(true));
      case FEEDBACK_HERTZ_BOARD:
        return new FactValue.Quantity(pulses(false));
      case POLE_PAIRS:
        return new FactValue.Quantity(hidden.family().profile().polePairs());
      case HEARD_ANSWER:
        return word(heard());
      case HEARD_CALL:
        return word(Answer.COOLING);
      case LOOK_LAMP:
        return word(lamp());
      case LOOK_SMELL:
        boolean smoke = moduleLook() == Answer.BURNT && chance(Chance.SMELL) < 0.6;
        boolean varnish = has(Fault.WINDING_SHORT) && chance(Chance.SMELL) < 0.5;
        return word(smoke || varnish ? Answer.BURNT : Answer.NONE);
      case LOOK_WATER:
        boolean track = has(Fault.HARNESS_CORRODED) && chance(Chance.WATER) < 0.8;
        return word(
            track
                ? Answer.TRACK_TO_CONNECTOR
                : chance(Chance.WATER) < 0.06 ? Answer.WATER_IN_PAN : Answer.DRY);
      case RUNS_OUTDOOR:
      case RUNS_COMPRESSOR:
      case RUNS_INDOOR:
      case RUNS_HEAT:
        return new FactValue.Flag(electrics.asks() && electrics.line() > 0);
      default:
        return electrics.truth(type);
    }
  }

  /** A defect mended, and tried again: all is well where it was all that was wrong. */
  private FactValue tried(boolean mends) {
    return word(mends && hidden.faults().size() == 1 ? Answer.RUNS : Answer.STILL);
  }

  private static FactValue word(Answer word) {
    return new FactValue.Choice(word);
  }

  private static FactValue volts(double volts) {
    return new FactValue.Quantity(volts);
  }

  private static FactValue ohms(double ohms) {
    return new FactValue.Resistance(FaultyWinding.shown(ohms));
  }

  private boolean badPowerPin() {
    return has(Fault.HARNESS_PIN) && electrics.powerPin();
  }

  private boolean stuckOn() {
    return has(Fault.MODULE_STUCK_ON) || has(Fault.DRIVE_STUCK_ON);
  }

  /** Whether the electronics come off the motor, so that it stands alone on the bench. */
  private boolean comesOff() {
    return !hidden.family().profile().isReplacedWhole();
  }

  /** What it draws while it is called [A]. */
  private double amps() {
    boolean fed = electrics.line() > 0.7 * electrics.rated() && electrics.asksAtMotor();
    boolean dead = has(Fault.MODULE_DEAD) || has(Fault.DRIVE_DEAD) || has(Fault.SETTING_DRIVE);
    return fed && !dead ? 0.6 + 3 * severity : 0;
  }

  /** Whether the motor proper would turn, given three good phases. */
  private boolean motorTurns() {
    boolean dead = hidden.symptom() == Symptom.NO_RUN;
    return !has(Fault.WINDING_SHORT)
        && !has(Fault.WINDING_OPEN)
        && !has(Fault.WINDING_FRAME)
        && !(has(Fault.WINDING_JOINT) && (severity > 0.3 || dead))
        && !has(Fault.BEARING_SEIZED)
        && !has(Fault.WHEEL_JAMMED)
        && !(has(Fault.BEARING_DRAG) && severity > 0.5)
        && !(has(Fault.WINDING_SLIGHT_SHORT) && severity > 0.5)
        && !has(Fault.HARNESS_LEAD)
        && !has(Fault.HARNESS_CHAFED)
        && !has(Fault.HARNESS_TOUCHING);
  }

  private boolean runsOnGoodCommand() {
    boolean electronics =
        !has(Fault.MODULE_DEAD)
            && !has(Fault.MODULE_OUTPUT_SHORTED)
            && !has(Fault.MODULE_PULLS_DOWN)
            && !has(Fault.DRIVE_DEAD)
            && !(has(Fault.MODULE_FADING) && chance(Chance.RESEATED) < 0.6);
    boolean setting =
        has(Fault.SETTING_LINK)
            || has(Fault.SETTING_TRIP)
            || (has(Fault.SETTING_DRIVE) && chance(Chance.RETURNS) < 0.2);
    boolean weak = electrics.line() < 0.75 * electrics.rated();
    boolean no24 =
        has(Fault.CONTROL_POWER) || (has(Fault.CONTROL_SAGS) && chance(Chance.RETURNS) < 0.4);
    boolean noSupply = no24 && needs24();
    boolean wires =
        has(Fault.HARNESS_BUS) || has(Fault.HARNESS_GROUND) || has(Fault.MODULE_PULLS_LOGIC);
    return motorTurns()
        && electronics
        && !setting
        && !badPowerPin()
        && !weak
        && !wires
        && !noSupply;
  }

  /** Whether the good command is borrowed from the unit's own 24 V. */
  private boolean needs24() {
    return !hidden.family().profile().isThreePhase();
  }

  private boolean driveTrips() {
    return has(Fault.WINDING_SHORT)
        || has(Fault.WINDING_WARM_SHORT)
        || has(Fault.WINDING_FRAME)
        || has(Fault.HARNESS_CHAFED)
        || has(Fault.HARNESS_TOUCHING)
        || has(Fault.BEARING_SEIZED)
        || has(Fault.WHEEL_JAMMED);
  }

  private boolean driveFault() {
    boolean mild =
        has(Fault.WINDING_OPEN)
            || has(Fault.WINDING_JOINT)
            || has(Fault.BEARING_DRAG)
            || has(Fault.WINDING_SLIGHT_SHORT);
    boolean supply = has(Fault.SUPPLY_LINE_LOST) || has(Fault.SUPPLY_OUT_OF_RANGE);
    if (has(Fault.SUPPLY_OFF) || effects.tripped()) {
      return false;
    }
    boolean lead = has(Fault.HARNESS_LEAD) && chance(Chance.DRIVE_FAULT) < 0.6;
    boolean hot = has(Fault.BEARING_WARM) && chance(Chance.DRIVE_FAULT) < 0.5;
    return driveTrips()
        || has(Fault.SETTING_TRIP)
        || lead
        || hot
        || (supply && chance(Chance.DRIVE_FAULT) < 0.75)
        || (mild && chance(Chance.DRIVE_FAULT) < 0.5)
        || (has(Fault.DRIVE_DEAD) && chance(Chance.DRIVE_FAULT) < 0.6);
  }

  private Answer driveStatus() {
    if (electrics.line() < 0.3 * electrics.rated()) {
      return has(Fault.SUPPLY_OFF) || chance(Chance.DRIVE_FAULT) > 0.6 ? Answer.DARK : Answer.FAULT;
    }
    if (driveFault()) {
      return Answer.FAULT;
    }
    if (has(Fault.DRIVE_DEAD)) {
      return chance(Chance.DRIVE_DISPLAY) < 0.7 ? Answer.DARK : Answer.READY;
    }
    boolean held = has(Fault.SETTING_DRIVE) && chance(Chance.DRIVE_DISPLAY) < 0.9;
    return held || (!electrics.asksAtMotor() && chance(Chance.DRIVE_DISPLAY) < 0.5)
        ? Answer.HELD_OFF
        : Answer.READY;
  }

  /** The drive's output with the motor's leads off [V]. */
  private double unloaded(FactType pair) {
    boolean held =
        !electrics.asksAtMotor()
            || has(Fault.SETTING_DRIVE)
            || has(Fault.SETTING_TRIP)
            || electrics.line() < 0.75 * electrics.rated()
            || (has(Fault.DRIVE_DEAD) && chance(Chance.DRIVE_DISPLAY) < 0.8);
    double volts = held ? 0 : 0.45 * electrics.rated();
    boolean weakPhase = has(Fault.DRIVE_DEAD) && pair != FactType.DRIVE_UNLOADED_CA;
    return weakPhase ? 0.6 * volts : volts;
  }

  private double driveOutput(FactType pair) {
    boolean held =
        !electrics.asksAtMotor()
            || has(Fault.SETTING_DRIVE)
            || has(Fault.SETTING_TRIP)
            || electrics.line() < 0.75 * electrics.rated()
            || (has(Fault.SUPPLY_OUT_OF_RANGE) && chance(Chance.DRIVE_DISPLAY) < 0.5)
            || driveTrips()
            || (has(Fault.DRIVE_DEAD) && chance(Chance.DRIVE_DISPLAY) < 0.8);
    if (held) {
      return 0;
    }
    double volts = 0.45 * electrics.rated();
    boolean weakPhase = has(Fault.DRIVE_DEAD) && pair != FactType.DRIVE_OUTPUT_CA;
    return weakPhase ? 0.6 * volts : volts;
  }

  private Answer moduleLook() {
    boolean dead = has(Fault.MODULE_DEAD) || has(Fault.MODULE_OUTPUT_SHORTED);
    boolean wet = has(Fault.HARNESS_CORRODED);
    if (dead) {
      return wet
          ? (chance(Chance.MODULE_LOOK) < 0.7 ? Answer.WATER : Answer.CORRODED)
          : chance(Chance.MODULE_LOOK) < 0.52
              ? Answer.CLEAN
              : chance(Chance.MODULE_LOOK) < 0.8 ? Answer.BURNT : Answer.BULGED_CAPACITOR;
    }
    if (has(Fault.MODULE_FADING)) {
      return chance(Chance.MODULE_LOOK) < 0.75 ? Answer.CLEAN : Answer.BULGED_CAPACITOR;
    }
    return chance(Chance.MODULE_LOOK) < 0.97 ? Answer.CLEAN : Answer.CORRODED;
  }

  private Answer connectorLook() {
    if (has(Fault.HARNESS_CORRODED)) {
      return Answer.CORRODED;
    }
    if (has(Fault.HARNESS_PIN) || has(Fault.HARNESS_BUS) || has(Fault.HARNESS_GROUND)) {
      return chance(Chance.PIN_LOOK) < 0.4
          ? Answer.LOOSE
          : chance(Chance.PIN_LOOK) < 0.75 ? Answer.PIN_PUSHED_BACK : Answer.CORRODED;
    }
    return chance(Chance.PIN_LOOK) < 0.98 ? Answer.SEATED : Answer.CORRODED;
  }

  private Answer wiresLook() {
    boolean wire =
        has(Fault.HARNESS_OPEN)
            || has(Fault.HARNESS_LEAD)
            || has(Fault.HARNESS_CHAFED)
            || has(Fault.HARNESS_TOUCHING)
            || has(Fault.HARNESS_FEEDBACK);
    return wire && chance(Chance.WIRES) < 0.5 ? Answer.BROKEN : Answer.WHOLE;
  }

  /** Pulses while it turns, or is turned by hand [Hz]. */
  private double pulses(boolean atMotor) {
    boolean sent =
        !has(Fault.MODULE_MUTE) && !has(Fault.SETTING_SPEED_PROOF) && electrics.feedbackPowered();
    boolean arrives = atMotor || !has(Fault.HARNESS_FEEDBACK);
    return sent && arrives ? 40 + 60 * chance(Chance.FEEDBACK_SPEED) : 0;
  }

  private Answer heard() {
    boolean pushes =
        has(Fault.WINDING_SHORT)
            || has(Fault.WINDING_OPEN)
            || has(Fault.BEARING_SEIZED)
            || has(Fault.WHEEL_JAMMED);
    if (electrics.asksAtMotor() && pushes && !has(Fault.MODULE_DEAD)) {
      return chance(Chance.ANSWER) < 0.7 ? Answer.TRIES_AND_GIVES_UP : Answer.HUMS;
    }
    if (!electrics.asks()) {
      return Answer.SILENCE;
    }
    return hidden.symptom() == Symptom.STARTS_THEN_STOPS
        ? Answer.RUNS
        : chance(Chance.ANSWER) < 0.6 ? Answer.SILENCE : Answer.CLICK;
  }

  private Answer lamp() {
    boolean serial = hidden.family() == Family.CONSTANT_AIRFLOW_SERIAL;
    boolean talks = !has(Fault.BOARD_NO_TALK) && electrics.asksAtMotor();
    if (serial && talks && chance(Chance.SETTING) < 0.4) {
      return Answer.COUNTS_AIRFLOW;
    }
    if (electrics.line() <= 0 && has(Fault.SUPPLY_OFF) || has(Fault.CONTROL_POWER)) {
      return Answer.OFF;
    }
    return has(Fault.BOARD_SILENT) && chance(Chance.SETTING) < 0.4 ? Answer.OFF : Answer.STEADY;
  }
}
