package variablerotor.core.likelihood;

import static variablerotor.core.check.UnitState.POWER_ON;
import static variablerotor.core.fact.Answer.*;
import static variablerotor.core.likelihood.Check.check;
import static variablerotor.core.likelihood.Often.always;
import static variablerotor.core.likelihood.Often.often;

import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;

/**
 * What is heard and seen before anything is opened. It moves suspicion and never proves: sounds and
 * smells deceive.
 */
final class HeardChecks {
  private HeardChecks() {}

  static Check answer() {
    return check("heard.answer", Suspect.MODULE, POWER_ON, 1)
        .takes(FactType.HEARD_ANSWER)
        .ask("Make a call and listen at the fan.", "Silence, a click, a hum, a try that gives up?")
        .good(RUNS, "It runs")
        .bad(SILENCE, "Silence")
        .bad(CLICK, "A click, no more")
        .bad(HUMS, "It hums")
        .bad(TRIES_AND_GIVES_UP, "Tries and gives up")
        .soft()
        .onlyFor(Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT)
        .normal(often(SILENCE, 5).or(CLICK, 2).or(RUNS, 1).or(HUMS, 1).or(TRIES_AND_GIVES_UP, 1))
        .under(Fault.SUPPLY_OFF, always(SILENCE), "nothing has power")
        .under(Fault.NO_CALL, always(SILENCE), "nothing is asked")
        .under(Fault.CONTROL_POWER, often(SILENCE, 9).or(CLICK, 1), "relays do not pull in")
        .under(
            Fault.MODULE_DEAD,
            often(SILENCE, 6).or(CLICK, 4),
            "the board's relay is heard, no more")
        .under(
            Fault.WINDING_SHORT,
            often(TRIES_AND_GIVES_UP, 6).or(HUMS, 2).or(SILENCE, 2),
            "it rocks and stops")
        .under(
            Fault.WINDING_SLIGHT_SHORT,
            often(TRIES_AND_GIVES_UP, 6).or(HUMS, 2).or(RUNS, 2),
            "it rocks")
        .under(
            Fault.WINDING_OPEN,
            often(TRIES_AND_GIVES_UP, 7).or(HUMS, 2).or(SILENCE, 1),
            "it rocks on two phases")
        .under(
            Fault.WINDING_JOINT,
            often(TRIES_AND_GIVES_UP, 6).or(HUMS, 2).or(RUNS, 2),
            "a phase is weak")
        .under(
            Fault.BEARING_SEIZED,
            often(TRIES_AND_GIVES_UP, 7).or(HUMS, 2).or(SILENCE, 1),
            "it pushes in vain")
        .under(
            Fault.BEARING_DRAG,
            often(TRIES_AND_GIVES_UP, 5).or(RUNS, 4).or(HUMS, 1),
            "it pushes hard")
        .under(
            Fault.WHEEL_JAMMED,
            often(TRIES_AND_GIVES_UP, 8).or(HUMS, 1).or(SILENCE, 1),
            "it pushes in vain")
        .under(
            Fault.MODULE_OUTPUT_SHORTED,
            often(SILENCE, 5).or(HUMS, 2).or(TRIES_AND_GIVES_UP, 3),
            "it brakes")
        .answeredByWord();
  }

