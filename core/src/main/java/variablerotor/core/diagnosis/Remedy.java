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
 * @param sentence all of it, as it is said
 * @param how which thing, and how, where the action alone does not say it; null where it does
 * @param standing what of it may still be done before: one line; empty while it is open
 * @param trial the check that tells whether a mend was all that was wrong, by id; null where what
 *     is to be done is not to be tried first
 * @param wouldChange checks whose answer could still turn it, by id; empty when settled
 */
public record Remedy(
    State state,
    @Nullable Action action,
    List<Action> also,
    String sentence,
    @Nullable String how,
    String standing,
    @Nullable String trial,
    List<String> wouldChange)
    implements Node {

  public Remedy {
    also = List.copyOf(also);
    wouldChange = List.copyOf(wouldChange);
  }

  /** Not settled: what is known, and what could still turn it. */
  static Remedy open(List<Action> also, String sentence, List<String> wouldChange) {
    return new Remedy(State.OPEN, null, also, sentence, null, "", null, wouldChange);
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
        "how", how,
        "standing", standing,
        "trial", trial,
        "wouldChange", wouldChange);
  }
}
