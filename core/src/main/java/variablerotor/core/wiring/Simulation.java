package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One call on one wiring: coils pull and contacts move until nothing changes, or it chatters.
 *
 * <p>A coil for 24 V holds from 18 to 30 V; others in proportion (common practice). What a coil
 * draws is its VA at its own voltage.
 */
final class Simulation {
  /** A coil pulls from this share of its voltage on. */
  static final double LEAST = 18 / 24.0;

  /** Above this share of its voltage a coil burns. */
  static final double MOST = 30 / 24.0;

  /** Less is nothing at all [V]. */
  static final double NOTHING = 2;

  /** A motor turns from this share of its line on. Judgement. */
  static final double TURNS = 0.75;

  /** What moves: a coil that has pulled, an adapter's tap. */
  record State(List<String> pulled, Map<String, String> taps) {
    State {
      pulled = List.copyOf(pulled);
      taps = Collections.unmodifiableMap(new LinkedHashMap<>(taps));
    }

    static final State REST = new State(List.of(), Map.of());
  }

  /** What an overload relay does. */
  enum Overloads {
    CLOSED,
    /** Tripped: its trip contact is open; its legs too, where that contact is not wired. */
    TRIPPED,
    /** As if its heaters were taken out: what is fed still is fed past them. */
    LEGS_OUT
  }

  private final Board board;
  private final Wiring.Call call;
  private final Overloads overloads;
  private final List<Moment> moments = new ArrayList<>();
  private final List<Part> chattering = new ArrayList<>();
  private State state;
  private Nets nets;
  private Potentials potentials;
  private Burden burden;

  private Simulation(Board board, Wiring.Call call, State start, Overloads overloads) {
    this.board = board;
    this.call = call;
    this.overloads = overloads;
    state = start;
    nets = contacts().nets();
    potentials = new Potentials(board, nets);
    burden = new Burden(board, nets, potentials);
  }

  private Contacts contacts() {
    return new Contacts(board, call, state, overloads);
  }

  /** Whether a coil that holds now could hold once nothing is called: an end of it is still fed. */
  boolean mayHold() {
    if (state.pulled.isEmpty()) {
      return false;
    }
    Nets rest = new Contacts(board, new Wiring.Call("", List.of()), state, Overloads.CLOSED).nets();
    for (Board.Coil coil : board.coils) {
      if (state.pulled.contains(coil.part().id())) {
        for (Board.Secondary one : board.secondaries) {
          if (rest.joined(coil.a(), one.r()) || rest.joined(coil.b(), one.r())) {
            return true;
          }
        }
        if (!Loads.isControl(coil.part())
            || isOnLine(board, rest, coil.a())
            || isOnLine(board, rest, coil.b())) {
          return true;
        }
      }
    }
    return false;
  }

  /** From this state to where nothing moves. */
  static Simulation of(Board board, Wiring.Call call, State start) {
    return of(board, call, start, Overloads.CLOSED);
  }

  static Simulation of(Board board, Wiring.Call call, State start, Overloads overloads) {
    Simulation together = new Simulation(board, call, start, overloads);
    if (together.settles(false)) {
      return together;
    }
    // What would pull at once and never come to rest: in copper one is first.
    Simulation oneByOne = new Simulation(board, call, start, overloads);
    if (!oneByOne.settles(true)) {
      oneByOne.chatters();
    }
    return oneByOne;
  }

  /** What is joined while nothing is called and no coil holds. */
  static Nets atRest(Board board) {
    return raised(board, new Wiring.Call("", List.of()));
  }

  /** What is joined as a call is raised, before a coil has pulled. */
  static Nets raised(Board board, Wiring.Call call) {
    return new Contacts(board, call, State.REST, Overloads.CLOSED).nets();
  }

  Board board() {
    return board;
  }

  Wiring.Call call() {
    return call;
  }

  /** What holds in the end. */
  State state() {
    return state;
  }

  /** What is joined in the end. */
  Nets nets() {
    return nets;
  }

  Potentials potentials() {
    return potentials;
  }

  Burden burden() {
    return burden;
  }

  List<Moment> moments() {
    return moments;
  }

  /** Relays that never come to rest. */
  List<Part> chattering() {
    return chattering;
  }

