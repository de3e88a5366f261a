package variablerotor.core.wiring;

import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Something to be seen on the copper before the breaker goes on, or as it goes on.
 *
 * @param id the same for the same check of the same wiring
 * @param at the terminals where it is seen
 * @param ask what is done, and what must come
 * @param wrong what it means where something else comes
 * @param first whether it catches what is done wrong most; the rest is for who looks further
 * @param endangers the step that waits for it: what a wrong answer would burn
 */
public record PowerCheck(
    String id,
    Step step,
    List<Terminal> at,
    String ask,
    String wrong,
    boolean first,
    Step endangers)
    implements Node {
  public PowerCheck {
    at = List.copyOf(at);
  }

  /** In this order: what burns nothing first. */
  public enum Step {
    OHMS,
    CONTROL,
    LINE
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "id", id,
        "step", step,
        "at", at.stream().map(Terminal::toString).toList(),
        "ask", ask,
        "wrong", wrong,
        "first", first,
        "endangers", endangers);
  }
}
