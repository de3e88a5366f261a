package variablerotor.core.match;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A motor that might be fitted.
 *
 * @param id as the shop calls it
 * @param onHand how many are at hand; null where that is not known
 * @param adapters what is in its box to make it fit, in words
 * @param feedbackCanBeDisabled whether it runs where its speed signal is not taken; null: not known
 */
public record Candidate(
    String id,
    MotorPlate plate,
    @Nullable Integer onHand,
    List<String> adapters,
    @Nullable Boolean feedbackCanBeDisabled)
    implements Node {
  public Candidate {
    adapters = List.copyOf(adapters);
  }

  /** Whether it would be fitted for one speed in the place of a variable one. */
  public boolean runsAtOneSpeed() {
    return plate.family() == Family.PSC;
  }

  /** What of this kind is in its box, in the words of its list; null where nothing is. */
  public @Nullable String adapter(AdapterKind kind) {
    return adapters.stream().filter(kind::isMeant).findFirst().orElse(null);
  }

  /** The same with so many at hand. */
  public Candidate withOnHand(@Nullable Integer count) {
    return new Candidate(id, plate, count, adapters, feedbackCanBeDisabled);
  }

  /** As in the open format: its plate's fields beside its own. */
  public Map<String, Object> caseTree() {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("id", id);
    tree.putAll(plate.tree());
    tree.putAll(
        Tree.of(
            "onHand", onHand,
            "adapters", adapters,
            "feedbackCanBeDisabled", feedbackCanBeDisabled));
    return tree;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "id", id,
        "plate", plate,
        "onHand", onHand,
        "adapters", adapters,
        "feedbackCanBeDisabled", feedbackCanBeDisabled);
  }
}
