package variablerotor.core.likelihood;

import static variablerotor.core.check.Symptom.*;
import static variablerotor.core.family.Fault.*;
import static variablerotor.core.likelihood.Often.often;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Fault;

/**
 * What goes wrong, and how often: of a hundred calls with a symptom, about how many have this
 * cause. The weights need not sum to a hundred. All are judgement of common practice.
 */
final class CommonCauses {
  private CommonCauses() {}

  static List<Cause> list() {
    return List.of(
        one(SUPPLY_OFF, often(NO_RUN, 6).or(INTERMITTENT, 2), "breaker, fuse or door switch"),
        one(SUPPLY_LINE_LOST, often(NO_RUN, 5).or(INTERMITTENT, 6), "one leg open to the motor"),
        one(
            SUPPLY_OUT_OF_RANGE,
            often(NO_RUN, 2)
                .or(STARTS_THEN_STOPS, 4)
                .or(LOW_AIRFLOW, 3)
                .or(TRIPS_PROTECTION, 3)
                .or(INTERMITTENT, 4),
            "wrong transformer tap, long feeder"),
        one(
            NO_CALL,
            often(NO_RUN, 6).or(INTERMITTENT, 6),
            "thermostat, its wire, a second thermostat"),
        one(
            SAFETY_OPEN,
            often(NO_RUN, 6).or(STARTS_THEN_STOPS, 3).or(INTERMITTENT, 5),
            "float, limit, door, pressure switch, low-voltage fuse"),
        one(
            CONTROL_POWER,
            often(NO_RUN, 5).or(STARTS_THEN_STOPS, 2).or(INTERMITTENT, 4),
            "blown low-voltage fuse, dead transformer"),
        one(
            CONTROL_SAGS,
            often(NO_RUN, 2).or(STARTS_THEN_STOPS, 4).or(INTERMITTENT, 4),
            "26 V open, 15 V with everything asked"),
        one(
            BOARD_SILENT,
            often(NO_RUN, 8)
                .or(STARTS_THEN_STOPS, 4)
                .or(NO_SPEED_CHANGE, 20)
                .or(INTERMITTENT, 6)
                .or(CODE_BUT_RUNS, 4),
            "fan relay or output on the board"),
        one(BOARD_STUCK, often(RUNS_ALWAYS, 43), "stuck relay"),
        one(FAN_SWITCH_ON, often(RUNS_ALWAYS, 12), "fan on in the place of auto"),
        one(
            HARNESS_OPEN,
            often(NO_RUN, 7).or(STARTS_THEN_STOPS, 4).or(NO_SPEED_CHANGE, 15).or(INTERMITTENT, 12),
            "chafed or broken wire"),
        one(
            HARNESS_PIN,
            often(NO_RUN, 5)
                .or(STARTS_THEN_STOPS, 5)
                .or(NO_SPEED_CHANGE, 8)
                .or(INTERMITTENT, 14)
                .or(CODE_BUT_RUNS, 6),
            "pushed back, loose or green pins are common"),
        one(HARNESS_CROSSED, often(RUNS_ALWAYS, 10), "after other work on the unit"),
        one(
            SETTING_SPEED,
            often(NO_SPEED_CHANGE, 30).or(LOW_AIRFLOW, 12).or(NOISE, 8).or(TRIPS_PROTECTION, 2),
            "taps and switches left as shipped"),
        one(
            SETTING_SPEED_PROOF,
            often(STARTS_THEN_STOPS, 5).or(CODE_BUT_RUNS, 12).or(INTERMITTENT, 1),
            "universal motors"),
        one(
            SETTING_ROTATION,
            often(WRONG_DIRECTION, 75).or(LOW_AIRFLOW, 3).or(NOISE, 2),
            "reversible motors"),
        one(MODULE_DEAD, often(NO_RUN, 38), "the commonest end of these motors"),
        one(MODULE_STUCK_ON, often(RUNS_ALWAYS, 30), "an output or input stuck on"),
        one(
            MODULE_OUTPUT_SHORTED,
            often(NO_RUN, 5).or(TRIPS_PROTECTION, 25).or(STARTS_THEN_STOPS, 5).or(NOISE, 3),
            "a power stage that failed short"),
        one(
            MODULE_FADING,
            often(STARTS_THEN_STOPS, 14)
                .or(INTERMITTENT, 14)
                .or(NO_SPEED_CHANGE, 20)
                .or(NOISE, 4)
                .or(WRONG_DIRECTION, 5)
                .or(CODE_BUT_RUNS, 10),
            "tired capacitors, poor solder, heat"),
        one(
            WINDING_OPEN,
            often(NO_RUN, 4).or(STARTS_THEN_STOPS, 8).or(NOISE, 4),
            "burnt lead or joint"),
        one(
            WINDING_SHORT,
            often(NO_RUN, 5).or(STARTS_THEN_STOPS, 10).or(TRIPS_PROTECTION, 20).or(NOISE, 4),
            "heat, moisture, age"),
        one(
            WINDING_SLIGHT_SHORT,
            often(NO_RUN, 1)
                .or(STARTS_THEN_STOPS, 4)
                .or(TRIPS_PROTECTION, 5)
                .or(NOISE, 1)
                .or(INTERMITTENT, 2),
            "a short begins with a few turns"),
        one(
            WINDING_JOINT,
            often(NO_RUN, 1).or(STARTS_THEN_STOPS, 4).or(NOISE, 2).or(INTERMITTENT, 4),
            "poor crimp"),
        one(
            WINDING_FRAME,
            often(NO_RUN, 3).or(TRIPS_PROTECTION, 25).or(STARTS_THEN_STOPS, 2),
            "moisture, chafe"),
        one(
            WINDING_WARM_SHORT,
            often(STARTS_THEN_STOPS, 8).or(INTERMITTENT, 6).or(TRIPS_PROTECTION, 4),
            "turns that touch only when warm"),
        one(
            WINDING_WARM_OPEN,
            often(STARTS_THEN_STOPS, 2.5).or(INTERMITTENT, 3),
            "a poor joint that parts when the copper grows"),
        one(
            BEARING_SEIZED,
            often(NO_RUN, 6).or(STARTS_THEN_STOPS, 6).or(TRIPS_PROTECTION, 8),
            "age, water"),
        one(
            BEARING_DRAG,
            often(STARTS_THEN_STOPS, 12)
                .or(TRIPS_PROTECTION, 8)
                .or(NOISE, 15)
                .or(LOW_AIRFLOW, 2)
                .or(INTERMITTENT, 4)
                .or(CODE_BUT_RUNS, 4),
            "dry or dirty bearings"),
        one(BEARING_NOISY, often(NOISE, 35), "wear is heard before it is felt"),
        one(
            BEARING_WARM,
            often(STARTS_THEN_STOPS, 5).or(INTERMITTENT, 4).or(TRIPS_PROTECTION, 2).or(NOISE, 1),
            "a bearing without play binds when it is hot"),
        one(
            WHEEL_JAMMED,
            often(NO_RUN, 3).or(STARTS_THEN_STOPS, 5).or(TRIPS_PROTECTION, 5).or(NOISE, 3),
            "debris, ice"),
        one(WHEEL_RUBBING, often(NOISE, 20).or(STARTS_THEN_STOPS, 2), "shifted on the shaft"),
        one(WHEEL_LOOSE, often(LOW_AIRFLOW, 6).or(NOISE, 10), "set screw off the flat"),
        one(WHEEL_DIRTY, often(LOW_AIRFLOW, 12).or(NOISE, 4), "half the air at the same speed"),
        one(
            AIR_BLOCKED,
            often(LOW_AIRFLOW, 54)
                .or(STARTS_THEN_STOPS, 6)
                .or(NOISE, 5)
                .or(CODE_BUT_RUNS, 7)
                .or(NO_SPEED_CHANGE, 5),
            "filter first, then coil"),
        one(
            DUCTS_BLOCKED,
            often(LOW_AIRFLOW, 8)
                .or(NOISE, 2)
                .or(STARTS_THEN_STOPS, 0.4)
                .or(CODE_BUT_RUNS, 1)
                .or(NO_SPEED_CHANGE, 1),
            "shut registers, a crushed or fallen duct"),
        one(
            NOTHING,
            often(INTERMITTENT, 4)
                .or(CODE_BUT_RUNS, 15)
                .or(NO_SPEED_CHANGE, 0.4)
                .or(RUNS_ALWAYS, 0.3),
            "as designed, or gone by itself"),
        chain(
            List.of(WINDING_SHORT, MODULE_DEAD),
            often(NO_RUN, 3).or(TRIPS_PROTECTION, 3),
            "a shorted winding kills its module"),
        chain(
            List.of(WINDING_FRAME, MODULE_DEAD),
            often(NO_RUN, 2).or(TRIPS_PROTECTION, 6),
            "a path to frame kills the module"),
        chain(
            List.of(WINDING_SHORT, MODULE_OUTPUT_SHORTED),
            often(NO_RUN, 1).or(TRIPS_PROTECTION, 3),
            "a shorted winding takes the output stage with it"),
        chain(
            List.of(WINDING_FRAME, MODULE_OUTPUT_SHORTED),
            often(TRIPS_PROTECTION, 2),
            "a path to frame takes the output stage with it"),
        chain(
            List.of(BEARING_SEIZED, WINDING_SHORT),
            often(NO_RUN, 1.5).or(TRIPS_PROTECTION, 3),
            "a seized bearing burns the winding"),
        chain(
            List.of(HARNESS_CORRODED, MODULE_DEAD),
            often(NO_RUN, 2),
            "water takes the connector and the module"),
        chain(
            List.of(HARNESS_CORRODED, MODULE_FADING),
            often(STARTS_THEN_STOPS, 1).or(INTERMITTENT, 2),
            "water at the connector creeps into the module"),
        chain(
            List.of(BEARING_SEIZED, WINDING_SHORT, MODULE_DEAD),
            often(NO_RUN, 0.7).or(TRIPS_PROTECTION, 1),
            "a seized bearing burns the winding, and that kills the module"),
        chain(
            List.of(BEARING_SEIZED, MODULE_DEAD),
            often(NO_RUN, 0.8),
            "a module that drives a locked rotor for days gives up"));
  }

