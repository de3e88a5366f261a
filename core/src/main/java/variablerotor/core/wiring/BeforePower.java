package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.wiring.PowerCheck.Step;
import variablerotor.core.wiring.Wiring.Wire;

/**
 * What is to be seen before a wiring is powered, as it follows from the wiring itself: which
 * terminals must read zero to each other and which must not, which relays pull on each call on 24 V
 * alone, and what then runs on line. What a wrong answer means is found by running the wiring with
 * that very fault. Common practice; simulation proves the record, not the copper.
 */
public final class BeforePower {
  /** With more wires the faults are not run one by one: it would take too long. */
  private static final int MOST_WIRES = 80;

  private final Wiring wiring;
  private final Result result;
  private final Meter meter;
  private final Domains domains;
  private final List<PowerCheck> checks = new ArrayList<>();

  private BeforePower(Wiring wiring, Result result) {
    this.wiring = wiring;
    this.result = result;
    Board board = new Board(wiring);
    meter = new Meter(board);
    domains = new Domains(board);
  }

  /** None for a wiring that must not be powered at all. */
  public static List<PowerCheck> of(Wiring wiring, Result result) {
    if (!result.ok()) {
      return List.of();
    }
    BeforePower before = new BeforePower(wiring, result);
    before.zeros();
    before.notZeros();
    before.control();
    before.line();
    return before.checks.stream()
        .sorted(Comparator.comparing(PowerCheck::step).thenComparing(one -> !one.first()))
        .toList();
  }

  /** So many ohm checks catch the usual mistakes; more than these nobody makes on a roof. */
  private static final int MOST_FIRST = 10;

  private void ohms(String id, List<Terminal> at, String ask, String wrong) {
    long before = checks.stream().filter(PowerCheck::first).count();
    boolean control = at.stream().anyMatch(domains::isControl);
    checks.add(
        new PowerCheck(
            id,
            Step.OHMS,
            at,
            ask,
            wrong,
            before < MOST_FIRST && isUsual(at),
            control ? Step.CONTROL : Step.LINE));
  }

  /**
   * Where mistakes are made: the motor's own leads and frame, the poles of the line, 24 V against
   * its common and against the line. Common practice.
   */
  private boolean isUsual(List<Terminal> at) {
    boolean motor = false;
    boolean source = true;
    for (Terminal one : at) {
      Part part = wiring.part(one.part());
      PartType type = part == null ? PartType.JOINT : part.type();
      motor |= type.isMotor() && !one.name().startsWith("CAP");
      source &= type.isLine() || (type == PartType.TRANSFORMER && !one.name().startsWith("H"));
    }
    return source || (motor && at.size() > 2) || (motor && at.stream().anyMatch(this::isFrame));
  }

  private boolean isFrame(Terminal terminal) {
    return terminal.name().equals("G");
  }

  // Ohms.

  private void zeros() {
    for (List<Terminal> all : meter.conductors()) {
      List<Terminal> ends = all.stream().filter(one -> !wiring.isJoint(one)).toList();
      if (ends.size() < 2) {
        continue;
      }
      ohms(
          "zero " + joined(ends, " "),
          ends,
          (ends.size() == 2 ? joined(ends, " to ") : joined(ends, ", ") + " to each other")
              + ": zero.",
          opened(all));
    }
  }

  private static String joined(List<Terminal> terminals, String between) {
    return terminals.stream().map(Terminal::toString).collect(Collectors.joining(between));
  }

  /** What would happen with one of these wires loose. */
  private String opened(List<Terminal> ends) {
    String loose = "A wire there is loose or missing, or a contact between is open.";
    if (wiring.wires().size() > MOST_WIRES) {
      return loose;
    }
    for (Wire wire : wiring.wires()) {
      if (ends.contains(wire.from())) {
        String harm = harm(wiring.without(wire));
        if (harm != null) {
          return loose + " Powered so: " + harm;
        }
      }
    }
    return loose;
  }

  /** The first thing that would have to be stopped; null where nothing would. */
  private static @Nullable String harm(Wiring other) {
    Result result = Result.of(other);
    for (Run run : result.calls()) {
      for (Finding finding : run.findings()) {
        if (finding.stops()) {
          return run.name() + ": " + finding.sentence();
        }
      }
    }
    return result.findings().stream()
        .filter(Finding::stops)
        .map(Finding::sentence)
        .findFirst()
        .orElse(null);
  }

  private void notZeros() {
    Set<String> asked = new LinkedHashSet<>();
    List<Part> lines = wiring.parts().stream().filter(one -> one.type().isLine()).toList();
    List<Part> transformers = parts(PartType.TRANSFORMER);
    List<Part> outputs = parts(PartType.OUTPUT);
    for (Part motor : parts(PartType.MOTOR_PSC, PartType.MOTOR_3PH)) {
      List<Terminal> leads = leads(motor);
      leads.forEach(lead -> notZero(lead, motor.at("G"), asked));
      pairs(leads, asked);
      transformers.forEach(one -> leads.forEach(lead -> notZero(lead, one.at("C"), asked)));
    }
    for (Part line : lines) {
      List<Terminal> poles = line.type().poles().stream().map(line::at).toList();
      pairs(poles, asked);
      poles.forEach(pole -> notZero(pole, line.at("G"), asked));
      for (Part one : transformers) {
        poles.forEach(pole -> notZero(pole, one.at("C"), asked));
        poles.forEach(pole -> notZero(pole, one.at("R"), asked));
      }
    }
    transformers.forEach(one -> notZero(one.at("R"), one.at("C"), asked));
    pairs(outputs.stream().map(one -> one.at("O")).toList(), asked);
    for (Part part : wiring.parts()) {
      if (part.type().hasCoil()) {
        notZero(part.at("A"), part.at("B"), asked);
      }
      if (part.type() == PartType.CONTACTOR) {
        notZero(part.at("L1"), part.at("T1"), asked);
      } else if (part.type() == PartType.RELAY) {
        notZero(part.at("COM1"), part.at("NO1"), asked);
      } else if (part.type() == PartType.CAPACITOR) {
        notZero(part.at("1"), part.at("2"), asked);
      }
    }
  }

