package variablerotor.core.wiring;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Where a call stands after so many movements: at first its outputs alone are raised.
 *
 * @param relays that have pulled, contactors too
 * @param outputs of adapters that are on, by the adapter's id
 * @param fed leads of motors that get enough to turn it
 * @param live terminals that stand under voltage against ground or their common
 */
public record Moment(
    List<String> relays, Map<String, String> outputs, List<Terminal> fed, List<Terminal> live)
    implements Node {
  public Moment {
    relays = List.copyOf(relays);
    outputs = Collections.unmodifiableMap(new LinkedHashMap<>(outputs));
    fed = List.copyOf(fed);
    live = List.copyOf(live);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("relays", relays, "outputs", outputs);
  }
}
