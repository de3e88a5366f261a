package variablerotor.core.likelihood;

import static variablerotor.core.check.UnitState.CONTROL_PLUG_OUT;
import static variablerotor.core.check.UnitState.MODULE_OFF;
import static variablerotor.core.check.UnitState.ON_BENCH;
import static variablerotor.core.check.UnitState.POWER_OFF_COVER_OFF;
import static variablerotor.core.check.UnitState.POWER_ON;
import static variablerotor.core.likelihood.Check.check;

import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;
import variablerotor.core.signal.Windows;

/**
 * The checks, each with its likelihood under every fault that changes them. Where a fault is not
 * named, the row {@code normal} holds; where an outcome is not named, that fault cannot show it,
 * and a reading that shows it clears the fault. Likelihood are judgement of common practice;
 * minutes are typical, made for planning.
 */
final class CommonChecks {
  /** What a trip leaves behind. */
  static final String TRIPPED = "a breaker or fuse that has tripped leaves nothing";

  /** What a board that gave up leaves behind. */
  static final String LOCKED_OUT = "a board that has locked out takes the command away";

  /** What a hand feels where nothing is wrong: detents are taken for a catch now and then. */
  private static final String FEELS = "FREE 96.5 COGGING 2 STIFF 1.2 LOCKED 0.3";

  private CommonChecks() {}

  static Check line() {
    return line(
        check("line.volts", Suspect.SUPPLY, POWER_ON, 1)
            .takes(FactType.LINE_VOLTS)
            .ask(
                "Measure line voltage at the motor plug.",
                "At the motor's own plug, between its line pins. It should be there all the"
                    + " time, call or no call."));
  }

  /** All three pairs into a drive or a three-phase fan; equal within 1 %, never 5 % apart. */
  static Check threePhaseLine() {
    return threePhases(
        check("line.volts", Suspect.SUPPLY, POWER_ON, 2)
            .takes(FactType.LINE_VOLTS_AB, FactType.LINE_VOLTS_BC, FactType.LINE_VOLTS_CA)
            .ask(
                "Measure the line, all three pairs.",
                "At the input. Within 1 % of each other runs freely; above 5 % must not run."));
  }

  /** As {@link #threePhaseLine}, for fans that come for one phase, too. */
  static Check anyPhaseLine() {
    return threePhases(
        check("line.volts", Suspect.SUPPLY, POWER_ON, 2)
            .takes(
                FactType.LINE_VOLTS_AB,
                FactType.LINE_VOLTS_BC,
                FactType.LINE_VOLTS_CA,
                FactType.LINE_VOLTS)
            .ask(
                "Measure the line at the fan.",
                "All three pairs; a single-phase fan has the one at its plug."));
  }

  private static Check threePhases(Check.Builder check) {
    return switchedLine(check)
        .bad("LOST_LEG", "A leg is lost")
        .finding("ABSENT", "LOST_LEG")
        .under(Fault.SUPPLY_LINE_LOST, "LOST_LEG 8 ABSENT 1 LOW 1", "an open leg, or a poor one")
        .read(WaysToAnswer::line);
  }

  /** Where no line is a finding: nothing switches it on its way. */
  private static Check line(Check.Builder check) {
    return switchedLine(check).finding("ABSENT").read(WaysToAnswer::line);
  }

