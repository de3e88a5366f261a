package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.circuit.Circuit;
import variablerotor.core.circuit.Complex;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.wiring.Finding.Kind;

/**
 * One call on one wiring: coils pull and contacts move until nothing changes, or it chatters.
 *
 * <p>A coil for 24 V holds from 18 to 30 V; others in proportion (common practice). What a coil
 * draws is its VA at its own voltage.
 */
final class Simulation {
  private static final double LEAST = 18 / 24.0;
  private static final double MOST = 30 / 24.0;

  /** Less is nothing at all [V]. */
  private static final double NOTHING = 2;

  /** A motor turns from this share of its line on. Judgement. */
  private static final double TURNS = 0.75;

  /** A transformer's voltage drops by this share from nothing to full load. Judgement. */
  private static final double REGULATION = 0.1;

  /** A capacitor is right within this share of what the motor asks. Common practice. */
  private static final double TOLERANCE = 0.06;

  /** What moves: a coil that has pulled, an adapter's tap. */
  private record State(List<String> pulled, Map<String, String> taps) {
    private State {
      pulled = List.copyOf(pulled);
      taps = Collections.unmodifiableMap(new LinkedHashMap<>(taps));
    }
  }

  private final Board board;
  private final Wiring.Call call;
  private final boolean overloadsOpen;
  private final List<Finding> findings = new ArrayList<>();
  private final List<Moment> moments = new ArrayList<>();
  private State state = new State(List.of(), Map.of());
  private Nets nets;
  private Potentials potentials;

  private Simulation(Board board, Wiring.Call call, boolean overloadsOpen) {
    this.board = board;
    this.call = call;
    this.overloadsOpen = overloadsOpen;
    nets = nets();
    potentials = new Potentials(board, nets);
  }

  static Run run(Board board, Wiring.Call call, @Nullable String expected, boolean expects) {
    Simulation simulation = new Simulation(board, call, false);
    simulation.settle();
    return simulation.judged(expected, expects);
  }

  /** What is joined while nothing is called and no coil holds. */
  static Nets atRest(Board board) {
    return raised(board, new Wiring.Call("", List.of()));
  }

  /** What is joined as a call is raised, before a coil has pulled. */
  static Nets raised(Board board, Wiring.Call call) {
    return new Simulation(board, call, false).nets;
  }

  /** What is joined in this state. */
  private Nets nets() {
    Nets joined = board.wired.copy();
    for (Part part : board.parts) {
      switch (part.type()) {
        case OUTPUT -> joinIf(joined, part, "R", "O", call.on().contains(part.call()));
        case CONTACT ->
            joinIf(joined, part, "1", "2", part.closed() != call.on().contains(part.when()));
        case CONTACTOR -> contactor(joined, part);
        case OVERLOAD -> {
          joinIf(joined, part, "1", "2", !overloadsOpen);
          joinIf(joined, part, "3", "4", !overloadsOpen);
          joinIf(joined, part, "5", "6", !overloadsOpen);
        }
        case ADAPTER -> adapter(joined, part);
        default -> {}
      }
    }
    for (Board.Pole pole : board.poles) {
      boolean pulled = state.pulled.contains(pole.part().id());
      joined.join(pole.common(), pulled ? pole.open() : pole.closed());
    }
    return joined;
  }

  private void joinIf(Nets joined, Part part, String from, String to, boolean closed) {
    if (closed) {
      joined.join(board.at(part, from), board.at(part, to));
    }
  }

  private void contactor(Nets joined, Part part) {
    boolean pulled = state.pulled.contains(part.id());
    int poles = part.poles() == null ? 2 : part.poles();
    joinIf(joined, part, "L1", "T1", pulled);
    joinIf(joined, part, "L2", "T2", pulled || poles == 1);
    if (poles >= 3) {
      joinIf(joined, part, "L3", "T3", pulled);
    }
  }

