package variablerotor.core.likelihood;

import static variablerotor.core.check.UnitState.CONTROL_PLUG_OUT;
import static variablerotor.core.check.UnitState.MODULE_OFF;
import static variablerotor.core.check.UnitState.ON_BENCH;
import static variablerotor.core.check.UnitState.POWER_OFF_COVER_OFF;
import static variablerotor.core.check.UnitState.POWER_ON;
import static variablerotor.core.fact.Answer.*;
import static variablerotor.core.likelihood.Check.check;
import static variablerotor.core.likelihood.Often.always;
import static variablerotor.core.likelihood.Often.often;

import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.Answer;
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
  private static final Often<Answer> FEELS =
      often(FREE, 96.5).or(COGGING, 2).or(STIFF, 1.2).or(LOCKED, 0.3);

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
        .bad(LOST_LEG, "A leg is lost")
        .finding(ABSENT, LOST_LEG)
        .under(
            Fault.SUPPLY_LINE_LOST,
            often(LOST_LEG, 8).or(ABSENT, 1).or(LOW, 1),
            "an open leg, or a poor one")
        .read(WaysToAnswer::line);
  }

  /** Where no line is a finding: nothing switches it on its way. */
  private static Check line(Check.Builder check) {
    return switchedLine(check).finding(ABSENT).read(WaysToAnswer::line);
  }

  /** Where something stands in the line's way by design. */
  static Check.Builder switchedLine(Check.Builder check) {
    return levels(check)
        .normal(always(GOOD))
        .finding(LOW, HIGH)
        .effect(often(GOOD, 5).or(ABSENT, 5), TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power in the unit, none at the plug")
        .under(Fault.SUPPLY_LINE_LOST, often(ABSENT, 9).or(LOW, 1), "an open leg, or a poor one")
        .under(
            Fault.SUPPLY_OUT_OF_RANGE, often(LOW, 8).or(HIGH, 2), "sags are commoner than swells");
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
        .good(YES, "It reaches the " + end)
        .bad(NO, "No call at the " + end)
        .finding(NO)
        .normal(always(YES))
        .effect(often(YES, 4).or(NO, 6), "nobody need be asking while it runs", Symptom.RUNS_ALWAYS)
        .effect(often(YES, 9).or(NO, 1), "it may be between two calls", RUNNING)
        .effect(often(YES, 5).or(NO, 5), TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.NO_CALL, always(NO), "that is the fault")
        .under(Fault.SAFETY_OPEN, always(NO), "the safety string opens the call")
        .under(Fault.CONTROL_POWER, often(NO, 9).or(YES, 1), "without 24 V no call gets through")
        .under(
            Fault.SUPPLY_OFF, often(NO, 9).or(YES, 1), "the 24 V supply hangs on the same power");
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
        .good(YES, "It calls")
        .bad(NO, "It does not call")
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.RUNS_ALWAYS)
        .normal(always(YES))
        .effect(often(YES, 5).or(NO, 5), "set to run, or not", Symptom.RUNS_ALWAYS)
        .effect(often(YES, 9).or(NO, 1), "it may be between two calls", RUNNING)
        .effect(often(YES, 5).or(NO, 5), TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.NO_CALL, often(NO, 6).or(YES, 4), "the thermostat, or its wire")
        .under(Fault.SAFETY_OPEN, often(YES, 6).or(NO, 4), "depends on where the string stands")
        .under(Fault.CONTROL_POWER, often(NO, 9).or(YES, 1), "it hangs on the same 24 V")
        .under(Fault.SUPPLY_OFF, often(NO, 9).or(YES, 1), "it hangs on the same power")
        .answeredByYesOrNo();
  }

  static Check fanSwitch() {
    return check("thermostat.fan", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.THERMOSTAT_FAN)
        .ask("Where does the thermostat's fan switch stand?", "Auto, or on. On runs it always.")
        .good(AUTO, "Auto")
        .bad(ON, "On")
        .defect(ON, Suspect.COMMAND)
        .seen()
        .onlyFor(Symptom.RUNS_ALWAYS)
        .normal(often(AUTO, 97).or(ON, 3))
        .under(Fault.FAN_SWITCH_ON, always(ON), "that is the fault")
        .answeredByWord();
  }

  /** Where fuse, breaker or disconnect stand: there before it and gone behind it. */
  static Check protection() {
    return check("line.volts.protection", Suspect.SUPPLY, POWER_ON, 2)
        .takes(FactType.LINE_BEFORE, FactType.LINE_BEHIND)
        .ask(
            "Measure the line before and behind fuse, breaker and disconnect.",
            "Leg to leg, then each leg: a blown fuse shows line across itself.")
        .good(GOOD, "There on both sides")
        .bad(ABSENT, "None before it")
        .bad(OPEN, "There before it, none behind")
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.TRIPS_PROTECTION)
        .finding(OPEN)
        .normal(always(GOOD))
        .effect(often(GOOD, 5).or(OPEN, 5), TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SUPPLY_OFF, often(OPEN, 8).or(ABSENT, 2), "that is the fault")
        .under(Fault.SUPPLY_LINE_LOST, often(GOOD, 6).or(OPEN, 4), "one leg of it")
        .read(WaysToAnswer::protection);
  }

  static Check wires() {
    return check("wires.look", Suspect.HARNESS, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.WIRES_LOOK)
        .ask(
            "Look along the wires to the fan.",
            "Burnt at a terminal, chafed on metal, broken inside the jacket.")
        .good(WHOLE, "Whole")
        .bad(BURNT, "Burnt")
        .bad(BROKEN, "Broken or chafed")
        .seen()
        .normal(often(WHOLE, 97).or(BURNT, 1).or(BROKEN, 2))
        .under(
            Fault.HARNESS_OPEN,
            often(BROKEN, 5).or(WHOLE, 4).or(BURNT, 1),
            "breaks hide inside the jacket")
        .under(
            Fault.HARNESS_LEAD,
            often(BROKEN, 5).or(WHOLE, 4).or(BURNT, 1),
            "breaks hide inside the jacket")
        .under(Fault.HARNESS_CHAFED, often(BROKEN, 6).or(WHOLE, 3).or(BURNT, 1), "chafed through")
        .under(
            Fault.HARNESS_TOUCHING,
            often(BROKEN, 4).or(BURNT, 3).or(WHOLE, 3),
            "pinched or burnt together")
        .under(
            Fault.HARNESS_FEEDBACK, often(BROKEN, 4).or(WHOLE, 6), "breaks hide inside the jacket")
        .under(
            Fault.SUPPLY_LINE_LOST,
            often(BURNT, 4).or(BROKEN, 2).or(WHOLE, 4),
            "a burnt line terminal")
        .answeredByWord();
  }

  static Check safety() {
    return check("safety.open", Suspect.COMMAND, POWER_ON, 3)
        .takes(FactType.SAFETY_OPEN)
        .ask(
            "Go along the safety string: is anything open?",
            "24 V across a switch means it is open: float, limit, pressure. Then the board's"
                + " low-voltage fuse. Hold the door switch in while you measure.")
        .good(NONE, "All closed")
        .bad(FLOAT, "Float switch")
        .question(LIMIT, "Limit")
        .question(DOOR, "Door switch")
        .question(PRESSURE, "Pressure switch")
        .bad(FUSE, "Low-voltage fuse")
        .finding(FLOAT, FUSE)
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        .normal(often(NONE, 93).or(DOOR, 3).or(LIMIT, 2).or(PRESSURE, 2))
        .effect(
            often(NONE, 72).or(LIMIT, 12).or(PRESSURE, 12).or(DOOR, 4),
            "no air opens a limit, a fan that stands a pressure switch, a door taken off its own",
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT)
        .under(
            Fault.SAFETY_OPEN,
            often(FLOAT, 34).or(LIMIT, 16).or(DOOR, 8).or(PRESSURE, 16).or(FUSE, 26),
            "that is the fault")
        .under(
            Fault.CONTROL_POWER,
            often(NONE, 5).or(FUSE, 5),
            "a fuse may have taken the 24 V with it")
        .under(
            Fault.AIR_BLOCKED,
            often(NONE, 6).or(LIMIT, 2).or(FLOAT, 1).or(PRESSURE, 1),
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
        .finding(ABSENT, LOW)
        .good(SMALL, "In its window, on the small side")
        .normal(often(GOOD, 86).or(SMALL, 12).or(HIGH, 2))
        .effect(often(GOOD, 5).or(ABSENT, 5), TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.CONTROL_POWER, often(ABSENT, 8).or(LOW, 2), "blown fuse, dead transformer")
        .under(
            Fault.CONTROL_SAGS,
            often(GOOD, 4).or(SMALL, 1).or(LOW, 4).or(EDGE, 1),
            "good while nothing is asked")
        .under(Fault.SETTING_TAP, often(SMALL, 7).or(EDGE, 3), "24 V becomes 20.8 on the wrong tap")
        .under(
            Fault.SUPPLY_OFF, often(ABSENT, 9).or(GOOD, 1), "the 24 V may come from the other half")
        .under(
            Fault.SUPPLY_OUT_OF_RANGE,
            often(GOOD, 3).or(SMALL, 3).or(LOW, 3).or(HIGH, 1),
            "24 V follows the line")
        .controlSupply();
  }

  static Check controlLoaded() {
    return levels(
            check("control.volts.loaded", Suspect.COMMAND, POWER_ON, 2)
                .takes(FactType.CONTROL_VOLTS_LOADED)
                .ask(
                    "Ask for everything at once, and measure the 24 V again.",
                    "Between R and C, all calls on: a weak transformer sags under its load."))
        .finding(ABSENT, LOW)
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        .normal(often(GOOD, 1).or(HIGH, 0.02))
        .effect(often(GOOD, 5).or(ABSENT, 5), TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.CONTROL_SAGS, often(LOW, 9).or(EDGE, 1), "that is the fault")
        .under(Fault.CONTROL_POWER, often(ABSENT, 8).or(LOW, 2), "blown fuse, dead transformer")
        .under(Fault.SETTING_TAP, often(EDGE, 6).or(LOW, 4), "less to begin with")
        .under(
            Fault.SUPPLY_OFF, often(ABSENT, 9).or(GOOD, 1), "the 24 V may come from the other half")
        .under(
            Fault.SUPPLY_OUT_OF_RANGE,
            often(GOOD, 5).or(LOW, 4).or(HIGH, 1),
            "24 V follows the line")
        .measured(FactType.CONTROL_VOLTS_LOADED, Windows.CONTROL_24V, null);
  }

  static Check transformerPrimary() {
    return check("transformer.primary.volts", Suspect.COMMAND, POWER_ON, 2)
        .takes(FactType.TRANSFORMER_PRIMARY)
        .after("control.volts")
        .ask(
            "Measure the line at the control transformer, and read its tap.",
            "On 208 V its line side belongs on the 208 V tap: on the 240 V tap it gives 20.8 V.")
        .good(GOOD, "Line there, right tap")
        .bad(TAP, "Line there, wrong tap")
        .bad(ABSENT, "Nothing there")
        .defect(TAP, Suspect.SETTING)
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        // Where 24 V is small on 208 V the tap follows from that, and says no more.
        .normal(often(GOOD, 5).or(TAP, 5))
        .effect(often(GOOD, 5).or(ABSENT, 5), TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SETTING_TAP, often(TAP, 9).or(GOOD, 1), "that is the fault")
        .under(Fault.SUPPLY_OFF, often(ABSENT, 9).or(GOOD, 1), "it may hang on the other half")
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
            .bad(SILENT, "Nothing, with a call")
            .finding(SILENT)
            .under(
                Fault.BOARD_SILENT, often(ABSENT, 6).or(SILENT, 3).or(LOW, 1), "that is the fault")
            .under(
                Fault.HARNESS_CROSSED,
                often(ABSENT, 6).or(SILENT, 1).or(GOOD, 3),
                "the wrong wire feeds it")
            .effect(
                often(GOOD, 60).or(ABSENT, 28).or(SILENT, 12),
                LOCKED_OUT,
                Symptom.STARTS_THEN_STOPS,
                Symptom.INTERMITTENT,
                Symptom.CODE_BUT_RUNS)
            .effect(often(GOOD, 5).or(ABSENT, 4).or(SILENT, 1), TRIPPED, Symptom.TRIPS_PROTECTION)
            .effect(
                often(GOOD, 5).or(ABSENT, 4).or(SILENT, 1),
                "nobody need be asking",
                Symptom.RUNS_ALWAYS);
    return proves
        ? silent.effect(often(GOOD, 95).or(ABSENT, 3.5).or(SILENT, 1.5), LOCKED_OUT, Symptom.NO_RUN)
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
        .afterAnswer("command.volts.board", ABSENT, SILENT, LOW, EDGE)
        .finding(ABSENT)
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
        .under(Fault.NO_CALL, always(STILL), "no call, no contactor, no line")
        .under(Fault.SAFETY_OPEN, always(STILL), "no call, no contactor, no line")
        .under(Fault.CONTROL_POWER, always(STILL), "no 24 V, no contactor, no line")
        .under(Fault.CONTROL_SAGS, often(STILL, 8).or(RUNS, 2), "the contactor may drop out")
        .under(Fault.HELD_OFF_BY_DEFROST, often(STILL, 8).or(RUNS, 2), "no line in defrost")
        .answeredByWord();
  }

  private static Check.Builder substitute(String how) {
    return check("run.substitute_command", Suspect.COMMAND, POWER_ON, 4)
        .takes(FactType.RUN_SUBSTITUTE_COMMAND)
        .ask("Give the motor a known good command.", how)
        .good(STILL, "Stays still, or does not follow")
        .bad(RUNS, "Runs as told")
        .tellsOnlyFor(
            Symptom.NO_RUN,
            Symptom.INTERMITTENT,
            Symptom.STARTS_THEN_STOPS,
            Symptom.NO_SPEED_CHANGE)
        .normal(always(STILL))
        .under(Fault.SAFETY_OPEN, always(RUNS), "motor and module are good")
        .under(Fault.CONTROL_SAGS, often(RUNS, 6).or(STILL, 4), "with one load it may do")
        .under(Fault.SETTING_TAP, always(RUNS), "20.8 V does")
        .under(
            Fault.AUX_PULLED_DOWN,
            often(RUNS, 7).or(STILL, 3),
            "with the control wires off it does")
        .under(Fault.BEARING_WARM, often(RUNS, 7).or(STILL, 3), "cold it runs")
        .under(Fault.MAGNETS_WEAK, often(RUNS, 6).or(STILL, 4), "it may just do")
        .under(Fault.WHEEL_LOOSE, always(RUNS), "the motor runs, the wheel does not")
        .under(Fault.WHEEL_DIRTY, always(RUNS), "it runs, and moves little air")
        .under(Fault.BEARING_NOISY, always(RUNS), "it runs, and is heard")
        .under(Fault.SETTING_ROTATION, always(RUNS), "it runs the wrong way")
        .under(
            Fault.SETTING_TRIP,
            often(STILL, 8).or(RUNS, 2),
            "the fault input holds it off all the same")
        .under(Fault.HELD_OFF_BY_DEFROST, often(STILL, 6).or(RUNS, 4), "no line in defrost")
        .under(Fault.MODULE_MUTE, always(RUNS), "it runs, and only does not tell")
        .under(Fault.HARNESS_FEEDBACK, always(RUNS), "it runs, and is only not heard")
        .under(Fault.SETTING_SPEED_PROOF, always(RUNS), "it runs; the board stops it")
        .under(Fault.SETTING_SPEED, always(RUNS), "the setting is left out")
        .under(Fault.AIR_BLOCKED, often(RUNS, 7).or(STILL, 3), "it runs until it is too warm")
        .under(Fault.DUCTS_BLOCKED, often(RUNS, 8).or(STILL, 2), "it runs until it is too warm")
        .under(Fault.WHEEL_RUBBING, often(RUNS, 5).or(STILL, 5), "it may just do")
        .under(Fault.NO_CALL, always(RUNS), "motor and module are good")
        .under(Fault.CONTROL_POWER, often(RUNS, 7).or(STILL, 3), "a weak 24 V supply may not do")
        .under(Fault.BOARD_SILENT, always(RUNS), "motor and module are good")
        .under(Fault.HARNESS_OPEN, always(RUNS), "the bad wire is left out")
        .under(Fault.HARNESS_PIN, often(RUNS, 6).or(STILL, 4), "depends on which pin is bad")
        .under(Fault.MODULE_FADING, often(STILL, 6).or(RUNS, 4), "it works at times")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(STILL, 7).or(RUNS, 3), "it may just do")
        .under(Fault.BEARING_DRAG, often(STILL, 5).or(RUNS, 5), "it may just do")
        .under(Fault.WINDING_JOINT, often(STILL, 7).or(RUNS, 3), "it may just do")
        .under(Fault.WINDING_SLIGHT_SHORT, often(STILL, 6).or(RUNS, 4), "it may just do")
        .under(Fault.WINDING_WARM_SHORT, often(STILL, 5).or(RUNS, 5), "cold it runs")
        .under(Fault.WINDING_WARM_OPEN, often(RUNS, 7).or(STILL, 3), "cold it runs")
        .under(Fault.BOARD_NO_TALK, always(RUNS), "motor and module are good")
        .underIf(Symptom.NO_RUN, Fault.WINDING_JOINT, always(STILL))
        .underIf(Symptom.NO_RUN, Fault.WINDING_SLIGHT_SHORT, always(STILL))
        .under(Fault.NOTHING, always(RUNS), "nothing is wrong")
        .under(
            Fault.SETTING_DRIVE,
            often(RUNS, 8).or(STILL, 2),
            "an interlock can hold it off all the same");
  }

  static Check idleCommand() {
    return check("command.volts.idle", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.COMMAND_VOLTS_IDLE)
        .ask(
            "End every call. Is there still a command at the board?",
            "At the board's own terminal, thermostat off. There should be nothing.")
        .good(QUIET, "Nothing there")
        .bad(PRESENT, "Still a command")
        .onlyFor(Symptom.RUNS_ALWAYS)
        .finding(PRESENT)
        .normal(always(QUIET))
        .under(Fault.BOARD_STUCK, always(PRESENT), "that is the fault")
        .under(Fault.FAN_SWITCH_ON, always(PRESENT), "it is asked to run")
        .under(
            Fault.NO_CALL, often(QUIET, 5).or(PRESENT, 5), "a thermostat that never ends its call")
        .read(reading -> reading.idleCommand(FactType.COMMAND_VOLTS_IDLE));
  }

  static Check idleAtMotor() {
    return check("command.volts.motor.idle", Suspect.HARNESS, POWER_ON, 1)
        .takes(FactType.COMMAND_VOLTS_MOTOR_IDLE)
        .ask(
            "End every call. Is there still a command at the motor?",
            "At the motor's own plug, thermostat off. There should be nothing.")
        .good(QUIET, "Nothing there")
        .bad(PRESENT, "Still a command")
        .onlyFor(Symptom.RUNS_ALWAYS)
        .normal(always(QUIET))
        .under(Fault.BOARD_STUCK, always(PRESENT), "that is the fault")
        .under(Fault.FAN_SWITCH_ON, always(PRESENT), "it is asked to run")
        .under(Fault.HARNESS_CROSSED, always(PRESENT), "that is the fault")
        .under(
            Fault.NO_CALL, often(QUIET, 5).or(PRESENT, 5), "a thermostat that never ends its call")
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
        .bad(BACKFED, "There, but not at the board")
        .bad(LOST, "Nothing, and there at the board")
        .finding(LOST)
        .under(
            Fault.HARNESS_OPEN,
            often(ABSENT, 70).or(LOST, 20).or(LOW, 10),
            "open wire, or a joint that drops volts")
        .under(
            Fault.HARNESS_PIN,
            often(GOOD, 60).or(ABSENT, 22).or(LOST, 8).or(LOW, 10),
            "good behind the pin, gone at its tip")
        .under(
            Fault.HARNESS_CROSSED,
            often(BACKFED, 7).or(GOOD, 2).or(ABSENT, 1),
            "another wire feeds it")
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
        .good(SEATED, "All seated")
        .bad(LOOSE, "Loose")
        .bad(PIN_PUSHED_BACK, "Pin pushed back")
        .bad(CORRODED, "Corroded")
        .seen()
        .normal(often(SEATED, 95).or(LOOSE, 2).or(PIN_PUSHED_BACK, 0.5).or(CORRODED, 2.5))
        .under(
            Fault.HARNESS_PIN,
            often(LOOSE, 40).or(PIN_PUSHED_BACK, 35).or(CORRODED, 25),
            "a careful look finds it")
        .under(Fault.HARNESS_CORRODED, always(CORRODED), "that is the fault")
        .under(
            Fault.HARNESS_OPEN,
            often(SEATED, 80).or(LOOSE, 10).or(CORRODED, 10),
            "the break is in the wire")
        .under(
            Fault.HARNESS_BUS,
            often(LOOSE, 30).or(PIN_PUSHED_BACK, 60).or(CORRODED, 10),
            "a careful look finds it")
        .under(
            Fault.HARNESS_GROUND,
            often(LOOSE, 30).or(PIN_PUSHED_BACK, 60).or(CORRODED, 10),
            "a careful look finds it")
        .under(
            Fault.HARNESS_LEAD,
            often(SEATED, 70).or(LOOSE, 20).or(CORRODED, 10),
            "the break is in the wire")
        .under(
            Fault.SUPPLY_LINE_LOST,
            often(SEATED, 80).or(LOOSE, 15).or(CORRODED, 5),
            "line pins can be loose")
        .answeredByWord();
  }

  static Check reseated() {
    return check("run.reseated", Suspect.HARNESS, POWER_ON, 6)
        .takes(FactType.RUN_RESEATED)
        .ask(
            "Mend and reseat every plug. Is all well now?",
            "With the power off: pins back to full height, green ones cleaned, plugs latched. Then"
                + " a whole call from start to end.")
        .good(STILL, "As before")
        .bad(RUNS, "All is well now")
        .bad(MENDED, RUNS, "All is well now, and a plug was bad")
        .finding(MENDED)
        .tellsOnlyFor(
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.CODE_BUT_RUNS,
            Symptom.NO_SPEED_CHANGE)
        .normal(always(STILL))
        .effect(often(STILL, 7).or(RUNS, 3), "it comes and goes by itself", Symptom.INTERMITTENT)
        .under(Fault.HARNESS_PIN, often(RUNS, 4).or(MENDED, 6), "that was the fault")
        .under(Fault.HARNESS_BUS, often(RUNS, 4).or(MENDED, 6), "that was the fault")
        .under(Fault.HARNESS_GROUND, often(RUNS, 4).or(MENDED, 6), "that was the fault")
        .under(Fault.HARNESS_LEAD, often(STILL, 6).or(RUNS, 4), "a poor joint may touch again")
        .under(Fault.HARNESS_CORRODED, often(RUNS, 6).or(STILL, 4), "cleaned pins may do")
        .under(Fault.HARNESS_FEEDBACK, often(STILL, 8).or(RUNS, 2), "the break is in the wire")
        .under(
            Fault.HARNESS_OPEN,
            often(STILL, 9).or(RUNS, 1),
            "a broken wire may touch again for a while")
        .under(
            Fault.SUPPLY_LINE_LOST, often(STILL, 8).or(RUNS, 2), "the line's own pins can be loose")
        .under(Fault.HELD_OFF_BY_DEFROST, often(RUNS, 6).or(STILL, 4), "defrost is over by then")
        .under(Fault.NOTHING, always(RUNS), "nothing is wrong")
        .read(WaysToAnswer::reseated);
  }

  /** A defect that was seen is mended, and it is tried again. */
  private static Check.Builder mended(Check.Builder check) {
    return check
        .good(STILL, "As before")
        .bad(RUNS, "All is well now")
        .finding(RUNS)
        .normal(always(STILL))
        .effect(often(STILL, 8).or(RUNS, 2), "it comes and goes by itself", Symptom.INTERMITTENT);
  }

  static Check airCleared() {
    return mended(
            check("run.air_cleared", Suspect.AIR_PATH, POWER_ON, 15)
                .takes(FactType.RUN_AIR_CLEARED)
                .afterAnswer("air.look", FILTER_BLOCKED, COIL_BLOCKED, COIL_FROZEN)
                .ask(
                    "New filter, coil cleaned or thawed. Is all well now?",
                    "Then a whole call from start to end, panels on."))
        .under(Fault.AIR_BLOCKED, always(RUNS), "that was the fault")
        .answeredByWord();
  }

  static Check wheelMended() {
    return mended(
            check("run.wheel_mended", Suspect.WHEEL, POWER_ON, 10)
                .takes(FactType.RUN_WHEEL_MENDED)
                .afterAnswer("wheel.look", RUBBING, JAMMED, LOOSE_ON_SHAFT)
                .afterAnswer("wheel.dirt", DIRTY)
                .ask(
                    "Wheel freed, cleaned, centred, set screw tight. Is all well now?",
                    "With the power off and locked out; then a whole call."))
        .under(Fault.WHEEL_JAMMED, always(RUNS), "that was the fault")
        .under(Fault.WHEEL_RUBBING, always(RUNS), "that was the fault")
        .under(Fault.WHEEL_LOOSE, always(RUNS), "that was the fault")
        .under(Fault.WHEEL_DIRTY, always(RUNS), "that was the fault")
        .answeredByWord();
  }

  static Check setRight() {
    return mended(
            check("run.set_right", Suspect.SETTING, POWER_ON, 5)
                .takes(FactType.RUN_SET_RIGHT)
                .afterAnswer("speed.setting", WRONG)
                .afterAnswer("rotation", REVERSED)
                .afterAnswer("link.voltage_jumper", WRONG)
                .afterAnswer("transformer.primary.volts", TAP)
                .afterAnswer("thermostat.fan", ON)
                .ask(
                    "Set it right: taps, switches, rotation, link. Is all well now?",
                    "With the power off; then a whole call of the kind that failed."))
        .under(Fault.SETTING_SPEED, always(RUNS), "that was the fault")
        .under(Fault.SETTING_DRIVE, often(RUNS, 6).or(STILL, 4), "it may be an interlock as well")
        .under(Fault.SETTING_ROTATION, always(RUNS), "that was the fault")
        .under(Fault.SETTING_LINK, always(RUNS), "that was the fault")
        .under(Fault.SETTING_TAP, always(RUNS), "that was the fault")
        .under(Fault.FAN_SWITCH_ON, always(RUNS), "that was the fault")
        .answeredByWord();
  }

  static Check speedProof() {
    return check("speed.proof", Suspect.SETTING, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.BOARD_NEEDS_FEEDBACK, FactType.MOTOR_FEEDBACK)
        .ask(
            "Does the board wait for a speed signal?",
            "Read the board's switches, and whether this motor sends one.")
        .good(MATCHED, "Matched")
        .bad(UNMET, "Board waits in vain")
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.CODE_BUT_RUNS, Symptom.INTERMITTENT)
        .finding(UNMET)
        .normal(always(MATCHED))
        .under(Fault.SETTING_SPEED_PROOF, always(UNMET), "that is the fault")
        .read(WaysToAnswer::speedProof);
  }

  static Check recentlyReplaced() {
    return check("replaced.recently", Suspect.SETTING, POWER_ON, 0.5)
        .takes(FactType.REPLACED_RECENTLY)
        .ask("Was the motor or module just changed?", "Ask, and look for new parts and tags.")
        .good(NO, "No")
        .bad(YES, "Yes")
        .soft()
        .normal(often(NO, 93).or(YES, 7))
        .under(Fault.SETTING_SPEED_PROOF, always(YES), "it shows after a change of motor")
        .under(Fault.SETTING_ROTATION, often(YES, 8).or(NO, 2), "it shows after a change of motor")
        .under(Fault.SETTING_SPEED, often(YES, 6).or(NO, 4), "switches are set at fitting")
        .answeredByYesOrNo();
  }

  static Check rotation() {
    return check("rotation", Suspect.SETTING, POWER_ON, 1)
        .takes(FactType.ROTATION)
        .ask("Which way does it turn?", "Against the arrow on the housing. Wrong still moves air.")
        .good(RIGHT, "The right way")
        .bad(REVERSED, "The wrong way")
        .seen()
        .onlyFor(Symptom.LOW_AIRFLOW, Symptom.WRONG_DIRECTION, Symptom.NOISE)
        .normal(often(RIGHT, 99.5).or(REVERSED, 0.5))
        .under(Fault.SETTING_ROTATION, always(REVERSED), "that is the fault")
        .under(
            Fault.MODULE_FADING, often(RIGHT, 9).or(REVERSED, 1), "a weak start can go either way")
        .answeredByWord();
  }

  static Check speedSetting() {
    return check("speed.setting", Suspect.SETTING, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.SPEED_SETTING)
        .ask(
            "Compare taps and switches with the unit's chart.",
            "The tap or switch for the call that fails; as shipped is seldom right.")
        .good(RIGHT, "As the chart has it")
        .bad(WRONG, "Set otherwise")
        .seen()
        .onlyFor(
            Symptom.NO_SPEED_CHANGE, Symptom.LOW_AIRFLOW, Symptom.NOISE, Symptom.TRIPS_PROTECTION)
        .normal(often(RIGHT, 97).or(WRONG, 3))
        .under(Fault.SETTING_SPEED, always(WRONG), "that is the fault")
        .under(
            Fault.SETTING_DRIVE,
            often(WRONG, 6).or(RIGHT, 4),
            "it may be a parameter or an interlock")
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
        .good(STOPS, "Stops")
        .bad(RUNS, "Still runs")
        .finding(RUNS)
        .onlyFor(Symptom.RUNS_ALWAYS)
        .normal(always(STOPS))
        .under(Fault.MODULE_STUCK_ON, always(RUNS), "nothing tells it to run, and it runs")
        .under(Fault.DRIVE_STUCK_ON, always(RUNS), "nothing tells it to run, and it runs")
        .answeredByWord();
  }

  static Check moduleLook() {
    return check("module.look", Suspect.MODULE, MODULE_OFF, 1)
        .takes(FactType.MODULE_LOOK)
        .ask(
            "Look into the module, and smell it.",
            "Burnt marks, bulged capacitors, water tracks, green pins.")
        .good(CLEAN, "Clean")
        .bad(BURNT, "Burnt")
        .bad(BULGED_CAPACITOR, "Bulged capacitor")
        .bad(WATER, "Water")
        .bad(CORRODED, "Corroded")
        .bad(BLOWN, BURNT, "Burnt, and what burnt it was measured")
        .seen()
        .finding(BLOWN)
        .normal(
            often(CLEAN, 93).or(CORRODED, 4).or(BULGED_CAPACITOR, 1).or(WATER, 1).or(BURNT, 0.5))
        .under(
            Fault.MODULE_DEAD,
            often(CLEAN, 55)
                .or(BURNT, 12)
                .or(BULGED_CAPACITOR, 8)
                .or(BLOWN, 12)
                .or(WATER, 8)
                .or(CORRODED, 5),
            "half of dead modules show nothing")
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            often(CLEAN, 50)
                .or(BURNT, 18)
                .or(BULGED_CAPACITOR, 4)
                .or(BLOWN, 18)
                .or(WATER, 6)
                .or(CORRODED, 4),
            "a shorted output stage often burns")
        .under(
            Fault.MODULE_FADING,
            often(CLEAN, 70).or(BURNT, 5).or(BULGED_CAPACITOR, 15).or(WATER, 5).or(CORRODED, 5),
            "tired capacitors bulge")
        .read(WaysToAnswer::moduleLook);
  }

  static Check codeReturns() {
    return check("code.returns", Suspect.MODULE, POWER_ON, 15)
        .takes(FactType.CODE_RETURNS)
        .ask(
            "Clear the code, run a full cycle: does it come back?",
            "Note the code first. Watch one whole call from start to off-delay.")
        .good(NO, "It stays away")
        .bad(YES, "It comes back")
        .onlyFor(Symptom.CODE_BUT_RUNS, Symptom.INTERMITTENT)
        .normal(always(YES))
        .under(Fault.NOTHING, always(NO), "gone by itself")
        .under(Fault.HELD_OFF_BY_DEFROST, often(NO, 6).or(YES, 4), "only in defrost")
        .under(Fault.HARNESS_PIN, often(YES, 7).or(NO, 3), "it comes and goes")
        .under(Fault.MODULE_FADING, often(YES, 8).or(NO, 2), "it comes and goes")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(YES, 7).or(NO, 3), "it comes and goes")
        .answeredByYesOrNo();
  }

  static Check shaftModuleOff() {
    return feel(check("shaft.feel.module_off", Suspect.WINDING, MODULE_OFF, 1)
            .takes(FactType.SHAFT_FEEL_MODULE_OFF)
            .after("shaft.feel")
            .ask(
                "Module off: turn the shaft again.",
                "Leads free of each other. Drag that is now gone was in the module."))
        .good(GONE, FREE, "Free now, the drag is gone")
        .bad(BRAKED, FREE, "Free now, and the windings are sound")
        .finding(BRAKED)
        .normal(FEELS)
        .under(
            Fault.MODULE_OUTPUT_SHORTED, often(FREE, 6).or(BRAKED, 4), "the brake came off with it")
        .under(
            Fault.WINDING_SHORT,
            often(COGGING, 40).or(STIFF, 30).or(LOCKED, 20).or(FREE, 10),
            "it brakes as it did with the module on, which is told already")
        .under(
            Fault.HARNESS_TOUCHING,
            often(COGGING, 55).or(STIFF, 30).or(FREE, 15),
            "its wires still touch")
        .under(
            Fault.WINDING_SLIGHT_SHORT,
            often(COGGING, 7).or(STIFF, 3),
            "the hand feels a few turns")
        .under(Fault.WINDING_WARM_SHORT, often(FREE, 8).or(COGGING, 2), "cold it is free")
        .read(WaysToAnswer::feelModuleOff);
  }

  /** Where driver and winding sit in one piece: only the plug comes off. */
  static Check shaftUnplugged() {
    return brakes(
            feel(check("shaft.feel.module_off", Suspect.MODULE, POWER_OFF_COVER_OFF, 2)
                    .takes(FactType.SHAFT_FEEL_MODULE_OFF)
                    .afterAnswer("shaft.feel", STIFF, COGGING, LOCKED)
                    .ask(
                        "Pull the motor's plug, and turn it again.",
                        "Drag that is now gone was made by the electronics; a bearing or a jam"
                            + " stays."))
                .good(GONE, FREE, "Free now, the drag is gone"))
        .normal(FEELS)
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            often(FREE, 50).or(COGGING, 30).or(STIFF, 15).or(LOCKED, 5),
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
        .finding(SHORT, OPEN, JOINT)
        .read(WaysToAnswer::pairs);
  }

  /** The three pairs wherever they are measured; what is a finding depends on where. */
  static Check.Builder pairsAnswers(Check.Builder check) {
    return check
        .good(SOUND, "All three agree")
        .bad(SHORT, "Shorted")
        .bad(OPEN, "A phase open")
        .bad(ALL_OPEN, "All three OL")
        .bad(JOINT, "A poor joint")
        .bad(ODD, "Differ otherwise")
        .bad(UNCERTAIN, "Cannot tell")
        .normal(often(SOUND, 96.7).or(UNCERTAIN, 3).or(ALL_OPEN, 0.3).or(JOINT, 0.02).or(ODD, 0.02))
        .under(
            Fault.WINDING_SHORT,
            often(SHORT, 81).or(ODD, 8).or(UNCERTAIN, 8).or(JOINT, 3),
            "that is the fault")
        .under(
            Fault.WINDING_SLIGHT_SHORT,
            often(SHORT, 30).or(SOUND, 25).or(UNCERTAIN, 35).or(ODD, 10),
            "a few turns hide within the limit; the hand and the back-EMF find them")
        .under(Fault.WINDING_OPEN, often(OPEN, 95).or(ALL_OPEN, 5), "that is the fault")
        .under(
            Fault.WINDING_JOINT,
            often(JOINT, 78).or(ODD, 10).or(SHORT, 4).or(UNCERTAIN, 8),
            "that is the fault")
        .under(
            Fault.WINDING_FRAME,
            often(SOUND, 90).or(SHORT, 5).or(UNCERTAIN, 5),
            "the copper may be whole")
        .under(Fault.WINDING_WARM_SHORT, often(SOUND, 90).or(UNCERTAIN, 10), "cold it reads sound")
        .under(Fault.WINDING_WARM_OPEN, often(SOUND, 90).or(UNCERTAIN, 10), "cold it reads sound");
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
            .good(SOUND, "All three agree")
            .bad(SHORT, "One differs")
            .bad(OPEN, "A phase open")
            .bad(UNCERTAIN, "Cannot tell")
            .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT, Symptom.TRIPS_PROTECTION)
            .normal(often(SOUND, 97).or(UNCERTAIN, 3))
            .under(
                Fault.WINDING_WARM_SHORT,
                often(SHORT, 7).or(UNCERTAIN, 2).or(SOUND, 1),
                "that is the fault")
            .under(
                Fault.WINDING_WARM_OPEN,
                often(OPEN, 7).or(SHORT, 1).or(SOUND, 2),
                "that is the fault")
            .under(Fault.WINDING_SHORT, often(SHORT, 8).or(UNCERTAIN, 2), "warm or cold")
            .under(
                Fault.WINDING_SLIGHT_SHORT,
                often(SHORT, 4).or(UNCERTAIN, 4).or(SOUND, 2),
                "warm or cold")
            .under(Fault.WINDING_OPEN, always(OPEN), "one is OL, warm or cold")
            .under(
                Fault.WINDING_JOINT,
                often(SHORT, 5).or(UNCERTAIN, 4).or(OPEN, 1),
                "a poor joint warms up first");
    return throughWires
        ? warm.finding(SHORT)
            .under(
                Fault.HARNESS_LEAD,
                often(OPEN, 8).or(SOUND, 1).or(SHORT, 1),
                "the lead is open, warm or cold")
            .under(Fault.HARNESS_PIN, often(SOUND, 7).or(OPEN, 3), "a pin of the motor's plug")
            .read(WaysToAnswer::warmPairs)
        : warm.finding(SHORT, OPEN).read(WaysToAnswer::warmPairs);
  }

  static Check frame() {
    return leadsToFrame().finding(SHORT).read(WaysToAnswer::frame);
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
        .good(CLEAR, "All OL")
        .bad(LEAK, "High, but not OL")
        .bad(SHORT, "Under 100 kΩ")
        .normal(often(CLEAR, 98).or(LEAK, 2))
        .under(Fault.WINDING_FRAME, often(SHORT, 9).or(LEAK, 1), "that is the fault")
        .under(
            Fault.WINDING_SHORT,
            often(CLEAR, 85).or(SHORT, 10).or(LEAK, 5),
            "burnt turns may reach the frame");
  }

  static Check insulation() {
    return insulationTest().finding(LOW).read(WaysToAnswer::insulation);
  }

  static Check.Builder insulationTest() {
    return check("winding.insulation", Suspect.WINDING, MODULE_OFF, 4)
        .takes(FactType.WINDING_INSULATION, FactType.WINDING_CELSIUS)
        .ask(
            "Insulation test at 500 V DC, module off.",
            "Bare motor only, never with electronics attached. Note the winding's temperature.")
        .good(SOUND, "5 MΩ or more at 40 °C")
        .question(UNCERTAIN, "A few MΩ: dry it, test again")
        .bad(LOW, "Under 2 MΩ at 40 °C")
        .normal(often(SOUND, 96).or(UNCERTAIN, 4))
        .under(Fault.WINDING_FRAME, often(LOW, 92).or(UNCERTAIN, 8), "that is the fault")
        .under(Fault.WINDING_SHORT, often(SOUND, 8).or(LOW, 2), "burnt turns may reach the frame")
        .under(
            Fault.WINDING_SLIGHT_SHORT, often(SOUND, 9).or(LOW, 1), "weak insulation shows in part")
        .under(
            Fault.WINDING_WARM_SHORT, often(SOUND, 8).or(LOW, 2), "weak insulation shows in part");
  }

  static Check emf() {
    return check("emf", Suspect.WINDING, MODULE_OFF, 4)
        .takes(FactType.EMF_AB, FactType.EMF_BC, FactType.EMF_CA)
        .ask(
            "Back-EMF: spin it and measure the three pairs.",
            "Module off, AC volts, steady speed by hand or drill. All three must agree.")
        .good(EVEN, "All agree")
        .bad(UNEVEN, "One differs")
        .bad(SHORTED, UNEVEN, "One differs, and it drags")
        .finding(SHORTED)
        .normal(often(EVEN, 98).or(UNEVEN, 2))
        .under(
            Fault.WINDING_SHORT,
            often(SHORTED, 70).or(UNEVEN, 25).or(EVEN, 5),
            "a shorted phase reads low and drags")
        .under(
            Fault.WINDING_SLIGHT_SHORT,
            often(SHORTED, 4).or(UNEVEN, 2).or(EVEN, 4),
            "few turns may hide in 10 %")
        .under(Fault.WINDING_OPEN, always(UNEVEN), "no voltage through an open phase")
        .under(
            Fault.HARNESS_TOUCHING,
            often(UNEVEN, 5).or(EVEN, 1),
            "joined leads make none between them")
        .under(Fault.HARNESS_LEAD, always(UNEVEN), "no voltage through an open lead")
        .under(
            Fault.WINDING_JOINT,
            often(EVEN, 8).or(UNEVEN, 2),
            "a meter draws no current through it")
        .under(Fault.WINDING_WARM_SHORT, often(EVEN, 8).or(UNEVEN, 2), "cold it is even")
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
        .good(DRAGS, "Drags clearly")
        .bad(FREE, "Turns as before")
        .sensed()
        .normal(often(DRAGS, 97).or(FREE, 3))
        .under(
            Fault.WINDING_OPEN, often(FREE, 6).or(DRAGS, 4), "two phases may still brake a little")
        .under(Fault.MAGNETS_WEAK, always(FREE), "that is the fault")
        .answeredByWord();
  }

  /** The kind of the command says nothing of a fault, and decides what a meter makes of it. */
  static Check commandKind() {
    return check("command.kind", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.COMMAND_KIND)
        .afterAnswer("command.volts", LOW, EDGE, HIGH, KIND)
        .ask(
            "Which kind of command does this board give?",
            "Its diagram says so. A duty cycle reads as an odd voltage on a meter.")
        .good(VOLTS_24, "24 V")
        .good(ZERO_TO_TEN, "0 to 10 V")
        .good(DUTY_CYCLE, "Duty cycle")
        .good(CURRENT_LOOP, "4 to 20 mA")
        .good(MESSAGES, "Messages")
        .soft()
        .normal(
            often(VOLTS_24, 1)
                .or(ZERO_TO_TEN, 1)
                .or(DUTY_CYCLE, 1)
                .or(CURRENT_LOOP, 1)
                .or(MESSAGES, 1))
        .answeredByWord();
  }

  /** A question for the plate or the counter: it clears nothing, and can settle what is done. */
  static Check plate(FactType type, double minutes, String ask, String how) {
    return check(type.id(), Suspect.MODULE, POWER_OFF_COVER_OFF, minutes)
        .takes(type)
        .ask(ask, how)
        .good(YES, "Yes")
        .good(NO, "No")
        .soft()
        .normal(often(YES, 1).or(NO, 1))
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
        .good(SOME, "It draws")
        .bad(NONE, "Nothing")
        .tellsOnlyFor(
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.TRIPS_PROTECTION,
            Symptom.INTERMITTENT)
        .normal(often(SOME, 3).or(NONE, 7))
        .under(Fault.SUPPLY_OFF, always(NONE), "no power")
        .under(Fault.WINDING_SHORT, often(SOME, 7).or(NONE, 3), "it tries")
        .under(Fault.WINDING_OPEN, often(SOME, 7).or(NONE, 3), "it tries")
        .under(Fault.BEARING_SEIZED, often(SOME, 8).or(NONE, 2), "it pushes")
        .under(Fault.WHEEL_JAMMED, often(SOME, 8).or(NONE, 2), "it pushes")
        .under(Fault.WHEEL_LOOSE, always(SOME), "the motor runs")
        .read(WaysToAnswer::amps);
  }

  static Check wheelDirt() {
    return check("wheel.dirt", Suspect.WHEEL, POWER_OFF_COVER_OFF, 1)
        .takes(FactType.WHEEL_DIRT)
        .ask(
            "Look at the blades of the wheel.",
            "Felt and grease in the hollow of the blades: half the air at the same speed.")
        .good(CLEAN, "Clean")
        .bad(DIRTY, "Caked")
        .sensed()
        .onlyFor(Symptom.LOW_AIRFLOW, Symptom.NOISE)
        .normal(often(CLEAN, 88).or(DIRTY, 12))
        .under(Fault.WHEEL_DIRTY, always(DIRTY), "that is the fault")
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
        .bad(HELD, STIFF, "Held, and the windings are sound, warm")
        .finding(HELD)
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT, Symptom.TRIPS_PROTECTION)
        .normal(FEELS)
        .under(Fault.BEARING_WARM, often(STIFF, 4).or(LOCKED, 2).or(HELD, 4), "that is the fault")
        .under(Fault.BEARING_DRAG, often(STIFF, 5).or(COGGING, 1).or(HELD, 4), "warm or cold")
        .under(Fault.BEARING_SEIZED, often(LOCKED, 5).or(STIFF, 1).or(HELD, 4), "warm or cold")
        .under(Fault.WHEEL_JAMMED, often(LOCKED, 5).or(STIFF, 2).or(HELD, 3), "the wheel holds it")
        .under(
            Fault.WHEEL_RUBBING,
            often(FREE, 5).or(STIFF, 3).or(COGGING, 1).or(HELD, 1),
            "depends on how it rubs")
        .under(Fault.WINDING_WARM_SHORT, often(COGGING, 7).or(STIFF, 3), "that is the fault")
        .under(
            Fault.WINDING_SLIGHT_SHORT,
            often(COGGING, 7).or(STIFF, 3),
            "the hand feels a few turns")
        .under(
            Fault.WINDING_SHORT,
            often(COGGING, 55).or(STIFF, 25).or(LOCKED, 10).or(FREE, 10),
            "shorts brake")
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            often(COGGING, 55).or(STIFF, 30).or(LOCKED, 15),
            "the output stage brakes")
        .read(WaysToAnswer::feelWarm);
  }

  static Check shaft() {
    return brakes(shaftFelt())
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            often(COGGING, 55).or(STIFF, 30).or(LOCKED, 15),
            "the output stage brakes")
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
        .under(
            Fault.WINDING_SHORT,
            often(COGGING, 55).or(STIFF, 25).or(LOCKED, 10).or(FREE, 10),
            "shorts brake")
        .under(
            Fault.WINDING_SLIGHT_SHORT,
            often(COGGING, 7).or(STIFF, 3),
            "the hand feels a few turns")
        .under(
            Fault.WINDING_FRAME, often(FREE, 9).or(COGGING, 1), "one touch to frame does not brake")
        .under(
            Fault.HARNESS_TOUCHING,
            often(COGGING, 55).or(STIFF, 30).or(FREE, 15),
            "joined leads brake")
        .under(Fault.WINDING_WARM_SHORT, often(FREE, 8).or(COGGING, 2), "cold it is free");
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
            .good(GONE, FREE, "Free now, the drag is gone")
            .bad(HELD, LOCKED, "Held, and the windings are sound")
            .finding(HELD)
            .normal(FEELS)
            .under(
                Fault.BEARING_SEIZED,
                often(LOCKED, 5).or(STIFF, 1).or(HELD, 4),
                "that is the fault")
            .under(
                Fault.BEARING_DRAG, often(STIFF, 5).or(COGGING, 1).or(HELD, 4), "that is the fault")
            .under(
                Fault.BEARING_NOISY, often(FREE, 7).or(STIFF, 2).or(HELD, 1), "worn, but it turns");
    Check.Builder braked =
        magnets
            ? brakes(check)
                .under(
                    Fault.MODULE_OUTPUT_SHORTED,
                    often(COGGING, 40).or(STIFF, 20).or(LOCKED, 5).or(FREE, 35),
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
        .good(QUIET, "Quiet")
        .bad(GRINDS, "Grinds")
        .bad(SCRAPES, "Scrapes")
        .sensed()
        .onlyFor(
            Symptom.NOISE,
            Symptom.NO_RUN,
            Symptom.TRIPS_PROTECTION,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT)
        .normal(always(QUIET))
        .under(Fault.BEARING_NOISY, always(GRINDS), "that is the fault")
        .under(Fault.BEARING_DRAG, often(GRINDS, 6).or(QUIET, 4), "a dry bearing is often heard")
        .under(Fault.BEARING_SEIZED, often(GRINDS, 5).or(QUIET, 5), "it may not turn at all")
        .under(Fault.WHEEL_RUBBING, often(SCRAPES, 9).or(QUIET, 1), "it rubs when it turns")
        .under(Fault.WHEEL_JAMMED, often(SCRAPES, 7).or(QUIET, 3), "what jams it scrapes")
        .under(Fault.WHEEL_LOOSE, often(SCRAPES, 4).or(QUIET, 6), "a loose hub ticks")
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
        .under(Fault.MODULE_OUTPUT_SHORTED, often(FREE, 8).or(COGGING, 2), "no speed, no brake")
        .under(Fault.WINDING_SHORT, often(FREE, 7).or(COGGING, 3), "no speed, no brake")
        .under(Fault.WINDING_SLIGHT_SHORT, often(FREE, 9).or(COGGING, 1), "no speed, no brake")
        .answeredByWord();
  }

  static Check wheel() {
    return check("wheel.look", Suspect.WHEEL, POWER_OFF_COVER_OFF, 1)
        .takes(FactType.WHEEL_LOOK)
        .ask(
            "Look at the wheel.", "Gap even all round, nothing in it, set screw tight on the flat.")
        .good(CLEAR, "Clear")
        .bad(RUBBING, "Rubs")
        .bad(JAMMED, "Jammed")
        .bad(LOOSE_ON_SHAFT, "Loose on shaft")
        .seen()
        .normal(often(CLEAR, 96).or(RUBBING, 3.8).or(JAMMED, 0.1).or(LOOSE_ON_SHAFT, 0.05))
        .under(Fault.WHEEL_JAMMED, often(JAMMED, 9).or(RUBBING, 1), "that is the fault")
        .under(Fault.WHEEL_RUBBING, always(RUBBING), "that is the fault")
        .under(Fault.WHEEL_LOOSE, always(LOOSE_ON_SHAFT), "that is the fault")
        .answeredByWord();
  }

  static Check air() {
    return check("air.look", Suspect.AIR_PATH, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.AIR_LOOK)
        .ask("Look at filter and coil.", "Light through the filter, no ice, no felt on the coil.")
        .good(CLEAR, "Clear")
        .bad(FILTER_BLOCKED, "Filter blocked")
        .bad(COIL_BLOCKED, "Coil blocked")
        .question(COIL_FROZEN, "Coil frozen")
        .seen()
        .normal(often(CLEAR, 87).or(FILTER_BLOCKED, 8).or(COIL_BLOCKED, 3).or(COIL_FROZEN, 2))
        .effect(
            often(CLEAR, 74).or(FILTER_BLOCKED, 8).or(COIL_BLOCKED, 3).or(COIL_FROZEN, 15),
            "ice is an effect of too little air or none, from any cause",
            Symptom.NO_RUN,
            Symptom.LOW_AIRFLOW,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.TRIPS_PROTECTION)
        .under(
            Fault.AIR_BLOCKED,
            often(FILTER_BLOCKED, 57).or(COIL_BLOCKED, 21).or(COIL_FROZEN, 20).or(CLEAR, 2),
            "filter and coil are seen from here")
        .answeredByWord();
  }

  static Check staticPressure() {
    return check("static.inwc", Suspect.AIR_PATH, POWER_ON, 4)
        .takes(FactType.STATIC_INWC)
        .ask(
            "Measure external static pressure.",
            "Panels on, fan running: return side plus supply side.")
        .good(NORMAL, "As usual")
        .bad(HIGH, "Above the plate")
        .bad(LOW, "Hardly any")
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
        .normal(often(NORMAL, 86).or(HIGH, 8).or(LOW, 6))
        .under(
            Fault.AIR_BLOCKED,
            often(HIGH, 30).or(LOW, 45).or(NORMAL, 25),
            "a filter or coil inside the cabinet lowers it, one outside raises it")
        .under(Fault.DUCTS_BLOCKED, often(HIGH, 75).or(NORMAL, 25), "ducts and registers raise it")
        .under(Fault.WHEEL_LOOSE, often(LOW, 8).or(NORMAL, 2), "little air, little pressure")
        .under(Fault.WHEEL_DIRTY, often(LOW, 7).or(NORMAL, 3), "little air, little pressure")
        .under(Fault.SETTING_ROTATION, often(LOW, 8).or(NORMAL, 2), "little air, little pressure")
        .under(Fault.SETTING_SPEED, often(NORMAL, 5).or(LOW, 4).or(HIGH, 1), "too slow or too fast")
        .read(reading -> reading.staticPressure(CheckFigures.STATIC_LIMIT.value()));
  }

  private static Check.Builder command24(boolean proves, Check.Builder check) {
    return lockOut(proves, levels(check).question(KIND, "Which kind of command?"))
        .normal(often(GOOD, 1).or(HIGH, 0.02))
        .under(Fault.NO_CALL, always(ABSENT), "no call, no command")
        .under(Fault.SAFETY_OPEN, always(ABSENT), "the safety string opens the call")
        .under(
            Fault.CONTROL_POWER,
            often(ABSENT, 8).or(LOW, 2),
            "the command is the 24 V supply, switched")
        .under(Fault.CONTROL_SAGS, often(LOW, 9).or(EDGE, 1), "it sags as soon as it is asked")
        .under(
            Fault.SETTING_TAP, often(EDGE, 7).or(LOW, 3), "20.8 V, and less as soon as it is asked")
        .under(Fault.BOARD_SILENT, often(ABSENT, 9).or(LOW, 1), "that is the fault")
        .under(
            Fault.SUPPLY_OFF, often(ABSENT, 9).or(GOOD, 1), "the 24 V may come from the other half")
        .under(
            Fault.SUPPLY_OUT_OF_RANGE,
            often(GOOD, 6).or(LOW, 3).or(HIGH, 1),
            "24 V follows the line");
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
                often(GOOD, 6).or(ABSENT, 4),
                LOCKED_OUT,
                Symptom.STARTS_THEN_STOPS,
                Symptom.INTERMITTENT,
                Symptom.CODE_BUT_RUNS)
            .effect(often(GOOD, 5).or(ABSENT, 5), TRIPPED, Symptom.TRIPS_PROTECTION)
            .effect(often(GOOD, 5).or(ABSENT, 5), "nobody need be asking", Symptom.RUNS_ALWAYS);
    return proves
        ? effects.effect(often(GOOD, 95).or(ABSENT, 5), LOCKED_OUT, Symptom.NO_RUN)
        : effects;
  }

  /** The answers of a voltage against its window. */
  static Check.Builder levels(Check.Builder check) {
    return check
        .good(GOOD, "In its window")
        .bad(LOW, "Too low")
        .bad(ABSENT, "Nothing there")
        .bad(HIGH, "Too high")
        .question(EDGE, "Just outside");
  }

  private static Check.Builder feelings(Check.Builder check) {
    return check
        .good(FREE, "Free")
        .bad(STIFF, "Stiff")
        .bad(COGGING, "Cogging")
        .bad(LOCKED, "Locked")
        .sensed();
  }

  private static Check.Builder feel(Check.Builder check) {
    return feelings(check)
        .under(Fault.BEARING_SEIZED, often(LOCKED, 9).or(STIFF, 1), "that is the fault")
        .under(Fault.BEARING_DRAG, often(STIFF, 8).or(COGGING, 2), "that is the fault")
        .under(Fault.BEARING_NOISY, often(FREE, 7).or(STIFF, 3), "worn, but it turns")
        .under(Fault.BEARING_WARM, often(FREE, 9).or(STIFF, 1), "cold it is free")
        .under(Fault.WHEEL_JAMMED, often(LOCKED, 8).or(STIFF, 2), "that is the fault")
        .under(
            Fault.WHEEL_RUBBING,
            often(FREE, 5).or(STIFF, 4).or(COGGING, 1),
            "depends on how hard it rubs")
        .under(Fault.WHEEL_LOOSE, always(FREE), "the wheel turns on the shaft");
  }
}
