package variablerotor.core.wiring;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.circuit.Circuit;
import variablerotor.core.circuit.Complex;

/**
 * What stands on each conductor against ground, in one position of all contacts [V]. A conductor
 * that a source holds has the source's voltage; what only hangs on loads is solved for. A
 * transformer is a source as far as its own line stands across it: 24 V in proportion and in phase
 * (common practice for a control transformer; its own drop is reckoned with {@link Burden}).
 *
 * <p>What nothing ties together has no voltage between it that drives a current: a secondary that
 * is not grounded and the line are such. Line to ground is 120 V, 240 V between the legs of a split
 * phase, 208 V between the legs of three (ANSI C84.1, from memory).
 */
final class Potentials {
  private static final double LINE = 120;
  static final double CONTROL = 24;

  /** Two held conductors that differ by less are of one voltage [V]. */
  private static final double SAME = 1;

  /** Keeps what hangs free from hanging nowhere [Ω]. */
  private static final double LEAK = 1e9;

  /** A voltage that is held between two terminals. */
  record Source(int plus, int minus, Complex volts) {}

  /** Something of a part of this type that draws current between two terminals [Ω]. */
  record Load(PartType of, int from, int to, Complex ohms) {}

  /** Two terminals of sources that meet though they differ. */
  record Meeting(int one, int other) {}

  private final Board board;
  private final Nets nets;
  private final List<Source> sources = new ArrayList<>();
  private final @Nullable Complex[] volts;
  private final boolean[] held;
  private final List<Meeting> meetings = new ArrayList<>();

  /** What each transformer gives from R to C; none where its line does not stand across it. */
  private final Map<Board.Secondary, Complex> given = new LinkedHashMap<>();

  /** Of each conductor that is held: which sources it is tied to. */
  private final int[] system;

  private int systems = 1;

  /**
   * Where the common of a system that nothing ties to the line comes to stand, if loads reach from
   * one to the other: without a way back no current flows there. By system.
   */
  private final Map<Integer, Complex> floats = new HashMap<>();

  Potentials(Board board, Nets nets) {
    this.board = board;
    this.nets = nets;
    volts = new Complex[board.terminals.size()];
    held = new boolean[board.terminals.size()];
    system = new int[board.terminals.size()];
    Map<Board.Secondary, Complex> through = new LinkedHashMap<>();
    for (int pass = 0; pass < MOST_PASSES; pass++) {
      clear();
      hold(through);
      solve(board.drawing);
      circles = isFedThroughLoads(through);
      if (!circles) {
        return;
      }
    }
  }

  /** Whether a transformer's line side hangs on what the transformer itself gives. */
  private boolean circles;

  /** Whether a transformer feeds its own line side, so that nothing sure can be said. */
  boolean circles() {
    return circles || board.secondaries.stream().anyMatch(this::isOnItself);
  }

  private boolean isOnItself(Board.Secondary one) {
    boolean onItself = false;
    for (int line : new int[] {one.h1(), one.h2()}) {
      onItself |= nets.joined(line, one.r()) || nets.joined(line, one.c());
    }
    return onItself && !(held[nets.of(one.h1())] && held[nets.of(one.h2())]);
  }

  /** Transformers may be fed one through another; deeper than this nobody builds. */
  private static final int MOST_PASSES = 6;

  private void clear() {
    Arrays.fill(volts, null);
    Arrays.fill(held, false);
    Arrays.fill(system, 0);
    systems = 1;
    meetings.clear();
    floats.clear();
    given.clear();
    sources.clear();
    sources.addAll(board.sources);
  }

  /** Whether what stands across a transformer that only loads reach is another than was taken. */
  private boolean isFedThroughLoads(Map<Board.Secondary, Complex> through) {
    boolean changed = false;
    for (Board.Secondary one : board.secondaries) {
      boolean reached = at(one.h1()) != null && at(one.h2()) != null;
      if (reached && !(held[nets.of(one.h1())] && held[nets.of(one.h2())])) {
        Complex now = secondary(one);
        Complex taken = through.getOrDefault(one, Complex.ZERO);
        if (now.minus(taken).magnitude() > SAME / 2) {
          through.put(one, now);
          changed = true;
        }
      }
    }
    return changed;
  }

  /** In proportion to what stands across its line side. */
  private Complex secondary(Board.Secondary one) {
    return across(one.h1(), one.h2()).times(Complex.real(CONTROL / one.primaryVolts()));
  }

