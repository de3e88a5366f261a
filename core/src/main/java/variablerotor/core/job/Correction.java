package variablerotor.core.job;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One field of what is told of a call, changed by somebody.
 *
 * @param field such as {@code place}, {@code motor.volts}, {@code wires.VSP} or {@code
 *     agreed.volts}
 * @param was what whoever changed it saw before, as a plain tree; null for nothing
 * @param now what it is to be; null for nothing
 */
public record Correction(String field, @Nullable Object was, @Nullable Object now) implements Node {
  @Override
  public Map<String, Object> tree() {
    return Tree.of("field", field, "was", was, "now", now);
  }
}
