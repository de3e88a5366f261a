package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactParser;
import variablerotor.core.wiring.Part;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/** From a plain tree to a wiring; every fault is told with its path. */
public final class WiringReader {
  private static final int MOST_PARTS = 500;
  private static final int MOST_WIRES = 2000;
  private static final int MOST_CALLS = 200;
  private static final double MOST_VA = 1e5;

  private final List<InputFault> faults = Fields.faults();
  private final Map<String, Part> parts = new LinkedHashMap<>();

  private WiringReader() {}

  /**
   * @param tree maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static Wiring read(Object tree) throws InputFaults {
    return told(tree).document();
  }

  /**
   * The same, and the fields that nobody knows.
   *
   * @throws InputFaults with every fault found
   */
  public static Told<Wiring> told(Object tree) throws InputFaults {
    WiringReader reader = new WiringReader();
    Wiring document = reader.wiring(tree);
    return new Told<>(document, Fields.unknownOf(reader.faults));
  }

  private Wiring wiring(Object tree) throws InputFaults {
    Fields root = Document.root(tree, "a wiring", Wiring.FORMAT, Wiring.VERSION, faults);
    parts(root);
    List<Wiring.Wire> wires = wires(root);
    List<Wiring.Call> calls = calls(root);
    List<Wiring.Expect> expects = expects(root, calls);
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return new Wiring(List.copyOf(parts.values()), wires, calls, expects);
  }

  private boolean tooMany(Fields root, String field, List<?> list, int most) {
    if (list.size() > most) {
      root.fault(field, "found " + list.size() + "; allowed are at most " + most);
      return true;
    }
    return false;
  }

  private void parts(Fields root) {
    List<?> list = root.list("parts");
    if (tooMany(root, "parts", list, MOST_PARTS)) {
      return;
    }
    for (int i = 0; i < list.size(); i++) {
      Fields one = Fields.entry(list.get(i), "parts[" + i + "]", faults);
      if (one != null) {
        Part part = part(one);
        if (part.id().isEmpty() || part.id().contains(".")) {
          one.fault(
              "id",
              "found " + FactParser.describe(part.id()) + "; required is a text without a point");
        } else if (parts.putIfAbsent(part.id(), part) != null) {
          one.fault("id", "found \"" + part.id() + "\" twice; allowed is one part of a name");
        }
      }
    }
  }

  private Part part(Fields one) {
    String id = one.text("id", 60);
    PartType type = one.word("type", PartType.values());
    if (type == null && !one.has("type")) {
      one.fault("type", "found nothing; required is the kind of part");
    }
    String form = one.text("form", 4);
    if (form != null && !form.equals("NO") && !form.equals("NC")) {
      one.fault("form", "found \"" + form + "\"; allowed is NO or NC");
    }
    PartType kind = type == null ? PartType.JOINT : type;
    if (kind == PartType.OUTPUT && !one.has("call")) {
      one.fault("call", "found nothing; required is the call that raises this output");
    }
    if (kind == PartType.CONTACT && !one.has("when")) {
      one.fault("when", "found nothing; required is the call that moves this contact");
    }
    return new Part(
        id == null ? "" : id,
        kind,
        one.number("va", 0, MOST_VA),
        one.number("loadVa", 0, MOST_VA),
        one.number("coilVa", 0.01, MOST_VA),
        one.number("coilVolts", 1, 1000),
        one.number("contactAmps", 0, 10_000),
        one.whole("poles", 1, 3),
        one.text("call", 60),
        Boolean.TRUE.equals(one.flag("solidState")),
        one.text("when", 60),
        "NC".equals(form),
        kind == PartType.MOTOR_PSC
            ? one.names("speeds", Part::isLead, "names of leads, each once")
            : List.of(),
        one.number("amps", 0.001, 10_000),
        one.number("microfarads", 0.01, 10_000),
        one.number("volts", 1, 10_000),
        one.number("primaryVolts", 1, 1000),
        !Boolean.FALSE.equals(one.flag("capacitorCommon")),
        kind == PartType.ADAPTER ? taps(one) : Map.of());
  }

  private static Map<String, String> taps(Fields one) {
    Map<String, String> taps = new LinkedHashMap<>();
    if (one.plain("speeds") instanceof Map<?, ?> given) {
      given.forEach(
          (tap, speed) -> {
            boolean known =
                List.of("T1", "T2", "T3", "T4", "T5").contains(tap)
                    && List.of("LOW", "MED", "HIGH").contains(speed);
            if (known) {
              taps.put(String.valueOf(tap), String.valueOf(speed));
            } else {
              one.fault(
                  "speeds." + tap,
                  "found "
                      + FactParser.describe(speed)
                      + "; allowed is LOW, MED or HIGH for T1 to T5");
            }
          });
    }
    return taps;
  }

