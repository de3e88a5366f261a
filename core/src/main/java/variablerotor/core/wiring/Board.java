package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The parts of a wiring with a number for each terminal, and what joins them whatever the call:
 * made once, and run for every call.
 */
final class Board {
  final Wiring wiring;
  final List<Part> parts;
  final List<Terminal> terminals = new ArrayList<>();
  private final Map<Terminal, Integer> numbers = new HashMap<>();

  /** A coil with the numbers of its ends. */
  record Coil(Part part, int a, int b) {}

  /** A pole of a relay with the numbers of its terminals; only where a wire ends. */
  record Pole(Part part, int common, int open, int closed) {}

  final List<Potentials.Source> sources = new ArrayList<>();
  final List<Potentials.Load> loads;

  /** What the motors are for: the highest line there is [V]. */
  final double ratedVolts;

  final List<Coil> coils = new ArrayList<>();
  final List<Pole> poles = new ArrayList<>();

  /** By wires, and by what is never open. */
  final Nets wired;

  /** Terminals at which a wire ends. */
  final boolean[] hasWire;

  Board(Wiring wiring) {
    this.wiring = wiring;
    parts = wiring.parts();
    for (Part part : parts) {
      List<String> names = part.terminals();
      if (names != null) {
        names.forEach(name -> add(part.at(name)));
      }
    }
    for (Wiring.Wire wire : wiring.wires()) {
      add(wire.from());
      add(wire.to());
    }
    wired = new Nets(terminals.size());
    hasWire = new boolean[terminals.size()];
    for (Wiring.Wire wire : wiring.wires()) {
      int from = at(wire.from());
      int to = at(wire.to());
      hasWire[from] = true;
      hasWire[to] = true;
      wired.join(from, to);
    }
    for (Part part : parts) {
      if (part.type() == PartType.JOINT) {
        joinAll(part);
      } else if (part.type().hasCoil()) {
        coils.add(new Coil(part, at(part, "A"), at(part, "B")));
      }
      if (part.type() == PartType.RELAY) {
        addPoles(part);
      }
    }
    parts.forEach(part -> Potentials.sources(this, part, sources));
    ratedVolts = Loads.ratedVolts(this);
    loads = Loads.of(this);
  }

  private void addPoles(Part relay) {
    for (int pole = 1; at(relay, "COM" + pole) >= 0; pole++) {
      int common = at(relay, "COM" + pole);
      if (hasWire[common]) {
        poles.add(new Pole(relay, common, at(relay, "NO" + pole), at(relay, "NC" + pole)));
      }
    }
  }

  /** Whatever meets in a joint is joined: a lead that is capped off needs one of its own. */
  private void joinAll(Part joint) {
    int first = -1;
    for (int at = 0; at < terminals.size(); at++) {
      if (terminals.get(at).part().equals(joint.id())) {
        if (first >= 0) {
          wired.join(first, at);
        }
        first = at;
      }
    }
  }

  private void add(Terminal terminal) {
    if (numbers.putIfAbsent(terminal, terminals.size()) == null) {
      terminals.add(terminal);
    }
  }

  int at(Terminal terminal) {
    return numbers.getOrDefault(terminal, -1);
  }

  int at(Part part, String name) {
    return at(part.at(name));
  }
}
