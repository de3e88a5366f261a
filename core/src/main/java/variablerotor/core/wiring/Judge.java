package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.wiring.Finding.Kind;

/** What is wrong on one call, once nothing moves any more. */
final class Judge {
  /** More than this share of what it is for burns a motor or a transformer. Judgement. */
  private static final double TOO_MUCH = 1.25;

  private final Simulation simulation;
  private final Board board;
  private final Wiring.Call call;
  private final Nets nets;
  private final Potentials potentials;
  private final List<Finding> findings = new ArrayList<>();

  private Judge(Simulation simulation) {
    this.simulation = simulation;
    board = simulation.board();
    call = simulation.call();
    nets = simulation.nets();
    potentials = simulation.potentials();
  }

  /**
   * @param expected what the first motor must do; null where that is not told
   * @param expects whether it is told of any call
   */
  static Run of(Simulation simulation, @Nullable String expected, boolean expects) {
    return new Judge(simulation).judged(expected, expects);
  }

  private Run judged(@Nullable String expected, boolean expects) {
    heeded();
    chatter();
    meetings();
    joined();
    transformers();
    double coilVa = coils();
    outputs();
    ground();
    frames();
    Map<String, String> motors = new LinkedHashMap<>();
    for (Part part : board.parts) {
      if (part.type().isMotor()) {
        motors.put(part.id(), motor(part));
      }
    }
    contacts(motors);
    String first = motors.isEmpty() ? "OFF" : motors.values().iterator().next();
    expectation(motors.keySet(), first, expected, expects);
    List<String> pulled = simulation.state().pulled();
    return new Run(
        call.name(),
        first,
        motors,
        board.parts.stream().map(Part::id).filter(pulled::contains).toList(),
        coilVa,
        findings,
        simulation.moments());
  }

  private void stop(Kind kind, List<Terminal> at, String sentence) {
    findings.add(Finding.stop(kind, at, sentence));
  }

  private static String volts(double volts) {
    return Numbers.plain(Math.rint(volts * 10) / 10, 1) + " V";
  }

  private void heeded() {
    for (String name : call.on()) {
      boolean heeds =
          board.parts.stream()
              .anyMatch(part -> name.equals(part.call()) || name.equals(part.when()));
      if (!heeds) {
        findings.add(
            Finding.caution(
                Kind.CALL_NOT_HEEDED,
                List.of(),
                "No output is raised by " + name + " and no contact heeds it: is a part missing?"));
      }
    }
  }

  private void chatter() {
    if (!simulation.chattering().isEmpty()) {
      stop(
          Kind.CHATTER,
          simulation.chattering().stream().map(part -> part.at("A")).toList(),
          "A contact cuts its own coil's feed: it pulls and drops without end, and welds.");
    }
  }

  private void meetings() {
    for (Potentials.Meeting one : potentials.meetings()) {
      Terminal plus = board.terminals.get(one.one());
      Terminal minus = board.terminals.get(one.other());
      stop(
          Kind.SHORT_CIRCUIT,
          List.of(plus, minus),
          plus + " and " + minus + " meet without a load between: a dead short.");
    }
  }

  /** Line and 24 V on one conductor, or at the two ends of one coil or winding. */
  private void joined() {
    boolean[] line = new boolean[board.terminals.size()];
    boolean[] control = new boolean[board.terminals.size()];
    for (Part part : board.parts) {
      part.type().poles().forEach(name -> line[nets.of(board.at(part, name))] = true);
    }
    for (Board.Secondary one : board.secondaries) {
      control[nets.of(one.r())] = true;
      control[nets.of(one.c())] = true;
      for (String name : List.of("R", "C")) {
        if (line[nets.of(board.at(one.part(), name))]) {
          stop(
              Kind.CIRCUITS_JOINED,
              List.of(one.part().at(name)),
              "Line voltage gets into the 24 V circuit at "
                  + one.part().at(name)
                  + ": board and thermostat burn, and wires there can kill.");
        }
      }
    }
    for (Part part : board.parts) {
      if (part.type().hasCoil()) {
        coil(part, line, control);
      } else if (part.type().isMotor()) {
        leads(part, control);
      } else if (part.type() == PartType.ADAPTER) {
        taps(part, line);
      }
    }
  }

