package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Parts, the wires between them, and the calls under which they are run.
 *
 * @param expects what the first motor must do, by call
 */
public record Wiring(List<Part> parts, List<Wire> wires, List<Call> calls, List<Expect> expects)
    implements Node {
  public Wiring {
    parts = List.copyOf(parts);
    wires = List.copyOf(wires);
    calls = List.copyOf(calls);
    expects = List.copyOf(expects);
  }

  /** The name in the field {@code format}. */
  public static final String FORMAT = "variable-rotor-wiring";

  /** The number in the field {@code version}. */
  public static final int VERSION = 1;

  /** Two terminals, joined. */
  public record Wire(Terminal from, Terminal to) {
    /** Whether it ends there. */
    public boolean touches(Terminal terminal) {
      return from.equals(terminal) || to.equals(terminal);
    }

    /** Both ends as they are written. */
    public List<String> ends() {
      return List.of(from.toString(), to.toString());
    }

    /** The same wire, whichever end is told first. */
    public boolean isLike(Wire other) {
      return equals(other) || (from.equals(other.to) && to.equals(other.from));
    }
  }

  /**
   * @param on outputs that are raised and contacts that are moved, by their call
   * @param after the call that it follows without a rest between; null where it starts from rest
   */
  public record Call(String name, List<String> on, @Nullable String after) {
    public Call {
      on = List.copyOf(on);
    }

    /** From rest. */
    public Call(String name, List<String> on) {
      this(name, on, null);
    }
  }

  /**
   * @param motor {@code OFF}, {@code RUN}, or the name of a speed
   */
  public record Expect(String call, String motor) {}

  /** The part with this id; null where there is none. */
  public @Nullable Part part(String id) {
    return parts.stream().filter(one -> one.id().equals(id)).findFirst().orElse(null);
  }

  /** The same parts and calls with other wires. */
  public Wiring wired(List<Wire> others) {
    return new Wiring(parts, others, calls, expects);
  }

  /** The same with this wire, too. */
  public Wiring with(Wire wire) {
    List<Wire> more = new ArrayList<>(wires);
    more.add(wire);
    return wired(more);
  }

  /** The same without this wire. */
  public Wiring without(Wire wire) {
    List<Wire> others = new ArrayList<>(wires);
    others.remove(wire);
    return wired(others);
  }

  /** Whether it is of a cap or a joint. */
  public boolean isJoint(Terminal terminal) {
    Part part = part(terminal.part());
    return part != null && part.type() == PartType.JOINT;
  }

  /** The terminals of a part; of a joint those that wires go to. */
  public List<Terminal> terminals(Part part) {
    List<String> names = part.terminals();
    if (names != null) {
      return names.stream().map(part::at).toList();
    }
    return wires.stream()
        .flatMap(wire -> Stream.of(wire.from(), wire.to()))
        .filter(end -> end.part().equals(part.id()))
        .distinct()
        .toList();
  }

  /** What is expected of the first motor on this call; null where nothing is. */
  public @Nullable String expected(String call) {
    return expects.stream()
        .filter(one -> one.call().equals(call))
        .map(Expect::motor)
        .findFirst()
        .orElse(null);
  }

  @Override
  public Map<String, Object> tree() {
    List<Object> wired = new ArrayList<>();
    wires.forEach(one -> wired.add(one.ends()));
    List<Object> called = new ArrayList<>();
    for (Call one : calls) {
      Map<String, Object> call = Tree.of("name", one.name(), "on", one.on());
      if (one.after() != null) {
        call.put("after", one.after());
      }
      called.add(call);
    }
    List<Object> expected = new ArrayList<>();
    expects.forEach(one -> expected.add(Tree.of("call", one.call(), "motor", one.motor())));
    Map<String, Object> tree = Tree.of("format", FORMAT, "version", VERSION, "parts", parts);
    tree.put("wires", wired);
    tree.put("calls", called);
    if (!expected.isEmpty()) {
      tree.put("expect", expected);
    }
    return tree;
  }
}
