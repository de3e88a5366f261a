package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What an ohmmeter reads on a wiring at rest: breaker off, nothing called, transformer lifted at R
 * and at H1. A capacitor reads open once it has charged.
 */
final class Meter {
  /** What a meter tells apart. */
  enum Reads {
    ZERO,
    SOME,
    OPEN
  }

  private final Board board;
  private final Nets joined;
  private final Nets reached;
  private final List<List<Terminal>> conductors;

  Meter(Board board) {
    this.board = board;
    joined = Simulation.atRest(board);
    conductors = gathered();
    reached = joined.copy();
    for (Potentials.Load load : board.loads) {
      boolean lifted = load.of() == PartType.TRANSFORMER || load.of() == PartType.CAPACITOR;
      if (!lifted && load.from() >= 0 && load.to() >= 0) {
        reached.join(load.from(), load.to());
      }
    }
  }

  Reads reads(Terminal one, Terminal other) {
    int from = board.at(one);
    int to = board.at(other);
    return joined.joined(from, to)
        ? Reads.ZERO
        : reached.joined(from, to) ? Reads.SOME : Reads.OPEN;
  }

  /** Terminals with wires, by what reads zero between them, in the order of the parts. */
  List<List<Terminal>> conductors() {
    return conductors;
  }

  private List<List<Terminal>> gathered() {
    Map<Integer, List<Terminal>> all = new LinkedHashMap<>();
    for (int at = 0; at < board.terminals.size(); at++) {
      if (board.hasWire[at]) {
        all.computeIfAbsent(joined.of(at), any -> new ArrayList<>()).add(board.terminals.get(at));
      }
    }
    return List.copyOf(all.values());
  }
}
