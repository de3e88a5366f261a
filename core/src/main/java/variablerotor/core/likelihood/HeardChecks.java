package variablerotor.core.likelihood;

import static variablerotor.core.check.UnitState.POWER_ON;
import static variablerotor.core.likelihood.Check.check;

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
        .good("RUNS", "It runs")
        .bad("SILENCE", "Silence")
        .bad("CLICK", "A click, no more")
        .bad("HUMS", "It hums")
        .bad("TRIES_AND_GIVES_UP", "Tries and gives up")
        .soft()
        .onlyFor(Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT)
        .normal("SILENCE 5 CLICK 2 RUNS 1 HUMS 1 TRIES_AND_GIVES_UP 1")
        .under(Fault.SUPPLY_OFF, "SILENCE 1", "nothing has power")
        .under(Fault.NO_CALL, "SILENCE 1", "nothing is asked")
        .under(Fault.CONTROL_POWER, "SILENCE 9 CLICK 1", "relays do not pull in")
        .under(Fault.MODULE_DEAD, "SILENCE 6 CLICK 4", "the board's relay is heard, no more")
        .under(Fault.WINDING_SHORT, "TRIES_AND_GIVES_UP 6 HUMS 2 SILENCE 2", "it rocks and stops")
        .under(Fault.WINDING_SLIGHT_SHORT, "TRIES_AND_GIVES_UP 6 HUMS 2 RUNS 2", "it rocks")
        .under(
            Fault.WINDING_OPEN, "TRIES_AND_GIVES_UP 7 HUMS 2 SILENCE 1", "it rocks on two phases")
        .under(Fault.WINDING_JOINT, "TRIES_AND_GIVES_UP 6 HUMS 2 RUNS 2", "a phase is weak")
        .under(Fault.BEARING_SEIZED, "TRIES_AND_GIVES_UP 7 HUMS 2 SILENCE 1", "it pushes in vain")
        .under(Fault.BEARING_DRAG, "TRIES_AND_GIVES_UP 5 RUNS 4 HUMS 1", "it pushes hard")
        .under(Fault.WHEEL_JAMMED, "TRIES_AND_GIVES_UP 8 HUMS 1 SILENCE 1", "it pushes in vain")
        .under(Fault.MODULE_OUTPUT_SHORTED, "SILENCE 5 HUMS 2 TRIES_AND_GIVES_UP 3", "it brakes")
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
        .good("YES", "Something else runs")
        .bad("NO", "Nothing runs")
        .soft()
        .onlyFor(Symptom.NO_RUN, Symptom.INTERMITTENT)
        .normal("YES 9 NO 1")
        .under(Fault.SUPPLY_OFF, "NO 8 YES 2", "the other half of a split has its own breaker")
        .under(Fault.NO_CALL, "NO 9 YES 1", "nothing is asked")
        .under(Fault.CONTROL_POWER, "NO 9 YES 1", "no 24 V, nothing pulls in")
        .under(Fault.BOARD_SILENT, "YES 6 NO 4", "a board can fail in part or whole")
        .read(WaysToAnswer::restRuns);
  }

  static Check lamp() {
    return check("look.lamp", Suspect.COMMAND, POWER_ON, 1)
        .takes(FactType.LOOK_LAMP)
        .ask(
            "Look at the board's lamp before you cut the power.",
            "A code may clear with the power. Count it if it flashes.")
        .good("STEADY", "Steady")
        .good("HEARTBEAT", "Slow heartbeat")
        .good("COUNTS_AIRFLOW", "Counts something")
        .bad("FLASHES_A_CODE", "Flashes a code")
        .bad("OFF", "Off")
        .soft()
        .onlyFor(
            Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.INTERMITTENT, Symptom.CODE_BUT_RUNS)
        .normal("STEADY 3 HEARTBEAT 3 FLASHES_A_CODE 4")
        .under(Fault.SUPPLY_OFF, "OFF 1", "no power, no lamp")
        .under(Fault.CONTROL_POWER, "OFF 8 STEADY 2", "no 24 V, no lamp")
        .under(Fault.BOARD_SILENT, "OFF 4 STEADY 3 FLASHES_A_CODE 3", "a dead board shows nothing")
        .under(Fault.NO_CALL, "STEADY 4 HEARTBEAT 6", "all is well as far as it knows")
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
        .good("COUNTS_AIRFLOW", "Counts the airflow")
        .bad("STEADY", "Steady")
        .bad("HEARTBEAT", "Slow heartbeat")
        .bad("FLASHES_A_CODE", "Flashes a code")
        .bad("OFF", "Off")
        .seen()
        .normal("COUNTS_AIRFLOW 40 STEADY 22 HEARTBEAT 20 FLASHES_A_CODE 17 OFF 1")
        .under(Fault.BOARD_NO_TALK, "STEADY 32 HEARTBEAT 28 FLASHES_A_CODE 38 OFF 2", NO_COUNT)
        .under(Fault.HARNESS_OPEN, "STEADY 32 HEARTBEAT 28 FLASHES_A_CODE 39 OFF 1", NO_COUNT)
        .under(
            Fault.HARNESS_PIN,
            "STEADY 27 HEARTBEAT 23 FLASHES_A_CODE 34 COUNTS_AIRFLOW 15 OFF 1",
            "depends on which pin")
        .under(Fault.BOARD_SILENT, "OFF 5 STEADY 3 FLASHES_A_CODE 2", "a dead board shows nothing")
        .under(Fault.NO_CALL, "STEADY 40 HEARTBEAT 60", "all is well as far as it knows")
        .under(Fault.SAFETY_OPEN, "STEADY 30 HEARTBEAT 40 FLASHES_A_CODE 30", "it may tell")
        .under(Fault.SUPPLY_OFF, "OFF 1", "no power, no lamp")
        .under(Fault.CONTROL_POWER, "OFF 8 STEADY 2", "no 24 V, no lamp")
        .under(Fault.CONTROL_SAGS, "OFF 4 STEADY 4 COUNTS_AIRFLOW 2", "it may drop out")
        .under(Fault.SETTING_TAP, "COUNTS_AIRFLOW 3 STEADY 4 OFF 3", "it may drop out")
        .answeredByWord();
  }

  private static final String NO_COUNT = "no link, no count";

  static Check smell() {
    return check("look.smell", Suspect.MODULE, POWER_ON, 1)
        .takes(FactType.LOOK_SMELL)
        .ask("Smell at the blower. Any burnt mark?", "At the opening; the panel can stay on.")
        .good("NONE", "Nothing")
        .bad("BURNT", "Burnt")
        .soft()
        .onlyFor(Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS, Symptom.TRIPS_PROTECTION, Symptom.NOISE)
        .normal("NONE 1")
        .under(Fault.MODULE_DEAD, "NONE 8 BURNT 2", "some blow with a mark")
        .under(Fault.MODULE_OUTPUT_SHORTED, "NONE 6 BURNT 4", "power stages burn")
        .under(Fault.MODULE_PULLS_DOWN, "NONE 6 BURNT 4", "power stages burn")
        .under(Fault.DRIVE_DEAD, "NONE 7 BURNT 3", "some blow with a mark")
        .under(Fault.WINDING_SHORT, "NONE 5 BURNT 5", "varnish smells")
        .answeredByWord();
  }

  static Check water() {
    return check("look.water", Suspect.HARNESS, POWER_ON, 1)
        .takes(FactType.LOOK_WATER)
        .ask("Look for water.", "In the pan, on the cabinet, and a track down to a plug.")
        .good("DRY", "Dry")
        .bad("WATER_IN_PAN", "Water in the pan")
        .bad("SWEATING_CABINET", "Sweating cabinet")
        .bad("TRACK_TO_CONNECTOR", "A track down to a plug")
        .soft()
        .normal("DRY 85 WATER_IN_PAN 6 SWEATING_CABINET 6 TRACK_TO_CONNECTOR 3")
        .effect(
            "DRY 66 WATER_IN_PAN 22 SWEATING_CABINET 9 TRACK_TO_CONNECTOR 3",
            "a fan that stands makes ice, and ice melts",
            Symptom.NO_RUN,
            Symptom.STARTS_THEN_STOPS,
            Symptom.INTERMITTENT,
            Symptom.LOW_AIRFLOW)
        .under(Fault.HARNESS_CORRODED, "TRACK_TO_CONNECTOR 8 DRY 2", "water made it")
        .under(Fault.HARNESS_PIN, "DRY 8 TRACK_TO_CONNECTOR 2", "some pins are green")
        .under(Fault.AIR_BLOCKED, "DRY 60 WATER_IN_PAN 25 SWEATING_CABINET 15", "ice melts")
        .answeredByWord();
  }
}