  private void adapter(Nets joined, Part part) {
    joinIf(joined, part, "L2", "COM", true);
    String tap = state.taps.get(part.id());
    if (tap != null) {
      joinIf(joined, part, "L1", part.output(tap), true);
    }
  }

  /** Until nothing moves; a state that comes again is chatter. */
  private void settle() {
    Set<State> seen = new LinkedHashSet<>();
    while (seen.add(state)) {
      moments.add(moment());
      State next = next();
      if (next.equals(state)) {
        return;
      }
      move(next);
    }
    List<Terminal> moving = new ArrayList<>();
    State before = state;
    State after = next();
    for (Part part : board.parts) {
      if (part.type().hasCoil()
          && before.pulled.contains(part.id()) != after.pulled.contains(part.id())) {
        moving.add(part.at("A"));
      }
    }
    findings.add(
        Finding.stop(
            Kind.CHATTER,
            moving,
            "A contact cuts its own coil's feed: it pulls and drops without end, and welds."));
  }

  private void move(State next) {
    state = next;
    nets = nets();
    potentials = new Potentials(board, nets);
  }

  private State next() {
    List<String> pulled = new ArrayList<>();
    Map<String, String> taps = new LinkedHashMap<>();
    double sag = sag();
    for (Board.Coil coil : board.coils) {
      if (volts(coil, sag) >= LEAST * Loads.coilVolts(coil.part())) {
        pulled.add(coil.part().id());
      }
    }
    for (Part part : board.parts) {
      if (part.type() == PartType.ADAPTER) {
        for (String tap : Part.TAPS) {
          if (between(part, tap, "C") * sag >= LEAST * Loads.COIL_VOLTS) {
            taps.put(part.id(), tap);
          }
        }
      }
    }
    return new State(pulled, taps);
  }

  /** What a coil gets [V]; one on 24 V as far as the transformer holds it. */
  private double volts(Board.Coil coil, double sag) {
    double volts = potentials.between(coil.a(), coil.b());
    return Loads.coilVolts(coil.part()) == Loads.COIL_VOLTS ? volts * sag : volts;
  }

  private double between(Part part, String from, String to) {
    return potentials.between(board.at(part, from), board.at(part, to));
  }

  /**
   * What is left of 24 V where more hangs on a transformer than it bears, as a share: a source that
   * drops by its regulation at full load, with the load as one resistor.
   */
  private double sag() {
    Part transformer = transformer();
    Double rated = transformer == null ? null : transformer.va();
    double load = drawn();
    if (transformer == null || rated == null || load <= rated) {
      return 1;
    }
    double full = Loads.COIL_VOLTS * Loads.COIL_VOLTS / rated;
    Circuit circuit =
        new Circuit()
            .source("winding", "inside", "C", Complex.real(Loads.COIL_VOLTS * (1 + REGULATION)))
            .resistor("regulation", "inside", "R", full * REGULATION)
            .resistor("load", "R", "C", Loads.COIL_VOLTS * Loads.COIL_VOLTS / load);
    return circuit.solve("C").volts("R").magnitude() / Loads.COIL_VOLTS;
  }

  private @Nullable Part transformer() {
    return board.parts.stream()
        .filter(one -> one.type() == PartType.TRANSFORMER)
        .findFirst()
        .orElse(null);
  }

  /** What hangs on 24 V now [VA]: each coil by the square of its voltage. */
  private double drawn() {
    double va = 0;
    for (Part part : board.parts) {
      if (part.type() == PartType.TRANSFORMER && part.loadVa() != null) {
        va += part.loadVa();
      }
    }
    for (Board.Coil coil : board.coils) {
      if (Loads.coilVolts(coil.part()) == Loads.COIL_VOLTS) {
        double share = volts(coil, 1) / Loads.COIL_VOLTS;
        va += share > MOST ? 0 : Loads.coilVa(coil.part()) * share * share;
      }
    }
    return va;
  }

