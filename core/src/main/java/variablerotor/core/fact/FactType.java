package variablerotor.core.fact;

import static variablerotor.core.fact.Answer.*;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Everything that can be read, seen or told on a call. One row a fact: id, kind, unit, range. */
public enum FactType {
  CALL_PRESENT("call.present", "The thermostat's call reaches the board"),
  THERMOSTAT_CALL("thermostat.call", "A call at the thermostat's own terminal"),
  THERMOSTAT_FAN("thermostat.fan", "The thermostat's fan switch", AUTO, ON),
  SAFETY_OPEN(
      "safety.open",
      "Safety string and low-voltage fuse: what is open",
      NONE,
      FLOAT,
      LIMIT,
      DOOR,
      PRESSURE,
      FUSE),
  CONTROL_VOLTS("control.volts", "24 V supply at the board, R to C", "V", 0, 60),
  CONTROL_VOLTS_LOADED(
      "control.volts.loaded", "24 V supply with everything asked at once", "V", 0, 60),
  TRANSFORMER_PRIMARY("transformer.primary.volts", "Line at the control transformer", "V", 0, 1000),
  LINE_VOLTS("line.volts", "Line at the motor plug", "V", 0, 1000),
  LINE_VOLTS_AB("line.volts.ab", "Line A to B", "V", 0, 1000),
  LINE_VOLTS_BC("line.volts.bc", "Line B to C", "V", 0, 1000),
  LINE_VOLTS_CA("line.volts.ca", "Line C to A", "V", 0, 1000),
  LINE_BEFORE("line.volts.before", "Line before fuse, breaker or disconnect", "V", 0, 1000),
  LINE_BEHIND("line.volts.behind", "Line behind fuse, breaker or disconnect", "V", 0, 1000),
  CONTACTOR_LOOK(
      "contactor.look", "The contactor or relay", PULLED_IN, NOT_PULLED_IN, BURNT, STUCK),
  WIRES_LOOK("wires.look", "The wires to the fan", WHOLE, BURNT, BROKEN),
  CONTACTOR_VOLTS("contactor.volts", "The contactor's load side", "V", 0, 1000),
  DEFROST_CONTACT("defrost.contact", "The normally closed defrost contact", CLOSED, OPEN),
  DEFROST_ACTIVE("defrost.active", "The unit is in defrost"),
  BUS_VOLTS("bus.volts", "DC bus at the motor plug", "V DC", 0, 1000),
  LOGIC_VOLTS("logic.volts", "Logic supply at the motor plug", "V DC", 0, 60),
  BUS_VOLTS_UNPLUGGED("bus.volts.unplugged", "DC bus, motor unplugged", "V DC", 0, 1000),
  BUS_VOLTS_BOARD("bus.volts.board", "DC bus at the board, motor plugged in", "V DC", 0, 1000),
  LOGIC_VOLTS_UNPLUGGED(
      "logic.volts.unplugged", "Logic supply at the board, motor unplugged", "V DC", 0, 60),
  COMMAND_KIND(
      "command.kind",
      "The kind of command that this board gives",
      VOLTS_24,
      DUTY_CYCLE,
      ZERO_TO_TEN,
      CURRENT_LOOP,
      MESSAGES),
  COMMAND_VOLTS("command.volts", "Command at the motor's end", "V", 0, 60),
  COMMAND_VOLTS_BOARD("command.volts.board", "Command at the board's terminal", "V", 0, 60),
  COMMAND_VOLTS_RESET(
      "command.volts.reset", "Command at the board, right after a reset", "V", 0, 60),
  COMMAND_DUTY("command.duty", "Duty cycle of the command", "%", 0, 100),
  COMMAND_MILLIAMPS("command.milliamps", "Current of the command", "mA", 0, 30),
  LINK_VOLTS("link.volts", "Serial link supply, motor unplugged", "V DC", 0, 60),
  AUX_VOLTS("aux.volts", "The fan's own 10 V supply out", "V DC", 0, 60),
  AUX_VOLTS_UNLOADED("aux.volts.unloaded", "Its own 10 V out, control wires pulled", "V DC", 0, 60),
  AUX_VOLTS_BOARD("aux.volts.board", "The fan's 10 V at the controller's end", "V DC", 0, 60),
  ALARM_RELAY("alarm.relay", "The fan's alarm contact", CLOSED, OPEN),
  AMPS("amps", "Line current while it runs or tries", "A", 0, 500),
  FEEDBACK_HERTZ("feedback.hertz", "Speed pulses while it turns", "Hz", 0, 10000),
  FEEDBACK_LOOK(
      "feedback.look", "Speed pulses seen as volts that jump", JUMPS, FOLLOWS_SPEED, STANDS_STILL),
  FEEDBACK_PULSES("feedback.pulses", "Speed pulses a revolution", "", 1, 60),
  ROTOR_RPM("rotor.rpm", "Speed of the wheel while it runs", "r/min", 0, 30000),
  ROTOR_RPM_LESS("rotor.rpm.less", "Speed of the wheel on a call for less air", "r/min", 0, 30000),
  DRIVE_OUTPUT_AB("drive.output.ab", "Drive output A to B", "V", 0, 1000),
  DRIVE_OUTPUT_BC("drive.output.bc", "Drive output B to C", "V", 0, 1000),
  DRIVE_OUTPUT_CA("drive.output.ca", "Drive output C to A", "V", 0, 1000),
  DRIVE_UNLOADED_AB(
      "drive.output.unloaded.ab", "Drive output A to B, motor's leads off", "V", 0, 1000),
  DRIVE_UNLOADED_BC(
      "drive.output.unloaded.bc", "Drive output B to C, motor's leads off", "V", 0, 1000),
  DRIVE_UNLOADED_CA(
      "drive.output.unloaded.ca", "Drive output C to A, motor's leads off", "V", 0, 1000),
  DRIVE_RESET("drive.reset", "After the drive's fault was read and reset", RUNS, COMES_BACK),
  DRIVE_FAULT("drive.fault", "The drive shows a fault"),
  DRIVE_STATUS(
      "drive.status", "The drive's display, with a run command", READY, HELD_OFF, FAULT, DARK),
  DRIVE_PERMITS("drive.permits", "The drive's sensors and permits", GIVEN, MISSING),
  RUN_CONTROL_UNPLUGGED("run.control_unplugged", "Control plug pulled, line on", RUNS, STOPS),
  RUN_SUBSTITUTE_COMMAND(
      "run.substitute_command", "A known good command put in at the motor", RUNS, STILL),
  RUN_RESEATED("run.reseated", "After mending and reseating every plug", RUNS, STILL),
  RUN_AIR_CLEARED("run.air_cleared", "After clearing the air path", RUNS, STILL),
  RUN_SET_RIGHT("run.set_right", "After setting it right", RUNS, STILL),
  RUN_WHEEL_MENDED("run.wheel_mended", "After mending the wheel", RUNS, STILL),
  CODE_RETURNS("code.returns", "The fault or code comes back after a full cycle"),
  RUN_BYPASS("run.bypass", "Motor across the line by the bypass", RUNS, STILL),
  SHAFT_FEEL("shaft.feel", "Turned by hand, all assembled", Words.FEEL),
  SHAFT_FEEL_MODULE_OFF("shaft.feel.module_off", "Turned by hand, module off", Words.FEEL),
  SHAFT_FEEL_WHEEL_OFF("shaft.feel.wheel_off", "Turned by hand, out of its wheel", Words.FEEL),
  WHEEL_LOOK("wheel.look", "The wheel", CLEAR, RUBBING, JAMMED, LOOSE_ON_SHAFT),
  WHEEL_DIRT("wheel.dirt", "The wheel's blades", CLEAN, DIRTY),
  ROTATION("rotation", "Direction of rotation", RIGHT, REVERSED),
  WINDING_AB("winding.ab", "Winding A to B", FactKind.OHMS),
  WINDING_BC("winding.bc", "Winding B to C", FactKind.OHMS),
  WINDING_CA("winding.ca", "Winding C to A", FactKind.OHMS),
  WINDING_WARM_AB("winding.warm.ab", "Winding A to B, warm", FactKind.OHMS),
  WINDING_WARM_BC("winding.warm.bc", "Winding B to C, warm", FactKind.OHMS),
  WINDING_WARM_CA("winding.warm.ca", "Winding C to A, warm", FactKind.OHMS),
  WINDING_JOINT_AB("winding.joint.ab", "A to B at the motor's own joint", FactKind.OHMS),
  WINDING_JOINT_BC("winding.joint.bc", "B to C at the motor's own joint", FactKind.OHMS),
  WINDING_JOINT_CA("winding.joint.ca", "C to A at the motor's own joint", FactKind.OHMS),
  WINDING_JOINT_FRAME_A(
      "winding.joint.frame.a", "A to frame at the motor's own joint", FactKind.OHMS),
  WINDING_JOINT_FRAME_B(
      "winding.joint.frame.b", "B to frame at the motor's own joint", FactKind.OHMS),
  WINDING_JOINT_FRAME_C(
      "winding.joint.frame.c", "C to frame at the motor's own joint", FactKind.OHMS),
  WINDING_FRAME_A("winding.frame.a", "Lead A to frame", FactKind.OHMS),
  WINDING_FRAME_B("winding.frame.b", "Lead B to frame", FactKind.OHMS),
  WINDING_FRAME_C("winding.frame.c", "Lead C to frame", FactKind.OHMS),
  WINDING_INSULATION("winding.insulation", "500 V insulation test, module off", FactKind.MEGOHMS),
  SHAFT_DRAG_JOINED(
      "shaft.drag.joined", "Turned with the three leads joined, module off", DRAGS, FREE),
  WINDING_CELSIUS("winding.celsius", "Winding temperature", "°C", -50, 200),
  WINDING_REFERENCE(
      "winding.reference", "A healthy pair of this very motor at 20 °C", "Ω", 0.001, 10000),
  METER_LEAD_OHMS("meter.lead_ohms", "Resistance of the test leads", "Ω", 0, 10),
  METER_COUNT_OHMS("meter.count_ohms", "One count of the meter", "Ω", 0.0001, 10),
  EMF_AB("emf.ab", "Back-EMF A to B", "V", 0, 1000),
  EMF_BC("emf.bc", "Back-EMF B to C", "V", 0, 1000),
  EMF_CA("emf.ca", "Back-EMF C to A", "V", 0, 1000),
  MODULE_LOOK("module.look", "The module", CLEAN, BURNT, BULGED_CAPACITOR, WATER, CORRODED),
  CONNECTOR_LOOK("connector.look", "The connectors", SEATED, LOOSE, PIN_PUSHED_BACK, CORRODED),
  AIR_LOOK("air.look", "The air path", CLEAR, FILTER_BLOCKED, COIL_BLOCKED, COIL_FROZEN),
  STATIC_INWC("static.inwc", "External static pressure", "in. w.c.", -5, 20),
  LINK_VOLTAGE_JUMPER("link.voltage_jumper", "115 V link of a dual-voltage motor", IN, OUT),
  MOTOR_FEEDBACK("motor.feedback", "The motor now fitted sends a speed signal"),
  BOARD_NEEDS_FEEDBACK("board.needs_feedback", "The board is set to prove speed"),
  FIRST_START("first.start", "A self-finding motor on its first power"),
  REPLACED_RECENTLY("replaced.recently", "Motor or module was just changed"),
  HEARD_CALL("heard.call", "Call made at the thermostat", COOLING, HEATING, FAN_ONLY),
  HEARD_ANSWER(
      "heard.answer",
      "Heard at the fan after the call",
      SILENCE,
      CLICK,
      HUMS,
      TRIES_AND_GIVES_UP,
      RUNS),
  RUNS_OUTDOOR("runs.outdoor", "The outdoor unit runs"),
  RUNS_COMPRESSOR("runs.compressor", "The compressor runs"),
  RUNS_INDOOR("runs.indoor", "The indoor blower runs"),
  RUNS_HEAT("runs.heat", "Heat comes on"),
  LOOK_LAMP(
      "look.lamp", "The board's lamp", OFF, STEADY, HEARTBEAT, FLASHES_A_CODE, COUNTS_AIRFLOW),
  LOOK_SMELL("look.smell", "Smell or marks at the motor", NONE, BURNT),
  LOOK_WATER("look.water", "Water", DRY, WATER_IN_PAN, SWEATING_CABINET, TRACK_TO_CONNECTOR),
  COMMAND_VOLTS_IDLE(
      "command.volts.idle", "Command at the board's terminal with no call", "V", 0, 60),
  COMMAND_VOLTS_MOTOR_IDLE(
      "command.volts.motor.idle", "Command at the motor's end with no call", "V", 0, 60),
  LINK_VOLTS_BOARD("link.volts.board", "Serial link supply at the board's terminal", "V DC", 0, 60),
  FEEDBACK_HERTZ_BOARD(
      "feedback.hertz.board", "Speed pulses at the board's end while it turns", "Hz", 0, 10000),
  POLE_PAIRS("motor.pole_pairs", "Pole pairs of the motor", "", 1, 24),
  SHAFT_FEEL_WARM("shaft.feel.warm", "Turned by hand warm, right after it quit", Words.FEEL),
  SHAFT_FEEL_SLOW("shaft.feel.slow", "Turned by hand as slowly as can be", Words.FEEL),
  SHAFT_SOUND("shaft.sound", "Spun by hand, heard at the motor", QUIET, GRINDS, SCRAPES),
  SPEED_SETTING("speed.setting", "Speed taps and switches against the unit's chart", RIGHT, WRONG),
  PLATE_MODULE_REMOVABLE("plate.moduleRemovable", "The module comes off the motor"),
  PLATE_MODULE_SOLD_ALONE("plate.moduleSoldAlone", "The module is sold alone"),
  CODE("code", "A code read and looked up", FactKind.CODE),
  CODE_SUSPECTS("code.suspects", "What that code raises", FactKind.SUSPECTS),
  WINDOW_BUS("window.bus.volts", "This unit's own window for the DC bus", FactKind.WINDOW),
  WINDOW_LOGIC("window.logic.volts", "This unit's own window for logic", FactKind.WINDOW),
  WINDOW_COMMAND("window.command.volts", "This unit's own command window", FactKind.WINDOW),
  WINDOW_AUX("window.aux.volts", "This unit's own window for the 10 V out", FactKind.WINDOW),
  WINDOW_LINK("window.link.volts", "This unit's own window for the link", FactKind.WINDOW);

