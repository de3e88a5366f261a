package variablerotor.core.wiring;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.circuit.Circuit;
import variablerotor.core.circuit.Complex;

/**
 * What hangs on each transformer, and what is left of its 24 V where that is more than it bears.
 * Each carries the coils on its own R and C; those whose R are joined share theirs.
 */
final class Burden {
  /** A transformer's voltage drops by this share from nothing to full load. Judgement. */
  private static final double REGULATION = 0.1;

  /** What burns draws nothing for long [share of a coil's voltage]. Common practice. */
  private static final double MOST = 30 / 24.0;

  private final Board board;
  private final Nets nets;
  private final Potentials potentials;
  private final Map<Board.Coil, Set<Integer>> feeders = new LinkedHashMap<>();
  private final Map<Integer, Double> sags = new LinkedHashMap<>();

  Burden(Board board, Nets nets, Potentials potentials) {
    this.board = board;
    this.nets = nets;
    this.potentials = potentials;
    Set<Integer> hot = new LinkedHashSet<>();
    for (Board.Secondary one : board.secondaries) {
      if (potentials.given(one) > 0) {
        hot.add(nets.of(one.r()));
      }
    }
    for (Board.Coil coil : board.coils) {
      if (Loads.isControl(coil.part())) {
        feeders.put(coil, feeders(coil, hot));
      }
    }
    hot.forEach(net -> sags.put(net, left(net)));
  }

  /** The hot conductors that a coil hangs on: by itself, or over others in series with it. */
  private Set<Integer> feeders(Board.Coil coil, Set<Integer> hot) {
    int a = nets.of(coil.a());
    int b = nets.of(coil.b());
    if (hot.contains(a) != hot.contains(b)) {
      return Set.of(hot.contains(a) ? a : b);
    }
    boolean held = potentials.isHeld(a) && potentials.isHeld(b) && !hot.contains(a);
    if (held || potentials.between(coil.a(), coil.b()) <= Simulation.NOTHING) {
      return Set.of();
    }
    Set<Integer> found = new LinkedHashSet<>();
    Set<Integer> seen = new LinkedHashSet<>(List.of(a));
    seen.add(b);
    Deque<Integer> left = new ArrayDeque<>(seen);
    while (!left.isEmpty()) {
      int net = left.remove();
      if (hot.contains(net)) {
        found.add(net);
      } else if (!potentials.isHeld(net)) {
        for (Potentials.Load load : board.drawing) {
          int from = nets.of(load.from());
          int to = nets.of(load.to());
          if ((from == net || to == net) && seen.add(from == net ? to : from)) {
            left.add(from == net ? to : from);
          }
        }
      }
    }
    return found;
  }

  /** What is left of 24 V for this coil, as a share. */
  double sag(Board.Coil coil) {
    return feeders.getOrDefault(coil, Set.of()).stream()
        .mapToDouble(net -> sags.getOrDefault(net, 1.0))
        .min()
        .orElse(1);
  }

  /** What is left of 24 V on this terminal, as a share. */
  double sag(int terminal) {
    return sags.getOrDefault(nets.of(terminal), 1.0);
  }

  /** The coils that hang on a transformer. */
  List<Board.Coil> coils(Board.Secondary one) {
    int net = nets.of(one.r());
    List<Board.Coil> coils = new ArrayList<>();
    feeders.forEach(
        (coil, found) -> {
          if (found.contains(net)) {
            coils.add(coil);
          }
        });
    return coils;
  }

  /**
   * The VA of all transformers whose R are joined with this one's [VA]; none where one tells none.
   */
  double rated(Board.Secondary one) {
    return rated(nets.of(one.r()));
  }

  private double rated(int net) {
    double sum = 0;
    for (Board.Secondary one : board.secondaries) {
      if (nets.of(one.r()) == net) {
        Double va = one.part().va();
        sum += va == null ? Double.POSITIVE_INFINITY : va;
      }
    }
    return sum;
  }

  /** What hangs on a transformer besides the parts shown [VA]. */
  double besides(Board.Secondary one) {
    return besides(nets.of(one.r()));
  }

  private double besides(int net) {
    double sum = 0;
    for (Board.Secondary one : board.secondaries) {
      Double load = one.part().loadVa();
      sum += nets.of(one.r()) == net && load != null ? load : 0;
    }
    return sum;
  }

  /** What hangs on a transformer now [VA]: each coil by the square of its voltage. */
  double drawn(Board.Secondary one) {
    return drawn(nets.of(one.r()));
  }

  private double drawn(int net) {
    double va = besides(net);
    for (Map.Entry<Board.Coil, Set<Integer>> one : feeders.entrySet()) {
      if (one.getValue().contains(net)) {
        Board.Coil coil = one.getKey();
        double share = potentials.between(coil.a(), coil.b()) / Loads.COIL_VOLTS;
        va += share > MOST ? 0 : Loads.coilVa(coil.part()) * share * share;
      }
    }
    return va;
  }

  /**
   * What is left where more hangs on a transformer than it bears, as a share: a source that drops
   * by its regulation at full load, with the load as one resistor.
   */
  private double left(int net) {
    double rated = rated(net);
    double load = drawn(net);
    if (load <= rated || rated <= 0) {
      return 1;
    }
    double full = Loads.COIL_VOLTS * Loads.COIL_VOLTS / rated;
    Circuit circuit =
        new Circuit()
            .source("winding", "inside", "C", Complex.real(Loads.COIL_VOLTS * (1 + REGULATION)))
            .resistor("regulation", "inside", "R", full * REGULATION)
            .resistor("load", "R", "C", Loads.COIL_VOLTS * Loads.COIL_VOLTS / load);
    return circuit.solve("C").volts("R").magnitude() / Loads.COIL_VOLTS;
  }
}
