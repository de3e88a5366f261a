package variablerotor.core.likelihood;

import static variablerotor.core.check.UnitState.CONTROL_PLUG_OUT;
import static variablerotor.core.check.UnitState.MODULE_OFF;
import static variablerotor.core.check.UnitState.ON_BENCH;
import static variablerotor.core.check.UnitState.POWER_OFF_COVER_OFF;
import static variablerotor.core.check.UnitState.POWER_ON;
import static variablerotor.core.fact.Answer.*;
import static variablerotor.core.likelihood.Check.check;
import static variablerotor.core.likelihood.CommonChecks.levels;
import static variablerotor.core.likelihood.Often.always;
import static variablerotor.core.likelihood.Often.often;

import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;
import variablerotor.core.signal.Window;
import variablerotor.core.signal.Windows;

/**
 * Checks that only some families have, with their likelihood as in {@link CommonChecks}: the DC
 * signals of a five-wire fan, the link of a serial blower, a plug fan's own supply, a drive's
 * output.
 */
final class FamilyChecks {
  private FamilyChecks() {}

  static Check bus() {
    return levels(
            check("bus.volts", Suspect.SUPPLY, POWER_ON, 1)
                .takes(FactType.BUS_VOLTS)
                .ask(
                    "Measure the DC bus at the motor plug.",
                    "Red to black as a rule, 270 to 350 V DC, fan-only call. Black is bus negative,"
                        + " never earth: not to the chassis. The unit's diagram rules over the"
                        + " colours."))
        .normal(always(GOOD))
        .effect(often(GOOD, 5).or(ABSENT, 5), CommonChecks.TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power, no bus")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(LOW, 8).or(HIGH, 2), "the bus follows the line")
        .under(Fault.BOARD_NO_BUS, often(ABSENT, 8).or(LOW, 2), "that is the fault")
        .under(Fault.MODULE_PULLS_DOWN, often(ABSENT, 6).or(LOW, 4), "the motor shorts it")
        .bad(LOST, "Nothing, and there at the board")
        .finding(LOST)
        .under(Fault.HARNESS_BUS, often(ABSENT, 7).or(LOST, 2).or(LOW, 1), "that is the fault")
        .under(
            Fault.HARNESS_GROUND,
            often(ABSENT, 6).or(LOST, 2).or(LOW, 2),
            "nothing to measure against")
        .arrives(FactType.BUS_VOLTS, FactType.BUS_VOLTS_BOARD, Windows.BUS, FactType.WINDOW_BUS);
  }

  /** Line at an outdoor fan, where a defrost contact stands in its way by design. */
  static Check lineThroughDefrost() {
    return CommonChecks.switchedLine(
            check("line.volts", Suspect.SUPPLY, POWER_ON, 1)
                .takes(FactType.LINE_VOLTS)
                .ask(
                    "Measure line at the fan, contactor in, not in defrost.",
                    "Defrost takes the line away by design. Below the normally closed defrost"
                        + " contact, between the fan's line leads."))
        .under(Fault.CONTACTOR_OPEN, often(ABSENT, 9).or(LOW, 1), "it stands in the line's way")
        .under(Fault.DEFROST_STUCK, always(ABSENT), "it stands in the line's way")
        .under(Fault.HELD_OFF_BY_DEFROST, always(ABSENT), "by design")
        .under(Fault.NO_CALL, always(ABSENT), "no call, no contactor, no line")
        .under(Fault.SAFETY_OPEN, always(ABSENT), "no call, no contactor, no line")
        .under(Fault.CONTROL_POWER, always(ABSENT), "the contactor's coil hangs on the 24 V")
        .under(Fault.CONTROL_SAGS, often(ABSENT, 6).or(GOOD, 4), "the contactor may drop out")
        .read(WaysToAnswer::line);
  }

  static Check contactor() {
    return check("contactor.volts", Suspect.SUPPLY, POWER_ON, 1)
        .takes(FactType.CONTACTOR_VOLTS)
        .ask(
            "Measure the contactor's load side, with a call.",
            "Between its two load terminals. Nothing there without a call is as it should be.")
        .good(GOOD, "Line there")
        .bad(LOW, "Too low")
        .bad(ABSENT, "Nothing there")
        .bad(HIGH, "Too high")
        .question(EDGE, "Just outside")
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        .normal(always(GOOD))
        .effect(often(GOOD, 5).or(ABSENT, 5), CommonChecks.TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power in the unit")
        .under(
            Fault.SUPPLY_LINE_LOST,
            often(GOOD, 6).or(ABSENT, 3).or(LOW, 1),
            "before it or behind it")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(LOW, 8).or(HIGH, 2), "the line itself")
        .under(Fault.CONTACTOR_OPEN, often(ABSENT, 8).or(LOW, 2), "that is the fault")
        .under(Fault.NO_CALL, always(ABSENT), "nobody calls it in")
        .under(Fault.SAFETY_OPEN, always(ABSENT), "nobody calls it in")
        .under(Fault.CONTROL_POWER, always(ABSENT), "its coil hangs on the 24 V")
        .under(Fault.CONTROL_SAGS, often(ABSENT, 6).or(GOOD, 4), "it may drop out")
        .read(WaysToAnswer::contactor);
  }

  static Check contactorLook() {
    return check("contactor.look", Suspect.SUPPLY, POWER_ON, 1)
        .takes(FactType.CONTACTOR_LOOK)
        .ask(
            "Look at the contactor while it is called.",
            "Pulled in or not, burnt or stuck. Only look: it is live.")
        .good(PULLED_IN, "Pulled in")
        .bad(NOT_PULLED_IN, "Not pulled in")
        .bad(BURNT, "Burnt")
        .bad(STUCK, "Stuck")
        .seen()
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        .normal(often(PULLED_IN, 96).or(BURNT, 3).or(NOT_PULLED_IN, 1))
        .under(
            Fault.CONTACTOR_OPEN,
            often(BURNT, 4).or(NOT_PULLED_IN, 5).or(PULLED_IN, 1),
            "that is the fault")
        .under(
            Fault.SUPPLY_OFF,
            often(NOT_PULLED_IN, 6).or(PULLED_IN, 4),
            "its coil may hang on the same power")
        .under(Fault.NO_CALL, always(NOT_PULLED_IN), "nobody calls it in")
        .under(Fault.SAFETY_OPEN, always(NOT_PULLED_IN), "nobody calls it in")
        .under(Fault.CONTROL_POWER, always(NOT_PULLED_IN), "its coil hangs on the 24 V")
        .under(Fault.CONTROL_SAGS, often(NOT_PULLED_IN, 6).or(PULLED_IN, 4), "it may drop out")
        .answeredByWord();
  }

  static Check auxAtBoard() {
    return levels(
            check("aux.volts.board", Suspect.HARNESS, POWER_ON, 1)
                .takes(FactType.AUX_VOLTS_BOARD)
                .ask(
                    "Measure the fan's 10 V at the controller's end.",
                    "There at the fan and gone here: a wire between."))
        .normal(always(GOOD))
        .under(Fault.HARNESS_OPEN, often(ABSENT, 4).or(GOOD, 6), "its wire, or another one")
        .under(Fault.HARNESS_PIN, often(GOOD, 7).or(ABSENT, 3), "depends on which pin")
        .under(Fault.AUX_PULLED_DOWN, often(LOW, 6).or(ABSENT, 4), "what hangs on it pulls it down")
        .under(
            Fault.MODULE_DEAD,
            often(ABSENT, 6).or(GOOD, 3).or(LOW, 1),
            "dead electronics make no 10 V")
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power, no 10 V")
        .under(Fault.SUPPLY_LINE_LOST, often(ABSENT, 8).or(GOOD, 2), "made from the phases")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(GOOD, 7).or(ABSENT, 3), "it may shut down")
        .effect(often(GOOD, 5).or(ABSENT, 5), CommonChecks.TRIPPED, Symptom.TRIPS_PROTECTION)
        .measured(FactType.AUX_VOLTS_BOARD, Windows.AUX, FactType.WINDOW_AUX);
  }