  /** Most that a resistance may read before it is OL [Ω]: a hand-held meter ends near 60 MΩ. */
  public static final double MOST_OHMS = 1e8;

  /** Most that an insulation tester shows before it is OL [MΩ]. */
  public static final double MOST_MEGOHMS = 1e6;

  /** Word lists that more than one fact has. */
  private static final class Words {
    static final Answer[] FEEL = {FREE, STIFF, COGGING, LOCKED};
  }

  private final String id;
  private final FactKind kind;
  private final String title;
  private final String unit;
  private final double least;
  private final double most;
  private final List<Answer> choices;

  FactType(String id, String title) {
    this(id, FactKind.FLAG, title, "", 0, 0, List.of());
  }

  FactType(String id, String title, String unit, double least, double most) {
    this(id, FactKind.NUMBER, title, unit, least, most, List.of());
  }

  FactType(String id, String title, Answer... choices) {
    this(id, FactKind.CHOICE, title, "", 0, 0, List.of(choices));
  }

  FactType(String id, String title, FactKind kind) {
    this(
        id,
        kind,
        title,
        kind.unit(),
        0,
        kind == FactKind.WINDOW ? 1000 : kind == FactKind.MEGOHMS ? MOST_MEGOHMS : MOST_OHMS,
        List.of());
  }