  /** What a part holds, whatever the call. */
  static void sources(Board board, Part part, List<Source> sources) {
    switch (part.type()) {
      case LINE_240 -> {
        source(board, part, sources, "L1", "G", Complex.real(LINE));
        source(board, part, sources, "L2", "G", Complex.real(-LINE));
      }
      case LINE_120 -> {
        source(board, part, sources, "L1", "N", Complex.real(LINE));
        source(board, part, sources, "N", "G", Complex.ZERO);
      }
      case LINE_3PH -> {
        source(board, part, sources, "L1", "G", Complex.polar(LINE, 0));
        source(board, part, sources, "L2", "G", Complex.polar(LINE, -120));
        source(board, part, sources, "L3", "G", Complex.polar(LINE, 120));
      }
      default -> {}
    }
  }

  private static void source(
      Board board, Part part, List<Source> sources, String plus, String minus, Complex value) {
    sources.add(new Source(board.at(part, plus), board.at(part, minus), value));
  }

  /**
   * From ground along the sources, and over each transformer whose line is there.
   *
   * @param through what those give that only loads reach
   */
  private void hold(Map<Board.Secondary, Complex> through) {
    Deque<Integer> reached = new ArrayDeque<>();
    for (Part part : board.parts) {
      if (part.type().isLine()) {
        set(board.at(part, "G"), Complex.ZERO, reached);
      }
    }
    spread(reached);
    for (Source one : board.sources) {
      apart(one, reached);
    }
    boolean more = true;
    while (more) {
      more = false;
      for (Board.Secondary one : board.secondaries) {
        if (!given.containsKey(one) && isThere(one, through)) {
          Complex gives =
              held[nets.of(one.h1())] && held[nets.of(one.h2())]
                  ? secondary(one)
                  : through.getOrDefault(one, Complex.ZERO);
          if (gives.magnitude() > DEAD) {
            given.put(one, gives);
            Source source = new Source(one.r(), one.c(), gives);
            sources.add(source);
            spreadFrom(source, reached);
            apart(source, reached);
            more = true;
          }
        }
      }
    }
    for (Source one : sources) {
      Complex plus = at(one.plus);
      Complex minus = at(one.minus);
      boolean agree =
          plus != null && minus != null && plus.minus(minus).minus(one.volts).magnitude() <= SAME;
      if (!agree) {
        meetings.add(meeting(one));
      }
    }
  }

  private boolean isThere(Board.Secondary one, Map<Board.Secondary, Complex> through) {
    return through.containsKey(one) || (held[nets.of(one.h1())] && held[nets.of(one.h2())]);
  }

  /** Less than this a transformer does not give [V]. */
  private static final double DEAD = 0.01;

  /** A source that nothing ties to what is held already. */
  private void apart(Source one, Deque<Integer> reached) {
    if (at(one.minus) == null && at(one.plus) == null) {
      systems++;
      set(one.minus, Complex.ZERO, reached);
      spread(reached);
    }
  }

  /** A source that was not there when its conductors were reached. */
  private void spreadFrom(Source one, Deque<Integer> reached) {
    for (int end : new int[] {one.plus, one.minus}) {
      if (at(end) != null) {
        reached.add(nets.of(end));
        spread(reached);
      }
    }
  }

  /** The two that meet: another source's end on either conductor, or the source's own two. */
  private Meeting meeting(Source torn) {
    for (Source other : sources) {
      for (int end : new int[] {other.plus, other.minus}) {
        if (end != torn.plus && end != torn.minus) {
          if (nets.joined(end, torn.plus)) {
            return new Meeting(end, torn.plus);
          }
          if (nets.joined(end, torn.minus)) {
            return new Meeting(end, torn.minus);
          }
        }
      }
    }
    return new Meeting(torn.plus, torn.minus);
  }

  private void set(int terminal, Complex value, Deque<Integer> reached) {
    set(terminal, value, systems, reached);
  }

  private void set(int terminal, Complex value, int its, Deque<Integer> reached) {
    int net = nets.of(terminal);
    if (volts[net] == null) {
      volts[net] = value;
      held[net] = true;
      system[net] = its;
      reached.add(net);
    }
  }

  private void spread(Deque<Integer> reached) {
    while (!reached.isEmpty()) {
      int net = reached.remove();
      Complex here = volts[net];
      for (Source one : sources) {
        if (nets.of(one.plus) == net) {
          set(one.minus, here.minus(one.volts), system[net], reached);
        }
        if (nets.of(one.minus) == net) {
          set(one.plus, here.plus(one.volts), system[net], reached);
        }
      }
    }
  }