  /**
   * What is joined in this state with every wire off that ends on ground; null where nothing but
   * frames is on it.
   */
  @Nullable Nets withoutGround() {
    boolean[] ground = new boolean[board.terminals.size()];
    for (Part part : board.parts) {
      if (part.type().isLine()) {
        ground[nets.of(board.at(part, "G"))] = true;
      }
    }
    for (int at = 0; at < ground.length; at++) {
      if (!ground[nets.of(at)] || board.isGround(at)) {
        continue;
      }
      Part part = board.part(at);
      if (part == null || part.type() != PartType.JOINT) {
        return contacts().onto(board.withoutGround());
      }
    }
    return null;
  }

  /** What is joined in this state where no current passes an overload's heaters. */
  Nets withoutHeaters() {
    return new Contacts(board, call, state, Overloads.LEGS_OUT).nets();
  }

  /** What is joined in this state but for one contact. */
  Nets without(Part part, String contact) {
    return contacts().without(part, contact);
  }

  /**
   * Until nothing moves.
   *
   * @param oneByOne whether of all that would move the first in the list of parts goes first
   * @return whether it comes to rest; a state that comes again does not, and after a short the
   *     breaker is open
   */
  private boolean settles(boolean oneByOne) {
    Set<State> seen = new HashSet<>();
    while (seen.add(state)) {
      moments.add(moment());
      State next = next();
      if (next.equals(state) || !potentials.meetings().isEmpty()) {
        return true;
      }
      move(oneByOne ? first(next) : next);
    }
    return false;
  }

  /** Of what would move the first alone. */
  private State first(State next) {
    for (Part part : board.parts) {
      boolean was = state.pulled.contains(part.id());
      if (was != next.pulled.contains(part.id())) {
        List<String> pulled = new ArrayList<>();
        for (Part one : board.parts) {
          boolean holds = state.pulled.contains(one.id());
          if (one.equals(part) ? !was : holds) {
            pulled.add(one.id());
          }
        }
        return new State(pulled, state.taps);
      }
    }
    return next;
  }

  private void chatters() {
    State before = state;
    State after = next();
    for (Part part : board.parts) {
      if (part.type().hasCoil()
          && before.pulled.contains(part.id()) != after.pulled.contains(part.id())) {
        chattering.add(part);
      }
    }
  }

  private void move(State next) {
    state = next;
    nets = contacts().nets();
    potentials = new Potentials(board, nets);
    burden = new Burden(board, nets, potentials);
  }

  private State next() {
    List<String> pulled = new ArrayList<>();
    Map<String, String> taps = new LinkedHashMap<>();
    for (Board.Coil coil : board.coils) {
      if (volts(coil) >= LEAST * Loads.coilVolts(coil.part())) {
        pulled.add(coil.part().id());
      }
    }
    for (Part part : board.parts) {
      if (part.type() == PartType.ADAPTER) {
        for (String tap : Part.TAPS) {
          double sag = burden.sag(board.at(part, tap));
          if (between(part, tap, "C") * sag >= LEAST * Loads.COIL_VOLTS) {
            taps.put(part.id(), tap);
          }
        }
      }
    }
    return new State(pulled, taps);
  }

  /** What a coil gets [V]; one on 24 V as far as its transformer holds it. */
  double volts(Board.Coil coil) {
    double volts = potentials.between(coil.a(), coil.b());
    return Loads.isControl(coil.part()) ? volts * burden.sag(coil) : volts;
  }

  double between(Part part, String from, String to) {
    return potentials.between(board.at(part, from), board.at(part, to));
  }

  private Moment moment() {
    Map<String, String> outputs = new LinkedHashMap<>();
    for (Part part : board.parts) {
      String tap = state.taps.get(part.id());
      if (tap != null) {
        outputs.put(part.id(), part.output(tap));
      }
    }
    return new Moment(state.pulled, outputs, fed(), live());
  }

  private List<Terminal> fed() {
    List<Terminal> fed = new ArrayList<>();
    for (Part part : board.parts) {
      if (part.type() == PartType.MOTOR_PSC) {
        for (String speed : part.speeds()) {
          if (between(part, speed, "COM") >= TURNS * board.ratedVolts(part)) {
            fed.add(part.at(speed));
          }
        }
      }
    }
    return fed;
  }

  private List<Terminal> live() {
    List<Terminal> live = new ArrayList<>();
    for (int at = 0; at < board.terminals.size(); at++) {
      if (potentials.against(at) > NOTHING) {
        live.add(board.terminals.get(at));
      }
    }
    return live;
  }

  /** Whether a pole of a line is on this conductor. */
  static boolean isOnLine(Board board, Nets nets, int terminal) {
    for (Part part : board.parts) {
      for (String name : part.type().poles()) {
        if (nets.joined(terminal, board.at(part, name))) {
          return true;
        }
      }
    }
    return false;
  }
}
