package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.wiring.Wiring.Wire;

/**
 * What no mend may do, whatever calls it would satisfy: take away a feed, bridge a contact, a fuse
 * or an overload, bring line to control, turn the phases round. Common practice.
 */
final class MendRules {
  private final Wiring before;
  private final Board board;
  private final Domains domains;
  private final Set<Terminal> wired = new LinkedHashSet<>();
  private final Set<String> bridged;
  private final Map<Terminal, Set<Terminal>> phases;
  private final Map<Terminal, Set<PartType>> guards;
  private final Set<Terminal> places;

  /**
   * @param places where something was found
   */
  MendRules(Wiring before, Set<Terminal> places) {
    this.before = before;
    this.places = places;
    board = new Board(before);
    domains = new Domains(board);
    before.wires().forEach(one -> wired.addAll(List.of(one.from(), one.to())));
    bridged = bridged(board);
    phases = phases(board);
    guards = guards(board);
  }

  /** Contacts that some wire goes round. */
  int countBridged(Wiring wiring) {
    return bridged.isEmpty() ? 0 : bridged(new Board(wiring)).size();
  }

  /** Whether a person who knows the trade might do this. */
  boolean allow(@Nullable Wire off, @Nullable Wire on, Wiring after) {
    if (on != null && domains(off).parts(on.from(), on.to())) {
      return false;
    }
    if (losesAnEnd(off, on) || isAFeed(off, on) || !comesFromItsOrigin(on) || isOnASpare(off, on)) {
      return false;
    }
    Board then = new Board(after);
    return bridged.containsAll(bridged(then))
        && !feedsAMotor(then, off, on)
        && !holdsACoil(then)
        && !shortsALoad(then)
        && keepsPhases(then)
        && keepsGuards(then);
  }

  /** Whether a wire puts two outputs together. */
  boolean tiesOutputs(Wire on) {
    return hasOutput(on.from()) && hasOutput(on.to());
  }

  private boolean hasOutput(Terminal terminal) {
    int at = board.at(terminal);
    return at >= 0
        && board.parts.stream()
            .anyMatch(
                one -> one.type() == PartType.OUTPUT && board.wired.joined(board.at(one, "O"), at));
  }

  /** A wire from the line to a transformer or to ground: right, unless something is found there. */
  private boolean isAFeed(@Nullable Wire off, @Nullable Wire on) {
    if (off == null || places.contains(off.from()) || places.contains(off.to())) {
      return false;
    }
    boolean otherPole =
        on != null
            && (isPole(on.from()) || isPole(on.to()))
            && (isContactor(on.from()) || isContactor(on.to()));
    if (otherPole && (isContactor(off.from()) || isContactor(off.to()))) {
      return false;
    }
    boolean ground = board.isGround(off.from()) && board.isGround(off.to());
    return ground
        || (isPole(off.from()) && isFed(off.to()))
        || (isPole(off.to()) && isFed(off.from()));
  }

  private boolean isPole(Terminal terminal) {
    Part part = before.part(terminal.part());
    return part != null && part.type().poles().contains(terminal.name());
  }

  private boolean isFed(Terminal terminal) {
    Part part = before.part(terminal.part());
    return isContactor(terminal)
        || (part != null && part.type() == PartType.TRANSFORMER && terminal.name().startsWith("H"));
  }

  private boolean isContactor(Terminal terminal) {
    Part part = before.part(terminal.part());
    return part != null && part.type() == PartType.CONTACTOR && terminal.name().startsWith("L");
  }

  /** A transformer is fed by the line itself, an output by the transformer itself. */
  private boolean comesFromItsOrigin(@Nullable Wire on) {
    if (on == null) {
      return true;
    }
    for (Terminal end : List.of(on.from(), on.to())) {
      Terminal other = end.equals(on.from()) ? on.to() : on.from();
      Part part = before.part(end.part());
      int there = board.at(other);
      if (part == null || there < 0) {
        continue;
      }
      if (part.type() == PartType.TRANSFORMER
          && end.name().startsWith("H")
          && !wired.contains(end)
          && !Simulation.isOnLine(board, board.joined, there)) {
        return false;
      }
      boolean hot = board.secondaries.stream().anyMatch(one -> board.wired.joined(one.r(), there));
      if (part.type() == PartType.OUTPUT && end.name().equals("R") && !hot) {
        return false;
      }
    }
    return true;
  }

