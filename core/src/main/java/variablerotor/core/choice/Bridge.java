package variablerotor.core.choice;

import java.time.LocalDate;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What keeps the building warm or cool until a part is there: a motor on loan, or a drive in
 * bypass.
 *
 * @param firstCost in and out [currency]; null where that is not known
 * @param days that it bridges [d]; null where that is not known
 * @param until the day on which the part is there; null where that is not known
 */
public record Bridge(
    Route route, @Nullable Double firstCost, @Nullable Double days, @Nullable LocalDate until)
    implements Node {
  @Override
  public Map<String, Object> tree() {
    return Tree.of("route", route, "firstCost", firstCost, "days", days, "until", until);
  }
}
