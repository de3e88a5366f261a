package variablerotor.core.wiring;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Which terminals are one conductor whatever the call: by wires, and by joints. */
public final class Conductors {
  /** What a conductor belongs to: told apart by its stroke as well as by its colour. */
  public enum Kind {
    LINE,
    CONTROL,
    GROUND,
    OTHER
  }

  private final Board board;
  private @Nullable Domains domains;

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

  /** What this conductor belongs to. */
  public Kind kind(int conductor) {
    if (conductor < 0 || conductor >= board.terminals.size()) {
      return Kind.OTHER;
    }
    if (domains == null) {
      domains = new Domains(board);
    }
    return domains.kind(conductor);
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