  private void coil(Part part, boolean[] line, boolean[] control) {
    int a = nets.of(board.at(part, "A"));
    int b = nets.of(board.at(part, "B"));
    if ((line[a] && control[b]) || (line[b] && control[a])) {
      List<Terminal> ends = List.of(part.at("A"), part.at("B"));
      stop(
          Kind.CIRCUITS_JOINED,
          ends,
          "The coil of " + part.id() + " has line on one end and 24 V on the other.");
      stop(
          Kind.COIL_VOLTAGE,
          ends,
          "The coil of "
              + part.id()
              + " may get line voltage: most 24 V circuits are grounded somewhere. It burns.");
    }
  }

  private void taps(Part adapter, boolean[] line) {
    List<String> names = new ArrayList<>(Part.TAPS);
    names.addAll(List.of("C", "R"));
    for (String name : names) {
      if (line[nets.of(board.at(adapter, name))]) {
        stop(
            Kind.CIRCUITS_JOINED,
            List.of(adapter.at(name)),
            "Line voltage is on " + adapter.at(name) + ", which is for 24 V: the adapter burns.");
      }
    }
  }

  /** A motor's lead on 24 V ties that to the line through its winding. */
  private void leads(Part motor, boolean[] control) {
    for (Terminal lead : board.wiring.terminals(motor)) {
      int at = board.at(lead);
      boolean start = lead.name().startsWith("CAP");
      if (!lead.name().equals("G") && !start && control[nets.of(at)]) {
        stop(
            Kind.CIRCUITS_JOINED,
            List.of(lead),
            "24 V is on " + lead + ": through the winding it meets the line.");
      }
    }
  }

  /** What a transformer gets on its line side. */
  private void transformers() {
    if (potentials.circles()) {
      stop(
          Kind.CIRCUITS_JOINED,
          board.secondaries.stream().map(one -> one.part().at("H1")).toList(),
          "A transformer's line side hangs on its own 24 V side: what stands there cannot be"
              + " told.");
    }
    for (Board.Secondary one : board.secondaries) {
      double across = potentials.between(one.h1(), one.h2());
      Part part = one.part();
      if (across > TOO_MUCH * one.primaryVolts()) {
        stop(
            Kind.COIL_VOLTAGE,
            List.of(part.at("H1"), part.at("H2")),
            part.id()
                + " gets "
                + volts(across)
                + " on its line side, and is for "
                + volts(one.primaryVolts())
                + ": it burns.");
      } else if (potentials.given(one) == 0
          && potentials.between(one.r(), one.c()) > NOTHING
          && potentials.isHeld(one.r())) {
        stop(
            Kind.BACK_FED,
            List.of(part.at("R"), part.at("H1"), part.at("H2")),
            part.id()
                + " has no line and is fed at its 24 V side: its line terminals stand at up to "
                + volts(one.primaryVolts())
                + ".");
      }
    }
  }

  private static final double NOTHING = Simulation.NOTHING;

  /** What the coils get, and what those that have pulled take together [VA]. */
  private double coils() {
    double sum = 0;
    List<String> pulled = simulation.state().pulled();
    for (Board.Coil coil : board.coils) {
      Part part = coil.part();
      double volts = simulation.volts(coil);
      double made = Loads.coilVolts(part);
      if (pulled.contains(part.id())) {
        sum += Loads.coilVa(part);
      }
      boolean much = volts > Simulation.MOST * made;
      if (much || (volts > NOTHING && volts < Simulation.LEAST * made)) {
        stop(
            Kind.COIL_VOLTAGE,
            List.of(part.at("A"), part.at("B")),
            "The coil of "
                + part.id()
                + " gets "
                + volts(volts)
                + ", and is for "
                + Numbers.plain(made)
                + " V: it "
                + (much ? "burns." : "does not pull, or hums."));
      }
    }
    Set<Integer> told = new LinkedHashSet<>();
    for (Board.Secondary one : board.secondaries) {
      if (told.add(nets.of(one.r()))) {
        overload(one, pulled);
      }
    }
    return sum;
  }

  private void overload(Board.Secondary one, List<String> pulled) {
    Burden burden = simulation.burden();
    double rated = burden.rated(one);
    double load = burden.besides(one);
    for (Board.Coil coil : burden.coils(one)) {
      load += pulled.contains(coil.part().id()) ? Loads.coilVa(coil.part()) : 0;
    }
    double most = Math.max(load, burden.drawn(one));
    boolean fed = potentials.given(one) > 0;
    if (fed && most > rated + 1e-9) {
      stop(
          Kind.TRANSFORMER_OVERLOAD,
          List.of(one.part().at("R")),
          Numbers.plain(most, 1)
              + " VA hang on "
              + one.part().id()
              + " of "
              + Numbers.plain(rated)
              + " VA: it sags, and burns in time.");
    }
  }

