package variablerotor.core.odds;

import static variablerotor.core.family.Fault.*;

import java.util.List;
import variablerotor.core.family.Fault;

/**
 * What goes wrong, and how often: of a hundred calls with a symptom, about how many have this
 * cause. The weights need not sum to a hundred. All are judgement of common practice.
 */
final class CommonCauses {
  private CommonCauses() {}

  static List<Cause> list() {
    return List.of(
        one(SUPPLY_OFF, "NO_RUN 6", "breaker, fuse or door switch"),
        one(SUPPLY_LINE_LOST, "NO_RUN 5 INTERMITTENT 6", "one leg open to the motor"),
        one(
            SUPPLY_OUT_OF_RANGE,
            "NO_RUN 2 STARTS_THEN_STOPS 4 LOW_AIRFLOW 3 TRIPS_PROTECTION 3 INTERMITTENT 4",
            "wrong transformer tap, long feeder"),
        one(NO_CALL, "NO_RUN 6 INTERMITTENT 6", "thermostat, its wire, a safety switch"),
        one(CONTROL_POWER, "NO_RUN 5 INTERMITTENT 4", "blown low-voltage fuse, weak transformer"),
        one(
            BOARD_SILENT,
            "NO_RUN 8 STARTS_THEN_STOPS 4 NO_SPEED_CHANGE 20 INTERMITTENT 6 CODE_BUT_RUNS 4",
            "fan relay or output on the board"),
        one(BOARD_STUCK, "RUNS_ALWAYS 55", "stuck relay, thermostat set to fan on"),
        one(
            HARNESS_OPEN,
            "NO_RUN 7 STARTS_THEN_STOPS 4 NO_SPEED_CHANGE 15 INTERMITTENT 12",
            "chafed or broken wire"),
        one(
            HARNESS_PIN,
            "NO_RUN 5 STARTS_THEN_STOPS 5 NO_SPEED_CHANGE 8 INTERMITTENT 14 CODE_BUT_RUNS 6",
            "pushed back, loose or green pins are common"),
        one(HARNESS_CROSSED, "RUNS_ALWAYS 10", "after other work on the unit"),
        one(
            SETTING_SPEED,
            "NO_SPEED_CHANGE 30 LOW_AIRFLOW 12 NOISE 8 TRIPS_PROTECTION 2",
            "taps and switches left as shipped"),
        one(SETTING_SPEED_PROOF, "STARTS_THEN_STOPS 5 CODE_BUT_RUNS 12", "universal motors"),
        one(SETTING_ROTATION, "WRONG_DIRECTION 75 LOW_AIRFLOW 3", "reversible motors"),
        one(MODULE_DEAD, "NO_RUN 38", "the commonest end of these motors"),
        one(MODULE_STUCK_ON, "RUNS_ALWAYS 30", "an output or input stuck on"),
        one(
            MODULE_OUTPUT_SHORTED,
            "NO_RUN 5 TRIPS_PROTECTION 25 STARTS_THEN_STOPS 5 NOISE 3",
            "a power stage that failed short"),
        one(
            MODULE_FADING,
            "STARTS_THEN_STOPS 14 INTERMITTENT 14 NO_SPEED_CHANGE 20 NOISE 4 WRONG_DIRECTION 5"
                + " CODE_BUT_RUNS 10",
            "tired capacitors, poor solder, heat"),
        one(WINDING_OPEN, "NO_RUN 4 STARTS_THEN_STOPS 8 NOISE 4", "burnt lead or joint"),
        one(
            WINDING_SHORT,
            "NO_RUN 5 STARTS_THEN_STOPS 10 TRIPS_PROTECTION 20 NOISE 4",
            "heat, moisture, age"),
        one(
            WINDING_SLIGHT_SHORT,
            "NO_RUN 1 STARTS_THEN_STOPS 4 TRIPS_PROTECTION 5 NOISE 1 INTERMITTENT 2",
            "a short begins with a few turns"),
        one(WINDING_JOINT, "NO_RUN 1 STARTS_THEN_STOPS 4 NOISE 2 INTERMITTENT 4", "poor crimp"),
        one(WINDING_FRAME, "NO_RUN 3 TRIPS_PROTECTION 25 STARTS_THEN_STOPS 2", "moisture, chafe"),
        one(
            WINDING_WARM_SHORT,
            "STARTS_THEN_STOPS 8 INTERMITTENT 6 TRIPS_PROTECTION 4",
            "turns that touch only when warm"),
        one(BEARING_SEIZED, "NO_RUN 6 STARTS_THEN_STOPS 6 TRIPS_PROTECTION 8", "age, water"),
        one(
            BEARING_DRAG,
            "STARTS_THEN_STOPS 12 TRIPS_PROTECTION 8 NOISE 15 LOW_AIRFLOW 2 INTERMITTENT 4"
                + " CODE_BUT_RUNS 4",
            "dry or dirty bearings"),
        one(BEARING_NOISY, "NOISE 35", "wear is heard before it is felt"),
        one(WHEEL_JAMMED, "NO_RUN 3 STARTS_THEN_STOPS 5 TRIPS_PROTECTION 5 NOISE 3", "debris, ice"),
        one(WHEEL_RUBBING, "NOISE 20 STARTS_THEN_STOPS 2", "shifted on the shaft"),
        one(WHEEL_LOOSE, "LOW_AIRFLOW 6 NOISE 10", "set screw off the flat"),
        one(
            AIR_BLOCKED,
            "LOW_AIRFLOW 60 STARTS_THEN_STOPS 6 NOISE 6 CODE_BUT_RUNS 8 NO_SPEED_CHANGE 6",
            "filter first, then coil, then ducts"),
        one(
            NOTHING,
            "INTERMITTENT 4 CODE_BUT_RUNS 15 NO_SPEED_CHANGE 4 RUNS_ALWAYS 3 WRONG_DIRECTION 2",
            "as designed, or gone by itself"),
        chain(
            List.of(WINDING_SHORT, MODULE_DEAD),
            "NO_RUN 3 TRIPS_PROTECTION 3",
            "a shorted winding kills its module"),
        chain(
            List.of(WINDING_FRAME, MODULE_DEAD),
            "NO_RUN 2 TRIPS_PROTECTION 6",
            "a path to frame kills the module"),
        chain(
            List.of(BEARING_SEIZED, WINDING_SHORT),
            "NO_RUN 1.5 TRIPS_PROTECTION 3",
            "a seized bearing burns the winding"),
        chain(
            List.of(HARNESS_CORRODED, MODULE_DEAD),
            "NO_RUN 2",
            "water takes the connector and the module"),
        chain(
            List.of(HARNESS_CORRODED, MODULE_FADING),
            "STARTS_THEN_STOPS 1 INTERMITTENT 2",
            "water at the connector creeps into the module"),
        chain(
            List.of(BEARING_SEIZED, WINDING_SHORT, MODULE_DEAD),
            "NO_RUN 0.7 TRIPS_PROTECTION 1",
            "a seized bearing burns the winding, and that kills the module"),
        chain(
            List.of(BEARING_SEIZED, MODULE_DEAD),
            "NO_RUN 0.8",
            "a module that drives a locked rotor for days gives up"));
  }