  /** What only some families can have besides. */
  static List<Cause> extras() {
    return List.of(
        one(
            CONTACTOR_OPEN,
            often(NO_RUN, 8).or(INTERMITTENT, 5),
            "burnt or dirty contacts, a dead coil"),
        one(
            DEFROST_STUCK,
            often(NO_RUN, 3).or(INTERMITTENT, 2),
            "the defrost board's relay stays open"),
        one(
            HELD_OFF_BY_DEFROST,
            often(NO_RUN, 3).or(STARTS_THEN_STOPS, 4).or(INTERMITTENT, 10),
            "the fan stands still by design while the coil is thawed"),
        one(
            BOARD_NO_TALK,
            often(NO_RUN, 5)
                .or(STARTS_THEN_STOPS, 3)
                .or(NO_SPEED_CHANGE, 10)
                .or(INTERMITTENT, 4)
                .or(CODE_BUT_RUNS, 5),
            "the board's transmitter, or what it was told the motor is"),
        one(HARNESS_BUS, often(NO_RUN, 1).or(INTERMITTENT, 1), "one of five pins"),
        one(HARNESS_GROUND, often(NO_RUN, 1).or(INTERMITTENT, 1), "one of five pins"),
        one(
            HARNESS_LEAD,
            often(NO_RUN, 2.5).or(STARTS_THEN_STOPS, 4).or(INTERMITTENT, 5),
            "chafed or broken motor lead, a poor joint"),
        one(
            HARNESS_CHAFED,
            often(NO_RUN, 0.6).or(TRIPS_PROTECTION, 5).or(STARTS_THEN_STOPS, 1).or(INTERMITTENT, 1),
            "a lead chafed through on the cabinet"),
        one(
            HARNESS_TOUCHING,
            often(NO_RUN, 0.6)
                .or(TRIPS_PROTECTION, 3)
                .or(STARTS_THEN_STOPS, 0.6)
                .or(INTERMITTENT, 0.6),
            "a pinched or burnt cable, two leads on each other"),
        one(
            MODULE_PULLS_LOGIC,
            often(NO_RUN, 2).or(INTERMITTENT, 1),
            "a shorted driver in the motor"),
        one(
            AUX_PULLED_DOWN,
            often(NO_RUN, 2).or(INTERMITTENT, 1).or(NO_SPEED_CHANGE, 5),
            "a shorted potentiometer or controller on the fan's own 10 V"),
        one(
            SETTING_TAP,
            often(NO_RUN, 1).or(STARTS_THEN_STOPS, 2).or(INTERMITTENT, 2),
            "left on 240 V at 208"),
        one(
            SETTING_TRIP,
            often(NO_RUN, 0.49).or(STARTS_THEN_STOPS, 3).or(INTERMITTENT, 3),
            "a pressure or temperature switch on the drive's fault input"),
        one(
            MAGNETS_WEAK,
            often(STARTS_THEN_STOPS, 0.4).or(TRIPS_PROTECTION, 0.4).or(LOW_AIRFLOW, 0.4),
            "overheated rotors, seldom"),
        one(SETTING_LINK, often(NO_RUN, 2), "a 115 V unit without its link"),
        one(
            MODULE_MUTE,
            often(STARTS_THEN_STOPS, 8).or(CODE_BUT_RUNS, 20).or(INTERMITTENT, 3),
            "the board stops a fan that reports no speed"),
        one(
            HARNESS_FEEDBACK,
            often(STARTS_THEN_STOPS, 3).or(CODE_BUT_RUNS, 8),
            "chafed or broken wire"),
        one(
            MODULE_PULLS_DOWN,
            often(NO_RUN, 8).or(TRIPS_PROTECTION, 25),
            "a shorted driver in the motor"),
        one(
            BOARD_NO_BUS,
            often(NO_RUN, 12).or(INTERMITTENT, 4),
            "the board's rectifier or its fuse"),
        one(BOARD_NO_LOGIC, often(NO_RUN, 4).or(INTERMITTENT, 3), "the board's small supply"),
        one(
            DRIVE_DEAD,
            often(NO_RUN, 35)
                .or(INTERMITTENT, 12)
                .or(STARTS_THEN_STOPS, 12)
                .or(TRIPS_PROTECTION, 20)
                .or(NO_SPEED_CHANGE, 15)
                .or(CODE_BUT_RUNS, 10),
            "heat, age, surges"),
        chain(
            List.of(SETTING_LINK, MODULE_DEAD),
            often(NO_RUN, 0.5),
            "the wrong voltage link destroys the electronics"),
        chain(
            List.of(WINDING_SHORT, DRIVE_DEAD),
            often(NO_RUN, 1.5).or(TRIPS_PROTECTION, 3),
            "a shorted winding takes the drive's output with it"),
        one(DRIVE_STUCK_ON, often(RUNS_ALWAYS, 20), "a stuck input, or left in hand"),
        one(
            SETTING_DRIVE,
            often(NO_RUN, 8).or(NO_SPEED_CHANGE, 20).or(STARTS_THEN_STOPS, 4),
            "sensors, interlocks, parameters"));
  }