  private List<Wiring.Wire> wires(Fields root) {
    List<?> list = root.list("wires");
    List<Wiring.Wire> wires = new ArrayList<>();
    if (tooMany(root, "wires", list, MOST_WIRES)) {
      return wires;
    }
    Map<String, Integer> seen = new HashMap<>();
    for (int i = 0; i < list.size(); i++) {
      String path = "wires[" + i + "]";
      if (!(list.get(i) instanceof List<?> ends) || ends.size() != 2) {
        faults.add(
            new InputFault(
                path, "found " + FactParser.describe(list.get(i)) + "; allowed are two terminals"));
        continue;
      }
      Terminal from = terminal(ends.get(0), path + "[0]");
      Terminal to = terminal(ends.get(1), path + "[1]");
      if (from == null || to == null) {
        continue;
      }
      if (from.equals(to)) {
        faults.add(new InputFault(path, "found a wire from " + from + " to itself"));
        continue;
      }
      String key = from.compareTo(to) < 0 ? from + " " + to : to + " " + from;
      Integer before = seen.put(key, i);
      if (before != null) {
        faults.add(new InputFault(path, "found the same wire as wires[" + before + "]"));
        continue;
      }
      wires.add(new Wiring.Wire(from, to));
    }
    return wires;
  }

  private @Nullable Terminal terminal(@Nullable Object given, String path) {
    int point = given instanceof String text ? text.indexOf('.') : -1;
    if (!(given instanceof String text) || point <= 0) {
      faults.add(
          new InputFault(
              path,
              "found " + FactParser.describe(given) + "; allowed is part and terminal, as K1.A"));
      return null;
    }
    Part part = parts.get(text.substring(0, point));
    String name = text.substring(point + 1);
    if (part == null) {
      faults.add(
          new InputFault(
              path,
              "found \""
                  + text
                  + "\"; allowed are the parts "
                  + String.join(", ", parts.keySet())));
      return null;
    }
    List<String> names = part.terminals();
    if (names != null && !names.contains(name)) {
      faults.add(
          new InputFault(
              path,
              "found \""
                  + text
                  + "\"; allowed are the terminals "
                  + String.join(", ", names)
                  + " of "
                  + part.id()));
      return null;
    }
    return part.at(name);
  }

  private List<Wiring.Call> calls(Fields root) {
    List<?> list = root.list("calls");
    List<Wiring.Call> calls = new ArrayList<>();
    if (tooMany(root, "calls", list, MOST_CALLS)) {
      return calls;
    }
    Set<String> names = new LinkedHashSet<>();
    for (int i = 0; i < list.size(); i++) {
      Fields one = Fields.entry(list.get(i), "calls[" + i + "]", faults);
      if (one == null) {
        continue;
      }
      String name = one.text("name", 100);
      if (name == null || !names.add(name)) {
        one.fault("name", "found " + FactParser.describe(name) + "; required is a name of its own");
      }
      List<String> on = new ArrayList<>();
      for (Object raise : one.list("on")) {
        if (raise instanceof String text) {
          on.add(text);
        } else {
          one.fault("on", "found " + FactParser.describe(raise) + "; allowed are names of calls");
        }
      }
      calls.add(new Wiring.Call(name == null ? "" : name, on, one.text("after", 100)));
    }
    for (int i = 0; i < calls.size(); i++) {
      String after = calls.get(i).after();
      if (after != null && !names.contains(after)) {
        faults.add(
            new InputFault(
                "calls[" + i + "].after",
                "found \"" + after + "\"; allowed are " + String.join(", ", names)));
      } else if (after != null && comesBack(calls, calls.get(i))) {
        faults.add(
            new InputFault(
                "calls[" + i + "].after",
                "found \""
                    + after
                    + "\", which follows this call itself; one of them starts"
                    + " from rest"));
      }
    }
    return calls;
  }

  /** Whether a call follows itself, over others. */
  private static boolean comesBack(List<Wiring.Call> calls, Wiring.Call start) {
    Wiring.Call at = start;
    for (int step = 0; step <= calls.size(); step++) {
      String after = at.after();
      at = calls.stream().filter(one -> one.name().equals(after)).findFirst().orElse(null);
      if (at == null) {
        return false;
      }
    }
    return true;
  }

  private List<Wiring.Expect> expects(Fields root, List<Wiring.Call> calls) {
    List<?> list = root.list("expect");
    List<Wiring.Expect> expects = new ArrayList<>();
    Part motor =
        parts.values().stream().filter(one -> one.type().isMotor()).findFirst().orElse(null);
    for (int i = 0; i < list.size(); i++) {
      Fields one = Fields.entry(list.get(i), "expect[" + i + "]", faults);
      if (one == null) {
        continue;
      }
      String call = one.text("call", 100);
      if (call == null || calls.stream().noneMatch(known -> known.name().equals(call))) {
        one.fault("call", "found " + FactParser.describe(call) + "; allowed is one of the calls");
      }
      String does = one.text("motor", 60);
      List<String> can = new ArrayList<>(List.of("OFF"));
      if (motor != null) {
        can.addAll(motor.type() == PartType.MOTOR_3PH ? List.of("RUN") : motor.speeds());
      }
      if (does == null || !can.contains(does)) {
        one.fault(
            "motor",
            "found " + FactParser.describe(does) + "; allowed is " + String.join(", ", can));
      }
      expects.add(new Wiring.Expect(call == null ? "" : call, does == null ? "" : does));
    }
    return expects;
  }
}