  /** What only some families can have besides. */
  static List<Cause> extras() {
    return List.of(
        one(SETTING_LINK, "NO_RUN 2", "a 115 V unit without its link"),
        one(
            MODULE_MUTE,
            "STARTS_THEN_STOPS 8 CODE_BUT_RUNS 20 INTERMITTENT 3",
            "the board stops a fan that reports no speed"),
        one(HARNESS_FEEDBACK, "STARTS_THEN_STOPS 3 CODE_BUT_RUNS 8", "chafed or broken wire"),
        one(MODULE_PULLS_DOWN, "NO_RUN 8 TRIPS_PROTECTION 25", "a shorted driver in the motor"),
        one(BOARD_NO_BUS, "NO_RUN 12 INTERMITTENT 4", "the board's rectifier or its fuse"),
        one(BOARD_NO_LOGIC, "NO_RUN 4 INTERMITTENT 3", "the board's small supply"),
        one(
            DRIVE_DEAD,
            "NO_RUN 35 INTERMITTENT 12 STARTS_THEN_STOPS 12 TRIPS_PROTECTION 20 NO_SPEED_CHANGE 15"
                + " CODE_BUT_RUNS 10",
            "heat, age, surges"),
        chain(
            List.of(SETTING_LINK, MODULE_DEAD),
            "NO_RUN 0.5",
            "the wrong voltage link destroys the electronics"),
        chain(
            List.of(WINDING_SHORT, DRIVE_DEAD),
            "NO_RUN 1.5 TRIPS_PROTECTION 3",
            "a shorted winding takes the drive's output with it"),
        one(DRIVE_STUCK_ON, "RUNS_ALWAYS 20", "a stuck input, or left in hand"),
        one(
            SETTING_DRIVE,
            "NO_RUN 8 NO_SPEED_CHANGE 20 STARTS_THEN_STOPS 4",
            "sensors, interlocks, parameters"));
  }

  /** What only motors that hold an airflow can do to themselves. */
  static List<Cause> overwork() {
    return List.of(
        chain(
            List.of(AIR_BLOCKED, MODULE_DEAD),
            "NO_RUN 1",
            "it works itself to death against a blocked filter or coil"));
  }

  private static Cause one(Fault fault, String odds, String reason) {
    return Cause.of(List.of(fault), odds, reason);
  }

  private static Cause chain(List<Fault> faults, String odds, String reason) {
    return Cause.of(faults, odds, reason);
  }
}