  /** What only motors that hold an airflow can do to themselves. */
  static List<Cause> overwork() {
    return List.of(
        chain(
            List.of(AIR_BLOCKED, MODULE_DEAD),
            often(NO_RUN, 1),
            "it works itself to death against a blocked filter or coil"));
  }

  /**
   * Of a hundred calls, how often a fault comes under a complaint that is not its own. Judgement.
   */
  private static final double RARE = 0.08;

  /** Of all calls with a complaint, how many have something that nobody listed. Judgement. */
  private static final double UNLISTED_SHARE = 0.03;

  /** What turns by itself cannot be why a fan stands still, and the other way round. */
  private static final Set<Fault> NEVER_STILL =
      EnumSet.of(
          BOARD_STUCK,
          FAN_SWITCH_ON,
          MODULE_STUCK_ON,
          DRIVE_STUCK_ON,
          BEARING_NOISY,
          BEARING_WARM,
          WHEEL_RUBBING,
          WHEEL_DIRTY,
          SETTING_ROTATION,
          AIR_BLOCKED,
          DUCTS_BLOCKED,
          MAGNETS_WEAK);

  /** What only stops a fan, or changes its air, never keeps it going. */
  private static boolean keepsGoing(Fault fault) {
    return fault == BOARD_STUCK
        || fault == FAN_SWITCH_ON
        || fault == MODULE_STUCK_ON
        || fault == DRIVE_STUCK_ON
        || fault == HARNESS_CROSSED
        || fault == SETTING_SPEED
        || fault == SETTING_DRIVE
        || fault == MODULE_FADING
        || fault == NO_CALL;
  }