  static Check drivePermits() {
    return check("drive.permits", Suspect.SETTING, POWER_ON, 3)
        .takes(FactType.DRIVE_PERMITS)
        .ask(
            "Go through the drive's sensors and permits: is each given?",
            "Pressure, temperature, damper end switch, smoke, the run permit: on its display or at"
                + " its terminals.")
        .good(GIVEN, "All given")
        .bad(MISSING, "One is missing")
        .seen()
        .normal(often(GIVEN, 97).or(MISSING, 3))
        .under(Fault.SETTING_DRIVE, often(MISSING, 7).or(GIVEN, 3), "it may be a parameter as well")
        .under(Fault.SETTING_TRIP, often(MISSING, 9).or(GIVEN, 1), "that is the fault")
        .under(
            Fault.SAFETY_OPEN, often(MISSING, 7).or(GIVEN, 3), "one of them is the safety string")
        .answeredByWord();
  }

  static Check defrostContact() {
    return check("defrost.contact", Suspect.SUPPLY, POWER_ON, 1)
        .takes(FactType.DEFROST_CONTACT)
        .ask(
            "Is the defrost contact closed?",
            "Line across it means that it is open. In defrost it is open by design.")
        .good(CLOSED, "Closed")
        .bad(OPEN, "Open")
        .finding(OPEN)
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        .normal(always(CLOSED))
        .effect(
            often(CLOSED, 9).or(OPEN, 1), "it may be in defrost just now", Symptom.TRIPS_PROTECTION)
        .under(Fault.DEFROST_STUCK, always(OPEN), "that is the fault")
        .under(Fault.HELD_OFF_BY_DEFROST, always(OPEN), "by design")
        .answeredByWord();
  }

