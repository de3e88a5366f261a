package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the contacts of a board join, in one state of its coils and on one call. */
final class Contacts {
  private final Board board;
  private final Wiring.Call call;
  private final Simulation.State state;
  private final Simulation.Overloads overloads;

  Contacts(Board board, Wiring.Call call, Simulation.State state, Simulation.Overloads overloads) {
    this.board = board;
    this.call = call;
    this.state = state;
    this.overloads = overloads;
  }

  /** What is joined by wires and contacts. */
  Nets nets() {
    return onto(board.joined.copy(), null, null);
  }

  /** The same with one contact open, told by the first of its terminals. */
  Nets without(Part part, String contact) {
    return onto(board.joined.copy(), part, contact);
  }

  /** What these conductors are joined to by the contacts. */
  Nets onto(Nets conductors) {
    return onto(conductors, null, null);
  }

  /**
   * @param open the part of which one contact stays open; null for none
   * @param contact the first terminal of that contact
   */
  private Nets onto(Nets joined, @Nullable Part open, @Nullable String contact) {
    for (Part part : board.parts) {
      for (Contact one : contacts(part)) {
        boolean left = part.equals(open) && one.from().equals(contact);
        if (one.closed() && !left) {
          joined.join(board.at(part, one.from()), board.at(part, one.to()));
        }
      }
    }
    for (Board.Pole pole : board.poles) {
      boolean pulled = state.pulled().contains(pole.part().id());
      boolean left =
          pole.part().equals(open) && board.terminals.get(pole.common()).name().equals(contact);
      if (!left) {
        joined.join(pole.common(), pulled ? pole.open() : pole.closed());
      }
    }
    return joined;
  }

  /** What a part joins, by the names of its terminals. */
  private record Contact(String from, String to, boolean closed) {}

  private List<Contact> contacts(Part part) {
    return switch (part.type()) {
      case OUTPUT -> List.of(new Contact("R", "O", call.on().contains(part.call())));
      case CONTACT ->
          List.of(new Contact("1", "2", part.closed() != call.on().contains(part.when())));
      case CONTACTOR -> contactor(part);
      case OVERLOAD -> overload(part);
      case ADAPTER -> adapter(part);
      default -> List.of();
    };
  }

  private List<Contact> contactor(Part part) {
    boolean pulled = state.pulled().contains(part.id());
    int poles = part.poles() == null ? 2 : part.poles();
    List<Contact> contacts =
        new ArrayList<>(
            List.of(
                new Contact("L1", "T1", pulled), new Contact("L2", "T2", pulled || poles == 1)));
    if (poles >= 3) {
      contacts.add(new Contact("L3", "T3", pulled));
    }
    return contacts;
  }

  private List<Contact> overload(Part part) {
    boolean tripped = overloads == Simulation.Overloads.TRIPPED;
    boolean legs =
        overloads == Simulation.Overloads.LEGS_OUT
            || (tripped && !Protection.hasTripContact(board, part));
    return List.of(
        new Contact("1", "2", !legs),
        new Contact("3", "4", !legs),
        new Contact("5", "6", !legs),
        new Contact("95", "96", !tripped));
  }

  private List<Contact> adapter(Part part) {
    List<Contact> contacts = new ArrayList<>(List.of(new Contact("L2", "COM", true)));
    String tap = state.taps().get(part.id());
    if (tap != null) {
      contacts.add(new Contact("L1", part.output(tap), true));
    }
    return contacts;
  }
}
