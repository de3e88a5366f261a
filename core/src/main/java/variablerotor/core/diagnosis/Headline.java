package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Observation;
import variablerotor.core.fact.Answer;
import variablerotor.core.likelihood.Check;

/** While nothing is settled: what is known by now, and what the next check will tell. */
final class Headline {
  /** So much of what is known is said. */
  private static final int SAID = 2;

  /** By check and answer, in as few words as can be. */
  private static final Map<String, Map<Answer, String>> KNOWN =
      Map.ofEntries(
          Map.entry("line.volts", Map.of(Answer.GOOD, "Line is there.")),
          Map.entry("bus.volts", Map.of(Answer.GOOD, "The DC bus is there.")),
          Map.entry("logic.volts", Map.of(Answer.GOOD, "The logic supply is there.")),
          Map.entry("control.volts", Map.of(Answer.GOOD, "24 V is there.")),
          Map.entry("contactor.volts", Map.of(Answer.GOOD, "The contactor passes the line on.")),
          Map.entry("link.volts", Map.of(Answer.GOOD, "The board feeds the link.")),
          Map.entry("aux.volts", Map.of(Answer.GOOD, "The fan gives its 10 V.")),
          Map.entry("call.present", Map.of(Answer.YES, "A call arrives.")),
          Map.entry("command.volts.board", Map.of(Answer.GOOD, "The board asks it to run.")),
          Map.entry("command.volts", Map.of(Answer.GOOD, "The command reaches the motor.")),
          Map.entry(
              "run.substitute_command",
              Map.of(
                  Answer.RUNS,
                  "It runs on a good command.",
                  Answer.STILL,
                  "It stands still on a good command, too.")),
          Map.entry(
              "shaft.feel",
              Map.of(
                  Answer.FREE,
                  "It turns free.",
                  Answer.LOCKED,
                  "It is locked.",
                  Answer.STIFF,
                  "It turns stiffly.",
                  Answer.COGGING,
                  "It cogs.")),
          Map.entry("shaft.feel.module_off", Map.of(Answer.GONE, "Disconnected, it turns free.")),
          Map.entry("winding.pairs", Map.of(Answer.SOUND, "The windings are even.")),
          Map.entry("winding.frame", Map.of(Answer.CLEAR, "Nothing goes to the frame.")),
          Map.entry(
              "air.look",
              Map.of(
                  Answer.CLEAR,
                  "Filter and coil are clear.",
                  Answer.COIL_FROZEN,
                  "The coil is iced, which a fan that stands does, too.")),
          Map.entry("wheel.look", Map.of(Answer.CLEAR, "The wheel is clear.")),
          Map.entry(
              "run.control_unplugged",
              Map.of(Answer.STOPS, "Something feeds it: without its plug it stops.")),
          Map.entry(
              "safety.open",
              Map.of(
                  Answer.LIMIT,
                  "The limit is open, as it is when no air moves.",
                  Answer.PRESSURE,
                  "A pressure switch is open, as it is when a fan stands.",
                  Answer.DOOR,
                  "The door switch is open.")));

  /** By check, the question that it answers. */
  private static final Map<String, String> ASKED =
      Map.ofEntries(
          Map.entry("line.volts", "Is line there?"),
          Map.entry("bus.volts", "Is the DC bus there?"),
          Map.entry("logic.volts", "Is the logic supply there?"),
          Map.entry("control.volts", "Is 24 V there?"),
          Map.entry("control.volts.loaded", "Does the 24 V hold under load?"),
          Map.entry("contactor.volts", "Does the contactor pass the line on?"),
          Map.entry("call.present", "Is it called?"),
          Map.entry("thermostat.call", "Does the thermostat call?"),
          Map.entry("safety.open", "Is a switch of the safety string open?"),
          Map.entry("command.volts.board", "Does the board ask it to run?"),
          Map.entry("command.volts", "Is it asked to run?"),
          Map.entry("link.volts", "Does the board feed the link?"),
          Map.entry("aux.volts", "Does the fan give its own 10 V?"),
          Map.entry("aux.volts.unloaded", "Does what hangs on the 10 V pull it down?"),
          Map.entry("bus.volts.unplugged", "Does the motor pull the bus down?"),
          Map.entry("logic.volts.unplugged", "Does the motor pull the logic supply down?"),
          Map.entry("run.substitute_command", "Does it run on a good command?"),
          Map.entry("run.control_unplugged", "Does it run with nothing telling it to?"),
          Map.entry("run.reseated", "Is all well with its plugs mended?"),
          Map.entry("shaft.feel", "Does it turn free?"),
          Map.entry("shaft.feel.module_off", "Is the drag the module's?"),
          Map.entry("shaft.feel.wheel_off", "Is it the bearings or the wheel?"),
          Map.entry("winding.pairs", "Are the windings even?"),
          Map.entry("winding.frame", "Does a winding touch the frame?"),
          Map.entry("winding.joint", "Is it the winding or the wires to it?"),
          Map.entry("winding.joint.frame", "Is it the winding or the wires to it?"),
          Map.entry("connector.look", "Are the plugs as they should be?"),
          Map.entry("wheel.look", "Does the wheel hold it?"),
          Map.entry("air.look", "Can the air get through?"),
          Map.entry("drive.output", "Does the drive put anything out?"),
          Map.entry("drive.fault", "Does the drive show a fault?"),
          Map.entry("drive.output.unloaded", "Is it the drive or the motor behind it?"));

  private Headline() {}

  /**
   * What is known, and the question that comes next; empty where neither can be said in few words.
   *
   * @param next the check that comes next; null for none
   */
  static String of(Evidence evidence, @Nullable Check next) {
    List<String> said = known(evidence);
    String asked = next == null ? null : ASKED.get(next.id());
    if (asked != null) {
      said.add(asked);
    }
    return String.join(" ", said);
  }

  /** What is known by now, in as few words as can be. */
  static List<String> known(Evidence evidence) {
    List<String> said = new ArrayList<>();
    for (int c = evidence.seen.length - 1; c >= 0 && said.size() < SAID; c--) {
      Observation seen = evidence.seen[c];
      String known =
          seen == null
              ? null
              : KNOWN.getOrDefault(evidence.table.checks.get(c).id(), Map.of()).get(seen.outcome());
      if (known != null) {
        said.add(0, known);
      }
    }
    return said;
  }
}
