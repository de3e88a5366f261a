package variablerotor.core.wiring;

import java.util.List;

/**
 * Whether an overload relay protects a three-phase motor: each of its legs runs through a heater,
 * and what trips stops it. Heaters anywhere else protect nothing. Common practice.
 */
final class Protection {
  private Protection() {}

  private static final List<String> LEADS = List.of("U", "V", "W");

  /** Whether the contact that a trip opens is in any circuit. */
  static boolean hasTripContact(Board board, Part overload) {
    return board.hasWire[board.at(overload, "95")] && board.hasWire[board.at(overload, "96")];
  }

  /** Whether a motor that runs on this call would go on where it is overloaded. */
  static boolean isMissing(Simulation runs, Part motor) {
    Board board = runs.board();
    Simulation.State state = runs.state();
    if (fed(board, runs.withoutHeaters(), motor) > 0) {
      return true;
    }
    Simulation tripped = Simulation.of(board, runs.call(), state, Simulation.Overloads.TRIPPED);
    return fed(board, tripped.nets(), motor) > 1;
  }

  private static int fed(Board board, Nets nets, Part motor) {
    int fed = 0;
    for (String lead : LEADS) {
      fed += Simulation.isOnLine(board, nets, board.at(motor, lead)) ? 1 : 0;
    }
    return fed;
  }
}