  static Check defrostActive() {
    return check("defrost.active", Suspect.SUPPLY, POWER_ON, 1)
        .takes(FactType.DEFROST_ACTIVE)
        .ask(
            "Is the unit in defrost?",
            "Outdoor coil iced or steaming, fan off, compressor on: wait until it is over.")
        .good(NO, "Not in defrost")
        .bad(YES, "In defrost")
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT, Symptom.STARTS_THEN_STOPS)
        .normal(often(NO, 98).or(YES, 2))
        .under(Fault.HELD_OFF_BY_DEFROST, always(YES), "that is why")
        .answeredByYesOrNo();
  }

  /** The call of an outdoor unit comes from indoors, by another supply than the fan's. */
  static Check callFromIndoors() {
    return CommonChecks.callTo("board")
        .under(Fault.SUPPLY_OFF, often(YES, 9).or(NO, 1), "it comes from indoors")
        .answeredByYesOrNo();
  }

  static Check serialLink() {
    return levels(
            check("link.volts", Suspect.COMMAND, CONTROL_PLUG_OUT, 1)
                .takes(FactType.LINK_VOLTS)
                .ask(
                    "Pull the control plug. Measure the link's DC supply.",
                    "From the board, motor unplugged. A meter sees only this supply, not the"
                        + " messages."))
        .normal(always(GOOD))
        .under(Fault.BOARD_SILENT, often(ABSENT, 9).or(LOW, 1), "a dead board feeds no link")
        .under(
            Fault.CONTROL_POWER,
            often(ABSENT, 9).or(LOW, 1),
            "the link hangs on the board's supply")
        .under(
            Fault.CONTROL_SAGS, often(ABSENT, 5).or(LOW, 5), "the link hangs on the board's supply")
        .under(
            Fault.SETTING_TAP, often(ABSENT, 5).or(LOW, 5), "the link hangs on the board's supply")
        .under(Fault.SUPPLY_OFF, always(ABSENT), "the link hangs on the board's supply")
        .bad(LOST, "Nothing, and there at the board")
        .finding(LOST)
        .under(
            Fault.HARNESS_OPEN,
            often(ABSENT, 5).or(LOST, 2).or(LOW, 1).or(GOOD, 2),
            "a wire of the supply, or one of the messages")
        .under(Fault.HARNESS_PIN, often(GOOD, 6).or(ABSENT, 3).or(LOST, 1), "one of four pins")
        .arrives(
            FactType.LINK_VOLTS,
            FactType.LINK_VOLTS_BOARD,
            Windows.SERIAL_LINK,
            FactType.WINDOW_LINK);
  }

  static Check busUnplugged() {
    return levels(
            check("bus.volts.unplugged", Suspect.COMMAND, CONTROL_PLUG_OUT, 1)
                .takes(FactType.BUS_VOLTS_UNPLUGGED)
                .ask(
                    "Unplug the motor. Measure the bus at the board.",
                    "Comes back: the motor was shorting it. Stays away: the board."))
        .bad(COMES_BACK, "Comes back")
        .finding(COMES_BACK)
        .normal(always(GOOD))
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power, no bus")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(LOW, 8).or(HIGH, 2), "the bus follows the line")
        .under(Fault.BOARD_NO_BUS, often(ABSENT, 8).or(LOW, 2), "that is the fault")
        .under(Fault.MODULE_PULLS_DOWN, often(GOOD, 5).or(COMES_BACK, 5), "the motor shorted it")
        .under(Fault.HARNESS_BUS, often(GOOD, 5).or(COMES_BACK, 5), "it never reached the plug")
        .under(Fault.HARNESS_GROUND, often(GOOD, 5).or(COMES_BACK, 5), "it never reached the plug")
        .comesBack(
            FactType.BUS_VOLTS_UNPLUGGED, FactType.BUS_VOLTS, Windows.BUS, FactType.WINDOW_BUS);
  }

  static Check busAtBoard() {
    return levels(
            check("bus.volts.board", Suspect.HARNESS, POWER_ON, 1)
                .takes(FactType.BUS_VOLTS_BOARD)
                .afterAnswer("bus.volts", ABSENT, LOW, EDGE)
                .ask(
                    "Measure the bus at the board, motor plugged in.",
                    "There at the board and not at the motor's plug: a pin or a wire between."))
        .normal(always(GOOD))
        .effect(often(GOOD, 5).or(ABSENT, 5), CommonChecks.TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power, no bus")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(LOW, 8).or(HIGH, 2), "the bus follows the line")
        .under(Fault.BOARD_NO_BUS, often(ABSENT, 8).or(LOW, 2), "that is the fault")
        .under(Fault.MODULE_PULLS_DOWN, often(ABSENT, 6).or(LOW, 4), "the motor shorts it")
        .measured(FactType.BUS_VOLTS_BOARD, Windows.BUS, FactType.WINDOW_BUS);
  }

  static Check logicUnplugged() {
    return levels(
            check("logic.volts.unplugged", Suspect.COMMAND, CONTROL_PLUG_OUT, 1)
                .takes(FactType.LOGIC_VOLTS_UNPLUGGED)
                .afterAnswer("logic.volts", ABSENT, LOW, EDGE)
                .ask(
                    "Unplug the motor. Measure the logic supply at the board.",
                    "Comes back: the motor was shorting it. Stays away: the board."))
        .bad(COMES_BACK, "Comes back")
        .finding(COMES_BACK)
        .normal(always(GOOD))
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power, no logic supply")
        .under(Fault.BOARD_NO_LOGIC, often(ABSENT, 8).or(LOW, 2), "that is the fault")
        .under(Fault.BOARD_NO_BUS, often(GOOD, 7).or(ABSENT, 3), "often a supply of its own")
        .under(Fault.MODULE_PULLS_LOGIC, often(GOOD, 5).or(COMES_BACK, 5), "the motor shorted it")
        .under(
            Fault.MODULE_PULLS_DOWN, often(GOOD, 7).or(COMES_BACK, 3), "it may pull this down, too")
        .under(Fault.HARNESS_GROUND, often(GOOD, 5).or(COMES_BACK, 5), "it never reached the plug")
        .under(Fault.HARNESS_PIN, often(GOOD, 8).or(COMES_BACK, 2), "one of five pins")
        .comesBack(
            FactType.LOGIC_VOLTS_UNPLUGGED,
            FactType.LOGIC_VOLTS,
            Windows.LOGIC,
            FactType.WINDOW_LOGIC);
  }

  static Check logic() {
    return levels(
            check("logic.volts", Suspect.COMMAND, POWER_ON, 1)
                .takes(FactType.LOGIC_VOLTS)
                .ask(
                    "Measure the logic supply at the motor plug.",
                    "White to black as a rule: 14 to 17 V DC. Black is bus negative, never earth."))
        .normal(always(GOOD))
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power, no logic supply")
        .under(Fault.BOARD_NO_LOGIC, often(ABSENT, 8).or(LOW, 2), "that is the fault")
        .under(Fault.BOARD_NO_BUS, often(GOOD, 7).or(ABSENT, 3), "often a supply of its own")
        .effect(often(GOOD, 5).or(ABSENT, 5), CommonChecks.TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(
            Fault.MODULE_PULLS_DOWN,
            often(GOOD, 7).or(ABSENT, 2).or(LOW, 1),
            "it may pull this down, too")
        .under(Fault.MODULE_PULLS_LOGIC, often(ABSENT, 6).or(LOW, 4), "the motor shorts it")
        .under(Fault.HARNESS_GROUND, often(ABSENT, 8).or(LOW, 2), "nothing to measure against")
        .under(Fault.HARNESS_PIN, often(GOOD, 8).or(ABSENT, 2), "one of five pins")
        .measured(FactType.LOGIC_VOLTS, Windows.LOGIC, FactType.WINDOW_LOGIC);
  }

  /** The same command at the board's or controller's own terminal. */
  static Check speedCommandAtBoard(Window window, boolean proves) {
    return speedCommandAtBoard(window, proves, false);
  }

  /**
   * @param ownSupply whether it may be made from the fan's own 10 V
   */
  static Check speedCommandAtBoard(Window window, boolean proves, boolean ownSupply) {
    Check.Builder check =
        CommonChecks.silent(
                proves,
                command(
                    proves,
                    check("command.volts.board", Suspect.COMMAND, POWER_ON, 1)
                        .takes(FactType.COMMAND_VOLTS_BOARD)
                        .ask(
                            "Measure the speed command at the board.",
                            "At the board's or controller's own terminal, while a call is made.")))
            .under(
                Fault.AUX_PULLED_DOWN,
                often(ABSENT, 5).or(SILENT, 2).or(LOW, 2).or(GOOD, 1),
                "made from the fan's own 10 V");
    return (ownSupply
            ? check.under(
                Fault.MODULE_DEAD, often(GOOD, 70).or(ABSENT, 20).or(SILENT, 10), FROM_ITS_OWN)
            : check)
        .command(FactType.COMMAND_VOLTS_BOARD, window);
  }

  /** A command that is a duty cycle [%]. */
  static Check dutyCycle() {
    return otherKind(FactType.COMMAND_DUTY, DUTY_CYCLE)
        .ask("Measure the duty cycle of the command.", "At the motor's end, with a call on: in %.")
        .read(reading -> reading.otherCommand(FactType.COMMAND_DUTY));
  }

  /** A command that is a current [mA]. */
  static Check currentLoop() {
    return otherKind(FactType.COMMAND_MILLIAMPS, CURRENT_LOOP)
        .ask("Measure the current of the command.", "In series, with a call on: 4 to 20 mA.")
        .read(reading -> reading.otherCommand(FactType.COMMAND_MILLIAMPS));
  }

  private static Check.Builder otherKind(FactType type, Answer kind) {
    return command(
            false,
            check(type.id(), Suspect.HARNESS, POWER_ON, 2)
                .takes(type)
                .afterAnswer("command.kind", kind))
        .under(Fault.HARNESS_OPEN, always(ABSENT), "the command is lost on its way")
        .under(
            Fault.HARNESS_PIN,
            often(GOOD, 6).or(ABSENT, 4),
            "good behind the pin, gone at its tip");
  }

  static Check commandAfterReset(Window window) {
    return CommonChecks.afterReset(
            command(
                false,
                check("command.volts.reset", Suspect.COMMAND, POWER_ON, 3)
                    .takes(FactType.COMMAND_VOLTS_RESET)))
        .measured(FactType.COMMAND_VOLTS_RESET, window, FactType.WINDOW_COMMAND);
  }

  /** The DC speed command of a five-wire fan, or the 0-10 V of a plug fan or a drive. */
  static Check speedCommand(Window window, String where, String how, boolean proves) {
    return speedCommandTo(where, how, proves).command(FactType.COMMAND_VOLTS, window);
  }

  /** Where a potentiometer may make it from the fan's own 10 V, which a dead fan does not give. */
  static Check speedCommandOfFan(String how) {
    return speedCommandTo("the fan's end", how, false)
        .under(Fault.MODULE_DEAD, often(GOOD, 7).or(ABSENT, 3), FROM_ITS_OWN)
        .command(FactType.COMMAND_VOLTS, Windows.PLUG_COMMAND);
  }

  private static final String FROM_ITS_OWN = "a potentiometer on its own 10 V has nothing to give";

  private static Check.Builder speedCommandTo(String where, String how, boolean proves) {
    return command(
            proves,
            check("command.volts", Suspect.HARNESS, POWER_ON, 1)
                .takes(FactType.COMMAND_VOLTS)
                .ask("Measure the speed command at " + where + ".", how))
        .bad(BACKFED, "There, but not at the board")
        .under(
            Fault.HARNESS_CROSSED,
            often(BACKFED, 7).or(GOOD, 2).or(ABSENT, 1),
            "another wire feeds it")
        .bad(LOST, "Nothing, and there at the board")
        .finding(LOST)
        .under(
            Fault.HARNESS_OPEN,
            often(ABSENT, 70).or(LOST, 20).or(LOW, 10),
            "the command is lost on its way")
        .under(
            Fault.HARNESS_PIN,
            often(GOOD, 60).or(ABSENT, 28).or(LOST, 12),
            "good behind the pin, gone at its tip")
        .under(
            Fault.HARNESS_GROUND,
            often(ABSENT, 6).or(LOST, 2).or(LOW, 2),
            "nothing to measure against");
  }

  static Check feedbackAtBoard() {
    return check("feedback.hertz.board", Suspect.HARNESS, POWER_ON, 1)
        .takes(FactType.FEEDBACK_HERTZ_BOARD)
        .ask(
            "Do the speed pulses reach the board?",
            "At the board's own end of the feedback wire, while it turns.")
        .good(PULSES, "Pulses")
        .bad(NONE, "No pulses")
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.CODE_BUT_RUNS, Symptom.INTERMITTENT)
        .normal(always(PULSES))
        .under(Fault.MODULE_MUTE, always(NONE), "none are sent")
        .under(Fault.SETTING_SPEED_PROOF, always(NONE), "this motor sends none")
        .under(Fault.HARNESS_FEEDBACK, always(NONE), "that is the fault")
        .under(Fault.HARNESS_PIN, often(PULSES, 6).or(NONE, 4), "depends on which pin")
        .under(Fault.BOARD_NO_LOGIC, often(NONE, 7).or(PULSES, 3), "the pulses need that supply")
        .under(
            Fault.BOARD_NO_BUS, often(PULSES, 7).or(NONE, 3), "turned by hand it still gives them")
        .under(Fault.SUPPLY_OFF, often(NONE, 8).or(PULSES, 2), "no power, no pulses")
        .under(Fault.SUPPLY_LINE_LOST, often(NONE, 8).or(PULSES, 2), "no power, no pulses")
        .under(Fault.MODULE_FADING, often(PULSES, 9).or(NONE, 1), "it works at times")
        .read(reading -> reading.pulses(FactType.FEEDBACK_HERTZ_BOARD));
  }

  static Check serialLinkAtBoard() {
    return levels(
            check("link.volts.board", Suspect.HARNESS, CONTROL_PLUG_OUT, 1)
                .takes(FactType.LINK_VOLTS_BOARD)
                .ask(
                    "Measure the link's supply at the board's own terminal.",
                    "Present there and missing at the plug: the cable. Missing there: the board."))
        .finding(ABSENT)
        .normal(always(GOOD))
        .under(Fault.BOARD_SILENT, often(ABSENT, 9).or(LOW, 1), "a dead board feeds no link")
        .under(
            Fault.CONTROL_POWER,
            often(ABSENT, 9).or(LOW, 1),
            "the link hangs on the board's supply")
        .under(
            Fault.CONTROL_SAGS, often(ABSENT, 5).or(LOW, 5), "the link hangs on the board's supply")
        .under(
            Fault.SETTING_TAP, often(ABSENT, 5).or(LOW, 5), "the link hangs on the board's supply")
        .under(Fault.SUPPLY_OFF, always(ABSENT), "the link hangs on the board's supply")
        .measured(FactType.LINK_VOLTS_BOARD, Windows.SERIAL_LINK, FactType.WINDOW_LINK);
  }

  static Check voltageLink() {
    return check("link.voltage_jumper", Suspect.SETTING, POWER_OFF_COVER_OFF, 1)
        .takes(FactType.LINK_VOLTAGE_JUMPER)
        .ask(
            "Look for the 115 V link in the power plug.",
            "Usually in for 115 V, out for 208-230 V; the motor's own sheet rules. The wrong way"
                + " destroys it.")
        .good(RIGHT, "As the voltage asks")
        .bad(WRONG, "Wrong for this voltage")
        .seen()
        .normal(often(RIGHT, 99.8).or(WRONG, 0.2))
        .under(Fault.SETTING_LINK, always(WRONG), "that is the fault")
        .read(WaysToAnswer::voltageLink);
  }

  static Check aux() {
    return levels(
            check("aux.volts", Suspect.MODULE, POWER_ON, 1)
                .takes(FactType.AUX_VOLTS)
                .ask(
                    "Measure the fan's own 10 V supply out.",
                    "With all phases present, no 10 V means dead electronics."))
        .normal(always(GOOD))
        .effect(often(GOOD, 5).or(ABSENT, 5), CommonChecks.TRIPPED, Symptom.TRIPS_PROTECTION)
        .under(Fault.AUX_PULLED_DOWN, often(LOW, 6).or(ABSENT, 4), "what hangs on it pulls it down")
        .under(
            Fault.MODULE_DEAD,
            often(ABSENT, 6).or(GOOD, 3).or(LOW, 1),
            "dead electronics make no 10 V")
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power, no 10 V")
        .under(Fault.SUPPLY_LINE_LOST, often(ABSENT, 8).or(GOOD, 2), "made from the phases")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(GOOD, 7).or(ABSENT, 3), "it may shut down")
        .measured(FactType.AUX_VOLTS, Windows.AUX, FactType.WINDOW_AUX);
  }

  static Check auxUnloaded() {
    return levels(
            check("aux.volts.unloaded", Suspect.MODULE, POWER_ON, 4)
                .takes(FactType.AUX_VOLTS_UNLOADED)
                .afterAnswer("aux.volts", ABSENT, LOW, EDGE)
                .ask(
                    "Pull the control wires, and measure the 10 V again.",
                    "Power off to pull them. Comes back: potentiometer or controller pulled it"
                        + " down. Stays away: the fan's electronics."))
        .bad(COMES_BACK, "Comes back")
        .finding(COMES_BACK)
        .normal(always(GOOD))
        .under(
            Fault.MODULE_DEAD,
            often(ABSENT, 6).or(GOOD, 3).or(LOW, 1),
            "dead electronics make no 10 V")
        .under(Fault.AUX_PULLED_DOWN, always(COMES_BACK), "what hung on it pulled it down")
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power, no 10 V")
        .under(Fault.SUPPLY_LINE_LOST, often(ABSENT, 8).or(GOOD, 2), "made from the phases")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(GOOD, 7).or(ABSENT, 3), "it may shut down")
        .comesBack(
            FactType.AUX_VOLTS_UNLOADED, FactType.AUX_VOLTS, Windows.AUX, FactType.WINDOW_AUX);
  }

  static Check alarmRelay() {
    return check("alarm.relay", Suspect.MODULE, POWER_ON, 1)
        .takes(FactType.ALARM_RELAY)
        .ask("Is the fan's alarm contact closed?", "Closed means no alarm; it names no part.")
        .good(CLOSED, "Closed, no alarm")
        .bad(OPEN, "Open, an alarm")
        .soft()
        .normal(often(CLOSED, 9).or(OPEN, 1))
        .under(Fault.MODULE_DEAD, often(OPEN, 8).or(CLOSED, 2), "dead electronics drop it")
        .under(Fault.SUPPLY_OFF, always(OPEN), "no power drops it")
        .under(Fault.SUPPLY_LINE_LOST, often(OPEN, 9).or(CLOSED, 1), "a lost phase")
        .under(Fault.BEARING_SEIZED, often(OPEN, 9).or(CLOSED, 1), "a blocked rotor")
        .under(Fault.WHEEL_JAMMED, often(OPEN, 9).or(CLOSED, 1), "a blocked rotor")
        .answeredByWord();
  }

  /**
   * The pairs at the board's or the drive's end: through the motor's wires, so an open one reads as
   * a phase.
   */
  static Check pairsThroughHarness(String end) {
    return CommonChecks.pairsAnswers(
            check("winding.pairs", Suspect.WINDING, MODULE_OFF, 2)
                .takes(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA)
                .ask(
                    "Measure the three pairs at the " + end + "'s end.",
                    "Motor parted from the "
                        + end
                        + ". You measure through its wires: a pair open here is measured again at"
                        + " the motor's own joint."))
        .bad(TOUCH, "Two leads touch")
        .finding(SHORT)
        .under(
            Fault.WINDING_SHORT,
            often(SHORT, 77).or(ODD, 8).or(UNCERTAIN, 8).or(TOUCH, 4).or(JOINT, 3),
            "that is the fault")
        .under(
            Fault.HARNESS_LEAD,
            often(OPEN, 75).or(JOINT, 15).or(ALL_OPEN, 5).or(ODD, 5),
            "that is the fault")
        .under(Fault.HARNESS_CHAFED, often(SOUND, 94).or(UNCERTAIN, 6), "the copper is whole")
        .under(
            Fault.HARNESS_TOUCHING,
            often(TOUCH, 95).or(UNCERTAIN, 3).or(ODD, 2),
            "that is the fault")
        .under(
            Fault.HARNESS_PIN,
            often(SOUND, 5).or(OPEN, 3).or(ALL_OPEN, 2),
            "a pin of the motor's plug")
        .read(WaysToAnswer::pairsThroughWires);
  }

  /** Each lead to the frame, through the motor's wires: a chafed one reads as the winding does. */
  static Check frameThroughHarness() {
    return CommonChecks.leadsToFrame()
        .under(Fault.HARNESS_CHAFED, often(SHORT, 9).or(LEAK, 1), "that is the fault")
        .read(WaysToAnswer::frame);
  }

  static Check frameAtJoint() {
    return CommonChecks.frameAnswers(
            check("winding.joint.frame", Suspect.WINDING, ON_BENCH, 2)
                .takes(
                    FactType.WINDING_JOINT_FRAME_A,
                    FactType.WINDING_JOINT_FRAME_B,
                    FactType.WINDING_JOINT_FRAME_C)
                .afterAnswer("winding.frame", SHORT)
                .ask(
                    "Measure each lead to the frame at the motor's own joint.",
                    "Wires left out: under 100 kΩ here is the winding, OL here is a wire on its"
                        + " way."))
        .bad(WIRES, CLEAR, "All OL, and not through the wires")
        .finding(SHORT, WIRES)
        .under(Fault.HARNESS_CHAFED, often(WIRES, 9).or(CLEAR, 1), "that is the fault")
        .read(WaysToAnswer::jointFrame);
  }

  /** The insulation as far as the wires reach with it. */
  static Check insulationThroughHarness() {
    return CommonChecks.insulationTest()
        .under(Fault.HARNESS_CHAFED, always(LOW), "that is the fault")
        .read(WaysToAnswer::insulation);
  }

  static Check pairsAtJoint() {
    return CommonChecks.pairsAnswers(
            check("winding.joint", Suspect.WINDING, ON_BENCH, 3)
                .takes(
                    FactType.WINDING_JOINT_AB, FactType.WINDING_JOINT_BC, FactType.WINDING_JOINT_CA)
                .afterAnswer("winding.pairs", OPEN, ALL_OPEN, JOINT, ODD, TOUCH)
                .ask(
                    "Measure the three pairs at the motor's own joint.",
                    "Wires left out: open here is the winding, sound here is the wires."))
        .bad(WIRES, SOUND, "All three agree, and not through the wires")
        .finding(SHORT, OPEN, WIRES)
        .under(Fault.HARNESS_LEAD, often(WIRES, 8).or(SOUND, 2), "that is the fault")
        .under(Fault.HARNESS_TOUCHING, often(WIRES, 8).or(SOUND, 2), "that is the fault")
        .under(Fault.HARNESS_PIN, often(WIRES, 5).or(SOUND, 5), "a pin of the motor's plug")
        .read(WaysToAnswer::jointPairs);
  }

  static Check feedback() {
    return check("feedback.hertz", Suspect.MODULE, POWER_ON, 2)
        .takes(FactType.FEEDBACK_HERTZ, FactType.FEEDBACK_PULSES, FactType.FEEDBACK_LOOK)
        .ask(
            "Turn it, or let it run: are there speed pulses?",
            "On the feedback wire: in Hz, or on DC volts that jump. They must change with speed, and"
                + " with a slow turn by hand. With the pulses a revolution they give the speed.")
        .good(PULSES, "Pulses")
        .bad(NONE, "No pulses")
        .bad(MUTE, "None, and it should send them")
        .finding(MUTE)
        .onlyFor(Symptom.STARTS_THEN_STOPS, Symptom.CODE_BUT_RUNS, Symptom.INTERMITTENT)
        .normal(always(PULSES))
        .effect(
            often(PULSES, 5).or(NONE, 4).or(MUTE, 1), "none while it stands still", Symptom.NO_RUN)
        .under(Fault.MODULE_MUTE, often(NONE, 5).or(MUTE, 5), "that is the fault")
        .under(
            Fault.MODULE_DEAD,
            often(NONE, 7).or(MUTE, 1).or(PULSES, 2),
            "dead electronics send none")
        .under(Fault.SETTING_SPEED_PROOF, always(NONE), "this motor sends none")
        .under(Fault.HARNESS_PIN, often(PULSES, 6).or(NONE, 3).or(MUTE, 1), "depends on which pin")
        .under(Fault.BOARD_NO_LOGIC, often(NONE, 7).or(PULSES, 3), "the pulses need that supply")
        .under(
            Fault.BOARD_NO_BUS, often(PULSES, 7).or(NONE, 3), "turned by hand it still gives them")
        .under(Fault.SUPPLY_OFF, often(NONE, 8).or(PULSES, 2), "no power, no pulses")
        .under(Fault.SUPPLY_LINE_LOST, often(NONE, 8).or(PULSES, 2), "no power, no pulses")
        .under(Fault.MODULE_FADING, often(PULSES, 9).or(NONE, 1), "it works at times")
        .read(WaysToAnswer::feedback);
  }

  static Check driveOutput() {
    return check("drive.output", Suspect.DRIVE, POWER_ON, 2)
        .takes(FactType.DRIVE_OUTPUT_AB, FactType.DRIVE_OUTPUT_BC, FactType.DRIVE_OUTPUT_CA)
        .ask(
            "Measure the drive's output, with a run command.",
            "Three pairs, meter with a low-pass mode; or read the drive's display.")
        .good(EQUAL, "Three equal voltages")
        .bad(UNEQUAL, "Not equal")
        .bad(ABSENT, "Nothing out")
        .onlyFor(
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.TRIPS_PROTECTION)
        .normal(always(EQUAL))
        .effect(often(EQUAL, 5).or(ABSENT, 5), CommonChecks.TRIPPED, Symptom.TRIPS_PROTECTION)
        .effect(
            often(EQUAL, 5).or(ABSENT, 5),
            "it stops on whatever it sees, and stays so until it is reset",
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT)
        .effect(often(EQUAL, 9).or(ABSENT, 1), "it may be between two calls", Symptom.CODE_BUT_RUNS)
        .under(Fault.SAFETY_OPEN, always(ABSENT), "no run command")
        .under(Fault.CONTROL_SAGS, often(ABSENT, 6).or(EQUAL, 4), "the run command may drop out")
        .under(Fault.SETTING_TRIP, always(ABSENT), "it is tripped")
        .under(
            Fault.HARNESS_LEAD, often(EQUAL, 7).or(ABSENT, 3), "it may stop on a lost output phase")
        .under(Fault.DRIVE_DEAD, often(ABSENT, 8).or(UNEQUAL, 2), "that is the fault")
        .under(Fault.SETTING_DRIVE, always(ABSENT), "a lock or a setting keeps it off")
        .under(Fault.NO_CALL, always(ABSENT), "no run command")
        .under(Fault.BOARD_SILENT, always(ABSENT), "no run command")
        .under(Fault.CONTROL_POWER, always(ABSENT), "no run command")
        .under(Fault.HARNESS_OPEN, always(ABSENT), "the run command is lost on its way")
        .under(
            Fault.HARNESS_PIN, often(ABSENT, 9).or(EQUAL, 1), "the run command is lost on its way")
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power")
        .under(Fault.SUPPLY_LINE_LOST, often(ABSENT, 9).or(UNEQUAL, 1), "it stops on a lost phase")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(ABSENT, 7).or(EQUAL, 3), "it may stop")
        .under(
            Fault.WINDING_SHORT,
            often(ABSENT, 7).or(UNEQUAL, 2).or(EQUAL, 1),
            "it stops on overcurrent")
        .under(Fault.WINDING_FRAME, often(ABSENT, 8).or(EQUAL, 2), "it stops on a path to earth")
        .under(
            Fault.WINDING_WARM_SHORT,
            often(ABSENT, 7).or(EQUAL, 3),
            "it stops on overcurrent, warm")
        .under(
            Fault.WINDING_WARM_OPEN,
            often(EQUAL, 7).or(ABSENT, 3),
            "it may stop on a lost output phase")
        .under(Fault.HARNESS_CHAFED, often(ABSENT, 8).or(EQUAL, 2), "it stops on a path to earth")
        .under(Fault.HARNESS_TOUCHING, often(ABSENT, 8).or(EQUAL, 2), "overcurrent")
        .under(
            Fault.WINDING_OPEN, often(EQUAL, 5).or(ABSENT, 5), "it may stop on a lost output phase")
        .under(Fault.WINDING_JOINT, often(EQUAL, 7).or(ABSENT, 3), "it may stop")
        .under(Fault.BEARING_SEIZED, often(ABSENT, 7).or(EQUAL, 3), "it stops on overload")
        .under(Fault.BEARING_DRAG, often(EQUAL, 7).or(ABSENT, 3), "it stops on overload")
        .under(Fault.WHEEL_JAMMED, often(ABSENT, 7).or(EQUAL, 3), "it stops on overload")
        .read(WaysToAnswer::driveOutput);
  }

  static Check driveFault() {
    return check("drive.fault", Suspect.DRIVE, POWER_ON, 0.5)
        .takes(FactType.DRIVE_FAULT)
        .ask("Does the drive show a fault?", "Lamp or display. Note its text before it clears.")
        .good(NO, "No fault shown")
        .bad(YES, "A fault shown")
        .normal(often(NO, 93).or(YES, 7))
        .effect(
            often(NO, 5).or(YES, 5),
            "it stops on whatever it sees, and says so",
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.CODE_BUT_RUNS)
        .under(Fault.SETTING_DRIVE, always(NO), "held off is no fault")
        .under(Fault.SETTING_TRIP, always(YES), "an outside input trips it")
        .under(Fault.HARNESS_LEAD, often(YES, 6).or(NO, 4), "a lost output phase")
        .under(Fault.DRIVE_DEAD, often(YES, 6).or(NO, 4), "dead ones may show nothing")
        .under(Fault.SUPPLY_LINE_LOST, often(YES, 7).or(NO, 3), "a lost phase")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(YES, 8).or(NO, 2), "over or under voltage")
        .under(Fault.WINDING_SHORT, always(YES), "overcurrent")
        .under(Fault.WINDING_FRAME, always(YES), "a path to earth")
        .under(Fault.WINDING_WARM_SHORT, often(YES, 8).or(NO, 2), "overcurrent, warm")
        .under(Fault.WINDING_WARM_OPEN, often(YES, 5).or(NO, 5), "a lost output phase, warm")
        .under(Fault.HARNESS_CHAFED, always(YES), "a path to earth")
        .under(Fault.HARNESS_TOUCHING, always(YES), "overcurrent")
        .under(Fault.WINDING_OPEN, often(YES, 6).or(NO, 4), "a lost output phase")
        .under(Fault.WINDING_JOINT, often(YES, 4).or(NO, 6), "unequal currents")
        .under(Fault.BEARING_SEIZED, often(YES, 9).or(NO, 1), "overload")
        .under(Fault.BEARING_DRAG, often(YES, 6).or(NO, 4), "overload")
        .under(Fault.WHEEL_JAMMED, often(YES, 9).or(NO, 1), "overload")
        .answeredByYesOrNo();
  }

  static Check driveReset() {
    return check("drive.reset", Suspect.DRIVE, POWER_ON, 5)
        .takes(FactType.DRIVE_RESET, FactType.CODE_RETURNS)
        .afterAnswer("drive.fault", YES)
        .ask(
            "Read the drive's fault, then reset it. Does it come back?",
            "Write the fault down first. An outside sensor or an interlock may be all it is.")
        .good(RUNS, "Runs")
        .bad(COMES_BACK, "Comes back")
        .normal(always(COMES_BACK))
        .under(Fault.SETTING_TRIP, often(RUNS, 5).or(COMES_BACK, 5), "depends on what trips it")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(RUNS, 5).or(COMES_BACK, 5), "a sag goes by")
        .under(Fault.WINDING_WARM_SHORT, often(RUNS, 7).or(COMES_BACK, 3), "cold it runs")
        .under(Fault.WINDING_WARM_OPEN, often(RUNS, 7).or(COMES_BACK, 3), "cold it runs")
        .under(Fault.BEARING_WARM, often(RUNS, 7).or(COMES_BACK, 3), "cold it runs")
        .under(Fault.BEARING_DRAG, often(RUNS, 5).or(COMES_BACK, 5), "until it is overloaded")
        .under(Fault.NOTHING, always(RUNS), "gone by itself")
        .read(WaysToAnswer::driveReset);
  }

  static Check driveUnloaded() {
    return check("drive.output.unloaded", Suspect.DRIVE, POWER_ON, 8)
        .takes(FactType.DRIVE_UNLOADED_AB, FactType.DRIVE_UNLOADED_BC, FactType.DRIVE_UNLOADED_CA)
        .afterAnswer("drive.output", ABSENT, UNEQUAL)
        .ask(
            "Motor's leads off the drive: measure its output again.",
            "Power off, wait out the drive's capacitors, leads off and apart; then a run command."
                + " Volts now: it was the motor or its cable.")
        .good(EQUAL, "Three equal voltages")
        .bad(UNEQUAL, "Not equal")
        .bad(ABSENT, "Nothing out")
        .bad(FAILED, UNEQUAL, "Not equal, with a good line")
        .finding(FAILED)
        .onlyFor(
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.TRIPS_PROTECTION)
        .normal(always(EQUAL))
        .effect(
            often(EQUAL, 5).or(ABSENT, 5),
            "locked out, nobody tells it to run",
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT)
        .under(
            Fault.DRIVE_DEAD, often(ABSENT, 70).or(FAILED, 20).or(UNEQUAL, 10), "that is the fault")
        .under(Fault.SETTING_DRIVE, always(ABSENT), "a lock or a setting keeps it off")
        .under(Fault.SETTING_TRIP, often(ABSENT, 8).or(EQUAL, 2), "it may be reset by now")
        .under(Fault.NO_CALL, always(ABSENT), "no run command")
        .under(Fault.SAFETY_OPEN, always(ABSENT), "no run command")
        .under(Fault.BOARD_SILENT, always(ABSENT), "no run command")
        .under(Fault.CONTROL_POWER, always(ABSENT), "no run command")
        .under(Fault.CONTROL_SAGS, often(ABSENT, 5).or(EQUAL, 5), "the run command may drop out")
        .under(Fault.HARNESS_OPEN, always(ABSENT), "the run command is lost on its way")
        .under(
            Fault.HARNESS_PIN, often(ABSENT, 9).or(EQUAL, 1), "the run command is lost on its way")
        .under(Fault.SUPPLY_OFF, always(ABSENT), "no power")
        .under(Fault.SUPPLY_LINE_LOST, often(ABSENT, 9).or(UNEQUAL, 1), "it stops on a lost phase")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(ABSENT, 7).or(EQUAL, 3), "it may stop")
        .read(WaysToAnswer::driveUnloaded);
  }

  /** The run command as the drive itself gets it. */
  static Check callAtDrive() {
    return CommonChecks.callTo("drive")
        .under(Fault.BOARD_SILENT, always(NO), "that is the fault")
        .under(Fault.HARNESS_OPEN, always(NO), "the run command is lost on its way")
        .under(Fault.HARNESS_PIN, always(NO), "the run command is lost on its way")
        .under(Fault.CONTROL_SAGS, always(NO), "the run command drops out")
        .under(Fault.CONTROL_POWER, always(NO), "no 24 V, no run command")
        .answeredByYesOrNo();
  }

  static Check driveStatus() {
    return check("drive.status", Suspect.DRIVE, POWER_ON, 1)
        .takes(FactType.DRIVE_STATUS)
        .ask(
            "Read the drive's display, with a run command.",
            "Ready, held off by an input or a lock, a fault, or dark? Read its inputs and sensors"
                + " before you condemn it.")
        .good(READY, "Ready or running")
        .bad(HELD_OFF, "Held off")
        .bad(FAULT, "A fault")
        .bad(DARK, "Dark")
        .onlyFor(Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT)
        .normal(always(READY))
        .effect(
            often(READY, 5).or(HELD_OFF, 2).or(FAULT, 3),
            CommonChecks.TRIPPED,
            Symptom.TRIPS_PROTECTION)
        .effect(
            often(READY, 4).or(FAULT, 4).or(HELD_OFF, 2),
            "it stops on whatever it sees and says so, or was told to stop",
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.CODE_BUT_RUNS)
        .under(Fault.SAFETY_OPEN, often(READY, 5).or(HELD_OFF, 5), "no run command")
        .under(Fault.SETTING_TRIP, always(FAULT), "an outside input trips it")
        .under(Fault.HARNESS_LEAD, often(FAULT, 6).or(READY, 4), "a lost output phase")
        .under(Fault.SETTING_DRIVE, often(HELD_OFF, 9).or(READY, 1), "that is the fault")
        .under(
            Fault.DRIVE_DEAD,
            often(DARK, 4).or(FAULT, 4).or(READY, 2),
            "dead ones may still light up")
        .under(Fault.NO_CALL, often(READY, 5).or(HELD_OFF, 5), "no run command")
        .under(Fault.CONTROL_POWER, often(READY, 5).or(HELD_OFF, 5), "no run command")
        .under(Fault.BOARD_SILENT, often(READY, 5).or(HELD_OFF, 5), "no run command")
        .under(Fault.HARNESS_OPEN, often(READY, 5).or(HELD_OFF, 5), "no run command")
        .under(Fault.HARNESS_PIN, often(READY, 6).or(HELD_OFF, 4), "the command may be lost")
        .under(Fault.SUPPLY_OFF, always(DARK), "no power")
        .under(Fault.SUPPLY_LINE_LOST, often(FAULT, 6).or(DARK, 4), "a lost phase")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(FAULT, 8).or(READY, 2), "over or under voltage")
        .under(Fault.WINDING_SHORT, always(FAULT), "overcurrent")
        .under(Fault.WINDING_FRAME, always(FAULT), "a path to earth")
        .under(Fault.WINDING_OPEN, often(FAULT, 6).or(READY, 4), "a lost output phase")
        .under(Fault.WINDING_JOINT, often(FAULT, 4).or(READY, 6), "unequal currents")
        .under(Fault.WINDING_WARM_SHORT, often(FAULT, 8).or(READY, 2), "overcurrent, warm")
        .under(Fault.WINDING_WARM_OPEN, often(FAULT, 5).or(READY, 5), "a lost output phase, warm")
        .under(Fault.HARNESS_CHAFED, always(FAULT), "a path to earth")
        .under(Fault.HARNESS_TOUCHING, always(FAULT), "overcurrent")
        .under(Fault.BEARING_SEIZED, often(FAULT, 9).or(READY, 1), "overload")
        .under(Fault.BEARING_DRAG, often(FAULT, 6).or(READY, 4), "overload")
        .under(Fault.WHEEL_JAMMED, often(FAULT, 9).or(READY, 1), "overload")
        .under(Fault.WHEEL_RUBBING, often(READY, 8).or(FAULT, 2), "overload")
        .answeredByWord();
  }

  static Check bypass() {
    return check("run.bypass", Suspect.WINDING, POWER_ON, 10)
        .takes(FactType.RUN_BYPASS)
        .ask(
            "Run the motor across the line by the bypass.",
            "Change the maker's links with the power off and proved dead. Full speed: watch amps.")
        .good(RUNS, "Runs")
        .bad(STILL, "Stays still")
        .onlyFor(Symptom.NO_RUN)
        .normal(always(RUNS))
        .under(Fault.SETTING_TRIP, often(STILL, 7).or(RUNS, 3), "an interlock often holds both off")
        .under(Fault.HARNESS_LEAD, always(STILL), "the same leads feed it")
        .under(Fault.SUPPLY_OFF, always(STILL), "no power")
        .under(Fault.SUPPLY_LINE_LOST, always(STILL), "a phase is gone")
        .under(Fault.SUPPLY_OUT_OF_RANGE, often(RUNS, 6).or(STILL, 4), "it may just do")
        .under(Fault.WINDING_SHORT, always(STILL), "it would trip or hum")
        .under(Fault.WINDING_FRAME, always(STILL), "it would trip")
        .under(Fault.WINDING_OPEN, always(STILL), "it hums")
        .under(Fault.WINDING_JOINT, always(STILL), "one that keeps it still does so here, too")
        .under(Fault.BEARING_SEIZED, always(STILL), "it cannot turn")
        .under(Fault.WHEEL_JAMMED, always(STILL), "it cannot turn")
        .under(Fault.HARNESS_CHAFED, always(STILL), "it trips at once")
        .under(Fault.HARNESS_TOUCHING, always(STILL), "overcurrent")
        .answeredByWord();
  }

  private static Check.Builder command(boolean proves, Check.Builder check) {
    return CommonChecks.lockOut(proves, levels(check))
        .normal(always(GOOD))
        .under(Fault.NO_CALL, often(ABSENT, 9).or(LOW, 1), "nobody asks")
        .under(Fault.SAFETY_OPEN, often(ABSENT, 9).or(LOW, 1), "the safety string opens the call")
        .under(Fault.CONTROL_POWER, often(ABSENT, 9).or(LOW, 1), "no supply, no command")
        .under(Fault.CONTROL_SAGS, often(GOOD, 6).or(ABSENT, 4), "the board may drop out")
        .under(Fault.BOARD_SILENT, often(ABSENT, 9).or(LOW, 1), "that is the fault")
        .under(Fault.BOARD_NO_LOGIC, often(GOOD, 5).or(ABSENT, 5), "depends on what feeds it")
        .under(
            Fault.AUX_PULLED_DOWN,
            often(ABSENT, 5).or(LOW, 3).or(GOOD, 2),
            "it is made from the fan's own 10 V")
        .under(
            Fault.SUPPLY_OFF,
            often(ABSENT, 7).or(GOOD, 3),
            "a controller may have a supply of its own");
  }
}
