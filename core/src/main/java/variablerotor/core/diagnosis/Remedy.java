package variablerotor.core.diagnosis;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What is to be done, which can be settled before the part has its name.
 *
 * @param action null while it is open
 * @param also what must be mended besides, causes first
 * @param wouldChange checks whose answer could still turn it, by id; empty when settled
 */
public record Remedy(
    State state,
    @Nullable Action action,
    List<Action> also,
    String sentence,
    List<String> wouldChange)
    implements Node {

  public Remedy {
    also = List.copyOf(also);
    wouldChange = List.copyOf(wouldChange);
  }

  /** How far it has come. */
  public enum State {
    /** Every cause still allowed leads to the same action on this motor. */
    SETTLED,
    OPEN
  }

  /** Whether it is settled. */
  public boolean stands() {
    return state == State.SETTLED;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "state", state,
        "action", action,
        "also", also,
        "sentence", sentence,
        "wouldChange", wouldChange);
  }
}
