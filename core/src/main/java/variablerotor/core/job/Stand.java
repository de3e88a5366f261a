package variablerotor.core.job;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Where a call stands: its newest truth.
 *
 * @param sentence how, in a line; empty where the verdict says it
 * @param due the day on which something of it is due (ISO 8601); null where none is known
 */
public record Stand(Place place, String sentence, @Nullable String due) implements Node {
  /** A place on the way from the complaint to the customer's hand. */
  public enum Place {
    HEARING("Hearing"),
    PROVING("Proving"),
    CHOOSING("Choosing"),
    WAITING("Waiting"),
    FITTING("Fitting"),
    PROVING_REPAIR("Proving the repair"),
    REPAIRED("Repaired"),
    HANDED_OVER("Handed over"),
    /** It is said what it was, without steps or proof on record. */
    ENDED("Ended");

    private final String title;

    Place(String title) {
      this.title = title;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("place", place, "sentence", sentence, "due", due);
  }
}