  /** Whether a wire ends on it anywhere: what none does is not part of what is wired. */
  static boolean isUsed(Wiring wiring, Part part) {
    return wiring.wires().stream()
        .anyMatch(one -> one.from().part().equals(part.id()) || one.to().part().equals(part.id()));
  }

  /** Whether a coil or a capacitor comes to have both its ends on one conductor. */
  private boolean shortsALoad(Board then) {
    for (Part part : then.parts) {
      boolean capacitor = part.type() == PartType.CAPACITOR;
      if (capacitor || part.type().hasCoil()) {
        String one = capacitor ? "1" : "A";
        String other = capacitor ? "2" : "B";
        if (then.joined.joined(then.at(part, one), then.at(part, other))
            && !board.joined.joined(board.at(part, one), board.at(part, other))) {
          return true;
        }
      }
    }
    return false;
  }

  /** A closed contact that had no wire is no place to move one to, unless it slipped by a screw. */
  private boolean isOnASpare(@Nullable Wire off, @Nullable Wire on) {
    if (on == null) {
      return false;
    }
    for (Terminal end : List.of(on.from(), on.to())) {
      Part part = before.part(end.part());
      if (part != null && part.type() != PartType.JOINT && !isUsed(before, part)) {
        return true;
      }
      if (off == null) {
        continue;
      }
      boolean closed = end.name().startsWith("NC") && !wired.contains(end);
      boolean slipped = off.from().part().equals(end.part()) || off.to().part().equals(end.part());
      if (closed && !slipped) {
        return true;
      }
    }
    return false;
  }

  private final Map<Wire, Domains> less = new LinkedHashMap<>();

  private Domains domains(@Nullable Wire off) {
    return off == null
        ? domains
        : less.computeIfAbsent(off, one -> new Domains(new Board(before.without(one))));
  }

  /** An end that something needs and that had a wire has none any more. */
  private boolean losesAnEnd(@Nullable Wire off, @Nullable Wire on) {
    if (off == null) {
      return false;
    }
    for (Terminal end : List.of(off.from(), off.to())) {
      Part part = before.part(end.part());
      boolean kept =
          before.wires().stream().anyMatch(one -> !one.equals(off) && one.touches(end))
              || (on != null && on.touches(end));
      boolean spare = part == null || part.type() == PartType.JOINT || isSparePole(part, end);
      if (!kept && !spare) {
        return true;
      }
    }
    return false;
  }

  /** A closed contact, or one of a pole that is not used otherwise. */
  private boolean isSparePole(Part part, Terminal end) {
    if (part.type() != PartType.RELAY || end.name().length() == 1) {
      return false;
    }
    String pole = end.name().substring(end.name().length() - 1);
    boolean used =
        List.of("COM", "NO", "NC").stream()
            .map(name -> part.at(name + pole))
            .anyMatch(one -> !one.equals(end) && wired.contains(one));
    return end.name().startsWith("NC") || (!used && !pole.equals("1"));
  }

  /** Contacts of which both sides are one conductor, so that they switch nothing. */
  private static Set<String> bridged(Board board) {
    Set<String> bridged = new LinkedHashSet<>();
    for (Part part : board.parts) {
      for (String[] pair : contacts(part)) {
        int one = board.at(part, pair[0]);
        int other = board.at(part, pair[1]);
        if (one >= 0 && other >= 0 && board.joined.joined(one, other)) {
          bridged.add(part.id() + " " + pair[0] + " " + pair[1]);
        }
      }
    }
    return bridged;
  }

