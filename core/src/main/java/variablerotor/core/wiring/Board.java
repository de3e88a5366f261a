package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

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

  /** What the lines hold, whatever the call. */
  final List<Potentials.Source> sources = new ArrayList<>();

  /** Coils, windings and all else through which a current flows. */
  final List<Potentials.Load> loads;

  /** Those of them that can change a voltage anywhere: a start winding by itself cannot. */
  final List<Potentials.Load> drawing;

  /** Transformers with what they are for. */
  final List<Secondary> secondaries = new ArrayList<>();

  /** Ends of a transformer; 24 V from {@code c} to {@code r} while its line stands across. */
  record Secondary(Part part, int h1, int h2, int r, int c, double primaryVolts) {}

  /** What the motors are for: the highest line there is [V]. */
  final double ratedVolts;

  final List<Coil> coils = new ArrayList<>();
  final List<Pole> poles = new ArrayList<>();

  /** By wires, and by what is never open. */
  final Nets wired;

  /** The same, and what is joined inside a part: a capacitor lead that is the motor's common. */
  final Nets joined;

  /** Terminals at which a wire ends. */
  final boolean[] hasWire;

  /** By terminal: the part that it is of; null for one of no part. */
  private final @Nullable Part[] partOf;

  /** By terminal: whether it is a line's ground or a motor's frame. */
  private final boolean[] ground;

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
    Map<String, Part> byId = new HashMap<>();
    parts.forEach(part -> byId.put(part.id(), part));
    partOf = new Part[terminals.size()];
    ground = new boolean[terminals.size()];
    for (int at = 0; at < partOf.length; at++) {
      Part part = byId.get(terminals.get(at).part());
      partOf[at] = part;
      ground[at] =
          part != null
              && terminals.get(at).name().equals("G")
              && (part.type().isLine() || part.type().isMotor());
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
        joinAll(part, wired);
      } else if (part.type().hasCoil()) {
        coils.add(new Coil(part, at(part, "A"), at(part, "B")));
      }
      if (part.type() == PartType.RELAY) {
        addPoles(part);
      }
    }
    joined = inside(wired);
    parts.forEach(part -> Potentials.sources(this, part, sources));
    ratedVolts = Loads.ratedVolts(this);
    for (Part part : parts) {
      if (part.type() == PartType.TRANSFORMER) {
        secondaries.add(
            new Secondary(
                part,
                at(part, "H1"),
                at(part, "H2"),
                at(part, "R"),
                at(part, "C"),
                primaryVolts(part)));
      }
    }
    loads = Loads.of(this);
    drawing = loads.stream().filter(this::draws).toList();
  }

  /** These conductors, and what is joined inside a part. */
  private Nets inside(Nets conductors) {
    Nets more = conductors.copy();
    for (Part part : parts) {
      if (part.type() == PartType.MOTOR_PSC && part.capacitorCommon()) {
        more.join(at(part, "COM"), at(part, "CAP2"));
      }
    }
    return more;
  }

  /** What would be joined with every wire off that ends on ground or on a frame. */
  Nets withoutGround() {
    Nets left = new Nets(terminals.size());
    for (Wiring.Wire wire : wiring.wires()) {
      if (!isGround(wire.from()) && !isGround(wire.to())) {
        left.join(at(wire.from()), at(wire.to()));
      }
    }
    parts.stream()
        .filter(part -> part.type() == PartType.JOINT)
        .forEach(part -> joinAll(part, left));
    return inside(left);
  }

  /** Whether it is a line's ground or a motor's frame. */
  boolean isGround(Terminal terminal) {
    int at = at(terminal);
    return at >= 0 && ground[at];
  }

  boolean isGround(int terminal) {
    return ground[terminal];
  }

  /** The part that a terminal is of; null for one of no part. */
  @Nullable Part part(int terminal) {
    return partOf[terminal];
  }

  /**
   * What a transformer is for [V]: what it says; the line that its wires come from; else the
   * highest there is.
   */
  private double primaryVolts(Part transformer) {
    Double told = transformer.primaryVolts();
    if (told != null) {
      return told;
    }
    for (Part line : parts) {
      for (String pole : line.type().poles()) {
        if (joined.joined(at(line, pole), at(transformer, "H1"))
            || joined.joined(at(line, pole), at(transformer, "H2"))) {
          return line.type().lineVolts();
        }
      }
    }
    return ratedVolts;
  }

  /** What a motor is for [V]. */
  double ratedVolts(Part motor) {
    return motor.volts() == null ? ratedVolts : motor.volts();
  }

  /**
   * A start winding whose capacitor lead goes to its capacitor alone stands on one conductor with
   * it: it changes no voltage elsewhere. A capacitor likewise.
   */
  private boolean draws(Potentials.Load load) {
    return load.of() == PartType.CAPACITOR
        ? isStray(load.from()) || isStray(load.to())
        : !isStart(load) || isStray(load.from());
  }

  private boolean isStart(Potentials.Load load) {
    return load.of() == PartType.MOTOR_PSC && terminals.get(load.from()).name().equals("CAP1");
  }

  /** Whether a first capacitor lead is on this conductor, and more than capacitors with it. */
  private boolean isStray(int terminal) {
    int net = joined.of(terminal);
    boolean start = false;
    boolean more = false;
    for (int at = 0; at < terminals.size(); at++) {
      if (joined.of(at) == net) {
        Part part = partOf[at];
        PartType type = part == null ? PartType.JOINT : part.type();
        boolean lead = type == PartType.MOTOR_PSC && terminals.get(at).name().equals("CAP1");
        start |= lead;
        more |= !lead && type != PartType.CAPACITOR && type != PartType.JOINT;
      }
    }
    return start && more;
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
  private void joinAll(Part joint, Nets conductors) {
    int first = -1;
    for (int at = 0; at < terminals.size(); at++) {
      if (terminals.get(at).part().equals(joint.id())) {
        if (first >= 0) {
          conductors.join(first, at);
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
