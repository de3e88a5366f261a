package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.Finding.Kind;

/**
 * A wiring, run call by call. It proves the record, not the copper.
 *
 * @param ok whether nothing must be stopped and every call does what it must
 * @param findings that hold for the wiring as such
 */
public record Result(boolean ok, List<Run> calls, List<Finding> findings) implements Node {
  public Result {
    calls = List.copyOf(calls);
    findings = List.copyOf(findings);
  }

  /** Runs every call, and the rest after each. */
  public static Result of(Wiring wiring) {
    Board board = new Board(wiring);
    Calls calls = new Calls(board);
    List<Run> runs = wiring.calls().stream().map(calls::run).toList();
    List<Finding> findings = asSuch(board, runs);
    boolean stops =
        findings.stream().anyMatch(Finding::stops)
            || runs.stream().anyMatch(run -> run.findings().stream().anyMatch(Finding::stops));
    return new Result(!stops, runs, findings);
  }

  /** Whether nothing must be stopped: no more is run than that takes to say. */
  static boolean holds(Wiring wiring) {
    Board board = new Board(wiring);
    if (asSuch(board, List.of()).stream().anyMatch(Finding::stops)) {
      return false;
    }
    Calls calls = new Calls(board);
    return wiring.calls().stream()
        .noneMatch(call -> calls.run(call).findings().stream().anyMatch(Finding::stops));
  }

  /** Every finding, of the wiring as such and of each call. */
  public List<Finding> all() {
    List<Finding> all = new ArrayList<>(findings);
    calls.forEach(run -> all.addAll(run.findings()));
    return all;
  }

  private static final List<Kind> TOLD_ONCE_MORE =
      List.of(Kind.NO_CAPACITOR, Kind.OVERLOAD_MISSING, Kind.CIRCUITS_JOINED, Kind.GROUND_CARRIES);

  private static List<Finding> asSuch(Board board, List<Run> runs) {
    List<Finding> findings = new ArrayList<>();
    for (Part part : board.parts) {
      if (part.type().isMotor()) {
        ground(board, part, findings);
      }
      if (part.type() == PartType.OVERLOAD) {
        trip(board, part, findings);
      }
      if (part.type() == PartType.MOTOR_PSC) {
        leads(board, part, findings);
        findings.addAll(new Capacitors(board, board.joined, part).findings());
      }
    }
    // What is wrong on every call alike is told once more for the whole.
    for (Kind kind : TOLD_ONCE_MORE) {
      runs.stream()
          .flatMap(run -> run.findings().stream())
          .filter(one -> one.kind() == kind)
          .findFirst()
          .ifPresent(findings::add);
    }
    return findings;
  }

  private static void ground(Board board, Part motor, List<Finding> findings) {
    for (Part part : board.parts) {
      if (part.type().isLine() && board.wired.joined(board.at(part, "G"), board.at(motor, "G"))) {
        return;
      }
    }
    findings.add(
        Finding.stop(
            Kind.UNGROUNDED,
            List.of(motor.at("G")),
            "The frame of " + motor.id() + " is not grounded: a fault inside puts line on it."));
  }

  private static void trip(Board board, Part overload, List<Finding> findings) {
    boolean used =
        List.of("1", "2", "3", "4", "5", "6").stream()
            .anyMatch(leg -> board.hasWire[board.at(overload, leg)]);
    if (used && !Protection.hasTripContact(board, overload)) {
      findings.add(
          Finding.caution(
              Kind.FLOATING_LEAD,
              List.of(overload.at("95"), overload.at("96")),
              "The trip contact 95-96 of "
                  + overload.id()
                  + " is in no circuit: unless this relay opens the motor's legs itself, its trip"
                  + " stops nothing. It belongs in the contactor's coil circuit."));
    }
  }

  private static void leads(Board board, Part motor, List<Finding> findings) {
    boolean capacitor =
        board.hasWire[board.at(motor, "CAP1")] && board.hasWire[board.at(motor, "COM")];
    if (motor.capacitorCommon() && capacitor && !board.hasWire[board.at(motor, "CAP2")]) {
      findings.add(
          Finding.caution(
              Kind.FLOATING_LEAD,
              List.of(motor.at("CAP2")),
              "The second capacitor lead hangs free, and is the motor's common inside: cap it"
                  + " alone."));
    }
    for (String speed : motor.speeds()) {
      if (!board.hasWire[board.at(motor, speed)]) {
        findings.add(
            Finding.caution(
                Kind.FLOATING_LEAD,
                List.of(motor.at(speed)),
                "The lead for "
                    + speed
                    + " hangs free, and is live while the motor runs: cap it alone."));
      }
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("ok", ok, "calls", calls, "findings", findings);
  }
}