  FactType(
      String id,
      FactKind kind,
      String title,
      String unit,
      double least,
      double most,
      List<Answer> choices) {
    this.id = id;
    this.kind = kind;
    this.title = title;
    this.unit = unit;
    this.least = least;
    this.most = most;
    this.choices = List.copyOf(choices);
  }

  /** By which case files and records name it. */
  public String id() {
    return id;
  }

  /** What its values are. */
  public FactKind kind() {
    return kind;
  }

  /** What it is, in a technician's words. */
  public String title() {
    return title;
  }

  /** Between others of its kind, where the kind stands above them. */
  public String shortTitle() {
    return switch (this) {
      case WINDING_AB, WINDING_WARM_AB, WINDING_JOINT_AB, EMF_AB -> "A to B";
      case WINDING_BC, WINDING_WARM_BC, WINDING_JOINT_BC, EMF_BC -> "B to C";
      case WINDING_CA, WINDING_WARM_CA, WINDING_JOINT_CA, EMF_CA -> "C to A";
      case LINE_VOLTS_AB, DRIVE_OUTPUT_AB, DRIVE_UNLOADED_AB -> "A to B";
      case LINE_VOLTS_BC, DRIVE_OUTPUT_BC, DRIVE_UNLOADED_BC -> "B to C";
      case LINE_VOLTS_CA, DRIVE_OUTPUT_CA, DRIVE_UNLOADED_CA -> "C to A";
      default -> title;
    };
  }

