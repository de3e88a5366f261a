package variablerotor.core.wiring;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A conversion planned for one unit: its wiring, run before a wire is made; the wires in the order
 * of doing, and what to take along.
 */
public record Plan(
    State state,
    List<Reason> reasons,
    Wiring wiring,
    Result result,
    List<Step> wires,
    List<Need> parts)
    implements Node {
  public Plan {
    reasons = List.copyOf(reasons);
    wires = List.copyOf(wires);
    parts = List.copyOf(parts);
  }

  /** Whether it can be wired so. */
  public enum State {
    OPEN,
    CONDITIONAL,
    BLOCKED
  }

  /**
   * @param call on which it fails; null where it holds for all
   */
  public record Reason(String id, boolean blocks, @Nullable String call, String sentence)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      Map<String, Object> tree = Tree.of("id", id);
      if (call != null) {
        tree.put("call", call);
      }
      tree.put("sentence", sentence);
      return tree;
    }
  }

  /** Which circuit a wire belongs to. */
  public enum Circuit {
    GROUND("Ground"),
    LINE("Line"),
    MOTOR("Motor"),
    CONTROL("24 V");

    private final String title;

    Circuit(String title) {
      this.title = title;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }
  }

  /**
   * One wire.
   *
   * @param there whether the factory made it: it stays, and is only looked at
   * @param plug the plug that brings it with others at one push; null where it is made by itself
   */
  public record Step(
      int n,
      Terminal from,
      Terminal to,
      Circuit circuit,
      String colour,
      String sentence,
      boolean there,
      @Nullable String plug)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "n", n,
          "from", from.toString(),
          "to", to.toString(),
          "circuit", circuit,
          "colour", colour,
          "sentence", sentence,
          "there", there,
          "plug", plug);
    }
  }

  /** How many wires are to be made: what the factory made and what is plugged is none of them. */
  public long toMake() {
    return wires.stream()
        .filter(one -> !one.there() && one.plug() == null && one.circuit() != Circuit.MOTOR)
        .count();
  }

  /** Something to take along. */
  public record Need(PartType type, int count, String need) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("type", type, "count", count, "need", need);
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "state", state,
        "reasons", reasons,
        "wiring", wiring,
        "result", result,
        "wires", wires,
        "toMake", toMake(),
        "parts", parts);
  }
}