  /**
   * An output that is off, with 24 V of its own transformer at its back. What only hangs there over
   * coils whose common is open drives no current.
   */
  private void outputs() {
    for (Part part : board.parts) {
      boolean off = part.type() == PartType.OUTPUT && !call.on().contains(part.call());
      int back = part.type() == PartType.OUTPUT ? board.at(part, "O") : -1;
      if (!off || !board.hasWire[back] || !potentials.isHeld(back)) {
        continue;
      }
      Integer common = common(part);
      if (common != null && potentials.between(back, common) > NOTHING) {
        String sentence =
            "Another output is live at the back of "
                + part.id()
                + ", which is off: "
                + (part.solidState()
                    ? "it feeds into its electronics and burns them."
                    : "harmless into a plain contact alone.");
        findings.add(
            part.solidState()
                ? Finding.stop(Kind.BACK_FED, List.of(part.at("O")), sentence)
                : Finding.caution(Kind.BACK_FED, List.of(part.at("O")), sentence));
      }
    }
  }

  /** The common of the transformer that an output is fed by; the first where none feeds it. */
  private @Nullable Integer common(Part output) {
    int in = board.at(output, "R");
    for (Board.Secondary one : board.secondaries) {
      if (nets.joined(in, one.r())) {
        return one.c();
      }
    }
    return board.secondaries.isEmpty() ? null : (Integer) board.secondaries.get(0).c();
  }

  /** Ground is no conductor: nothing may stop where it is taken away, and no neutral is on it. */
  private void ground() {
    for (Part line : board.parts) {
      if (line.type() == PartType.LINE_120
          && nets.joined(board.at(line, "N"), board.at(line, "G"))) {
        stop(
            Kind.GROUND_CARRIES,
            List.of(line.at("N"), line.at("G")),
            "Neutral and ground are joined: the ground wire carries the motor's current, and every"
                + " frame on it.");
        return;
      }
    }
    Nets cut = simulation.withoutGround();
    if (cut == null) {
      return;
    }
    Potentials without = new Potentials(board, cut);
    for (Potentials.Load load : board.drawing) {
      double now = potentials.between(load.from(), load.to());
      if (now > NOTHING && now - without.between(load.from(), load.to()) > NOTHING) {
        Terminal from = board.terminals.get(load.from());
        Terminal to = board.terminals.get(load.to());
        stop(
            Kind.GROUND_CARRIES,
            List.of(from, to),
            "The current through "
                + from.part()
                + " goes back over ground: frames on it become live. Ground is for faults alone.");
        return;
      }
    }
  }

  private void frames() {
    for (Part motor : board.parts) {
      if (motor.type().isMotor()) {
        double volts = potentials.against(board.at(motor, "G"));
        if (volts > NOTHING) {
          stop(
              Kind.UNGROUNDED,
              List.of(motor.at("G")),
              "The frame of " + motor.id() + " stands at " + volts(volts) + ": it can kill.");
        }
      }
    }
  }

  private String motor(Part part) {
    return part.type() == PartType.MOTOR_3PH ? threePhase(part) : singlePhase(part);
  }

  private String singlePhase(Part part) {
    double rated = board.ratedVolts(part);
    List<String> live = new ArrayList<>();
    List<Terminal> weak = new ArrayList<>();
    double most = 0;
    for (String speed : part.speeds()) {
      double volts = simulation.between(part, speed, "COM");
      most = Math.max(most, volts);
      if (volts >= Simulation.TURNS * rated) {
        live.add(speed);
      } else if (volts > NOTHING) {
        weak.add(part.at(speed));
      }
    }
    if (!weak.isEmpty() && live.isEmpty()) {
      stop(
          Kind.STAYS_OFF,
          weak,
          part.id()
              + " gets "
              + Numbers.plain(Math.rint(simulation.between(part, weak.get(0).name(), "COM")))
              + " V in place of "
              + Numbers.plain(rated)
              + " V: it hums, does not turn, and burns.");
    }
    if (live.isEmpty()) {
      return "OFF";
    }
    if (most > TOO_MUCH * rated) {
      stop(
          Kind.UNEXPECTED,
          List.of(part.at(live.get(0)), part.at("COM")),
          part.id() + " gets " + volts(most) + ", and is for " + volts(rated) + ": it burns.");
    }
    capacitor(part);
    sections(part, live);
    if (live.size() > 1) {
      stop(
          Kind.TWO_SPEEDS,
          live.stream().map(part::at).toList(),
          "The windings for " + Words.and(live) + " are live at once: the motor burns.");
      return "TWO_SPEEDS";
    }
    return live.get(0);
  }

