package variablerotor.core.proof;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One thing that a repair must show.
 *
 * @param value what was read or came of it, in the reading's unit; null where it is no number
 * @param limit what it is held against: one number, or the least and the most; empty where there is
 *     none
 * @param leadsTo where a fail comes from, the likeliest first; what is missing for one not yet seen
 */
public record Check(
    String id,
    State state,
    @Nullable Double value,
    List<Double> limit,
    String sentence,
    List<String> leadsTo)
    implements Node {
  public Check {
    limit = List.copyOf(limit);
    leadsTo = List.copyOf(leadsTo);
  }

  /** How it stands. */
  public enum State {
    PASS,
    FAIL,
    NOT_YET
  }

  static Check pass(String id, String sentence) {
    return new Check(id, State.PASS, null, List.of(), sentence, List.of());
  }

  static Check fail(String id, String sentence, String... leadsTo) {
    return new Check(id, State.FAIL, null, List.of(), sentence, List.of(leadsTo));
  }

  static Check notYet(String id, String sentence) {
    return new Check(id, State.NOT_YET, null, List.of(), sentence, List.of());
  }

  Check of(@Nullable Double measured, Double... limits) {
    return new Check(id, state, measured, List.of(limits), sentence, leadsTo);
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("id", id, "state", state);
    if (value != null) {
      tree.put("value", value);
    }
    if (limit.size() == 1) {
      tree.put("limit", limit.get(0));
    } else if (!limit.isEmpty()) {
      tree.put("limit", Tree.plain(limit));
    }
    tree.put("sentence", sentence);
    tree.put("leadsTo", Tree.plain(leadsTo));
    return tree;
  }
}
