package variablerotor.core.choice;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One thing on a job's list, with its price.
 *
 * @param what in words
 * @param price of all that are needed [currency]; null where nobody knows it
 */
public record PartPrice(String what, @Nullable Double price) implements Node {
  @Override
  public Map<String, Object> tree() {
    return Tree.of("what", what, "price", price);
  }
}
