package variablerotor.core.odds;

import static variablerotor.core.check.UnitState.CONTROL_PLUG_OUT;
import static variablerotor.core.check.UnitState.MODULE_OFF;
import static variablerotor.core.check.UnitState.ON_BENCH;
import static variablerotor.core.check.UnitState.POWER_OFF_COVER_OFF;
import static variablerotor.core.check.UnitState.POWER_ON;
import static variablerotor.core.odds.Check.check;

import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;
import variablerotor.core.signal.Windows;

/**
 * The checks, each with its odds under every fault that changes them. Where a fault is not named,
 * the row {@code normal} holds; where an outcome is not named, that fault cannot show it, and a
 * reading that shows it clears the fault. Odds are judgement of common practice; minutes are
 * typical, made for planning.
 */
final class CommonChecks {
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
    return line(
        check("line.volts", Suspect.SUPPLY, POWER_ON, 2)
            .takes(FactType.LINE_VOLTS_AB, FactType.LINE_VOLTS_BC, FactType.LINE_VOLTS_CA)
            .ask(
                "Measure the line, all three pairs.",
                "At the input. Within 1 % of each other runs freely; above 5 % must not run."));
  }

  /** As {@link #threePhaseLine}, for fans that come for one phase, too. */
  static Check anyPhaseLine() {
    return line(
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

  static Check line(Check.Builder check) {
    return levels(check)
        .normal("GOOD 1")
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "no power in the unit, none at the plug")
        .under(Fault.SUPPLY_LINE_LOST, "ABSENT 9 LOW 1", "an open leg, or a poor one")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "LOW 8 HIGH 2", "sags are commoner than swells")
        .read(WaysToAnswer::line);
  }

  static Check call() {
    return check("call.present", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.CALL_PRESENT)
        .ask(
            "Make a call. Does it reach the board?",
            "24 V at the board's thermostat terminal for the call you made.")
        .good("YES", "It reaches the board")
        .bad("NO", "No call at the board")
        .normal("YES 1")
        .under(Fault.NO_CALL, "NO 1", "that is the fault")
        .under(Fault.CONTROL_POWER, "NO 9 YES 1", "without 24 V no call gets through")
        .under(Fault.SUPPLY_OFF, "NO 9 YES 1", "the 24 V supply hangs on the same power")
        .answeredByYesOrNo();
  }

  static Check control() {
    return levels(
            check("control.volts", Suspect.COMMAND, POWER_ON, 1)
                .takes(FactType.CONTROL_VOLTS)
                .ask(
                    "Measure the 24 V supply at the board.",
                    "Between R and C. Under 18 V is a weak transformer or a bad joint."))
        .normal("GOOD 1 HIGH 0.02")
        .under(Fault.CONTROL_POWER, "ABSENT 7 LOW 3", "blown fuse, dead or weak transformer")
        .under(Fault.SUPPLY_OFF, "ABSENT 9 GOOD 1", "the 24 V may come from the other half")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "GOOD 6 LOW 3 HIGH 1", "24 V follows the line")
        .measured(FactType.CONTROL_VOLTS, Windows.CONTROL_24V, null);
  }

  /** The 24 V command at the board's own terminal. */
  static Check commandAtBoard() {
    return command24(
            check("command.volts.board", Suspect.COMMAND, POWER_ON, 1)
                .takes(FactType.COMMAND_VOLTS_BOARD)
                .ask(
                    "Measure the command at the board.",
                    "With a call on: from the speed terminal in use to common, at the board."))
        .measured(FactType.COMMAND_VOLTS_BOARD, Windows.CONTROL_24V, FactType.WINDOW_COMMAND);
  }

  /** With 24 V on a tap. */
  static Check substituteCommand() {
    return substituteCommand(
        "Power off to connect: 24 V from R to one tap, common to common. Power on: does it run?");
  }

  static Check substituteCommand(String how) {
    return check("run.substitute_command", Suspect.COMMAND, POWER_ON, 4)
        .takes(FactType.RUN_SUBSTITUTE_COMMAND)
        .ask("Give the motor a known good command.", how)
        .good("STILL", "Stays still, or does not follow")
        .bad("RUNS", "Runs as told")
        .onlyFor(
            Symptom.NO_RUN,
            Symptom.INTERMITTENT,
            Symptom.STARTS_THEN_STOPS,
            Symptom.NO_SPEED_CHANGE)
        .normal("STILL 1")
        .under(Fault.MODULE_MUTE, "RUNS 1", "it runs, and only does not tell")
        .under(Fault.HARNESS_FEEDBACK, "RUNS 1", "it runs, and is only not heard")
        .under(Fault.SETTING_SPEED_PROOF, "RUNS 1", "it runs; the board stops it")
        .under(Fault.SETTING_SPEED, "RUNS 1", "the setting is left out")
        .under(Fault.AIR_BLOCKED, "RUNS 7 STILL 3", "it runs until it is too warm")
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
        .under(Fault.NOTHING, "RUNS 1", "nothing is wrong")
        .under(Fault.SETTING_DRIVE, "RUNS 8 STILL 2", "an interlock can hold it off all the same")
        .answeredByWord();
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
        .normal("QUIET 1")
        .under(Fault.BOARD_STUCK, "PRESENT 1", "that is the fault")
        .read(WaysToAnswer::idleCommand);
  }

  /** The 24 V command at the motor's end of the harness. */
  static Check commandAtMotor() {
    return command24(
            check("command.volts", Suspect.HARNESS, POWER_ON, 1)
                .takes(FactType.COMMAND_VOLTS)
                .ask(
                    "Measure the command at the motor.",
                    "With a call on: from the live tap to common, at the motor's plug. 18 to 30 V"
                        + " is a command."))
        .under(Fault.HARNESS_OPEN, "ABSENT 9 LOW 1", "open wire, or a joint that drops volts")
        .under(Fault.HARNESS_PIN, "GOOD 6 ABSENT 3 LOW 1", "good behind the pin, gone at its tip")
        .measured(FactType.COMMAND_VOLTS, Windows.CONTROL_24V, FactType.WINDOW_COMMAND);
  }

  static Check connector() {
    return check("connector.look", Suspect.HARNESS, POWER_OFF_COVER_OFF, 2)
        .takes(FactType.CONNECTOR_LOOK)
        .ask(
            "Look at both plugs, pin by pin.",
            "Each pin at full height, none pushed back or green, plug latched, no water track.")
        .good("SEATED", "All seated")
        .bad("LOOSE", "Loose")
        .bad("PIN_PUSHED_BACK", "Pin pushed back")
        .bad("CORRODED", "Corroded")
        .normal("SEATED 95 LOOSE 2 PIN_PUSHED_BACK 0.5 CORRODED 2.5")
        .under(
            Fault.HARNESS_PIN, "LOOSE 40 PIN_PUSHED_BACK 35 CORRODED 25", "a careful look finds it")
        .under(Fault.HARNESS_CORRODED, "CORRODED 1", "that is the fault")
        .under(Fault.HARNESS_OPEN, "SEATED 80 LOOSE 10 CORRODED 10", "the break is in the wire")
        .under(Fault.SUPPLY_LINE_LOST, "SEATED 80 LOOSE 15 CORRODED 5", "line pins can be loose")
        .answeredByWord();
  }

  static Check reseated() {
    return check("run.reseated", Suspect.HARNESS, POWER_ON, 4)
        .takes(FactType.RUN_RESEATED)
        .ask(
            "Mend and reseat every plug. Does it run now?",
            "With the power off: pins back to full height, green ones cleaned, plugs latched. Then"
                + " power on and a call.")
        .good("STILL", "As before")
        .bad("RUNS", "Runs now")
        .onlyFor(Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT)
        .normal("STILL 1")
        .under(Fault.HARNESS_PIN, "RUNS 1", "that was the fault")
        .under(Fault.HARNESS_OPEN, "STILL 9 RUNS 1", "a broken wire may touch again for a while")
        .under(Fault.SUPPLY_LINE_LOST, "STILL 8 RUNS 2", "the line's own pins can be loose")
        .under(Fault.MODULE_FADING, "STILL 7 RUNS 3", "it works at times")
        .under(Fault.WINDING_WARM_SHORT, "STILL 5 RUNS 5", "cold it runs")
        .under(Fault.BEARING_DRAG, "STILL 6 RUNS 4", "it may just do")
        .under(Fault.NOTHING, "RUNS 1", "nothing is wrong")
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
        .onlyFor(Symptom.LOW_AIRFLOW, Symptom.WRONG_DIRECTION, Symptom.NOISE)
        .normal("RIGHT 1")
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
        .onlyFor(
            Symptom.NO_SPEED_CHANGE, Symptom.LOW_AIRFLOW, Symptom.NOISE, Symptom.TRIPS_PROTECTION)
        .normal("RIGHT 1")
        .under(Fault.SETTING_SPEED, "WRONG 1", "that is the fault")
        .under(Fault.SETTING_DRIVE, "WRONG 6 RIGHT 4", "it may be a parameter or an interlock")
        .answeredByWord();
  }

  static Check controlUnplugged() {
    return check("run.control_unplugged", Suspect.MODULE, CONTROL_PLUG_OUT, 1)
        .takes(FactType.RUN_CONTROL_UNPLUGGED)
        .ask(
            "Pull the control plug. Does it still run?",
            "Power off, pull the low-voltage plug, power on. Line stays connected.")
        .good("STOPS", "Stops")
        .bad("RUNS", "Still runs")
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
        .normal("CLEAN 95 CORRODED 4 BULGED_CAPACITOR 1")
        .under(
            Fault.MODULE_DEAD,
            "CLEAN 55 BURNT 22 BULGED_CAPACITOR 10 WATER 8 CORRODED 5",
            "half of dead modules show nothing")
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            "CLEAN 50 BURNT 35 BULGED_CAPACITOR 5 WATER 6 CORRODED 4",
            "a shorted output stage often burns")
        .under(
            Fault.MODULE_FADING,
            "CLEAN 70 BURNT 5 BULGED_CAPACITOR 15 WATER 5 CORRODED 5",
            "tired capacitors bulge")
        .answeredByWord();
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
        .bad("GONE", "FREE", "Free now, the drag is gone")
        .normal("FREE 1")
        .under(Fault.MODULE_OUTPUT_SHORTED, "GONE 95 FREE 5", "the brake came off with it")
        .under(
            Fault.WINDING_SHORT,
            "COGGING 40 STIFF 30 LOCKED 20 FREE 10",
            "it brakes as it did with the module on, which is told already")
        .under(Fault.WINDING_SLIGHT_SHORT, "COGGING 7 STIFF 3", "the hand feels a few turns")
        .under(Fault.WINDING_WARM_SHORT, "FREE 8 COGGING 2", "cold it is free")
        .read(reading -> reading.dragGone(FactType.SHAFT_FEEL_MODULE_OFF, FactType.SHAFT_FEEL));
  }

  static Check pairs() {
    return check("winding.pairs", Suspect.WINDING, MODULE_OFF, 2)
        .takes(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA)
        .ask(
            "Measure the three winding pairs.",
            "Leads free, meter zeroed, lowest range. A to B, B to C, C to A; OL counts too.")
        .good("SOUND", "All three agree")
        .bad("SHORT", "Shorted")
        .bad("OPEN", "A phase open")
        .bad("JOINT", "A poor joint")
        .bad("ODD", "Differ otherwise")
        .bad("UNCERTAIN", "Meter cannot tell")
        .normal("SOUND 97 UNCERTAIN 3")
        .under(Fault.WINDING_SHORT, "SHORT 83 ODD 8 UNCERTAIN 6 JOINT 3", "that is the fault")
        .under(
            Fault.WINDING_SLIGHT_SHORT,
            "SHORT 45 SOUND 30 UNCERTAIN 15 ODD 10",
            "a few turns hide within the limit; the hand and the back-EMF find them")
        .under(Fault.WINDING_OPEN, "OPEN 1", "that is the fault")
        .under(Fault.WINDING_JOINT, "JOINT 80 ODD 10 SHORT 4 UNCERTAIN 6", "that is the fault")
        .under(Fault.WINDING_FRAME, "SOUND 90 SHORT 5 UNCERTAIN 5", "the copper may be whole")
        .under(Fault.WINDING_WARM_SHORT, "SOUND 90 UNCERTAIN 10", "cold it reads sound")
        .read(WaysToAnswer::pairs);
  }

  static Check frame() {
    return check("winding.frame", Suspect.WINDING, MODULE_OFF, 1)
        .takes(FactType.WINDING_FRAME_A, FactType.WINDING_FRAME_B, FactType.WINDING_FRAME_C)
        .ask(
            "Measure each lead to bare frame.",
            "Highest range, on bare metal. Each must read OL; under 100 kΩ is condemned.")
        .good("CLEAR", "All OL")
        .bad("LEAK", "High, but not OL")
        .bad("SHORT", "Under 100 kΩ")
        .normal("CLEAR 98 LEAK 2")
        .under(Fault.WINDING_FRAME, "SHORT 9 LEAK 1", "that is the fault")
        .under(Fault.WINDING_SHORT, "CLEAR 85 SHORT 10 LEAK 5", "burnt turns may reach the frame")
        .read(WaysToAnswer::frame);
  }

  static Check insulation() {
    return check("winding.insulation", Suspect.WINDING, MODULE_OFF, 4)
        .takes(FactType.WINDING_INSULATION, FactType.WINDING_CELSIUS)
        .ask(
            "Insulation test at 500 V DC, module off.",
            "Bare motor only, never with electronics attached. Note the winding's temperature.")
        .good("SOUND", "5 MΩ or more at 40 °C")
        .bad("LOW", "Under 5 MΩ at 40 °C")
        .normal("SOUND 1")
        .under(Fault.WINDING_FRAME, "LOW 1", "that is the fault")
        .under(Fault.WINDING_SHORT, "SOUND 8 LOW 2", "burnt turns may reach the frame")
        .under(Fault.WINDING_SLIGHT_SHORT, "SOUND 9 LOW 1", "weak insulation shows in part")
        .under(Fault.WINDING_WARM_SHORT, "SOUND 8 LOW 2", "weak insulation shows in part")
        .read(WaysToAnswer::insulation);
  }

  static Check emf() {
    return check("emf", Suspect.WINDING, MODULE_OFF, 4)
        .takes(FactType.EMF_AB, FactType.EMF_BC, FactType.EMF_CA)
        .ask(
            "Back-EMF: spin it and measure the three pairs.",
            "Module off, AC volts, steady speed by hand or drill. All three must agree.")
        .good("EVEN", "All agree")
        .bad("UNEVEN", "One differs, or none")
        .normal("EVEN 1")
        .under(Fault.WINDING_SHORT, "UNEVEN 95 EVEN 5", "a shorted phase reads low and drags")
        .under(Fault.WINDING_SLIGHT_SHORT, "UNEVEN 6 EVEN 4", "few turns may hide in 10 %")
        .under(Fault.WINDING_OPEN, "UNEVEN 1", "no voltage through an open phase")
        .under(Fault.WINDING_JOINT, "EVEN 8 UNEVEN 2", "a meter draws no current through it")
        .under(Fault.WINDING_WARM_SHORT, "EVEN 8 UNEVEN 2", "cold it is even")
        .read(WaysToAnswer::emf);
  }

  static Check shaftWarm() {
    return feel(check("shaft.feel.warm", Suspect.WINDING, POWER_OFF_COVER_OFF, 3)
            .takes(FactType.SHAFT_FEEL_WARM)
            .after("shaft.feel")
            .ask(
                "Turn the wheel again, warm, right after it quits.",
                "Let it run until it stops, kill the power, turn at once. Warm insulation shorts"
                    + " where cold does not."))
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT, Symptom.TRIPS_PROTECTION)
        .normal("FREE 1")
        .under(Fault.WINDING_WARM_SHORT, "COGGING 7 STIFF 3", "that is the fault")
        .under(Fault.WINDING_SLIGHT_SHORT, "COGGING 7 STIFF 3", "the hand feels a few turns")
        .under(Fault.WINDING_SHORT, "COGGING 55 STIFF 25 LOCKED 10 FREE 10", "shorts brake")
        .under(Fault.MODULE_OUTPUT_SHORTED, "COGGING 6 STIFF 3 LOCKED 1", "the output stage brakes")
        .answeredByWord();
  }

  static Check shaft() {
    return feel(check("shaft.feel", Suspect.BEARING, POWER_OFF_COVER_OFF, 1)
            .takes(FactType.SHAFT_FEEL)
            .ask(
                "Turn the wheel by hand. How does it feel?",
                "All still assembled. A full round both ways; slight, even detents are"
                    + " normal."))
        .normal("FREE 1")
        .under(Fault.MODULE_OUTPUT_SHORTED, "COGGING 6 STIFF 3 LOCKED 1", "the output stage brakes")
        .under(Fault.WINDING_SHORT, "COGGING 55 STIFF 25 LOCKED 10 FREE 10", "shorts brake")
        .under(Fault.WINDING_SLIGHT_SHORT, "COGGING 7 STIFF 3", "the hand feels a few turns")
        .under(Fault.WINDING_FRAME, "FREE 9 COGGING 1", "one touch to frame does not brake")
        .under(Fault.WINDING_WARM_SHORT, "FREE 8 COGGING 2", "cold it is free")
        .answeredByWord();
  }

  static Check shaftWheelOff() {
    return feelings(
            check("shaft.feel.wheel_off", Suspect.BEARING, ON_BENCH, 1)
                .takes(FactType.SHAFT_FEEL_WHEEL_OFF)
                .after("shaft.feel")
                .ask(
                    "Motor out of its wheel: turn the shaft.",
                    "This parts the bearings from the wheel."))
        .bad("GONE", "FREE", "Free now, the drag is gone")
        .normal("FREE 1")
        .under(Fault.WHEEL_JAMMED, "GONE 95 FREE 5", "the jam stayed with the wheel")
        .under(Fault.WHEEL_RUBBING, "GONE 5 FREE 5", "the rub stayed with the wheel")
        .under(Fault.BEARING_SEIZED, "LOCKED 9 STIFF 1", "that is the fault")
        .under(Fault.BEARING_DRAG, "STIFF 9 COGGING 1", "that is the fault")
        .under(Fault.BEARING_NOISY, "FREE 7 STIFF 3", "worn, but it turns")
        .under(Fault.WINDING_SHORT, "COGGING 55 STIFF 25 LOCKED 10 FREE 10", "shorts brake")
        .under(Fault.WINDING_SLIGHT_SHORT, "COGGING 7 STIFF 3", "the hand feels a few turns")
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            "COGGING 40 STIFF 20 LOCKED 5 GONE 30 FREE 5",
            "depends on whether the module is still on")
        .under(Fault.WINDING_WARM_SHORT, "FREE 8 COGGING 2", "cold it is free")
        .read(
            reading ->
                reading.dragGone(
                    FactType.SHAFT_FEEL_WHEEL_OFF,
                    FactType.SHAFT_FEEL_MODULE_OFF,
                    FactType.SHAFT_FEEL));
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
        .normal("FREE 1")
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
        .normal("CLEAR 96 RUBBING 4")
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
        .bad("COIL_FROZEN", "Coil frozen")
        .normal("CLEAR 88 FILTER_BLOCKED 8 COIL_BLOCKED 3 COIL_FROZEN 1")
        .under(
            Fault.AIR_BLOCKED,
            "FILTER_BLOCKED 50 COIL_BLOCKED 20 COIL_FROZEN 20 CLEAR 10",
            "a duct may be the cause, and is not seen here")
        .answeredByWord();
  }

  static Check staticPressure() {
    return check("static.inwc", Suspect.AIR_PATH, POWER_ON, 4)
        .takes(FactType.STATIC_INWC)
        .ask(
            "Measure external static pressure.",
            "Panels on, fan running: return side plus supply side.")
        .good("NORMAL", "Within the plate")
        .bad("HIGH", "Above the plate")
        .onlyFor(
            Symptom.LOW_AIRFLOW,
            Symptom.NOISE,
            Symptom.STARTS_THEN_STOPS,
            Symptom.CODE_BUT_RUNS,
            Symptom.NO_SPEED_CHANGE)
        .normal("NORMAL 92 HIGH 8")
        .under(Fault.AIR_BLOCKED, "HIGH 1", "what holds the air back raises the pressure")
        .under(Fault.WHEEL_LOOSE, "NORMAL 1", "little air, little pressure")
        .read(reading -> reading.staticPressure(CheckFigures.STATIC_LIMIT.value()));
  }

  private static Check.Builder command24(Check.Builder check) {
    return levels(check)
        .normal("GOOD 1 HIGH 0.02")
        .under(Fault.NO_CALL, "ABSENT 1", "no call, no command")
        .under(Fault.CONTROL_POWER, "ABSENT 7 LOW 3", "the command is the 24 V supply, switched")
        .under(Fault.BOARD_SILENT, "ABSENT 9 LOW 1", "that is the fault")
        .under(Fault.SUPPLY_OFF, "ABSENT 9 GOOD 1", "the 24 V may come from the other half")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "GOOD 6 LOW 3 HIGH 1", "24 V follows the line");
  }

  /** The answers of a voltage against its window. */
  static Check.Builder levels(Check.Builder check) {
    return check
        .good("GOOD", "In its window")
        .bad("LOW", "Too low")
        .bad("ABSENT", "Nothing there")
        .bad("HIGH", "Too high");
  }

  private static Check.Builder feelings(Check.Builder check) {
    return check
        .good("FREE", "Free")
        .bad("STIFF", "Stiff")
        .bad("COGGING", "Catches")
        .bad("LOCKED", "Locked");
  }

  private static Check.Builder feel(Check.Builder check) {
    return feelings(check)
        .under(Fault.BEARING_SEIZED, "LOCKED 9 STIFF 1", "that is the fault")
        .under(Fault.BEARING_DRAG, "STIFF 8 COGGING 2", "that is the fault")
        .under(Fault.BEARING_NOISY, "FREE 7 STIFF 3", "worn, but it turns")
        .under(Fault.WHEEL_JAMMED, "LOCKED 8 STIFF 2", "that is the fault")
        .under(Fault.WHEEL_RUBBING, "FREE 5 STIFF 4 COGGING 1", "depends on how hard it rubs")
        .under(Fault.WHEEL_LOOSE, "FREE 1", "the wheel turns on the shaft");
  }
}
