package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Words;
import variablerotor.core.wiring.Finding.Kind;
import variablerotor.core.wiring.Simulation.State;

/**
 * The calls of one wiring, each run from rest or from where the call before it ended, and let go
 * afterwards.
 */
final class Calls {
  private final Board board;
  private final Map<String, Simulation> ended = new LinkedHashMap<>();
  private @Nullable State idle;

  Calls(Board board) {
    this.board = board;
  }

  Run run(Wiring.Call call) {
    Wiring wiring = board.wiring;
    Simulation simulation = simulation(call);
    Run run = Judge.of(simulation, wiring.expected(call.name()), !wiring.expects().isEmpty());
    Finding held = held(call, simulation);
    if (held == null) {
      return run;
    }
    List<Finding> findings = new ArrayList<>(run.findings());
    findings.add(held);
    return new Run(
        run.name(), run.motor(), run.motors(), run.relays(), run.coilVa(), findings, run.moments());
  }

  private Simulation simulation(Wiring.Call call) {
    Simulation known = ended.get(call.name());
    if (known != null) {
      return known;
    }
    State start = State.REST;
    for (Wiring.Call before : board.wiring.calls()) {
      if (before.name().equals(call.after())) {
        start = simulation(before).state();
      }
    }
    Simulation simulation = Simulation.of(board, call, start);
    ended.put(call.name(), simulation);
    return simulation;
  }

  /** What stays pulled once the call is let go; null where nothing does, or where that is meant. */
  private @Nullable Finding held(Wiring.Call call, Simulation simulation) {
    boolean goesOn =
        board.wiring.calls().stream()
            .anyMatch(one -> call.name().equals(one.after()) && one.on().isEmpty());
    if (call.on().isEmpty() || goesOn || !simulation.mayHold()) {
      return null;
    }
    Wiring.Call rest = new Wiring.Call("", List.of());
    Simulation after = Simulation.of(board, rest, simulation.state());
    if (idle == null) {
      idle = Simulation.of(board, rest, State.REST).state();
    }
    List<String> held = new ArrayList<>(after.state().pulled());
    held.removeAll(idle.pulled());
    if (held.isEmpty()) {
      return null;
    }
    List<Terminal> coils = held.stream().map(id -> new Terminal(id, "A")).toList();
    boolean runs =
        board.parts.stream()
            .filter(part -> part.type().isMotor())
            .anyMatch(part -> isFed(after, part));
    return Finding.stop(
        runs ? Kind.RUNS_WITHOUT_CALL : Kind.UNEXPECTED,
        coils,
        "After \""
            + call.name()
            + "\" has ended "
            + Words.and(held)
            + (held.size() == 1 ? " holds itself" : " hold each other")
            + (runs ? ", and the motor runs on." : ": nothing lets go."));
  }

  private boolean isFed(Simulation after, Part motor) {
    double enough = Simulation.TURNS * board.ratedVolts(motor);
    return motor.type() == PartType.MOTOR_3PH
        ? after.between(motor, "U", "V") >= enough
        : motor.speeds().stream().anyMatch(speed -> after.between(motor, speed, "COM") >= enough);
  }
}
