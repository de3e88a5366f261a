package variablerotor.core.wiring;

import java.util.List;

/** Which terminals are one conductor whatever the call: by wires, and by joints. */
public final class Conductors {
  private final Board board;

  private Conductors(Board board) {
    this.board = board;
  }

  /** Of every terminal of this wiring. */
  public static Conductors of(Wiring wiring) {
    return new Conductors(new Board(wiring));
  }

  /**
   * The number of the conductor that a terminal belongs to: the same for all that are joined; -1
   * for one that the wiring does not have.
   */
  public int of(Terminal terminal) {
    int at = board.at(terminal);
    return at < 0 ? -1 : board.wired.of(at);
  }

  /** Whether a wire ends there. */
  public boolean isWired(Terminal terminal) {
    int at = board.at(terminal);
    return at >= 0 && board.hasWire[at];
  }

  /** Every terminal on this conductor. */
  public List<Terminal> on(int conductor) {
    return board.terminals.stream().filter(one -> of(one) == conductor).toList();
  }

  /** Every conductor is numbered below this. */
  public int size() {
    return board.terminals.size();
  }
}
