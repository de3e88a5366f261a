package variablerotor.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.motor.UnitPlate.Heating;
import variablerotor.core.wiring.PlanRequest.CallId;

/**
 * What is seen of a new motor: which way it turns, that it runs on every call that the unit has and
 * stands without one, and that nothing shows a code.
 */
final class Turning {
  private final ProofRequest request;
  private final Readings readings;
  private final boolean outdoors;

  Turning(ProofRequest request) {
    this.request = request;
    readings = request.readings();
    outdoors = request.isOutdoors();
  }

  List<Check> checks() {
    List<Check> checks = new ArrayList<>();
    checks.add(rotation().asking(ReadingType.ROTATION));
    for (CallId call : calls()) {
      checks.add(call(call).asking(List.of(ReadingType.RUN + call.name())));
    }
    checks.add(idle().asking(ReadingType.RUN_IDLE));
    if (needsDefrost() || readings.have(ReadingType.RUN_DEFROST)) {
      checks.add(defrost().asking(ReadingType.RUN_DEFROST));
    }
    checks.add(code().asking(ReadingType.CODE));
    return checks;
  }

  private Check rotation() {
    String read = readings.word(ReadingType.ROTATION);
    if (read == null) {
      return Check.notYet(
          "rotation",
          outdoors
              ? "Look which way it turns: outdoors the air goes out at the top. A self-finding motor"
                  + " turns slowly both ways at its first power; judge after that."
              : "Look which way it turns, by the wheel's arrow: a wheel turned backwards moves some"
                  + " air, too. A self-finding motor turns slowly both ways at its first power; judge"
                  + " after that.");
    }
    return read.equals("RIGHT")
        ? Check.pass("rotation", "It turns the right way.")
        : Check.fail(
            "rotation",
            "It turns backwards.",
            request.fitted().family() == Family.DRIVE_FED_INDUCTION
                ? "Two of its three leads changed over, drive off and discharged"
                : "The reversing plug, or the two leads for rotation",
            "The wheel put on from its wrong side");
  }

  /** Every call that the unit has, and those that were tried besides. */
  private Set<CallId> calls() {
    Set<CallId> calls = UnitCalls.of(request.unit());
    // One at least on which it must run: a fan that was only seen to stand is not proved.
    if (calls.stream().noneMatch(this::mustRun)) {
      calls.add(outdoors ? CallId.COOL : CallId.FAN);
    }
    calls.addAll(readings.runs().keySet());
    return calls;
  }

  /** An outdoor fan has no business on heat that is made indoors, nor on the blower's own call. */
  private boolean mustRun(CallId call) {
    return !outdoors || call == CallId.COOL || call == CallId.HEAT_PUMP;
  }

  private Check call(CallId call) {
    String id = Check.CALL + call.name();
    boolean must = mustRun(call);
    Boolean runs = readings.runs(call);
    if (runs == null) {
      return Check.notYet(
          id, "Call for " + call.title() + " alone: it must " + (must ? "run." : "stand."));
    }
    if (runs == must) {
      return Check.pass(
          id, must ? "It runs on " + call.title() + "." : "It stands on " + call.title() + ".");
    }
    return must
        ? Check.fail(
                id,
                "It does not run on " + call.title() + ".",
                "The tap or wire of this call: is it on a terminal that this call feeds?",
                "The plug: each pin at full height",
                "The call itself, at the board's output")
            .opening(Symptom.NO_RUN)
        : Check.fail(
                id,
                "It runs on " + call.title() + ", which is not the outdoor fan's call.",
                "Its control wire is on an output that is live then")
            .opening(Symptom.RUNS_ALWAYS);
  }

  private Check idle() {
    String read = readings.word(ReadingType.RUN_IDLE);
    if (read == null) {
      return Check.notYet("idle", "End the call and wait for its delay: it must stop.");
    }
    return read.equals("STOPS")
        ? Check.pass("idle", "It stops when the call ends.")
        : Check.fail(
                "idle",
                "It runs on when no call is there.",
                "The thermostat's fan switch on continuous, or a delay that is not over",
                "A tap that is always fed",
                "A relay that sticks, or is wired to its closed contact")
            .opening(Symptom.RUNS_ALWAYS);
  }

  private boolean needsDefrost() {
    UnitPlate unit = request.unit();
    return outdoors
        && (unit.heating().contains(Heating.HEAT_PUMP)
            || unit.kind() == UnitPlate.Kind.HEAT_PUMP_OUTDOOR);
  }

  /** In defrost the outdoor fan stands, the indoor blower goes on. Common practice. */
  private Check defrost() {
    String read = readings.word(ReadingType.RUN_DEFROST);
    if (read == null) {
      return Check.notYet("defrost", "Force a defrost at the board: the outdoor fan must stop.");
    }
    boolean runs = read.equals("RUNS");
    if (runs != outdoors) {
      return Check.pass(
          "defrost", outdoors ? "It stands in defrost." : "The blower goes on in defrost.");
    }
    return outdoors
        ? Check.fail(
            "defrost",
            "It runs in defrost: the coil does not thaw.",
            "The board's defrost contact is not in the fan's line",
            "A relay that sticks")
        : Check.fail(
            "defrost",
            "The blower stands in defrost.",
            "The tap or wire of the call that stands then");
  }

  /** As people write that there is no code. */
  private static boolean isNone(String read) {
    String said = read.trim().toLowerCase(Locale.ROOT);
    return said.isEmpty() || List.of("none", "no code", "no codes", "nothing", "-").contains(said);
  }

  private Check code() {
    String read = readings.word(ReadingType.CODE);
    if (read == null) {
      return Check.notYet(
          "code",
          "Let it run some minutes, then look at the lamp or display: lock-outs and warm shorts show"
              + " late.");
    }
    return isNone(read)
        ? Check.pass("code", "No code after some minutes.")
        : Check.fail(
                "code",
                "It shows " + read.trim() + ": the repair is not done.",
                "What was changed first: plug and pins, link, tap, switch, wire",
                "A new search, on the new part")
            .opening(Symptom.CODE_BUT_RUNS);
  }
}
