package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import variablerotor.core.text.Numbers;
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

  /** Runs every call. */
  public static Result of(Wiring wiring) {
    Board board = new Board(wiring);
    boolean expects = !wiring.expects().isEmpty();
    List<Run> runs =
        wiring.calls().stream()
            .map(call -> Simulation.run(board, call, wiring.expected(call.name()), expects))
            .toList();
    List<Finding> findings = asSuch(board, runs);
    boolean stops =
        findings.stream().anyMatch(Finding::stops)
            || runs.stream().anyMatch(run -> run.findings().stream().anyMatch(Finding::stops));
    return new Result(!stops, runs, findings);
  }

  /** Every finding, of the wiring as such and of each call. */
  public List<Finding> all() {
    List<Finding> all = new ArrayList<>(findings);
    calls.forEach(run -> all.addAll(run.findings()));
    return all;
  }

  private static List<Finding> asSuch(Board board, List<Run> runs) {
    List<Finding> findings = new ArrayList<>();
    for (Part part : board.parts) {
      if (part.type().isMotor()) {
        ground(board, part, findings);
      }
      if (part.type() == PartType.MOTOR_PSC) {
        leads(board, part, findings);
        capacitor(board, part, findings);
      }
    }
    // What is wrong on every call alike is told once more for the whole.
    for (Kind kind : List.of(Kind.NO_CAPACITOR, Kind.OVERLOAD_MISSING, Kind.CIRCUITS_JOINED)) {
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

  private static void leads(Board board, Part motor, List<Finding> findings) {
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

  private static void capacitor(Board board, Part motor, List<Finding> findings) {
    int one = board.wired.of(board.at(motor, "CAP1"));
    int other = board.wired.of(board.at(motor, "CAP2"));
    for (Part part : board.parts) {
      if (part.type() != PartType.CAPACITOR) {
        continue;
      }
      int from = board.wired.of(board.at(part, "1"));
      int to = board.wired.of(board.at(part, "2"));
      boolean touches = from == one || from == other || to == one || to == other;
      boolean across = (from == one && to == other) || (from == other && to == one);
      if (touches
          && !across
          && board.hasWire[board.at(part, "1")]
          && board.hasWire[board.at(part, "2")]) {
        findings.add(
            Finding.stop(
                Kind.CAPACITOR_WRONG,
                List.of(part.at("1"), part.at("2")),
                part.id()
                    + " is on a wrong lead: it belongs across the two capacitor leads of "
                    + motor.id()
                    + "."));
      }
    }
    Double asked = motor.microfarads();
    Double has = Simulation.microfarads(board, board.wired, motor);
    if (asked != null && has != null && !Simulation.isRight(has, asked)) {
      findings.add(
          Finding.stop(
              Kind.CAPACITOR_WRONG,
              List.of(motor.at("CAP1"), motor.at("CAP2")),
              motor.id()
                  + " asks for "
                  + Numbers.plain(asked, 1)
                  + " µF and has "
                  + Numbers.plain(has, 1)
                  + " µF: it runs hot and weak."));
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("ok", ok, "calls", calls, "findings", findings);
  }
}
