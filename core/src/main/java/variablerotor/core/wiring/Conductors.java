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

  private final Nets nets;

  private Conductors(Board board, Nets nets) {
    this.board = board;
    this.nets = nets;
  }

  /**
   * The same, and what is joined inside a part: a capacitor on a motor's common is on its second
   * capacitor lead.
   */
  static Conductors inCopper(Wiring wiring) {
    Board board = new Board(wiring);
    return new Conductors(board, board.joined);
  }

  /** Of every terminal of this wiring. */
  public static Conductors of(Wiring wiring) {
    Board board = new Board(wiring);
    return new Conductors(board, board.wired);
  }

  /**
   * The number of the conductor that a terminal belongs to: the same for all that are joined; -1
   * for one that the wiring does not have.
   */
  public int of(Terminal terminal) {
    int at = board.at(terminal);
    return at < 0 ? -1 : nets.of(at);
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