  private void capacitor(Part motor) {
    Capacitors capacitors = new Capacitors(board, nets, motor);
    if (capacitors.areMissing()) {
      stop(
          Kind.NO_CAPACITOR,
          List.of(motor.at("CAP1"), motor.at("CAP2")),
          motor.id()
              + " has no capacitor at its start winding: it hums, does not start, and burns.");
    }
    // What only a contact joins: the rest is told of the wiring as such.
    Set<Finding> always =
        new LinkedHashSet<>(new Capacitors(board, board.joined, motor).findings());
    capacitors.findings().stream().filter(one -> !always.contains(one)).forEach(findings::add);
  }

  /** Speeds are taps of one winding: two of its ends joined short a part of it. */
  private void sections(Part motor, List<String> live) {
    List<String> ends = new ArrayList<>(List.of("COM"));
    ends.addAll(motor.speeds());
    for (int one = 0; one < ends.size(); one++) {
      for (int other = one + 1; other < ends.size(); other++) {
        boolean both = live.contains(ends.get(one)) && live.contains(ends.get(other));
        Terminal first = motor.at(ends.get(one));
        Terminal second = motor.at(ends.get(other));
        if (!both && nets.joined(board.at(first), board.at(second))) {
          stop(
              Kind.SHORT_CIRCUIT,
              List.of(first, second),
              first
                  + " and "
                  + second
                  + " are joined: they are taps of one winding, and the part between them burns.");
        }
      }
    }
  }

  private String threePhase(Part part) {
    double rated = board.ratedVolts(part);
    double[] volts = {
      simulation.between(part, "U", "V"),
      simulation.between(part, "V", "W"),
      simulation.between(part, "W", "U")
    };
    int full = 0;
    int some = 0;
    for (double one : volts) {
      full += one >= Simulation.TURNS * rated ? 1 : 0;
      some += one > NOTHING ? 1 : 0;
    }
    List<Terminal> leads = List.of(part.at("U"), part.at("V"), part.at("W"));
    if (full == 3) {
      if (Protection.isMissing(simulation, part)) {
        stop(
            Kind.OVERLOAD_MISSING,
            leads,
            part.id()
                + " runs past an overload relay, or on after one has tripped: stalled or on two"
                + " phases it burns.");
      }
      return "RUN";
    }
    if (some > 0) {
      stop(
          Kind.PHASE_MISSING,
          leads,
          part.id() + " does not have all three phases: it hums, does not start, and burns.");
    }
    return "OFF";
  }

  // Contacts.

  /** Contacts that carry more than they are for: all motors behind one add up. */
  private void contacts(Map<String, String> motors) {
    List<Part> running =
        board.parts.stream()
            .filter(part -> !motors.getOrDefault(part.id(), "OFF").equals("OFF"))
            .toList();
    double all = running.stream().mapToDouble(Loads::amps).sum();
    for (Part part : board.parts) {
      Double bears = part.contactAmps();
      if (bears == null || bears >= all) {
        continue;
      }
      for (String[] pair : pairs(part)) {
        int from = board.at(part, pair[0]);
        int to = board.at(part, pair[1]);
        boolean closed =
            from >= 0
                && to >= 0
                && board.hasWire[from]
                && board.hasWire[to]
                && nets.joined(from, to);
        List<Part> carried = closed ? carried(part, pair, running) : List.of();
        double amps = carried.stream().mapToDouble(Loads::amps).sum();
        if (amps > bears) {
          findings.add(
              Finding.caution(
                  Kind.CONTACT_OVERLOAD,
                  List.of(part.at(pair[0]), part.at(pair[1])),
                  "A contact of "
                      + part.id()
                      + " for "
                      + Numbers.plain(bears)
                      + " A carries "
                      + Numbers.plain(amps)
                      + " A"
                      + (carried.size() > 1
                          ? " of " + Words.and(carried.stream().map(Part::id).toList())
                          : "")
                      + ": it welds in time."));
          break;
        }
      }
    }
  }