  /** The unit of the number; empty where there is none. */
  public String unit() {
    return unit;
  }

  /** The least number allowed [its unit]. */
  public double least() {
    return least;
  }

  /** The most that is allowed [its unit]. */
  public double most() {
    return most;
  }

  /** The words allowed for a choice; empty for other kinds. */
  public List<Answer> choices() {
    return choices;
  }

  /**
   * The words that can be seen at once, the most telling first; empty where one word is all there
   * is to say. Its good word excludes the others.
   */
  public List<Answer> together() {
    return switch (this) {
      case AIR_LOOK, MODULE_LOOK -> choices.subList(1, choices.size());
      case CONNECTOR_LOOK -> List.of(PIN_PUSHED_BACK, LOOSE, CORRODED);
      case LOOK_WATER -> List.of(TRACK_TO_CONNECTOR, WATER_IN_PAN, SWEATING_CABINET);
      case LOOK_LAMP -> List.of(COUNTS_AIRFLOW, FLASHES_A_CODE, OFF, HEARTBEAT, STEADY);
      default -> List.of();
    };
  }

  /** Whether "cannot be seen", "no meter here" and "not on this unit" answer it. */
  public boolean mayBeUntold() {
    return kind != FactKind.WINDOW
        && kind != FactKind.CODE
        && kind != FactKind.SUSPECTS
        && !id.startsWith("meter.");
  }

  /** The fact with this id, or null. */
  public static @Nullable FactType ofId(String id) {
    for (FactType type : values()) {
      if (type.id.equals(id)) {
        return type;
      }
    }
    return null;
  }
}