  private static List<String[]> contacts(Part part) {
    List<String[]> pairs = new ArrayList<>();
    switch (part.type()) {
      case RELAY -> {
        for (int pole = 1; pole <= 4; pole++) {
          pairs.add(new String[] {"COM" + pole, "NO" + pole});
          pairs.add(new String[] {"COM" + pole, "NC" + pole});
          pairs.add(new String[] {"NO" + pole, "NC" + pole});
        }
      }
      case CONTACTOR -> {
        for (int pole = 1; pole <= 3; pole++) {
          pairs.add(new String[] {"L" + pole, "T" + pole});
        }
      }
      case OVERLOAD -> {
        pairs.add(new String[] {"1", "2"});
        pairs.add(new String[] {"3", "4"});
        pairs.add(new String[] {"5", "6"});
        pairs.add(new String[] {"95", "96"});
      }
      case CONTACT -> pairs.add(new String[] {"1", "2"});
      case OUTPUT -> pairs.add(new String[] {"R", "O"});
      default -> {}
    }
    return pairs;
  }

  /**
   * Whether a motor's lead comes onto the line by wires alone. Only a common that has no wire yet
   * may: its other side is switched.
   */
  private boolean feedsAMotor(Board then, @Nullable Wire off, @Nullable Wire on) {
    for (Part motor : then.parts) {
      for (Terminal lead : leads(motor)) {
        boolean forgotten = off == null && lead.name().equals("COM") && !wired.contains(lead);
        if (!forgotten
            && Simulation.isOnLine(then, then.joined, then.at(lead))
            && !Simulation.isOnLine(board, board.joined, board.at(lead))) {
          return on != null;
        }
      }
    }
    return false;
  }

  /**
   * Whether a coil comes between R and C by wires alone, so that nothing lets it go, or on R with
   * its common switched, as nobody wires it.
   */
  private boolean holdsACoil(Board then) {
    for (Board.Coil coil : then.coils) {
      for (Board.Secondary one : then.secondaries) {
        boolean a = then.wired.joined(coil.a(), one.r()) && then.wired.joined(coil.b(), one.c());
        boolean b = then.wired.joined(coil.b(), one.r()) && then.wired.joined(coil.a(), one.c());
        boolean hot = then.wired.joined(coil.a(), one.r()) || then.wired.joined(coil.b(), one.r());
        boolean was =
            board.wired.joined(coil.a(), one.r()) || board.wired.joined(coil.b(), one.r());
        if (a || b || (hot && !was)) {
          return true;
        }
      }
    }
    return false;
  }

  private static List<Terminal> leads(Part motor) {
    List<Terminal> leads = new ArrayList<>();
    if (motor.type() == PartType.MOTOR_3PH) {
      List.of("U", "V", "W").forEach(name -> leads.add(motor.at(name)));
    } else if (motor.type() == PartType.MOTOR_PSC) {
      leads.add(motor.at("COM"));
      motor.speeds().forEach(name -> leads.add(motor.at(name)));
    }
    return leads;
  }

  // What was switched stays switched, what was protected stays protected.

  private boolean keepsGuards(Board then) {
    Map<Terminal, Set<PartType>> now = guards(then);
    for (Map.Entry<Terminal, Set<PartType>> one : guards.entrySet()) {
      Set<PartType> left = now.get(one.getKey());
      if (left != null && !left.containsAll(one.getValue())) {
        return false;
      }
    }
    return true;
  }

  /** What switches or protects. */
  private static final List<PartType> SWITCHES =
      List.of(
          PartType.CONTACTOR, PartType.CONTACT, PartType.OVERLOAD, PartType.RELAY, PartType.OUTPUT);

  /**
   * Of each motor lead that the line reaches, and each coil end that 24 V reaches, with every
   * contact closed: the kinds of contacts without which it would not.
   */
  private static Map<Terminal, Set<PartType>> guards(Board board) {
    Map<Terminal, List<Integer>> origins = new LinkedHashMap<>();
    List<Integer> poles = new ArrayList<>();
    for (Part part : board.parts) {
      part.type().poles().forEach(pole -> poles.add(board.at(part, pole)));
    }
    List<Integer> hot = board.secondaries.stream().map(Board.Secondary::r).toList();
    for (Part part : board.parts) {
      leads(part).forEach(lead -> origins.put(lead, poles));
      if (part.type().hasCoil()) {
        origins.put(part.at("A"), hot);
        origins.put(part.at("B"), hot);
      }
    }
    Map<Terminal, Set<PartType>> guards = new LinkedHashMap<>();
    Nets closed = closed(board, null);
    origins.forEach(
        (end, from) -> {
          if (reaches(closed, from, board.at(end))) {
            guards.put(end, EnumSet.noneOf(PartType.class));
          }
        });
    for (PartType kind : SWITCHES) {
      Nets open = closed(board, kind);
      guards.forEach(
          (end, all) -> {
            if (!reaches(open, origins.getOrDefault(end, poles), board.at(end))) {
              all.add(kind);
            }
          });
    }
    return guards;
  }

