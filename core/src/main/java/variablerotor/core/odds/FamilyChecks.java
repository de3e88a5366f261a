package variablerotor.core.odds;

import static variablerotor.core.check.UnitState.CONTROL_PLUG_OUT;
import static variablerotor.core.check.UnitState.POWER_OFF_COVER_OFF;
import static variablerotor.core.check.UnitState.POWER_ON;
import static variablerotor.core.odds.Check.check;
import static variablerotor.core.odds.CommonChecks.levels;

import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;
import variablerotor.core.signal.Window;
import variablerotor.core.signal.Windows;

/**
 * Checks that only some families have, with their odds as in {@link CommonChecks}: the DC signals
 * of a five-wire fan, the link of a serial blower, a plug fan's own supply, a drive's output.
 */
final class FamilyChecks {
  private FamilyChecks() {}

  static Check bus() {
    return levels(
            check("bus.volts", Suspect.SUPPLY, POWER_ON, 1)
                .takes(FactType.BUS_VOLTS)
                .ask(
                    "Measure the DC bus at the motor plug.",
                    "Red to black as a rule: 270 to 350 V DC, fan-only call. The unit's diagram"
                        + " rules over the colours."))
        .normal("GOOD 1")
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "no power, no bus")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "LOW 8 HIGH 2", "the bus follows the line")
        .under(Fault.BOARD_NO_BUS, "ABSENT 8 LOW 2", "that is the fault")
        .under(Fault.MODULE_PULLS_DOWN, "ABSENT 6 LOW 4", "the motor shorts it")
        .measured(FactType.BUS_VOLTS, Windows.BUS, FactType.WINDOW_BUS);
  }

  /** Line at an outdoor fan, where a defrost contact stands in its way by design. */
  static Check lineThroughDefrost() {
    return CommonChecks.line(
        check("line.volts", Suspect.SUPPLY, POWER_ON, 1)
            .takes(FactType.LINE_VOLTS)
            .ask(
                "Measure line at the fan, contactor in, not in defrost.",
                "Defrost takes the line away by design. Below the normally closed defrost contact,"
                    + " between the fan's line leads."));
  }

  static Check serialLink() {
    return levels(
            check("link.volts", Suspect.COMMAND, CONTROL_PLUG_OUT, 1)
                .takes(FactType.LINK_VOLTS)
                .ask(
                    "Pull the control plug. Measure the link's DC supply.",
                    "From the board, motor unplugged. A meter sees only this supply, not the"
                        + " messages."))
        .normal("GOOD 1")
        .under(Fault.BOARD_SILENT, "ABSENT 9 LOW 1", "a dead board feeds no link")
        .under(Fault.CONTROL_POWER, "ABSENT 9 LOW 1", "the link hangs on the board's supply")
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "the link hangs on the board's supply")
        .under(Fault.HARNESS_OPEN, "ABSENT 9 LOW 1", "supply and messages share one cable")
        .measured(FactType.LINK_VOLTS, Windows.SERIAL_LINK, FactType.WINDOW_LINK);
  }

  static Check busUnplugged() {
    return levels(
            check("bus.volts.unplugged", Suspect.COMMAND, CONTROL_PLUG_OUT, 1)
                .takes(FactType.BUS_VOLTS_UNPLUGGED)
                .ask(
                    "Unplug the motor. Measure the bus at the board.",
                    "Comes back: the motor was shorting it. Stays away: the board."))
        .normal("GOOD 1")
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "no power, no bus")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "LOW 8 HIGH 2", "the bus follows the line")
        .under(Fault.BOARD_NO_BUS, "ABSENT 8 LOW 2", "that is the fault")
        .measured(FactType.BUS_VOLTS_UNPLUGGED, Windows.BUS, FactType.WINDOW_BUS);
  }

  static Check logic() {
    return levels(
            check("logic.volts", Suspect.COMMAND, POWER_ON, 1)
                .takes(FactType.LOGIC_VOLTS)
                .ask(
                    "Measure the logic supply at the motor plug.",
                    "White to black as a rule: 14 to 17 V DC."))
        .normal("GOOD 1")
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "no power, no logic supply")
        .under(Fault.BOARD_NO_LOGIC, "ABSENT 8 LOW 2", "that is the fault")
        .under(Fault.BOARD_NO_BUS, "GOOD 7 ABSENT 3", "often a supply of its own")
        .under(Fault.MODULE_PULLS_DOWN, "GOOD 7 ABSENT 2 LOW 1", "it may pull this down, too")
        .measured(FactType.LOGIC_VOLTS, Windows.LOGIC, FactType.WINDOW_LOGIC);
  }

  /** The same command at the board's or controller's own terminal. */
  static Check speedCommandAtBoard(Window window) {
    return command(
            check("command.volts.board", Suspect.COMMAND, POWER_ON, 1)
                .takes(FactType.COMMAND_VOLTS_BOARD)
                .ask(
                    "Measure the speed command at the board.",
                    "At the board's or controller's own terminal, while a call is made."))
        .measured(FactType.COMMAND_VOLTS_BOARD, window, FactType.WINDOW_COMMAND);
  }

  /** The DC speed command of a five-wire fan, or the 0-10 V of a plug fan, at the fan's end. */
  static Check speedCommand(Window window, String how) {
    return command(
            check("command.volts", Suspect.HARNESS, POWER_ON, 1)
                .takes(FactType.COMMAND_VOLTS)
                .ask("Measure the speed command at the fan's end.", how))
        .under(Fault.HARNESS_OPEN, "ABSENT 9 LOW 1", "the command is lost on its way")
        .under(Fault.HARNESS_PIN, "GOOD 6 ABSENT 4", "good behind the pin, gone at its tip")
        .measured(FactType.COMMAND_VOLTS, window, FactType.WINDOW_COMMAND);
  }

  static Check feedbackAtBoard() {
    return check("feedback.hertz.board", Suspect.HARNESS, POWER_ON, 1)
        .takes(FactType.FEEDBACK_HERTZ_BOARD)
        .ask(
            "Do the speed pulses reach the board?",
            "At the board's own end of the feedback wire, while it turns.")
        .good("PULSES", "Pulses")
        .bad("NONE", "No pulses")
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.CODE_BUT_RUNS, Symptom.INTERMITTENT)
        .normal("PULSES 1")
        .under(Fault.MODULE_MUTE, "NONE 1", "none are sent")
        .under(Fault.SETTING_SPEED_PROOF, "NONE 1", "this motor sends none")
        .under(Fault.HARNESS_FEEDBACK, "NONE 1", "that is the fault")
        .under(Fault.HARNESS_PIN, "PULSES 6 NONE 4", "depends on which pin")
        .under(Fault.BOARD_NO_LOGIC, "NONE 7 PULSES 3", "the pulses need that supply")
        .under(Fault.BOARD_NO_BUS, "PULSES 7 NONE 3", "turned by hand it still gives them")
        .under(Fault.SUPPLY_OFF, "NONE 8 PULSES 2", "no power, no pulses")
        .under(Fault.SUPPLY_LINE_LOST, "NONE 8 PULSES 2", "no power, no pulses")
        .under(Fault.MODULE_FADING, "PULSES 9 NONE 1", "it works at times")
        .read(reading -> reading.pulses(FactType.FEEDBACK_HERTZ_BOARD));
  }

  static Check serialLinkAtBoard() {
    return levels(
            check("link.volts.board", Suspect.HARNESS, CONTROL_PLUG_OUT, 1)
                .takes(FactType.LINK_VOLTS_BOARD)
                .ask(
                    "Measure the link's supply at the board's own terminal.",
                    "Present there and missing at the plug: the cable. Missing there: the board."))
        .normal("GOOD 1")
        .under(Fault.BOARD_SILENT, "ABSENT 9 LOW 1", "a dead board feeds no link")
        .under(Fault.CONTROL_POWER, "ABSENT 9 LOW 1", "the link hangs on the board's supply")
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "the link hangs on the board's supply")
        .measured(FactType.LINK_VOLTS_BOARD, Windows.SERIAL_LINK, FactType.WINDOW_LINK);
  }

  static Check voltageLink() {
    return check("link.voltage_jumper", Suspect.SETTING, POWER_OFF_COVER_OFF, 1)
        .takes(FactType.LINK_VOLTAGE_JUMPER)
        .ask(
            "Look for the 115 V link in the power plug.",
            "Usually in for 115 V, out for 208-230 V; the motor's own sheet rules. The wrong way"
                + " destroys it.")
        .good("RIGHT", "As the voltage asks")
        .bad("WRONG", "Wrong for this voltage")
        .normal("RIGHT 1")
        .under(Fault.SETTING_LINK, "WRONG 1", "that is the fault")
        .read(WaysToAnswer::voltageLink);
  }

  static Check aux() {
    return levels(
            check("aux.volts", Suspect.MODULE, POWER_ON, 1)
                .takes(FactType.AUX_VOLTS)
                .ask(
                    "Measure the fan's own 10 V supply out.",
                    "With all phases present, no 10 V means dead electronics."))
        .normal("GOOD 1")
        .under(Fault.MODULE_DEAD, "ABSENT 6 GOOD 3 LOW 1", "dead electronics make no 10 V")
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "no power, no 10 V")
        .under(Fault.SUPPLY_LINE_LOST, "ABSENT 8 GOOD 2", "made from the phases")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "GOOD 7 ABSENT 3", "it may shut down")
        .measured(FactType.AUX_VOLTS, Windows.AUX, FactType.WINDOW_AUX);
  }

  static Check feedback() {
    return check("feedback.hertz", Suspect.MODULE, POWER_ON, 2)
        .takes(FactType.FEEDBACK_HERTZ, FactType.POLE_PAIRS)
        .ask(
            "Turn it, or let it run: are there speed pulses?",
            "On the feedback wire. They must change with speed, and with a slow turn by hand. With"
                + " the pole pairs, if the plate or the sheet tells them, they give the speed.")
        .good("PULSES", "Pulses")
        .bad("NONE", "No pulses")
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.CODE_BUT_RUNS, Symptom.INTERMITTENT)
        .normal("PULSES 1")
        .under(Fault.MODULE_MUTE, "NONE 1", "that is the fault")
        .under(Fault.SETTING_SPEED_PROOF, "NONE 1", "this motor sends none")
        .under(Fault.HARNESS_FEEDBACK, "PULSES 9 NONE 1", "the break is further on")
        .under(Fault.HARNESS_PIN, "PULSES 6 NONE 4", "depends on which pin")
        .under(Fault.BOARD_NO_LOGIC, "NONE 7 PULSES 3", "the pulses need that supply")
        .under(Fault.BOARD_NO_BUS, "PULSES 7 NONE 3", "turned by hand it still gives them")
        .under(Fault.SUPPLY_OFF, "NONE 8 PULSES 2", "no power, no pulses")
        .under(Fault.SUPPLY_LINE_LOST, "NONE 8 PULSES 2", "no power, no pulses")
        .under(Fault.MODULE_FADING, "PULSES 9 NONE 1", "it works at times")
        .read(reading -> reading.pulses(FactType.FEEDBACK_HERTZ));
  }

  static Check driveOutput() {
    return check("drive.output", Suspect.DRIVE, POWER_ON, 2)
        .takes(FactType.DRIVE_OUTPUT_AB, FactType.DRIVE_OUTPUT_BC, FactType.DRIVE_OUTPUT_CA)
        .ask(
            "Measure the drive's output, with a run command.",
            "Three pairs, meter with a low-pass mode; or read the drive's display.")
        .good("EQUAL", "Three equal voltages")
        .bad("UNEQUAL", "Not equal")
        .bad("ABSENT", "Nothing out")
        .onlyFor(
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.TRIPS_PROTECTION)
        .normal("EQUAL 1")
        .under(Fault.DRIVE_DEAD, "ABSENT 8 UNEQUAL 2", "that is the fault")
        .under(Fault.SETTING_DRIVE, "ABSENT 1", "a lock or a setting keeps it off")
        .under(Fault.NO_CALL, "ABSENT 1", "no run command")
        .under(Fault.BOARD_SILENT, "ABSENT 1", "no run command")
        .under(Fault.CONTROL_POWER, "ABSENT 1", "no run command")
        .under(Fault.HARNESS_OPEN, "ABSENT 1", "the run command is lost on its way")
        .under(Fault.HARNESS_PIN, "ABSENT 6 EQUAL 4", "before the drive or behind it")
        .under(Fault.SUPPLY_OFF, "ABSENT 1", "no power")
        .under(Fault.SUPPLY_LINE_LOST, "ABSENT 9 UNEQUAL 1", "it stops on a lost phase")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "ABSENT 7 EQUAL 3", "it may stop")
        .under(Fault.WINDING_SHORT, "ABSENT 7 UNEQUAL 2 EQUAL 1", "it stops on overcurrent")
        .under(Fault.WINDING_FRAME, "ABSENT 8 EQUAL 2", "it stops on a path to earth")
        .under(Fault.WINDING_WARM_SHORT, "ABSENT 7 EQUAL 3", "it stops on overcurrent, warm")
        .under(Fault.WINDING_OPEN, "EQUAL 5 ABSENT 5", "it may stop on a lost output phase")
        .under(Fault.WINDING_JOINT, "EQUAL 7 ABSENT 3", "it may stop")
        .under(Fault.BEARING_SEIZED, "ABSENT 7 EQUAL 3", "it stops on overload")
        .under(Fault.BEARING_DRAG, "EQUAL 7 ABSENT 3", "it stops on overload")
        .under(Fault.WHEEL_JAMMED, "ABSENT 7 EQUAL 3", "it stops on overload")
        .read(WaysToAnswer::driveOutput);
  }

  static Check driveFault() {
    return check("drive.fault", Suspect.DRIVE, POWER_ON, 0.5)
        .takes(FactType.DRIVE_FAULT)
        .ask("Does the drive show a fault?", "Lamp or display. Note its text before it clears.")
        .good("NO", "No fault shown")
        .bad("YES", "A fault shown")
        .normal("NO 1")
        .under(Fault.DRIVE_DEAD, "YES 6 NO 4", "dead ones may show nothing")
        .under(Fault.SUPPLY_LINE_LOST, "YES 7 NO 3", "a lost phase")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "YES 8 NO 2", "over or under voltage")
        .under(Fault.WINDING_SHORT, "YES 1", "overcurrent")
        .under(Fault.WINDING_FRAME, "YES 1", "a path to earth")
        .under(Fault.WINDING_WARM_SHORT, "YES 8 NO 2", "overcurrent, warm")
        .under(Fault.WINDING_OPEN, "YES 6 NO 4", "a lost output phase")
        .under(Fault.WINDING_JOINT, "YES 4 NO 6", "unequal currents")
        .under(Fault.BEARING_SEIZED, "YES 9 NO 1", "overload")
        .under(Fault.BEARING_DRAG, "YES 6 NO 4", "overload")
        .under(Fault.WHEEL_JAMMED, "YES 9 NO 1", "overload")
        .answeredByYesOrNo();
  }

  static Check driveStatus() {
    return check("drive.status", Suspect.DRIVE, POWER_ON, 1)
        .takes(FactType.DRIVE_STATUS)
        .ask(
            "Read the drive's display, with a run command.",
            "Ready, held off by an input or a lock, a fault, or dark? Read its inputs and sensors"
                + " before you condemn it.")
        .good("READY", "Ready or running")
        .bad("HELD_OFF", "Held off")
        .bad("FAULT", "A fault")
        .bad("DARK", "Dark")
        .onlyFor(Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT)
        .normal("READY 1")
        .under(Fault.SETTING_DRIVE, "HELD_OFF 9 READY 1", "that is the fault")
        .under(Fault.DRIVE_DEAD, "DARK 4 FAULT 4 READY 2", "dead ones may still light up")
        .under(Fault.NO_CALL, "READY 5 HELD_OFF 5", "no run command")
        .under(Fault.CONTROL_POWER, "READY 5 HELD_OFF 5", "no run command")
        .under(Fault.BOARD_SILENT, "READY 5 HELD_OFF 5", "no run command")
        .under(Fault.HARNESS_OPEN, "READY 5 HELD_OFF 5", "no run command")
        .under(Fault.HARNESS_PIN, "READY 6 HELD_OFF 4", "the command may be lost")
        .under(Fault.SUPPLY_OFF, "DARK 1", "no power")
        .under(Fault.SUPPLY_LINE_LOST, "FAULT 6 DARK 4", "a lost phase")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "FAULT 8 READY 2", "over or under voltage")
        .under(Fault.WINDING_SHORT, "FAULT 1", "overcurrent")
        .under(Fault.WINDING_FRAME, "FAULT 1", "a path to earth")
        .under(Fault.WINDING_OPEN, "FAULT 6 READY 4", "a lost output phase")
        .under(Fault.WINDING_JOINT, "FAULT 4 READY 6", "unequal currents")
        .under(Fault.WINDING_WARM_SHORT, "FAULT 8 READY 2", "overcurrent, warm")
        .under(Fault.BEARING_SEIZED, "FAULT 9 READY 1", "overload")
        .under(Fault.BEARING_DRAG, "FAULT 6 READY 4", "overload")
        .under(Fault.WHEEL_JAMMED, "FAULT 9 READY 1", "overload")
        .under(Fault.WHEEL_RUBBING, "READY 8 FAULT 2", "overload")
        .answeredByWord();
  }

  static Check bypass() {
    return check("run.bypass", Suspect.WINDING, POWER_ON, 10)
        .takes(FactType.RUN_BYPASS)
        .ask(
            "Run the motor across the line by the bypass.",
            "Change the maker's links with the power off and proved dead. Full speed: watch amps.")
        .good("RUNS", "Runs")
        .bad("STILL", "Stays still")
        .onlyFor(Symptom.NO_RUN)
        .normal("RUNS 1")
        .under(Fault.SUPPLY_OFF, "STILL 1", "no power")
        .under(Fault.SUPPLY_LINE_LOST, "STILL 1", "a phase is gone")
        .under(Fault.HARNESS_PIN, "RUNS 6 STILL 4", "the pin may be a motor lead's")
        .under(Fault.SUPPLY_OUT_OF_RANGE, "RUNS 6 STILL 4", "it may just do")
        .under(Fault.WINDING_SHORT, "STILL 1", "it would trip or hum")
        .under(Fault.WINDING_FRAME, "STILL 1", "it would trip")
        .under(Fault.WINDING_OPEN, "STILL 1", "it hums")
        .under(Fault.WINDING_JOINT, "STILL 1", "one that keeps it still does so here, too")
        .under(Fault.BEARING_SEIZED, "STILL 1", "it cannot turn")
        .under(Fault.WHEEL_JAMMED, "STILL 1", "it cannot turn")
        .answeredByWord();
  }

  private static Check.Builder command(Check.Builder check) {
    return levels(check)
        .normal("GOOD 1")
        .under(Fault.NO_CALL, "ABSENT 9 LOW 1", "nobody asks")
        .under(Fault.CONTROL_POWER, "ABSENT 9 LOW 1", "no supply, no command")
        .under(Fault.BOARD_SILENT, "ABSENT 9 LOW 1", "that is the fault")
        .under(Fault.BOARD_NO_LOGIC, "GOOD 5 ABSENT 5", "depends on what feeds it")
        .under(Fault.SUPPLY_OFF, "ABSENT 7 GOOD 3", "a controller may have a supply of its own");
  }
}
