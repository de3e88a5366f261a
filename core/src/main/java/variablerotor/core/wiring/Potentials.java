package variablerotor.core.wiring;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.circuit.Circuit;
import variablerotor.core.circuit.Complex;

/**
 * What stands on each conductor against ground, in one position of all contacts [V]. A conductor
 * that a source holds has the source's voltage; what only hangs on loads is solved for.
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

  /** Something that draws current between two terminals. */
  record Load(int from, int to, double ohms) {}

  /** Two terminals of sources that meet though they differ. */
  record Meeting(int one, int other) {}

  private final Board board;
  private final Nets nets;
  private final List<Source> sources;
  private final @Nullable Complex[] volts;
  private final List<Meeting> meetings = new ArrayList<>();

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
    system = new int[board.terminals.size()];
    sources = board.sources;
    hold();
    solve(board.loads);
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
      case TRANSFORMER -> source(board, part, sources, "R", "C", Complex.real(CONTROL));
      default -> {}
    }
  }

  private static void source(
      Board board, Part part, List<Source> sources, String plus, String minus, Complex value) {
    sources.add(new Source(board.at(part, plus), board.at(part, minus), value));
  }

  /** From ground along the sources. */
  private void hold() {
    Deque<Integer> reached = new ArrayDeque<>();
    for (Part part : board.parts) {
      if (part.type().isLine()) {
        set(board.at(part, "G"), Complex.ZERO, reached);
      }
    }
    spread(reached);
    for (Source one : sources) {
      if (at(one.minus) == null && at(one.plus) == null) {
        systems++;
        set(one.minus, Complex.ZERO, reached);
        spread(reached);
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
    int net = nets.of(terminal);
    if (volts[net] == null) {
      volts[net] = value;
      system[net] = systems;
      reached.add(net);
    }
  }

  private void spread(Deque<Integer> reached) {
    while (!reached.isEmpty()) {
      int net = reached.remove();
      Complex here = volts[net];
      for (Source one : sources) {
        if (nets.of(one.plus) == net) {
          set(one.minus, here.minus(one.volts), reached);
        }
        if (nets.of(one.minus) == net) {
          set(one.plus, here.plus(one.volts), reached);
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
      circuit.resistor("load " + i, node(one.from), node(one.to), one.ohms);
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

  private boolean hangs(int free, int held, int[] ends) {
    int net = nets.of(free);
    int other = nets.of(held);
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
    Complex one = at(from);
    Complex other = at(to);
    int its = system[nets.of(from)];
    int others = system[nets.of(to)];
    boolean apart = its != 0 && others != 0 && its != others;
    if (one == null || other == null || apart) {
      return 0;
    }
    if (its != others) {
      one = one.plus(floats.getOrDefault(its, Complex.ZERO));
      other = other.plus(floats.getOrDefault(others, Complex.ZERO));
    }
    return one.minus(other).magnitude();
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