  private static boolean reaches(Nets nets, List<Integer> origins, int terminal) {
    return origins.stream().anyMatch(origin -> nets.joined(origin, terminal));
  }

  /** With every contact closed but those of one kind. */
  private static Nets closed(Board board, @Nullable PartType open) {
    Nets closed = board.joined.copy();
    for (Part part : board.parts) {
      for (String[] pair : contacts(part)) {
        int one = board.at(part, pair[0]);
        int other = board.at(part, pair[1]);
        if (one >= 0 && other >= 0 && !pair[0].startsWith("NO") && part.type() != open) {
          closed.join(one, other);
        }
      }
    }
    return closed;
  }

  // Phases.

  /** Each lead that had a phase of its own keeps it. */
  private boolean keepsPhases(Board then) {
    if (phases.isEmpty()) {
      return true;
    }
    Map<Terminal, Set<Terminal>> now = phases(then);
    for (Map.Entry<Terminal, Set<Terminal>> one : phases.entrySet()) {
      boolean alone =
          one.getValue().size() == 1
              && phases.entrySet().stream()
                      .filter(other -> other.getKey().part().equals(one.getKey().part()))
                      .filter(other -> other.getValue().equals(one.getValue()))
                      .count()
                  == 1;
      if (alone && !one.getValue().equals(now.get(one.getKey()))) {
        return false;
      }
    }
    return true;
  }

  /** Of each lead of a three-phase motor: the poles that it reaches with every contact closed. */
  private static Map<Terminal, Set<Terminal>> phases(Board board) {
    Map<Terminal, Set<Terminal>> phases = new LinkedHashMap<>();
    List<Part> motors =
        board.parts.stream().filter(one -> one.type() == PartType.MOTOR_3PH).toList();
    if (motors.isEmpty()) {
      return phases;
    }
    Nets closed = board.joined.copy();
    for (Part part : board.parts) {
      for (String[] pair : contacts(part)) {
        int one = board.at(part, pair[0]);
        int other = board.at(part, pair[1]);
        if (one >= 0 && other >= 0 && part.type() != PartType.RELAY) {
          closed.join(one, other);
        }
      }
    }
    for (Part motor : motors) {
      for (String lead : List.of("U", "V", "W")) {
        Set<Terminal> reached = new LinkedHashSet<>();
        for (Part line : board.parts) {
          for (String pole : line.type().poles()) {
            if (closed.joined(board.at(motor, lead), board.at(line, pole))) {
              reached.add(line.at(pole));
            }
          }
        }
        phases.put(motor.at(lead), reached);
      }
    }
    return phases;
  }

  /**
   * Whether a wire leads from one number of a phase to another, as from L1 to T2, or from a call to
   * the end of a coil that by custom is on the common.
   */
  static boolean crosses(Wiring wiring, Wire wire) {
    int from = phase(wire.from().name());
    int to = phase(wire.to().name());
    boolean turned = isTurned(wiring, wire.from(), wire.to());
    return (from > 0 && to > 0 && from != to) || turned || isTurned(wiring, wire.to(), wire.from());
  }

  private static boolean isTurned(Wiring wiring, Terminal call, Terminal coil) {
    Part part = wiring.part(call.part());
    return part != null && part.type() == PartType.OUTPUT && coil.name().equals("B");
  }

  private static int phase(String name) {
    return switch (name) {
      case "L1", "T1", "1", "2", "U", "H1", "COM1" -> 1;
      case "L2", "T2", "3", "4", "V", "H2", "N", "COM" -> 2;
      case "L3", "T3", "5", "6", "W" -> 3;
      default -> 0;
    };
  }
}
