package variablerotor.core.route;

import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One way forward as it stands on this call.
 *
 * @param reasons what blocks it, then what it asks for first
 * @param loses what the customer gives up with it; said before a choice
 */
public record Way(Route route, RouteState state, List<Reason> reasons, List<String> loses) {
  public Way {
    reasons = List.copyOf(reasons);
    loses = List.copyOf(loses);
  }

  /**
   * @param blocks whether it shuts the way; otherwise it must first be shown or done
   */
  public record Reason(String id, boolean blocks, String sentence) implements Node {

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "blocks", blocks, "sentence", sentence);
    }
  }

  /** The same way with these reasons met. */
  public Way without(String... met) {
    List<String> gone = List.of(met);
    return of(route, reasons.stream().filter(one -> !gone.contains(one.id())).toList(), loses);
  }

  static Way of(Route route, List<Reason> reasons, List<String> loses) {
    List<Reason> sorted =
        reasons.stream().sorted((a, b) -> Boolean.compare(b.blocks(), a.blocks())).toList();
    RouteState state =
        sorted.isEmpty()
            ? RouteState.OPEN
            : sorted.get(0).blocks() ? RouteState.BLOCKED : RouteState.CONDITIONAL;
    return new Way(route, state, sorted, loses);
  }
}