  static Check restRuns() {
    return check("runs.rest", Suspect.SUPPLY, POWER_ON, 1)
        .takes(
            FactType.RUNS_OUTDOOR,
            FactType.RUNS_COMPRESSOR,
            FactType.RUNS_INDOOR,
            FactType.RUNS_HEAT)
        .ask(
            "What else runs on this call?",
            "Outdoor unit running and no air inside is the classic: power and call are there.")
        .good(YES, "Something else runs")
        .bad(NO, "Nothing runs")
        .soft()
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT)
        .normal(often(YES, 9).or(NO, 1))
        .under(
            Fault.SUPPLY_OFF,
            often(NO, 8).or(YES, 2),
            "the other half of a split has its own breaker")
        .under(Fault.NO_CALL, often(NO, 9).or(YES, 1), "nothing is asked")
        .under(Fault.CONTROL_POWER, often(NO, 9).or(YES, 1), "no 24 V, nothing pulls in")
        .under(Fault.BOARD_SILENT, often(YES, 6).or(NO, 4), "a board can fail in part or whole")
        .read(WaysToAnswer::restRuns);
  }

  static Check lamp() {
    return check("look.lamp", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.LOOK_LAMP)
        .ask(
            "Look at the board's lamp before you cut the power.",
            "A code may clear with the power. Count it if it flashes.")
        .good(STEADY, "Steady")
        .good(HEARTBEAT, "Slow heartbeat")
        .good(COUNTS_AIRFLOW, "Counts something")
        .bad(FLASHES_A_CODE, "Flashes a code")
        .bad(OFF, "Off")
        .soft()
        .onlyFor(
            Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT, Symptom.CODE_BUT_RUNS)
        .normal(often(STEADY, 3).or(HEARTBEAT, 3).or(FLASHES_A_CODE, 4))
        .under(Fault.SUPPLY_OFF, always(OFF), "no power, no lamp")
        .under(Fault.CONTROL_POWER, often(OFF, 8).or(STEADY, 2), "no 24 V, no lamp")
        .under(
            Fault.BOARD_SILENT,
            often(OFF, 4).or(STEADY, 3).or(FLASHES_A_CODE, 3),
            "a dead board shows nothing")
        .under(Fault.NO_CALL, often(STEADY, 4).or(HEARTBEAT, 6), "all is well as far as it knows")
        .answeredByWord();
  }

  /** A serial board may count the airflow with its lamp, and does so only where the link talks. */
  static Check lampOfLink() {
    return check("look.lamp", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.LOOK_LAMP)
        .ask(
            "Make a call and watch the board's lamp: does it count the airflow?",
            "On many boards one flash is 100 CFM; it counts only while the link talks. Some boards"
                + " have no such lamp.")
        .good(COUNTS_AIRFLOW, "Counts the airflow")
        .bad(STEADY, "Steady")
        .bad(HEARTBEAT, "Slow heartbeat")
        .bad(FLASHES_A_CODE, "Flashes a code")
        .bad(OFF, "Off")
        .seen()
        .normal(
            often(COUNTS_AIRFLOW, 40)
                .or(STEADY, 22)
                .or(HEARTBEAT, 20)
                .or(FLASHES_A_CODE, 17)
                .or(OFF, 1))
        .under(
            Fault.BOARD_NO_TALK,
            often(STEADY, 32).or(HEARTBEAT, 28).or(FLASHES_A_CODE, 38).or(OFF, 2),
            NO_COUNT)
        .under(
            Fault.HARNESS_OPEN,
            often(STEADY, 32).or(HEARTBEAT, 28).or(FLASHES_A_CODE, 39).or(OFF, 1),
            NO_COUNT)
        .under(
            Fault.HARNESS_PIN,
            often(STEADY, 27)
                .or(HEARTBEAT, 23)
                .or(FLASHES_A_CODE, 34)
                .or(COUNTS_AIRFLOW, 15)
                .or(OFF, 1),
            "depends on which pin")
        .under(
            Fault.BOARD_SILENT,
            often(OFF, 5).or(STEADY, 3).or(FLASHES_A_CODE, 2),
            "a dead board shows nothing")
        .under(Fault.NO_CALL, often(STEADY, 40).or(HEARTBEAT, 60), "all is well as far as it knows")
        .under(
            Fault.SAFETY_OPEN,
            often(STEADY, 30).or(HEARTBEAT, 40).or(FLASHES_A_CODE, 30),
            "it may tell")
        .under(Fault.SUPPLY_OFF, always(OFF), "no power, no lamp")
        .under(Fault.CONTROL_POWER, often(OFF, 8).or(STEADY, 2), "no 24 V, no lamp")
        .under(
            Fault.CONTROL_SAGS,
            often(OFF, 4).or(STEADY, 4).or(COUNTS_AIRFLOW, 2),
            "it may drop out")
        .under(
            Fault.SETTING_TAP, often(COUNTS_AIRFLOW, 3).or(STEADY, 4).or(OFF, 3), "it may drop out")
        .answeredByWord();
  }

  private static final String NO_COUNT = "no link, no count";

  static Check smell() {
    return check("look.smell", Suspect.MODULE, POWER_ON, 1)
        .takes(FactType.LOOK_SMELL)
        .ask("Smell at the blower. Any burnt mark?", "At the opening; the panel can stay on.")
        .good(NONE, "Nothing")
        .bad(BURNT, "Burnt")
        .soft()
        .onlyFor(Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.TRIPS_PROTECTION, Symptom.NOISE)
        .normal(always(NONE))
        .under(Fault.MODULE_DEAD, often(NONE, 8).or(BURNT, 2), "some blow with a mark")
        .under(Fault.MODULE_OUTPUT_SHORTED, often(NONE, 6).or(BURNT, 4), "power stages burn")
        .under(Fault.MODULE_PULLS_DOWN, often(NONE, 6).or(BURNT, 4), "power stages burn")
        .under(Fault.DRIVE_DEAD, often(NONE, 7).or(BURNT, 3), "some blow with a mark")
        .under(Fault.WINDING_SHORT, often(NONE, 5).or(BURNT, 5), "varnish smells")
        .answeredByWord();
  }

  static Check water() {
    return check("look.water", Suspect.HARNESS, POWER_ON, 1)
        .takes(FactType.LOOK_WATER)
        .ask("Look for water.", "In the pan, on the cabinet, and a track down to a plug.")
        .good(DRY, "Dry")
        .bad(WATER_IN_PAN, "Water in the pan")
        .bad(SWEATING_CABINET, "Sweating cabinet")
        .bad(TRACK_TO_CONNECTOR, "A track down to a plug")
        .soft()
        .normal(
            often(DRY, 85).or(WATER_IN_PAN, 6).or(SWEATING_CABINET, 6).or(TRACK_TO_CONNECTOR, 3))
        .effect(
            often(DRY, 66).or(WATER_IN_PAN, 22).or(SWEATING_CABINET, 9).or(TRACK_TO_CONNECTOR, 3),
            "a fan that stands makes ice, and ice melts",
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.LOW_AIRFLOW)
        .under(Fault.HARNESS_CORRODED, often(TRACK_TO_CONNECTOR, 8).or(DRY, 2), "water made it")
        .under(Fault.HARNESS_PIN, often(DRY, 8).or(TRACK_TO_CONNECTOR, 2), "some pins are green")
        .under(
            Fault.AIR_BLOCKED,
            often(DRY, 60).or(WATER_IN_PAN, 25).or(SWEATING_CABINET, 15),
            "ice melts")
        .answeredByWord();
  }
}
