package variablerotor.core.wiring;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A conversion as it was really made, or as far as it is made.
 *
 * @param plan that it began with; null for one made from nothing
 * @param wiring its parts, and the wires that are there
 * @param marks colours and old labels, as the technician has them
 * @param ticks what was seen before power and at it
 */
public record AsWired(@Nullable PlanRequest plan, Wiring wiring, List<Mark> marks, List<Tick> ticks)
    implements Node {
  public AsWired {
    marks = List.copyOf(marks);
    ticks = List.copyOf(ticks);
  }

  /** The name in the field {@code format}. */
  public static final String FORMAT = "variable-rotor-as-wired";

  /** The number in the field {@code version}. */
  public static final int VERSION = 1;

  /**
   * How a wire looks, and what it was called.
   *
   * @param colour may be empty
   * @param label as it is on the wire or on the old plug; may be empty
   */
  public record Mark(Terminal from, Terminal to, String colour, String label) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("wire", new Wiring.Wire(from, to).ends(), "colour", colour, "label", label);
    }
  }

  /**
   * A check of {@link BeforePower}, done.
   *
   * @param ok whether it came out as it must
   */
  public record Tick(String check, boolean ok) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("check", check, "ok", ok);
    }
  }

  /** What the fan did and does; null where the equipment's calls are not told. */
  public @Nullable BeforeAfter beforeAfter(Result result) {
    return plan == null ? null : BeforeAfter.of(plan, result);
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("format", FORMAT, "version", VERSION);
    if (plan != null) {
      tree.put("plan", plan.tree());
    }
    tree.putAll(Tree.of("wiring", wiring, "marks", marks, "ticks", ticks));
    return tree;
  }
}