  /** Whether physics keeps a fault from making a complaint at all. */
  private static boolean forbidden(Fault fault, Symptom symptom) {
    return switch (symptom) {
      case NO_RUN -> NEVER_STILL.contains(fault);
      case RUNS_ALWAYS -> !keepsGoing(fault);
      default -> false;
    };
  }

  /**
   * Every cause under one complaint: those that usually make it, each other single fault at a low
   * weight unless physics forbids it, and what nobody listed.
   *
   * @param known the causes that the family can have
   * @param faults the faults that it can have
   */
  static List<Cause> openWorld(List<Cause> known, Set<Fault> faults, Symptom symptom) {
    List<Cause> causes = new ArrayList<>();
    Set<Fault> single = EnumSet.noneOf(Fault.class);
    double sum = 0;
    for (Cause cause : known) {
      if (cause.weight().containsKey(symptom)) {
        causes.add(cause);
        sum += cause.weight(symptom);
        if (cause.faults().size() == 1) {
          single.add(cause.faults().get(0));
        }
      }
    }
    for (Fault fault : faults) {
      boolean listed = fault.suspect().isLink();
      if (listed && !single.contains(fault) && !forbidden(fault, symptom)) {
        causes.add(new Cause(List.of(fault), Map.of(symptom, RARE), "rare under this complaint"));
      }
    }
    double unlisted = sum * UNLISTED_SHARE / (1 - UNLISTED_SHARE);
    causes.add(
        new Cause(List.of(UNLISTED), Map.of(symptom, unlisted), "mice, a wrong part, two meters"));
    return List.copyOf(causes);
  }

  private static Cause one(Fault fault, Often<Symptom> weights, String reason) {
    return Cause.of(List.of(fault), weights, reason);
  }

  private static Cause chain(List<Fault> faults, Often<Symptom> weights, String reason) {
    return Cause.of(faults, weights, reason);
  }
}