  /**
   * The motors whose current a contact carries: those that lose their line with it open. Where
   * another contact stands beside it, either may have to carry all.
   */
  private List<Part> carried(Part part, String[] pair, List<Part> running) {
    int from = board.at(part, pair[0]);
    int to = board.at(part, pair[1]);
    List<Part> near =
        running.stream()
            .filter(motor -> ends(motor).anyMatch(at -> nets.joined(at, from)))
            .toList();
    if (near.isEmpty()) {
      return near;
    }
    Nets open = simulation.without(part, pair[0]);
    if (open.joined(from, to)) {
      return near;
    }
    return near.stream()
        .filter(
            motor ->
                ends(motor)
                    .anyMatch(
                        at ->
                            nets.joined(at, from)
                                && potentials.isHeld(at)
                                && !Simulation.isOnLine(board, open, at)))
        .toList();
  }

  private IntStream ends(Part motor) {
    List<String> names = new ArrayList<>();
    if (motor.type() == PartType.MOTOR_3PH) {
      names.addAll(List.of("U", "V", "W"));
    } else {
      names.add("COM");
      motor.speeds().stream()
          .filter(
              speed ->
                  simulation.between(motor, speed, "COM")
                      >= Simulation.TURNS * board.ratedVolts(motor))
          .forEach(names::add);
    }
    return names.stream().mapToInt(name -> board.at(motor, name));
  }

  private static List<String[]> pairs(Part part) {
    List<String[]> pairs = new ArrayList<>();
    switch (part.type()) {
      case RELAY -> {
        for (int pole = 1; pole <= 4; pole++) {
          pairs.add(new String[] {"COM" + pole, "NO" + pole});
          pairs.add(new String[] {"COM" + pole, "NC" + pole});
        }
      }
      case CONTACTOR -> {
        pairs.add(new String[] {"L1", "T1"});
        pairs.add(new String[] {"L2", "T2"});
        pairs.add(new String[] {"L3", "T3"});
      }
      case CONTACT -> pairs.add(new String[] {"1", "2"});
      case OUTPUT -> pairs.add(new String[] {"R", "O"});
      default -> {}
    }
    return pairs;
  }

  // What it must do.

  private void expectation(
      Set<String> motors, String motor, @Nullable String expected, boolean expects) {
    if (motors.isEmpty()) {
      return;
    }
    Part first = board.wiring.part(motors.iterator().next());
    List<Terminal> at = first == null ? List.of() : List.of(place(first, motor, expected));
    if (!expects) {
      if (call.on().isEmpty() && call.after() == null && !motor.equals("OFF")) {
        stop(Kind.RUNS_WITHOUT_CALL, at, "Nothing calls, and the motor runs: it never stops.");
      }
      return;
    }
    if (expected == null || expected.equals(motor)) {
      return;
    }
    stop(
        Kind.UNEXPECTED,
        at,
        "On \"" + call.name() + "\" the motor must be " + expected + ", and is " + motor + ".");
    if (expected.equals("OFF") && !motor.equals("OFF")) {
      stop(Kind.RUNS_WITHOUT_CALL, at, "It runs where it must stand still.");
    } else if (motor.equals("OFF")) {
      stop(Kind.STAYS_OFF, at, "It stands still where it must run.");
      dead();
    }
  }

  /** A transformer without its line is why nothing pulls. */
  private void dead() {
    for (Board.Secondary one : board.secondaries) {
      boolean used = board.hasWire[one.r()] && board.hasWire[one.c()];
      if (used && potentials.given(one) < Simulation.LEAST * Potentials.CONTROL) {
        Part part = one.part();
        stop(
            Kind.STAYS_OFF,
            List.of(part.at("H1"), part.at("H2")),
            part.id()
                + " gives "
                + volts(potentials.given(one))
                + ": across H1 and H2 stand "
                + volts(potentials.between(one.h1(), one.h2()))
                + ", and it is for "
                + volts(one.primaryVolts())
                + ".");
      }
    }
  }

  /** Where to look: at the lead that is live, or else at the one that must be. */
  private static Terminal place(Part motor, String does, @Nullable String expected) {
    if (motor.type() == PartType.MOTOR_3PH) {
      return motor.at("U");
    }
    if (motor.speeds().contains(does)) {
      return motor.at(does);
    }
    return motor.at(expected != null && motor.speeds().contains(expected) ? expected : "COM");
  }
}