  private List<Part> parts(PartType... types) {
    List<PartType> wanted = List.of(types);
    return wiring.parts().stream().filter(one -> wanted.contains(one.type())).toList();
  }

  private static List<Terminal> leads(Part motor) {
    List<Terminal> leads = new ArrayList<>();
    if (motor.type() == PartType.MOTOR_3PH) {
      List.of("U", "V", "W").forEach(name -> leads.add(motor.at(name)));
    } else {
      leads.add(motor.at("COM"));
      motor.speeds().forEach(name -> leads.add(motor.at(name)));
    }
    return leads;
  }

  private void pairs(List<Terminal> terminals, Set<String> asked) {
    for (int one = 0; one < terminals.size(); one++) {
      for (int other = one + 1; other < terminals.size(); other++) {
        notZero(terminals.get(one), terminals.get(other), asked);
      }
    }
  }

  /** Only where both have a wire, where it is so by the record, and once a pair of conductors. */
  private void notZero(Terminal one, Terminal other, Set<String> asked) {
    Terminal first = first(one);
    Terminal second = first(other);
    if (first == null || second == null || meter.reads(one, other) == Meter.Reads.ZERO) {
      return;
    }
    String pair = first.compareTo(second) < 0 ? first + " " + second : second + " " + first;
    if (!asked.add(pair)) {
      return;
    }
    boolean some = meter.reads(one, other) == Meter.Reads.SOME;
    ohms(
        "not zero " + one + " " + other,
        List.of(one, other),
        one
            + " to "
            + other
            + ": "
            + (some ? "some ohms of a winding or coil, not zero." : "OL, open."),
        bridged(one, other));
  }

  /** The first terminal of the conductor that this one belongs to; null where no wire ends. */
  private @Nullable Terminal first(Terminal terminal) {
    return meter.conductors().stream()
        .filter(all -> all.contains(terminal))
        .map(all -> all.get(0))
        .findFirst()
        .orElse(null);
  }

  /** What would happen with these two joined. */
  private String bridged(Terminal one, Terminal other) {
    String touch = "They touch, or a part between is shorted or stuck.";
    Wire bridge = new Wire(one, other);
    if (wiring.wires().size() > MOST_WIRES || wiring.wires().stream().anyMatch(bridge::isLike)) {
      return touch;
    }
    String harm = harm(wiring.with(bridge));
    return harm == null ? touch : touch + " Powered so: " + harm;
  }

  // 24 V, then line.

  private void control() {
    for (int at = 0; at < result.calls().size(); at++) {
      Run run = result.calls().get(at);
      List<String> on = wiring.calls().get(at).on();
      List<Terminal> coils = new ArrayList<>();
      for (Part part : wiring.parts()) {
        if (part.type().hasCoil() && run.relays().contains(part.id())) {
          coils.add(part.at("A"));
        }
      }
      checks.add(
          new PowerCheck(
              "24 V " + run.name(),
              Step.CONTROL,
              coils,
              raised(BeforeAfter.title(run.name()), on)
                  + (run.relays().isEmpty()
                      ? "no relay pulls."
                      : Words.and(run.relays())
                          + (run.relays().size() == 1 ? " pulls" : " pull")
                          + ", and no other."),
              "One that stays: its call wire or its common is off. One that pulls and should not:"
                  + " its wire is on another output. One that hums: count the volts at its coil.",
              true,
              Step.LINE));
    }
  }

  private static String raised(String call, List<String> on) {
    return call + (on.isEmpty() ? ": " : ", with " + Words.and(on) + " called: ");
  }

  private void line() {
    for (int at = 0; at < result.calls().size(); at++) {
      Run run = result.calls().get(at);
      List<String> on = wiring.calls().get(at).on();
      if (run.motors().isEmpty()) {
        continue;
      }
      List<Terminal> motors =
          run.motors().keySet().stream().map(id -> new Terminal(id, "G")).toList();
      checks.add(
          new PowerCheck(
              "line " + run.name(),
              Step.LINE,
              motors,
              raised(BeforeAfter.title(run.name()), on)
                  + run.motors().entrySet().stream()
                      .map(one -> does(one.getKey(), one.getValue()))
                      .collect(Collectors.joining(", "))
                  + ".",
              "Breaker off at once. What turns and should not, or stands and should turn, is not"
                  + " wired as recorded: back to the ohm checks.",
              true,
              Step.LINE));
    }
  }

  private String does(String motor, String state) {
    Part part = wiring.part(motor);
    String amps =
        part == null || part.amps() == null
            ? "amps within its plate"
            : "amps no more than " + Numbers.plain(part.amps()) + " A";
    return switch (state) {
      case "OFF" -> motor + " stands";
      case "RUN" -> motor + " runs, the right way round, " + amps;
      default -> motor + " runs at " + state + ", the right way round, " + amps;
    };
  }
}