  /** Where something stands in the line's way by design. */
  static Check.Builder switchedLine(Check.Builder check) {
    return levels(check)
        .normal("GOOD 1")
        .finding("LOW", "HIGH")
        .effect("GOOD 5 ABSENT 5", TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "no power in the unit, none at the plug")
        .under(Fault.SUPPLY_LINE_LOST, "ABSENT 9 LOW 1", "an open leg, or a poor one")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "LOW 8 HIGH 2", "sags are commoner than swells");
  }

  static Check call() {
    return callTo("board").answeredByYesOrNo();
  }

  /**
   * @param end where the call should arrive
   */
  static Check.Builder callTo(String end) {
    return check("call.present", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.CALL_PRESENT)
        .ask(
            "Make a call. Does it reach the " + end + "?",
            "A call at the " + end + "'s own terminal for what you asked.")
        .good("YES", "It reaches the " + end)
        .bad("NO", "No call at the " + end)
        .finding("NO")
        .normal("YES 1")
        .effect("YES 4 NO 6", "nobody need be asking while it runs", Symptom.RUNS_ALWAYS)
        .effect("YES 9 NO 1", "it may be between two calls", RUNNING)
        .effect("YES 5 NO 5", TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.NO_CALL, "NO 1", "that is the fault")
        .under(Fault.SAFETY_OPEN, "NO 1", "the safety string opens the call")
        .under(Fault.CONTROL_POWER, "NO 9 YES 1", "without 24 V no call gets through")
        .under(Fault.SUPPLY_OFF, "NO 9 YES 1", "the 24 V supply hangs on the same power");
  }

  private static final Symptom[] RUNNING = {
    Symptom.LOW_AIRFLOW,
    Symptom.NOISE,
    Symptom.NO_SPEED_CHANGE,
    Symptom.WRONG_DIRECTION,
    Symptom.CODE_BUT_RUNS
  };

  static Check thermostat() {
    return check("thermostat.call", Suspect.COMMAND, POWER_ON, 3)
        .takes(FactType.THERMOSTAT_CALL)
        .ask(
            "Is there a call at the thermostat's own terminal?",
            "24 V from the called terminal to common, at the thermostat. If a second thermostat has a say, look at it, too.")
        .good("YES", "It calls")
        .bad("NO", "It does not call")
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.RUNS_ALWAYS)
        .normal("YES 1")
        .effect("YES 5 NO 5", "set to run, or not", Symptom.RUNS_ALWAYS)
        .effect("YES 9 NO 1", "it may be between two calls", RUNNING)
        .effect("YES 5 NO 5", TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.NO_CALL, "NO 6 YES 4", "the thermostat, or its wire")
        .under(Fault.SAFETY_OPEN, "YES 6 NO 4", "depends on where the string stands")
        .under(Fault.CONTROL_POWER, "NO 9 YES 1", "it hangs on the same 24 V")
        .under(Fault.SUPPLY_OFF, "NO 9 YES 1", "it hangs on the same power")
        .answeredByYesOrNo();
  }

  static Check fanSwitch() {
    return check("thermostat.fan", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.THERMOSTAT_FAN)
        .ask("Where does the thermostat's fan switch stand?", "Auto, or on. On runs it always.")
        .good("AUTO", "Auto")
        .bad("ON", "On")
        .defect("ON", Suspect.COMMAND)
        .seen()
        .onlyFor(Symptom.RUNS_ALWAYS)
        .normal("AUTO 97 ON 3")
        .under(Fault.FAN_SWITCH_ON, "ON 1", "that is the fault")
        .answeredByWord();
  }

  /** Where fuse, breaker or disconnect stand: there before it and gone behind it. */
  static Check protection() {
    return check("line.volts.protection", Suspect.SUPPLY, POWER_ON, 2)
        .takes(FactType.LINE_BEFORE, FactType.LINE_BEHIND)
        .ask(
            "Measure the line before and behind fuse, breaker and disconnect.",
            "Leg to leg, then each leg: a blown fuse shows line across itself.")
        .good("GOOD", "There on both sides")
        .bad("ABSENT", "None before it")
        .bad("OPEN", "There before it, none behind")
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.TRIPS_PROTECTION)
        .finding("OPEN")
        .normal("GOOD 1")
        .effect("GOOD 5 OPEN 5", TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SUPPLY_OFF, "OPEN 8 ABSENT 2", "that is the fault")
        .under(Fault.SUPPLY_LINE_LOST, "GOOD 6 OPEN 4", "one leg of it")
        .read(WaysToAnswer::protection);
  }

  static Check wires() {
    return check("wires.look", Suspect.HARNESS, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.WIRES_LOOK)
        .ask(
            "Look along the wires to the fan.",
            "Burnt at a terminal, chafed on metal, broken inside the jacket.")
        .good("WHOLE", "Whole")
        .bad("BURNT", "Burnt")
        .bad("BROKEN", "Broken or chafed")
        .seen()
        .normal("WHOLE 97 BURNT 1 BROKEN 2")
        .under(Fault.HARNESS_OPEN, "BROKEN 5 WHOLE 4 BURNT 1", "breaks hide inside the jacket")
        .under(Fault.HARNESS_LEAD, "BROKEN 5 WHOLE 4 BURNT 1", "breaks hide inside the jacket")
        .under(Fault.HARNESS_CHAFED, "BROKEN 6 WHOLE 3 BURNT 1", "chafed through")
        .under(Fault.HARNESS_TOUCHING, "BROKEN 4 BURNT 3 WHOLE 3", "pinched or burnt together")
        .under(Fault.HARNESS_FEEDBACK, "BROKEN 4 WHOLE 6", "breaks hide inside the jacket")
        .under(Fault.SUPPLY_LINE_LOST, "BURNT 4 BROKEN 2 WHOLE 4", "a burnt line terminal")
        .answeredByWord();
  }

  static Check safety() {
    return check("safety.open", Suspect.COMMAND, POWER_ON, 3)
        .takes(FactType.SAFETY_OPEN)
        .ask(
            "Go along the safety string: is anything open?",
            "24 V across a switch means it is open: float, limit, pressure. Then the board's"
                + " low-voltage fuse. Hold the door switch in while you measure.")
        .good("NONE", "All closed")
        .bad("FLOAT", "Float switch")
        .question("LIMIT", "Limit")
        .question("DOOR", "Door switch")
        .question("PRESSURE", "Pressure switch")
        .bad("FUSE", "Low-voltage fuse")
        .finding("FLOAT", "FUSE")
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        .normal("NONE 93 DOOR 3 LIMIT 2 PRESSURE 2")
        .effect(
            "NONE 72 LIMIT 12 PRESSURE 12 DOOR 4",
            "no air opens a limit, a fan that stands a pressure switch, a door taken off its own",
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT)
        .under(
            Fault.SAFETY_OPEN, "FLOAT 34 LIMIT 16 DOOR 8 PRESSURE 16 FUSE 26", "that is the fault")
        .under(Fault.CONTROL_POWER, "NONE 5 FUSE 5", "a fuse may have taken the 24 V with it")
        .under(
            Fault.AIR_BLOCKED,
            "NONE 6 LIMIT 2 FLOAT 1 PRESSURE 1",
            "too little air opens a limit or a pressure switch; ice that melts lifts a float")
        .answeredByWord();
  }

  static Check control() {
    return levels(
            check("control.volts", Suspect.COMMAND, POWER_ON, 1)
                .takes(FactType.CONTROL_VOLTS)
                .ask(
                    "Measure the 24 V supply at the board.",
                    "Between R and C. Under 18 V is a weak transformer or a bad joint."))
        .finding("ABSENT", "LOW")
        .good("SMALL", "In its window, on the small side")
        .normal("GOOD 86 SMALL 12 HIGH 2")
        .effect("GOOD 5 ABSENT 5", TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.CONTROL_POWER, "ABSENT 8 LOW 2", "blown fuse, dead transformer")
        .under(Fault.CONTROL_SAGS, "GOOD 4 SMALL 1 LOW 4 EDGE 1", "good while nothing is asked")
        .under(Fault.SETTING_TAP, "SMALL 7 EDGE 3", "24 V becomes 20.8 on the wrong tap")
        .under(Fault.SUPPLY_OFF, "ABSENT 9 GOOD 1", "the 24 V may come from the other half")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "GOOD 3 SMALL 3 LOW 3 HIGH 1", "24 V follows the line")
        .controlSupply();
  }

  static Check controlLoaded() {
    return levels(
            check("control.volts.loaded", Suspect.COMMAND, POWER_ON, 2)
                .takes(FactType.CONTROL_VOLTS_LOADED)
                .ask(
                    "Ask for everything at once, and measure the 24 V again.",
                    "Between R and C, all calls on: a weak transformer sags under its load."))
        .finding("ABSENT", "LOW")
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        .normal("GOOD 1 HIGH 0.02")
        .effect("GOOD 5 ABSENT 5", TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.CONTROL_SAGS, "LOW 9 EDGE 1", "that is the fault")
        .under(Fault.CONTROL_POWER, "ABSENT 8 LOW 2", "blown fuse, dead transformer")
        .under(Fault.SETTING_TAP, "EDGE 6 LOW 4", "less to begin with")
        .under(Fault.SUPPLY_OFF, "ABSENT 9 GOOD 1", "the 24 V may come from the other half")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "GOOD 5 LOW 4 HIGH 1", "24 V follows the line")
        .measured(FactType.CONTROL_VOLTS_LOADED, Windows.CONTROL_24V, null);
  }

  static Check transformerPrimary() {
    return check("transformer.primary.volts", Suspect.COMMAND, POWER_ON, 2)
        .takes(FactType.TRANSFORMER_PRIMARY)
        .after("control.volts")
        .ask(
            "Measure the line at the control transformer, and read its tap.",
            "On 208 V its line side belongs on the 208 V tap: on the 240 V tap it gives 20.8 V.")
        .good("GOOD", "Line there, right tap")
        .bad("TAP", "Line there, wrong tap")
        .bad("ABSENT", "Nothing there")
        .defect("TAP", Suspect.SETTING)
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        // Where 24 V is small on 208 V the tap follows from that, and says no more.
        .normal("GOOD 5 TAP 5")
        .effect("GOOD 5 ABSENT 5", TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SETTING_TAP, "TAP 9 GOOD 1", "that is the fault")
        .under(Fault.SUPPLY_OFF, "ABSENT 9 GOOD 1", "it may hang on the other half")
        .read(WaysToAnswer::transformerTap);
  }

  /** The 24 V command at the board's own terminal. */
  static Check commandAtBoard(boolean proves) {
    return silent(
            proves,
            command24(
                proves,
                check("command.volts.board", Suspect.COMMAND, POWER_ON, 1)
                    .takes(FactType.COMMAND_VOLTS_BOARD)
                    .ask(
                        "Measure the command at the board.",
                        "With a call on: from the speed terminal in use to common, at the board.")))
        .command(FactType.COMMAND_VOLTS_BOARD, Windows.CONTROL_24V);
  }

  /**
   * Nothing at the board's own terminal with the call there: the board itself, unless what the
   * complaint brings with it explains that too.
   */
  static Check.Builder silent(boolean proves, Check.Builder check) {
    Check.Builder silent =
        check
            .bad("SILENT", "Nothing, with a call")
            .finding("SILENT")
            .under(Fault.BOARD_SILENT, "ABSENT 6 SILENT 3 LOW 1", "that is the fault")
            .under(Fault.HARNESS_CROSSED, "ABSENT 6 SILENT 1 GOOD 3", "the wrong wire feeds it")
            .effect(
                "GOOD 60 ABSENT 28 SILENT 12",
                LOCKED_OUT,
                Symptom.STARTS_THEN_STOPS,
                Symptom.INTERMITTENT,
                Symptom.CODE_BUT_RUNS)
            .effect("GOOD 5 ABSENT 4 SILENT 1", TRIPPED, Symptom.TRIPS_PROTECTION)
            .effect("GOOD 5 ABSENT 4 SILENT 1", "nobody need be asking", Symptom.RUNS_ALWAYS);
    return proves
        ? silent.effect("GOOD 95 ABSENT 3.5 SILENT 1.5", LOCKED_OUT, Symptom.NO_RUN)
        : silent;
  }

  /** A board that gave up takes its command away; right after a reset it still tries. */
  static Check commandAfterReset() {
    return afterReset(
            command24(
                false,
                check("command.volts.reset", Suspect.COMMAND, POWER_ON, 3)
                    .takes(FactType.COMMAND_VOLTS_RESET)))
        .measured(FactType.COMMAND_VOLTS_RESET, Windows.CONTROL_24V, FactType.WINDOW_COMMAND);
  }

  static Check.Builder afterReset(Check.Builder check) {
    return check
        .ask(
            "Reset the board, make the call, and measure the command while it tries.",
            "At its own terminal, in the first seconds: a board that has locked out takes the"
                + " command away.")
        .afterAnswer("command.volts.board", "ABSENT", "SILENT", "LOW", "EDGE")
        .finding("ABSENT")
        .withoutEffects()
        .onlyFor(
            Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT, Symptom.CODE_BUT_RUNS);
  }

  /** With 24 V on a tap. */
  static Check substituteCommand() {
    return substituteCommand(
        "Power off to connect: 24 V from R to one tap, common to common. Power on: does it run?");
  }

  static Check substituteCommand(String how) {
    return substitute(how).answeredByWord();
  }

  /** One of the many inputs of its control plug. */
  static Check substituteCallInput() {
    return substituteCommand(
        "Power off to connect: 24 V from R to one call input of the many-way plug, as its sheet"
            + " names it, common to common. Power on: does it run?");
  }

  /** A serial plug carries messages: 24 V on it would destroy what it reaches. */
  static Check substituteMessages() {
    return substitute(
            "Only with a tester made for this serial plug, power off to connect it. Never put 24 V"
                + " on this plug: its wires carry messages. No tester: say so below.")
        .answeredByWord();
  }

  /** Where the call pulls the line in as well, a command alone does nothing without it. */
  static Check substituteBehindContactor() {
    return substitute(
            "Power off to connect: 24 V from R to one stage, common to common. Power on, with the"
                + " call made: does it run?")
        .under(Fault.NO_CALL, "STILL 1", "no call, no contactor, no line")
        .under(Fault.SAFETY_OPEN, "STILL 1", "no call, no contactor, no line")
        .under(Fault.CONTROL_POWER, "STILL 1", "no 24 V, no contactor, no line")
        .under(Fault.CONTROL_SAGS, "STILL 8 RUNS 2", "the contactor may drop out")
        .under(Fault.HELD_OFF_BY_DEFROST, "STILL 8 RUNS 2", "no line in defrost")
        .answeredByWord();
  }

  private static Check.Builder substitute(String how) {
    return check("run.substitute_command", Suspect.COMMAND, POWER_ON, 4)
        .takes(FactType.RUN_SUBSTITUTE_COMMAND)
        .ask("Give the motor a known good command.", how)
        .good("STILL", "Stays still, or does not follow")
        .bad("RUNS", "Runs as told")
        .tellsOnlyFor(
            Symptom.NO_RUN,
            Symptom.INTERMITTENT,
            Symptom.STARTS_THEN_STOPS,
            Symptom.NO_SPEED_CHANGE)
        .normal("STILL 1")
        .under(Fault.SAFETY_OPEN, "RUNS 1", "motor and module are good")
        .under(Fault.CONTROL_SAGS, "RUNS 6 STILL 4", "with one load it may do")
        .under(Fault.SETTING_TAP, "RUNS 1", "20.8 V does")
        .under(Fault.AUX_PULLED_DOWN, "RUNS 7 STILL 3", "with the control wires off it does")
        .under(Fault.BEARING_WARM, "RUNS 7 STILL 3", "cold it runs")
        .under(Fault.MAGNETS_WEAK, "RUNS 6 STILL 4", "it may just do")
        .under(Fault.WHEEL_LOOSE, "RUNS 1", "the motor runs, the wheel does not")
        .under(Fault.WHEEL_DIRTY, "RUNS 1", "it runs, and moves little air")
        .under(Fault.BEARING_NOISY, "RUNS 1", "it runs, and is heard")
        .under(Fault.SETTING_ROTATION, "RUNS 1", "it runs the wrong way")
        .under(Fault.SETTING_TRIP, "STILL 8 RUNS 2", "the fault input holds it off all the same")
        .under(Fault.HELD_OFF_BY_DEFROST, "STILL 6 RUNS 4", "no line in defrost")
        .under(Fault.MODULE_MUTE, "RUNS 1", "it runs, and only does not tell")
        .under(Fault.HARNESS_FEEDBACK, "RUNS 1", "it runs, and is only not heard")
        .under(Fault.SETTING_SPEED_PROOF, "RUNS 1", "it runs; the board stops it")
        .under(Fault.SETTING_SPEED, "RUNS 1", "the setting is left out")
        .under(Fault.AIR_BLOCKED, "RUNS 7 STILL 3", "it runs until it is too warm")
        .under(Fault.DUCTS_BLOCKED, "RUNS 8 STILL 2", "it runs until it is too warm")
        .under(Fault.WHEEL_RUBBING, "RUNS 5 STILL 5", "it may just do")
        .under(Fault.NO_CALL, "RUNS 1", "motor and module are good")
        .under(Fault.CONTROL_POWER, "RUNS 7 STILL 3", "a weak 24 V supply may not do")
        .under(Fault.BOARD_SILENT, "RUNS 1", "motor and module are good")
        .under(Fault.HARNESS_OPEN, "RUNS 1", "the bad wire is left out")
        .under(Fault.HARNESS_PIN, "RUNS 6 STILL 4", "depends on which pin is bad")
        .under(Fault.MODULE_FADING, "STILL 6 RUNS 4", "it works at times")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "STILL 7 RUNS 3", "it may just do")
        .under(Fault.BEARING_DRAG, "STILL 5 RUNS 5", "it may just do")
        .under(Fault.WINDING_JOINT, "STILL 7 RUNS 3", "it may just do")
        .under(Fault.WINDING_SLIGHT_SHORT, "STILL 6 RUNS 4", "it may just do")
        .under(Fault.WINDING_WARM_SHORT, "STILL 5 RUNS 5", "cold it runs")
        .under(Fault.WINDING_WARM_OPEN, "RUNS 7 STILL 3", "cold it runs")
        .under(Fault.BOARD_NO_TALK, "RUNS 1", "motor and module are good")
        .underIf(Symptom.NO_RUN, Fault.WINDING_JOINT, "STILL 1")
        .underIf(Symptom.NO_RUN, Fault.WINDING_SLIGHT_SHORT, "STILL 1")
        .under(Fault.NOTHING, "RUNS 1", "nothing is wrong")
        .under(Fault.SETTING_DRIVE, "RUNS 8 STILL 2", "an interlock can hold it off all the same");
  }

  static Check idleCommand() {
    return check("command.volts.idle", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.COMMAND_VOLTS_IDLE)
        .ask(
            "End every call. Is there still a command at the board?",
            "At the board's own terminal, thermostat off. There should be nothing.")
        .good("QUIET", "Nothing there")
        .bad("PRESENT", "Still a command")
        .onlyFor(Symptom.RUNS_ALWAYS)
        .finding("PRESENT")
        .normal("QUIET 1")
        .under(Fault.BOARD_STUCK, "PRESENT 1", "that is the fault")
        .under(Fault.FAN_SWITCH_ON, "PRESENT 1", "it is asked to run")
        .under(Fault.NO_CALL, "QUIET 5 PRESENT 5", "a thermostat that never ends its call")
        .read(reading -> reading.idleCommand(FactType.COMMAND_VOLTS_IDLE));
  }

  static Check idleAtMotor() {
    return check("command.volts.motor.idle", Suspect.HARNESS, POWER_ON, 1)
        .takes(FactType.COMMAND_VOLTS_MOTOR_IDLE)
        .ask(
            "End every call. Is there still a command at the motor?",
            "At the motor's own plug, thermostat off. There should be nothing.")
        .good("QUIET", "Nothing there")
        .bad("PRESENT", "Still a command")
        .onlyFor(Symptom.RUNS_ALWAYS)
        .normal("QUIET 1")
        .under(Fault.BOARD_STUCK, "PRESENT 1", "that is the fault")
        .under(Fault.FAN_SWITCH_ON, "PRESENT 1", "it is asked to run")
        .under(Fault.HARNESS_CROSSED, "PRESENT 1", "that is the fault")
        .under(Fault.NO_CALL, "QUIET 5 PRESENT 5", "a thermostat that never ends its call")
        .read(WaysToAnswer::idleAtMotor);
  }

  /** The 24 V command at the motor's end of the harness. */
  static Check commandAtMotor(boolean proves) {
    return command24(
            proves,
            check("command.volts", Suspect.HARNESS, POWER_ON, 1)
                .takes(FactType.COMMAND_VOLTS)
                .ask(
                    "Measure the command at the motor.",
                    "With a call on: from the live tap to common, at the motor's plug. 18 to 30 V"
                        + " is a command."))
        .bad("BACKFED", "There, but not at the board")
        .bad("LOST", "Nothing, and there at the board")
        .finding("LOST")
        .under(
            Fault.HARNESS_OPEN,
            "ABSENT 70 LOST 20 LOW 10",
            "open wire, or a joint that drops volts")
        .under(
            Fault.HARNESS_PIN,
            "GOOD 60 ABSENT 22 LOST 8 LOW 10",
            "good behind the pin, gone at its tip")
        .under(Fault.HARNESS_CROSSED, "BACKFED 7 GOOD 2 ABSENT 1", "another wire feeds it")
        .command(FactType.COMMAND_VOLTS, Windows.CONTROL_24V);
  }

  static Check connector() {
    return connector("Look at both plugs, pin by pin.");
  }

  /** A five-wire fan has one plug for all. */
  static Check onePlug() {
    return connector("Look at the plug, pin by pin, and at its other end on the board.");
  }

  private static Check connector(String ask) {
    return check("connector.look", Suspect.HARNESS, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.CONNECTOR_LOOK)
        .ask(
            ask,
            "Each pin at full height, none pushed back or green, plug latched, no water track.")
        .good("SEATED", "All seated")
        .bad("LOOSE", "Loose")
        .bad("PIN_PUSHED_BACK", "Pin pushed back")
        .bad("CORRODED", "Corroded")
        .seen()
        .normal("SEATED 95 LOOSE 2 PIN_PUSHED_BACK 0.5 CORRODED 2.5")
        .under(
            Fault.HARNESS_PIN, "LOOSE 40 PIN_PUSHED_BACK 35 CORRODED 25", "a careful look finds it")
        .under(Fault.HARNESS_CORRODED, "CORRODED 1", "that is the fault")
        .under(Fault.HARNESS_OPEN, "SEATED 80 LOOSE 10 CORRODED 10", "the break is in the wire")
        .under(
            Fault.HARNESS_BUS, "LOOSE 30 PIN_PUSHED_BACK 60 CORRODED 10", "a careful look finds it")
        .under(
            Fault.HARNESS_GROUND,
            "LOOSE 30 PIN_PUSHED_BACK 60 CORRODED 10",
            "a careful look finds it")
        .under(Fault.HARNESS_LEAD, "SEATED 70 LOOSE 20 CORRODED 10", "the break is in the wire")
        .under(Fault.SUPPLY_LINE_LOST, "SEATED 80 LOOSE 15 CORRODED 5", "line pins can be loose")
        .answeredByWord();
  }

  static Check reseated() {
    return check("run.reseated", Suspect.HARNESS, POWER_ON, 6)
        .takes(FactType.RUN_RESEATED)
        .ask(
            "Mend and reseat every plug. Is all well now?",
            "With the power off: pins back to full height, green ones cleaned, plugs latched. Then"
                + " a whole call from start to end.")
        .good("STILL", "As before")
        .bad("RUNS", "All is well now")
        .bad("MENDED", "RUNS", "All is well now, and a plug was bad")
        .finding("MENDED")
        .tellsOnlyFor(
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.CODE_BUT_RUNS,
            Symptom.NO_SPEED_CHANGE)
        .normal("STILL 1")
        .effect("STILL 7 RUNS 3", "it comes and goes by itself", Symptom.INTERMITTENT)
        .under(Fault.HARNESS_PIN, "RUNS 4 MENDED 6", "that was the fault")
        .under(Fault.HARNESS_BUS, "RUNS 4 MENDED 6", "that was the fault")
        .under(Fault.HARNESS_GROUND, "RUNS 4 MENDED 6", "that was the fault")
        .under(Fault.HARNESS_LEAD, "STILL 6 RUNS 4", "a poor joint may touch again")
        .under(Fault.HARNESS_CORRODED, "RUNS 6 STILL 4", "cleaned pins may do")
        .under(Fault.HARNESS_FEEDBACK, "STILL 8 RUNS 2", "the break is in the wire")
        .under(Fault.HARNESS_OPEN, "STILL 9 RUNS 1", "a broken wire may touch again for a while")
        .under(Fault.SUPPLY_LINE_LOST, "STILL 8 RUNS 2", "the line's own pins can be loose")
        .under(Fault.HELD_OFF_BY_DEFROST, "RUNS 6 STILL 4", "defrost is over by then")
        .under(Fault.NOTHING, "RUNS 1", "nothing is wrong")
        .read(WaysToAnswer::reseated);
  }

  /** A defect that was seen is mended, and it is tried again. */
  private static Check.Builder mended(Check.Builder check) {
    return check
        .good("STILL", "As before")
        .bad("RUNS", "All is well now")
        .finding("RUNS")
        .normal("STILL 1")
        .effect("STILL 8 RUNS 2", "it comes and goes by itself", Symptom.INTERMITTENT);
  }

  static Check airCleared() {
    return mended(
            check("run.air_cleared", Suspect.AIR_PATH, POWER_ON, 15)
                .takes(FactType.RUN_AIR_CLEARED)
                .afterAnswer("air.look", "FILTER_BLOCKED", "COIL_BLOCKED", "COIL_FROZEN")
                .ask(
                    "New filter, coil cleaned or thawed. Is all well now?",
                    "Then a whole call from start to end, panels on."))
        .under(Fault.AIR_BLOCKED, "RUNS 1", "that was the fault")
        .answeredByWord();
  }

  static Check wheelMended() {
    return mended(
            check("run.wheel_mended", Suspect.WHEEL, POWER_ON, 10)
                .takes(FactType.RUN_WHEEL_MENDED)
                .afterAnswer("wheel.look", "RUBBING", "JAMMED", "LOOSE_ON_SHAFT")
                .afterAnswer("wheel.dirt", "DIRTY")
                .ask(
                    "Wheel freed, cleaned, centred, set screw tight. Is all well now?",
                    "With the power off and locked out; then a whole call."))
        .under(Fault.WHEEL_JAMMED, "RUNS 1", "that was the fault")
        .under(Fault.WHEEL_RUBBING, "RUNS 1", "that was the fault")
        .under(Fault.WHEEL_LOOSE, "RUNS 1", "that was the fault")
        .under(Fault.WHEEL_DIRTY, "RUNS 1", "that was the fault")
        .answeredByWord();
  }

  static Check setRight() {
    return mended(
            check("run.set_right", Suspect.SETTING, POWER_ON, 5)
                .takes(FactType.RUN_SET_RIGHT)
                .afterAnswer("speed.setting", "WRONG")
                .afterAnswer("rotation", "REVERSED")
                .afterAnswer("link.voltage_jumper", "WRONG")
                .afterAnswer("transformer.primary.volts", "TAP")
                .afterAnswer("thermostat.fan", "ON")
                .ask(
                    "Set it right: taps, switches, rotation, link. Is all well now?",
                    "With the power off; then a whole call of the kind that failed."))
        .under(Fault.SETTING_SPEED, "RUNS 1", "that was the fault")
        .under(Fault.SETTING_DRIVE, "RUNS 6 STILL 4", "it may be an interlock as well")
        .under(Fault.SETTING_ROTATION, "RUNS 1", "that was the fault")
        .under(Fault.SETTING_LINK, "RUNS 1", "that was the fault")
        .under(Fault.SETTING_TAP, "RUNS 1", "that was the fault")
        .under(Fault.FAN_SWITCH_ON, "RUNS 1", "that was the fault")
        .answeredByWord();
  }

  static Check speedProof() {
    return check("speed.proof", Suspect.SETTING, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.BOARD_NEEDS_FEEDBACK, FactType.MOTOR_FEEDBACK)
        .ask(
            "Does the board wait for a speed signal?",
            "Read the board's switches, and whether this motor sends one.")
        .good("MATCHED", "Matched")
        .bad("UNMET", "Board waits in vain")
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.CODE_BUT_RUNS, Symptom.INTERMITTENT)
        .finding("UNMET")
        .normal("MATCHED 1")
        .under(Fault.SETTING_SPEED_PROOF, "UNMET 1", "that is the fault")
        .read(WaysToAnswer::speedProof);
  }

  static Check recentlyReplaced() {
    return check("replaced.recently", Suspect.SETTING, POWER_ON, 0.5)
        .takes(FactType.REPLACED_RECENTLY)
        .ask("Was the motor or module just changed?", "Ask, and look for new parts and tags.")
        .good("NO", "No")
        .bad("YES", "Yes")
        .soft()
        .normal("NO 93 YES 7")
        .under(Fault.SETTING_SPEED_PROOF, "YES 1", "it shows after a change of motor")
        .under(Fault.SETTING_ROTATION, "YES 8 NO 2", "it shows after a change of motor")
        .under(Fault.SETTING_SPEED, "YES 6 NO 4", "switches are set at fitting")
        .answeredByYesOrNo();
  }

  static Check rotation() {
    return check("rotation", Suspect.SETTING, POWER_ON, 1)
        .takes(FactType.ROTATION)
        .ask("Which way does it turn?", "Against the arrow on the housing. Wrong still moves air.")
        .good("RIGHT", "The right way")
        .bad("REVERSED", "The wrong way")
        .seen()
        .onlyFor(Symptom.LOW_AIRFLOW, Symptom.WRONG_DIRECTION, Symptom.NOISE)
        .normal("RIGHT 99.5 REVERSED 0.5")
        .under(Fault.SETTING_ROTATION, "REVERSED 1", "that is the fault")
        .under(Fault.MODULE_FADING, "RIGHT 9 REVERSED 1", "a weak start can go either way")
        .answeredByWord();
  }

  static Check speedSetting() {
    return check("speed.setting", Suspect.SETTING, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.SPEED_SETTING)
        .ask(
            "Compare taps and switches with the unit's chart.",
            "The tap or switch for the call that fails; as shipped is seldom right.")
        .good("RIGHT", "As the chart has it")
        .bad("WRONG", "Set otherwise")
        .seen()
        .onlyFor(
            Symptom.NO_SPEED_CHANGE, Symptom.LOW_AIRFLOW, Symptom.NOISE, Symptom.TRIPS_PROTECTION)
        .normal("RIGHT 97 WRONG 3")
        .under(Fault.SETTING_SPEED, "WRONG 1", "that is the fault")
        .under(Fault.SETTING_DRIVE, "WRONG 6 RIGHT 4", "it may be a parameter or an interlock")
        .answeredByWord();
  }

  static Check controlUnplugged() {
    return controlUnplugged(
        "Pull the control plug. Does it still run?",
        "Power off, pull the low-voltage plug, power on. Line stays connected.");
  }

  /** One plug carries all five wires: only the wire that sets the speed is taken out. */
  static Check speedWireOut() {
    return controlUnplugged(
        "Take the speed wire out of the plug. Does it still run?",
        "Power off, capacitors waited out: yellow as a rule, its pin eased out. Bus and logic stay;"
            + " power on.");
  }

  /** Three wires, and all of them are the drive of the motor. */
  static Check boardUncalled() {
    return controlUnplugged(
        "Take the call off the board. Does it still run?",
        "Power off, the board's control plug pulled, power on: nothing asks it now.");
  }

  private static Check controlUnplugged(String ask, String how) {
    return check("run.control_unplugged", Suspect.MODULE, CONTROL_PLUG_OUT, 1)
        .takes(FactType.RUN_CONTROL_UNPLUGGED)
        .ask(ask, how)
        .good("STOPS", "Stops")
        .bad("RUNS", "Still runs")
        .finding("RUNS")
        .onlyFor(Symptom.RUNS_ALWAYS)
        .normal("STOPS 1")
        .under(Fault.MODULE_STUCK_ON, "RUNS 1", "nothing tells it to run, and it runs")
        .under(Fault.DRIVE_STUCK_ON, "RUNS 1", "nothing tells it to run, and it runs")
        .answeredByWord();
  }

  static Check moduleLook() {
    return check("module.look", Suspect.MODULE, MODULE_OFF, 1)
        .takes(FactType.MODULE_LOOK)
        .ask(
            "Look into the module, and smell it.",
            "Burnt marks, bulged capacitors, water tracks, green pins.")
        .good("CLEAN", "Clean")
        .bad("BURNT", "Burnt")
        .bad("BULGED_CAPACITOR", "Bulged capacitor")
        .bad("WATER", "Water")
        .bad("CORRODED", "Corroded")
        .bad("BLOWN", "BURNT", "Burnt, and what burnt it was measured")
        .seen()
        .finding("BLOWN")
        .normal("CLEAN 93 CORRODED 4 BULGED_CAPACITOR 1 WATER 1 BURNT 0.5")
        .under(
            Fault.MODULE_DEAD,
            "CLEAN 55 BURNT 12 BULGED_CAPACITOR 8 BLOWN 12 WATER 8 CORRODED 5",
            "half of dead modules show nothing")
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            "CLEAN 50 BURNT 18 BULGED_CAPACITOR 4 BLOWN 18 WATER 6 CORRODED 4",
            "a shorted output stage often burns")
        .under(
            Fault.MODULE_FADING,
            "CLEAN 70 BURNT 5 BULGED_CAPACITOR 15 WATER 5 CORRODED 5",
            "tired capacitors bulge")
        .read(WaysToAnswer::moduleLook);
  }

  static Check codeReturns() {
    return check("code.returns", Suspect.MODULE, POWER_ON, 15)
        .takes(FactType.CODE_RETURNS)
        .ask(
            "Clear the code, run a full cycle: does it come back?",
            "Note the code first. Watch one whole call from start to off-delay.")
        .good("NO", "It stays away")
        .bad("YES", "It comes back")
        .onlyFor(Symptom.CODE_BUT_RUNS, Symptom.INTERMITTENT)
        .normal("YES 1")
        .under(Fault.NOTHING, "NO 1", "gone by itself")
        .under(Fault.HELD_OFF_BY_DEFROST, "NO 6 YES 4", "only in defrost")
        .under(Fault.HARNESS_PIN, "YES 7 NO 3", "it comes and goes")
        .under(Fault.MODULE_FADING, "YES 8 NO 2", "it comes and goes")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "YES 7 NO 3", "it comes and goes")
        .answeredByYesOrNo();
  }

  static Check shaftModuleOff() {
    return feel(check("shaft.feel.module_off", Suspect.WINDING, MODULE_OFF, 1)
            .takes(FactType.SHAFT_FEEL_MODULE_OFF)
            .after("shaft.feel")
            .ask(
                "Module off: turn the shaft again.",
                "Leads free of each other. Drag that is now gone was in the module."))
        .good("GONE", "FREE", "Free now, the drag is gone")
        .bad("BRAKED", "FREE", "Free now, and the windings are sound")
        .finding("BRAKED")
        .normal(FEELS)
        .under(Fault.MODULE_OUTPUT_SHORTED, "FREE 6 BRAKED 4", "the brake came off with it")
        .under(
            Fault.WINDING_SHORT,
            "COGGING 40 STIFF 30 LOCKED 20 FREE 10",
            "it brakes as it did with the module on, which is told already")
        .under(Fault.HARNESS_TOUCHING, "COGGING 55 STIFF 30 FREE 15", "its wires still touch")
        .under(Fault.WINDING_SLIGHT_SHORT, "COGGING 7 STIFF 3", "the hand feels a few turns")
        .under(Fault.WINDING_WARM_SHORT, "FREE 8 COGGING 2", "cold it is free")
        .read(WaysToAnswer::feelModuleOff);
  }

  /** Where driver and winding sit in one piece: only the plug comes off. */
  static Check shaftUnplugged() {
    return brakes(
            feel(check("shaft.feel.module_off", Suspect.MODULE, POWER_OFF_COVER_OFF, 2)
                    .takes(FactType.SHAFT_FEEL_MODULE_OFF)
                    .afterAnswer("shaft.feel", "STIFF", "COGGING", "LOCKED")
                    .ask(
                        "Pull the motor's plug, and turn it again.",
                        "Drag that is now gone was made by the electronics; a bearing or a jam"
                            + " stays."))
                .good("GONE", "FREE", "Free now, the drag is gone"))
        .normal(FEELS)
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            "FREE 50 COGGING 30 STIFF 15 LOCKED 5",
            "it brakes only into what it is plugged to, or by itself")
        .read(reading -> reading.dragGone(FactType.SHAFT_FEEL_MODULE_OFF, FactType.SHAFT_FEEL));
  }

  static Check pairs() {
    return pairsAnswers(
            check("winding.pairs", Suspect.WINDING, MODULE_OFF, 2)
                .takes(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA)
                .ask(
                    "Measure the three winding pairs.",
                    "Leads free, meter zeroed, lowest range. A to B, B to C, C to A; OL counts"
                        + " too."))
        .finding("SHORT", "OPEN", "JOINT")
        .read(WaysToAnswer::pairs);
  }

  /** The three pairs wherever they are measured; what is a finding depends on where. */
  static Check.Builder pairsAnswers(Check.Builder check) {
    return check
        .good("SOUND", "All three agree")
        .bad("SHORT", "Shorted")
        .bad("OPEN", "A phase open")
        .bad("ALL_OPEN", "All three OL")
        .bad("JOINT", "A poor joint")
        .bad("ODD", "Differ otherwise")
        .bad("UNCERTAIN", "Cannot tell")
        .normal("SOUND 96.7 UNCERTAIN 3 ALL_OPEN 0.3 JOINT 0.02 ODD 0.02")
        .under(Fault.WINDING_SHORT, "SHORT 81 ODD 8 UNCERTAIN 8 JOINT 3", "that is the fault")
        .under(
            Fault.WINDING_SLIGHT_SHORT,
            "SHORT 30 SOUND 25 UNCERTAIN 35 ODD 10",
            "a few turns hide within the limit; the hand and the back-EMF find them")
        .under(Fault.WINDING_OPEN, "OPEN 95 ALL_OPEN 5", "that is the fault")
        .under(Fault.WINDING_JOINT, "JOINT 78 ODD 10 SHORT 4 UNCERTAIN 8", "that is the fault")
        .under(Fault.WINDING_FRAME, "SOUND 90 SHORT 5 UNCERTAIN 5", "the copper may be whole")
        .under(Fault.WINDING_WARM_SHORT, "SOUND 90 UNCERTAIN 10", "cold it reads sound")
        .under(Fault.WINDING_WARM_OPEN, "SOUND 90 UNCERTAIN 10", "cold it reads sound");
  }

  /**
   * @param throughWires whether the motor's wires are measured along, so that one of them can open
   */
  static Check warmPairs(boolean throughWires) {
    Check.Builder warm =
        check("winding.warm", Suspect.WINDING, MODULE_OFF, 4)
            .takes(FactType.WINDING_WARM_AB, FactType.WINDING_WARM_BC, FactType.WINDING_WARM_CA)
            .after("winding.pairs")
            .ask(
                "Measure the three pairs again, warm.",
                "Let it run until it quits, then at once: all three rise alike, or one does not.")
            .good("SOUND", "All three agree")
            .bad("SHORT", "One differs")
            .bad("OPEN", "A phase open")
            .bad("UNCERTAIN", "Cannot tell")
            .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT, Symptom.TRIPS_PROTECTION)
            .normal("SOUND 97 UNCERTAIN 3")
            .under(Fault.WINDING_WARM_SHORT, "SHORT 7 UNCERTAIN 2 SOUND 1", "that is the fault")
            .under(Fault.WINDING_WARM_OPEN, "OPEN 7 SHORT 1 SOUND 2", "that is the fault")
            .under(Fault.WINDING_SHORT, "SHORT 8 UNCERTAIN 2", "warm or cold")
            .under(Fault.WINDING_SLIGHT_SHORT, "SHORT 4 UNCERTAIN 4 SOUND 2", "warm or cold")
            .under(Fault.WINDING_OPEN, "OPEN 1", "one is OL, warm or cold")
            .under(
                Fault.WINDING_JOINT, "SHORT 5 UNCERTAIN 4 OPEN 1", "a poor joint warms up first");
    return throughWires
        ? warm.finding("SHORT")
            .under(Fault.HARNESS_LEAD, "OPEN 8 SOUND 1 SHORT 1", "the lead is open, warm or cold")
            .under(Fault.HARNESS_PIN, "SOUND 7 OPEN 3", "a pin of the motor's plug")
            .read(WaysToAnswer::warmPairs)
        : warm.finding("SHORT", "OPEN").read(WaysToAnswer::warmPairs);
  }

  static Check frame() {
    return leadsToFrame().finding("SHORT").read(WaysToAnswer::frame);
  }

  static Check.Builder leadsToFrame() {
    return frameAnswers(
        check("winding.frame", Suspect.WINDING, MODULE_OFF, 1)
            .takes(FactType.WINDING_FRAME_A, FactType.WINDING_FRAME_B, FactType.WINDING_FRAME_C)
            .ask(
                "Measure each lead to bare frame.",
                "Highest range, on bare metal. Each must read OL; under 100 kΩ is condemned."));
  }

  /** Leads to frame wherever they are measured; what is a finding depends on where. */
  static Check.Builder frameAnswers(Check.Builder check) {
    return check
        .good("CLEAR", "All OL")
        .bad("LEAK", "High, but not OL")
        .bad("SHORT", "Under 100 kΩ")
        .normal("CLEAR 98 LEAK 2")
        .under(Fault.WINDING_FRAME, "SHORT 9 LEAK 1", "that is the fault")
        .under(Fault.WINDING_SHORT, "CLEAR 85 SHORT 10 LEAK 5", "burnt turns may reach the frame");
  }

  static Check insulation() {
    return insulationTest().finding("LOW").read(WaysToAnswer::insulation);
  }

  static Check.Builder insulationTest() {
    return check("winding.insulation", Suspect.WINDING, MODULE_OFF, 4)
        .takes(FactType.WINDING_INSULATION, FactType.WINDING_CELSIUS)
        .ask(
            "Insulation test at 500 V DC, module off.",
            "Bare motor only, never with electronics attached. Note the winding's temperature.")
        .good("SOUND", "5 MΩ or more at 40 °C")
        .question("UNCERTAIN", "A few MΩ: dry it, test again")
        .bad("LOW", "Under 2 MΩ at 40 °C")
        .normal("SOUND 96 UNCERTAIN 4")
        .under(Fault.WINDING_FRAME, "LOW 92 UNCERTAIN 8", "that is the fault")
        .under(Fault.WINDING_SHORT, "SOUND 8 LOW 2", "burnt turns may reach the frame")
        .under(Fault.WINDING_SLIGHT_SHORT, "SOUND 9 LOW 1", "weak insulation shows in part")
        .under(Fault.WINDING_WARM_SHORT, "SOUND 8 LOW 2", "weak insulation shows in part");
  }

  static Check emf() {
    return check("emf", Suspect.WINDING, MODULE_OFF, 4)
        .takes(FactType.EMF_AB, FactType.EMF_BC, FactType.EMF_CA)
        .ask(
            "Back-EMF: spin it and measure the three pairs.",
            "Module off, AC volts, steady speed by hand or drill. All three must agree.")
        .good("EVEN", "All agree")
        .bad("UNEVEN", "One differs")
        .bad("SHORTED", "UNEVEN", "One differs, and it drags")
        .finding("SHORTED")
        .normal("EVEN 98 UNEVEN 2")
        .under(
            Fault.WINDING_SHORT,
            "SHORTED 70 UNEVEN 25 EVEN 5",
            "a shorted phase reads low and drags")
        .under(
            Fault.WINDING_SLIGHT_SHORT, "SHORTED 4 UNEVEN 2 EVEN 4", "few turns may hide in 10 %")
        .under(Fault.WINDING_OPEN, "UNEVEN 1", "no voltage through an open phase")
        .under(Fault.HARNESS_TOUCHING, "UNEVEN 5 EVEN 1", "joined leads make none between them")
        .under(Fault.HARNESS_LEAD, "UNEVEN 1", "no voltage through an open lead")
        .under(Fault.WINDING_JOINT, "EVEN 8 UNEVEN 2", "a meter draws no current through it")
        .under(Fault.WINDING_WARM_SHORT, "EVEN 8 UNEVEN 2", "cold it is even")
        .read(WaysToAnswer::emf);
  }

  /** Joined leads let the magnets drive a current, and that brakes. Any machine text. */
  static Check dragJoined() {
    return check("shaft.drag.joined", Suspect.WINDING, MODULE_OFF, 2)
        .takes(FactType.SHAFT_DRAG_JOINED)
        .after("shaft.feel.module_off")
        .ask(
            "Join the three leads, and turn it again.",
            "A healthy motor drags clearly now. Part the leads again before you go on.")
        .good("DRAGS", "Drags clearly")
        .bad("FREE", "Turns as before")
        .sensed()
        .normal("DRAGS 97 FREE 3")
        .under(Fault.WINDING_OPEN, "FREE 6 DRAGS 4", "two phases may still brake a little")
        .under(Fault.MAGNETS_WEAK, "FREE 1", "that is the fault")
        .answeredByWord();
  }

  /** The kind of the command says nothing of a fault, and decides what a meter makes of it. */
  static Check commandKind() {
    return check("command.kind", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.COMMAND_KIND)
        .afterAnswer("command.volts", "LOW", "EDGE", "HIGH", "KIND")
        .ask(
            "Which kind of command does this board give?",
            "Its diagram says so. A duty cycle reads as an odd voltage on a meter.")
        .good("VOLTS_24", "24 V")
        .good("ZERO_TO_TEN", "0 to 10 V")
        .good("DUTY_CYCLE", "Duty cycle")
        .good("CURRENT_LOOP", "4 to 20 mA")
        .good("MESSAGES", "Messages")
        .soft()
        .normal("VOLTS_24 1 ZERO_TO_TEN 1 DUTY_CYCLE 1 CURRENT_LOOP 1 MESSAGES 1")
        .answeredByWord();
  }

  /** A question for the plate or the counter: it clears nothing, and can settle what is done. */
  static Check plate(FactType type, double minutes, String ask, String how) {
    return check(type.id(), Suspect.MODULE, POWER_OFF_COVER_OFF, minutes)
        .takes(type)
        .ask(ask, how)
        .good("YES", "Yes")
        .good("NO", "No")
        .soft()
        .normal("YES 1 NO 1")
        .answeredByYesOrNo();
  }

  /** Whether a new module alone is possible at all. */
  static List<Check> platesOfModule() {
    return List.of(
        plate(
            FactType.PLATE_MODULE_REMOVABLE,
            1,
            "Does the module come off the motor?",
            "Two or three screws at its end; on some it is one piece with the motor."),
        plate(
            FactType.PLATE_MODULE_SOLD_ALONE,
            5,
            "Is the module sold alone?",
            "Ask at the counter, with the part number on its label."));
  }

  static Check amps() {
    return check("amps", Suspect.MODULE, POWER_ON, 2)
        .takes(FactType.AMPS)
        .ask(
            "Clamp one line wire while it is called: does it draw anything?",
            "A motor that tries to run draws current; one that is not fed, not asked or dead does not.")
        .good("SOME", "It draws")
        .bad("NONE", "Nothing")
        .tellsOnlyFor(
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.TRIPS_PROTECTION,
            Symptom.INTERMITTENT)
        .normal("SOME 3 NONE 7")
        .under(Fault.SUPPLY_OFF, "NONE 1", "no power")
        .under(Fault.WINDING_SHORT, "SOME 7 NONE 3", "it tries")
        .under(Fault.WINDING_OPEN, "SOME 7 NONE 3", "it tries")
        .under(Fault.BEARING_SEIZED, "SOME 8 NONE 2", "it pushes")
        .under(Fault.WHEEL_JAMMED, "SOME 8 NONE 2", "it pushes")
        .under(Fault.WHEEL_LOOSE, "SOME 1", "the motor runs")
        .read(WaysToAnswer::amps);
  }

  static Check wheelDirt() {
    return check("wheel.dirt", Suspect.WHEEL, POWER_OFF_COVER_OFF, 1)
        .takes(FactType.WHEEL_DIRT)
        .ask(
            "Look at the blades of the wheel.",
            "Felt and grease in the hollow of the blades: half the air at the same speed.")
        .good("CLEAN", "Clean")
        .bad("DIRTY", "Caked")
        .sensed()
        .onlyFor(Symptom.LOW_AIRFLOW, Symptom.NOISE)
        .normal("CLEAN 88 DIRTY 12")
        .under(Fault.WHEEL_DIRTY, "DIRTY 1", "that is the fault")
        .answeredByWord();
  }

  static Check shaftWarm() {
    return feel(check("shaft.feel.warm", Suspect.WINDING, POWER_OFF_COVER_OFF, 3)
            .takes(FactType.SHAFT_FEEL_WARM)
            .after("shaft.feel")
            .ask(
                "Turn the wheel again, warm, right after it quits.",
                "Let it run until it stops, kill the power, turn at once. Warm insulation shorts"
                    + " where cold does not."))
        .bad("HELD", "STIFF", "Held, and the windings are sound, warm")
        .finding("HELD")
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT, Symptom.TRIPS_PROTECTION)
        .normal(FEELS)
        .under(Fault.BEARING_WARM, "STIFF 4 LOCKED 2 HELD 4", "that is the fault")
        .under(Fault.BEARING_DRAG, "STIFF 5 COGGING 1 HELD 4", "warm or cold")
        .under(Fault.BEARING_SEIZED, "LOCKED 5 STIFF 1 HELD 4", "warm or cold")
        .under(Fault.WHEEL_JAMMED, "LOCKED 5 STIFF 2 HELD 3", "the wheel holds it")
        .under(Fault.WHEEL_RUBBING, "FREE 5 STIFF 3 COGGING 1 HELD 1", "depends on how it rubs")
        .under(Fault.WINDING_WARM_SHORT, "COGGING 7 STIFF 3", "that is the fault")
        .under(Fault.WINDING_SLIGHT_SHORT, "COGGING 7 STIFF 3", "the hand feels a few turns")
        .under(Fault.WINDING_SHORT, "COGGING 55 STIFF 25 LOCKED 10 FREE 10", "shorts brake")
        .under(
            Fault.MODULE_OUTPUT_SHORTED, "COGGING 55 STIFF 30 LOCKED 15", "the output stage brakes")
        .read(WaysToAnswer::feelWarm);
  }

  static Check shaft() {
    return brakes(shaftFelt())
        .under(
            Fault.MODULE_OUTPUT_SHORTED, "COGGING 55 STIFF 30 LOCKED 15", "the output stage brakes")
        .answeredByWord();
  }

  /** A rotor without magnets is not braked by anything shorted. Any machine text. */
  static Check shaftWithoutMagnets() {
    return shaftFelt().answeredByWord();
  }

  private static Check.Builder shaftFelt() {
    return feel(check("shaft.feel", Suspect.BEARING, POWER_OFF_COVER_OFF, 1)
            .takes(FactType.SHAFT_FEEL)
            .ask(
                "Turn the wheel by hand. How does it feel?",
                "All still assembled. A full round both ways; slight, even detents are"
                    + " normal."))
        .normal(FEELS);
  }

  /** What shorted turns do to a rotor with magnets. */
  private static Check.Builder brakes(Check.Builder check) {
    return check
        .under(Fault.WINDING_SHORT, "COGGING 55 STIFF 25 LOCKED 10 FREE 10", "shorts brake")
        .under(Fault.WINDING_SLIGHT_SHORT, "COGGING 7 STIFF 3", "the hand feels a few turns")
        .under(Fault.WINDING_FRAME, "FREE 9 COGGING 1", "one touch to frame does not brake")
        .under(Fault.HARNESS_TOUCHING, "COGGING 55 STIFF 30 FREE 15", "joined leads brake")
        .under(Fault.WINDING_WARM_SHORT, "FREE 8 COGGING 2", "cold it is free");
  }

  /**
   * @param magnets whether shorted turns brake its rotor
   */
  static Check shaftWheelOff(boolean magnets) {
    Check.Builder check =
        feelings(
                check("shaft.feel.wheel_off", Suspect.BEARING, ON_BENCH, 1)
                    .takes(FactType.SHAFT_FEEL_WHEEL_OFF)
                    .after("shaft.feel")
                    .ask(
                        "Motor out of its wheel: turn the shaft.",
                        "This parts the bearings from the wheel."))
            .good("GONE", "FREE", "Free now, the drag is gone")
            .bad("HELD", "LOCKED", "Held, and the windings are sound")
            .finding("HELD")
            .normal(FEELS)
            .under(Fault.BEARING_SEIZED, "LOCKED 5 STIFF 1 HELD 4", "that is the fault")
            .under(Fault.BEARING_DRAG, "STIFF 5 COGGING 1 HELD 4", "that is the fault")
            .under(Fault.BEARING_NOISY, "FREE 7 STIFF 2 HELD 1", "worn, but it turns");
    Check.Builder braked =
        magnets
            ? brakes(check)
                .under(
                    Fault.MODULE_OUTPUT_SHORTED,
                    "COGGING 40 STIFF 20 LOCKED 5 FREE 35",
                    "depends on whether the module is still on")
            : check;
    return braked.read(WaysToAnswer::feelOnBench);
  }

  static Check shaftSound() {
    return check("shaft.sound", Suspect.BEARING, POWER_OFF_COVER_OFF, 1)
        .takes(FactType.SHAFT_SOUND)
        .ask(
            "Spin the wheel by hand and listen at the motor.",
            "A driver's blade against the housing carries the sound of a bearing.")
        .good("QUIET", "Quiet")
        .bad("GRINDS", "Grinds")
        .bad("SCRAPES", "Scrapes")
        .sensed()
        .onlyFor(
            Symptom.NOISE,
            Symptom.NO_RUN,
            Symptom.TRIPS_PROTECTION,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT)
        .normal("QUIET 1")
        .under(Fault.BEARING_NOISY, "GRINDS 1", "that is the fault")
        .under(Fault.BEARING_DRAG, "GRINDS 6 QUIET 4", "a dry bearing is often heard")
        .under(Fault.BEARING_SEIZED, "GRINDS 5 QUIET 5", "it may not turn at all")
        .under(Fault.WHEEL_RUBBING, "SCRAPES 9 QUIET 1", "it rubs when it turns")
        .under(Fault.WHEEL_JAMMED, "SCRAPES 7 QUIET 3", "what jams it scrapes")
        .under(Fault.WHEEL_LOOSE, "SCRAPES 4 QUIET 6", "a loose hub ticks")
        .answeredByWord();
  }

  /** What brakes by current needs speed; what rubs does not. Any machine text, from memory. */
  static Check shaftSlow() {
    return feel(check("shaft.feel.slow", Suspect.BEARING, POWER_OFF_COVER_OFF, 1)
            .takes(FactType.SHAFT_FEEL_SLOW)
            .after("shaft.feel")
            .ask(
                "Turn it as slowly as you can. Does the drag stay?",
                "A brake made by current lets go at a crawl; a bearing or a jam does not."))
        .normal(FEELS)
        .under(Fault.MODULE_OUTPUT_SHORTED, "FREE 8 COGGING 2", "no speed, no brake")
        .under(Fault.WINDING_SHORT, "FREE 7 COGGING 3", "no speed, no brake")
        .under(Fault.WINDING_SLIGHT_SHORT, "FREE 9 COGGING 1", "no speed, no brake")
        .answeredByWord();
  }

  static Check wheel() {
    return check("wheel.look", Suspect.WHEEL, POWER_OFF_COVER_OFF, 1)
        .takes(FactType.WHEEL_LOOK)
        .ask(
            "Look at the wheel.", "Gap even all round, nothing in it, set screw tight on the flat.")
        .good("CLEAR", "Clear")
        .bad("RUBBING", "Rubs")
        .bad("JAMMED", "Jammed")
        .bad("LOOSE_ON_SHAFT", "Loose on shaft")
        .seen()
        .normal("CLEAR 96 RUBBING 3.8 JAMMED 0.1 LOOSE_ON_SHAFT 0.05")
        .under(Fault.WHEEL_JAMMED, "JAMMED 9 RUBBING 1", "that is the fault")
        .under(Fault.WHEEL_RUBBING, "RUBBING 1", "that is the fault")
        .under(Fault.WHEEL_LOOSE, "LOOSE_ON_SHAFT 1", "that is the fault")
        .answeredByWord();
  }

  static Check air() {
    return check("air.look", Suspect.AIR_PATH, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.AIR_LOOK)
        .ask("Look at filter and coil.", "Light through the filter, no ice, no felt on the coil.")
        .good("CLEAR", "Clear")
        .bad("FILTER_BLOCKED", "Filter blocked")
        .bad("COIL_BLOCKED", "Coil blocked")
        .question("COIL_FROZEN", "Coil frozen")
        .seen()
        .normal("CLEAR 87 FILTER_BLOCKED 8 COIL_BLOCKED 3 COIL_FROZEN 2")
        .effect(
            "CLEAR 74 FILTER_BLOCKED 8 COIL_BLOCKED 3 COIL_FROZEN 15",
            "ice is an effect of too little air or none, from any cause",
            Symptom.NO_RUN,
            Symptom.LOW_AIRFLOW,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.TRIPS_PROTECTION)
        .under(
            Fault.AIR_BLOCKED,
            "FILTER_BLOCKED 57 COIL_BLOCKED 21 COIL_FROZEN 20 CLEAR 2",
            "filter and coil are seen from here")
        .answeredByWord();
  }

  static Check staticPressure() {
    return check("static.inwc", Suspect.AIR_PATH, POWER_ON, 4)
        .takes(FactType.STATIC_INWC)
        .ask(
            "Measure external static pressure.",
            "Panels on, fan running: return side plus supply side.")
        .good("NORMAL", "As usual")
        .bad("HIGH", "Above the plate")
        .bad("LOW", "Hardly any")
        .tellsOnlyFor(
            Symptom.LOW_AIRFLOW,
            Symptom.NOISE,
            Symptom.STARTS_THEN_STOPS,
            Symptom.CODE_BUT_RUNS,
            Symptom.NO_SPEED_CHANGE,
            Symptom.INTERMITTENT,
            Symptom.TRIPS_PROTECTION,
            Symptom.WRONG_DIRECTION,
            Symptom.RUNS_ALWAYS)
        .normal("NORMAL 86 HIGH 8 LOW 6")
        .under(
            Fault.AIR_BLOCKED,
            "HIGH 30 LOW 45 NORMAL 25",
            "a filter or coil inside the cabinet lowers it, one outside raises it")
        .under(Fault.DUCTS_BLOCKED, "HIGH 75 NORMAL 25", "ducts and registers raise it")
        .under(Fault.WHEEL_LOOSE, "LOW 8 NORMAL 2", "little air, little pressure")
        .under(Fault.WHEEL_DIRTY, "LOW 7 NORMAL 3", "little air, little pressure")
        .under(Fault.SETTING_ROTATION, "LOW 8 NORMAL 2", "little air, little pressure")
        .under(Fault.SETTING_SPEED, "NORMAL 5 LOW 4 HIGH 1", "too slow or too fast")
        .read(reading -> reading.staticPressure(CheckFigures.STATIC_LIMIT.value()));
  }

  private static Check.Builder command24(boolean proves, Check.Builder check) {
    return lockOut(proves, levels(check).question("KIND", "Which kind of command?"))
        .normal("GOOD 1 HIGH 0.02")
        .under(Fault.NO_CALL, "ABSENT 1", "no call, no command")
        .under(Fault.SAFETY_OPEN, "ABSENT 1", "the safety string opens the call")
        .under(Fault.CONTROL_POWER, "ABSENT 8 LOW 2", "the command is the 24 V supply, switched")
        .under(Fault.CONTROL_SAGS, "LOW 9 EDGE 1", "it sags as soon as it is asked")
        .under(Fault.SETTING_TAP, "EDGE 7 LOW 3", "20.8 V, and less as soon as it is asked")
        .under(Fault.BOARD_SILENT, "ABSENT 9 LOW 1", "that is the fault")
        .under(Fault.SUPPLY_OFF, "ABSENT 9 GOOD 1", "the 24 V may come from the other half")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "GOOD 6 LOW 3 HIGH 1", "24 V follows the line");
  }

  /**
   * What a complaint does to the command, whatever its cause.
   *
   * @param proves whether the board waits for a speed signal even where the fan never turned
   */
  static Check.Builder lockOut(boolean proves, Check.Builder check) {
    Check.Builder effects =
        check
            .effect(
                "GOOD 6 ABSENT 4",
                LOCKED_OUT,
                Symptom.STARTS_THEN_STOPS,
                Symptom.INTERMITTENT,
                Symptom.CODE_BUT_RUNS)
            .effect("GOOD 5 ABSENT 5", TRIPPED, Symptom.TRIPS_PROTECTION)
            .effect("GOOD 5 ABSENT 5", "nobody need be asking", Symptom.RUNS_ALWAYS);
    return proves ? effects.effect("GOOD 95 ABSENT 5", LOCKED_OUT, Symptom.NO_RUN) : effects;
  }

  /** The answers of a voltage against its window. */
  static Check.Builder levels(Check.Builder check) {
    return check
        .good("GOOD", "In its window")
        .bad("LOW", "Too low")
        .bad("ABSENT", "Nothing there")
        .bad("HIGH", "Too high")
        .question("EDGE", "Just outside");
  }

  private static Check.Builder feelings(Check.Builder check) {
    return check
        .good("FREE", "Free")
        .bad("STIFF", "Stiff")
        .bad("COGGING", "Cogging")
        .bad("LOCKED", "Locked")
        .sensed();
  }

  private static Check.Builder feel(Check.Builder check) {
    return feelings(check)
        .under(Fault.BEARING_SEIZED, "LOCKED 9 STIFF 1", "that is the fault")
        .under(Fault.BEARING_DRAG, "STIFF 8 COGGING 2", "that is the fault")
        .under(Fault.BEARING_NOISY, "FREE 7 STIFF 3", "worn, but it turns")
        .under(Fault.BEARING_WARM, "FREE 9 STIFF 1", "cold it is free")
        .under(Fault.WHEEL_JAMMED, "LOCKED 8 STIFF 2", "that is the fault")
        .under(Fault.WHEEL_RUBBING, "FREE 5 STIFF 4 COGGING 1", "depends on how hard it rubs")
        .under(Fault.WHEEL_LOOSE, "FREE 1", "the wheel turns on the shaft");
  }
}