  private Run judged(@Nullable String expected, boolean expects) {
    meetings();
    joined();
    double coilVa = coils();
    outputs();
    Map<String, String> motors = new LinkedHashMap<>();
    for (Part part : board.parts) {
      if (part.type().isMotor()) {
        motors.put(part.id(), motor(part));
      }
    }
    String first = motors.isEmpty() ? "OFF" : motors.values().iterator().next();
    expectation(motors.keySet(), first, expected, expects);
    return new Run(
        call.name(),
        first,
        motors,
        board.parts.stream().filter(one -> state.pulled.contains(one.id())).map(Part::id).toList(),
        coilVa,
        findings,
        moments);
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
          if (between(part, speed, "COM") >= TURNS * board.ratedVolts) {
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

  private void meetings() {
    for (Potentials.Meeting one : potentials.meetings()) {
      Terminal plus = board.terminals.get(one.one());
      Terminal minus = board.terminals.get(one.other());
      findings.add(
          Finding.stop(
              Kind.SHORT_CIRCUIT,
              List.of(plus, minus),
              plus + " and " + minus + " meet without a load between: a dead short."));
    }
  }

  /** Line and 24 V on one conductor, or at the two ends of one coil. */
  private void joined() {
    boolean[] line = new boolean[board.terminals.size()];
    boolean[] control = new boolean[board.terminals.size()];
    for (Part part : board.parts) {
      part.type().poles().forEach(name -> line[nets.of(board.at(part, name))] = true);
      if (part.type() == PartType.TRANSFORMER) {
        control[nets.of(board.at(part, "R"))] = true;
        control[nets.of(board.at(part, "C"))] = true;
      }
    }
    for (Part part : board.parts) {
      if (part.type() == PartType.TRANSFORMER) {
        for (String name : List.of("R", "C")) {
          if (line[nets.of(board.at(part, name))]) {
            findings.add(
                Finding.stop(
                    Kind.CIRCUITS_JOINED,
                    List.of(part.at(name)),
                    "Line voltage gets into the 24 V circuit at "
                        + part.at(name)
                        + ": board and thermostat burn, and wires there can kill."));
          }
        }
      } else if (part.type().hasCoil()) {
        int a = nets.of(board.at(part, "A"));
        int b = nets.of(board.at(part, "B"));
        if ((line[a] && control[b]) || (line[b] && control[a])) {
          findings.add(
              Finding.stop(
                  Kind.CIRCUITS_JOINED,
                  List.of(part.at("A"), part.at("B")),
                  "The coil of " + part.id() + " has line on one end and 24 V on the other."));
          findings.add(
              Finding.stop(
                  Kind.COIL_VOLTAGE,
                  List.of(part.at("A"), part.at("B")),
                  "The coil of "
                      + part.id()
                      + " may get line voltage: most 24 V circuits are grounded somewhere. It"
                      + " burns."));
        }
      }
    }
  }

  /** What the coils get, and what those that have pulled take together [VA]. */
  private double coils() {
    double pulled = 0;
    double sag = sag();
    for (Board.Coil coil : board.coils) {
      Part part = coil.part();
      double volts = volts(coil, sag);
      if (state.pulled.contains(part.id())) {
        pulled += Loads.coilVa(part);
      }
      boolean wrong =
          volts > NOTHING
              && (volts < LEAST * Loads.coilVolts(part) || volts > MOST * Loads.coilVolts(part));
      if (wrong) {
        findings.add(
            Finding.stop(
                Kind.COIL_VOLTAGE,
                List.of(part.at("A"), part.at("B")),
                "The coil of "
                    + part.id()
                    + " gets "
                    + Numbers.plain(Math.rint(volts * 10) / 10, 1)
                    + " V, and is for "
                    + Numbers.plain(Loads.coilVolts(part))
                    + " V: it "
                    + (volts > MOST * Loads.coilVolts(part)
                        ? "burns."
                        : "does not pull, or hums.")));
      }
    }
    Part transformer = transformer();
    if (transformer != null && transformer.va() != null) {
      double load = pulled + (transformer.loadVa() == null ? 0 : transformer.loadVa());
      if (Math.max(load, drawn()) > transformer.va() + 1e-9) {
        findings.add(
            Finding.stop(
                Kind.TRANSFORMER_OVERLOAD,
                List.of(transformer.at("R")),
                Numbers.plain(Math.max(load, drawn()), 1)
                    + " VA hang on "
                    + transformer.id()
                    + " of "
                    + Numbers.plain(transformer.va())
                    + " VA: it sags, and burns in time."));
      }
    }
    return pulled;
  }

  /** An output that is off, with 24 V at its back. */
  private void outputs() {
    Part transformer = transformer();
    if (transformer == null) {
      return;
    }
    int common = board.at(transformer, "C");
    for (Part part : board.parts) {
      boolean off = part.type() == PartType.OUTPUT && !call.on().contains(part.call());
      if (!off || !board.hasWire[board.at(part, "O")]) {
        continue;
      }
      if (potentials.between(board.at(part, "O"), common) > NOTHING) {
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

  private String motor(Part part) {
    return part.type() == PartType.MOTOR_3PH ? threePhase(part) : singlePhase(part);
  }

  private String singlePhase(Part part) {
    double rated = board.ratedVolts;
    List<String> live = new ArrayList<>();
    List<Terminal> weak = new ArrayList<>();
    for (String speed : part.speeds()) {
      double volts = between(part, speed, "COM");
      if (volts >= TURNS * rated) {
        live.add(speed);
      } else if (volts > NOTHING) {
        weak.add(part.at(speed));
      }
    }
    if (!weak.isEmpty() && live.isEmpty()) {
      findings.add(
          Finding.stop(
              Kind.STAYS_OFF,
              weak,
              part.id()
                  + " gets "
                  + Numbers.plain(
                      Math.rint(potentials.between(board.at(weak.get(0)), board.at(part, "COM"))))
                  + " V in place of "
                  + Numbers.plain(rated)
                  + " V: it hums, does not turn, and burns."));
    }
    if (live.isEmpty()) {
      return "OFF";
    }
    capacitor(part);
    contacts(part, live);
    if (live.size() > 1) {
      findings.add(
          Finding.stop(
              Kind.TWO_SPEEDS,
              live.stream().map(part::at).toList(),
              "The windings for " + Words.and(live) + " are live at once: the motor burns."));
      return "TWO_SPEEDS";
    }
    return live.get(0);
  }

  private void capacitor(Part motor) {
    if (microfarads(board, nets, motor) == null) {
      findings.add(
          Finding.stop(
              Kind.NO_CAPACITOR,
              List.of(motor.at("CAP1"), motor.at("CAP2")),
              motor.id()
                  + " has no capacitor across its capacitor leads: it hums, does not start, and"
                  + " burns."));
    }
  }

  /** What stands across a motor's capacitor leads [µF]; null where nothing does. */
  static @Nullable Double microfarads(Board board, Nets nets, Part motor) {
    int one = nets.of(board.at(motor, "CAP1"));
    int other = nets.of(board.at(motor, "CAP2"));
    Double sum = null;
    for (Part part : board.parts) {
      if (part.type() == PartType.CAPACITOR && one != other) {
        int from = nets.of(board.at(part, "1"));
        int to = nets.of(board.at(part, "2"));
        if ((from == one && to == other) || (from == other && to == one)) {
          double mine = part.microfarads() == null ? 0 : part.microfarads();
          sum = sum == null ? mine : (Double) (sum + mine);
        }
      }
    }
    return sum;
  }

  /** Whether what stands there is what the motor asks for. */
  static boolean isRight(double microfarads, double asked) {
    return Math.abs(microfarads - asked) <= TOLERANCE * asked;
  }

  /** Contacts on the motor's own conductors that carry less than it draws. */
  private void contacts(Part motor, List<String> live) {
    Set<Integer> its = new LinkedHashSet<>();
    live.forEach(speed -> its.add(nets.of(board.at(motor, speed))));
    its.add(nets.of(board.at(motor, "COM")));
    for (Part part : board.parts) {
      Double bears = part.contactAmps();
      if (bears == null || bears >= Loads.amps(motor)) {
        continue;
      }
      for (String[] pair : pairs(part)) {
        int from = board.at(part, pair[0]);
        int to = board.at(part, pair[1]);
        boolean carries =
            from >= 0
                && to >= 0
                && board.hasWire[from]
                && board.hasWire[to]
                && nets.joined(from, to)
                && its.contains(nets.of(from));
        if (carries) {
          findings.add(
              Finding.caution(
                  Kind.CONTACT_OVERLOAD,
                  List.of(part.at(pair[0]), part.at(pair[1])),
                  "A contact of "
                      + part.id()
                      + " for "
                      + Numbers.plain(bears)
                      + " A carries "
                      + Numbers.plain(Loads.amps(motor))
                      + " A: it welds in time."));
          return;
        }
      }
    }
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

  private String threePhase(Part part) {
    double rated = board.ratedVolts;
    double[] volts = {between(part, "U", "V"), between(part, "V", "W"), between(part, "W", "U")};
    int full = 0;
    int some = 0;
    for (double one : volts) {
      full += one >= TURNS * rated ? 1 : 0;
      some += one > NOTHING ? 1 : 0;
    }
    if (full == 3) {
      if (unprotected(part)) {
        findings.add(
            Finding.stop(
                Kind.OVERLOAD_MISSING,
                List.of(part.at("U"), part.at("V"), part.at("W")),
                part.id() + " runs past any overload relay: stalled or on two phases it burns."));
      }
      return "RUN";
    }
    if (some > 0) {
      findings.add(
          Finding.stop(
              Kind.PHASE_MISSING,
              List.of(part.at("U"), part.at("V"), part.at("W")),
              part.id() + " does not have all three phases: it hums, does not start, and burns."));
    }
    return "OFF";
  }

  /** Whether it is still fed, on any lead, with every overload open. */
  private boolean unprotected(Part motor) {
    Simulation open = new Simulation(board, call, true);
    open.settle();
    int fed = 0;
    for (String lead : List.of("U", "V", "W")) {
      fed += open.isFed(board.at(motor, lead)) ? 1 : 0;
    }
    return fed > 0;
  }

  private boolean isFed(int terminal) {
    for (Part part : board.parts) {
      if (part.type() == PartType.LINE_3PH) {
        for (String name : List.of("L1", "L2", "L3")) {
          if (nets.joined(terminal, board.at(part, name))) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private void expectation(
      Set<String> motors, String motor, @Nullable String expected, boolean expects) {
    if (motors.isEmpty()) {
      return;
    }
    Part first = board.wiring.part(motors.iterator().next());
    List<Terminal> at = first == null ? List.of() : List.of(place(first, motor, expected));
    if (!expects) {
      if (call.on().isEmpty() && !motor.equals("OFF")) {
        findings.add(
            Finding.stop(
                Kind.RUNS_WITHOUT_CALL, at, "Nothing calls, and the motor runs: it never stops."));
      }
      return;
    }
    if (expected == null || expected.equals(motor)) {
      return;
    }
    findings.add(
        Finding.stop(
            Kind.UNEXPECTED,
            at,
            "On \""
                + call.name()
                + "\" the motor must be "
                + expected
                + ", and is "
                + motor
                + "."));
    if (expected.equals("OFF") && !motor.equals("OFF")) {
      findings.add(Finding.stop(Kind.RUNS_WITHOUT_CALL, at, "It runs where it must stand still."));
    } else if (motor.equals("OFF")) {
      findings.add(Finding.stop(Kind.STAYS_OFF, at, "It stands still where it must run."));
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