  /**
   * Conductors that only loads reach: Kirchhoff's laws, by the one solver. Where one load alone
   * ends no current flows, so it stands at that load's other end.
   */
  private void solve(List<Load> loads) {
    int[] ends = new int[volts.length];
    List<Load> open = new ArrayList<>();
    for (Load one : loads) {
      if (at(one.from) == null || at(one.to) == null) {
        open.add(one);
        ends[nets.of(one.from)]++;
        ends[nets.of(one.to)]++;
      }
    }
    open.removeIf(one -> hangs(one.from, one.to, ends) || hangs(one.to, one.from, ends));
    if (open.isEmpty()) {
      return;
    }
    Circuit circuit = new Circuit();
    boolean[] named = new boolean[volts.length];
    for (int i = 0; i < open.size(); i++) {
      Load one = open.get(i);
      circuit.impedance("load " + i, node(one.from), node(one.to), one.ohms);
      name(circuit, named, one.from);
      name(circuit, named, one.to);
    }
    for (int apart = 2; apart <= systems; apart++) {
      if (floats.containsKey(apart)) {
        circuit.resistor("leak of system " + apart, common(apart), "ground", LEAK);
      }
    }
    Circuit.Solution solution = circuit.solve("ground");
    floats.replaceAll((apart, any) -> solution.volts(common(apart)));
    int[] tied = tied(open);
    for (Load one : open) {
      settle(one.from, tied, solution);
      settle(one.to, tied, solution);
    }
  }

  /** By conductor: the one system that loads tie it to; 0 where it is none, or more than one. */
  private int[] tied(List<Load> open) {
    Nets groups = nets.copy();
    open.forEach(one -> groups.join(one.from, one.to));
    int[] only = new int[volts.length];
    for (Load one : open) {
      for (int end : new int[] {one.from, one.to}) {
        int its = system[nets.of(end)];
        int group = groups.of(end);
        if (its != 0) {
          only[group] = only[group] == 0 || only[group] == its ? its : MANY;
        }
      }
    }
    int[] tied = new int[volts.length];
    for (int at = 0; at < tied.length; at++) {
      int its = only[groups.of(at)];
      tied[at] = its == MANY ? 0 : its;
    }
    return tied;
  }

  private static final int MANY = -1;

  /** What was solved for; of one apart system alone against its own common. */
  private void settle(int terminal, int[] tied, Circuit.Solution solution) {
    int net = nets.of(terminal);
    if (volts[net] == null) {
      Complex solved = solution.volts(node(terminal));
      system[net] = tied[net];
      volts[net] = solved.minus(floats.getOrDefault(tied[net], Complex.ZERO));
    }
  }

  private boolean hangs(int free, int end, int[] ends) {
    int net = nets.of(free);
    int other = nets.of(end);
    if (net == other || volts[net] != null || volts[other] == null || ends[net] != 1) {
      return false;
    }
    volts[net] = volts[other];
    system[net] = system[other];
    return true;
  }

  private void name(Circuit circuit, boolean[] named, int terminal) {
    int net = nets.of(terminal);
    if (!named[net]) {
      named[net] = true;
      if (volts[net] == null) {
        circuit.resistor("leak of " + net, node(terminal), "ground", LEAK);
      } else {
        circuit.source("holder of " + net, node(terminal), common(system[net]), volts[net]);
      }
    }
  }

  /** What the conductors of a system are held against. */
  private String common(int apart) {
    if (apart <= 1) {
      return "ground";
    }
    floats.putIfAbsent(apart, Complex.ZERO);
    return "common of " + apart;
  }

  private String node(int terminal) {
    return "net " + nets.of(terminal);
  }

  private @Nullable Complex at(int terminal) {
    return volts[nets.of(terminal)];
  }

  /** Voltage between two terminals [V]; none where one hangs on nothing, or nothing ties them. */
  double between(int from, int to) {
    return across(from, to).magnitude();
  }

  private Complex across(int from, int to) {
    Complex one = at(from);
    Complex other = at(to);
    int its = system[nets.of(from)];
    int others = system[nets.of(to)];
    boolean apart = its != 0 && others != 0 && its != others;
    if (one == null || other == null || apart) {
      return Complex.ZERO;
    }
    if (its != others) {
      one = one.plus(floats.getOrDefault(its, Complex.ZERO));
      other = other.plus(floats.getOrDefault(others, Complex.ZERO));
    }
    return one.minus(other);
  }

  /** Whether a source holds this conductor, not loads alone. */
  boolean isHeld(int terminal) {
    return held[nets.of(terminal)];
  }

  /** What a transformer gives from R to C [V]; none where its line does not stand across it. */
  double given(Board.Secondary one) {
    return given.getOrDefault(one, Complex.ZERO).magnitude();
  }

  /** Voltage of a terminal against ground [V]; none where it hangs on nothing. */
  double against(int terminal) {
    Complex here = at(terminal);
    return here == null ? 0 : here.magnitude();
  }

  /** Where conductors of different voltage meet. */
  List<Meeting> meetings() {
    return meetings;
  }
}
