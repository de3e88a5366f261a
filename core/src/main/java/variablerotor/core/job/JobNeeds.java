package variablerotor.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.choice.Sourced;
import variablerotor.core.route.Route;
import variablerotor.core.stock.Need;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.PlanNeeds;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Planner;

/** What the way that was chosen asks for. */
public final class JobNeeds {
  private JobNeeds() {}

  /**
   * Of a wired way what its plan lists, of any other the parts of its kind; none where none is
   * chosen.
   *
   * @param found the parts that were found for the way by their numbers
   */
  public static List<Need> of(Job job, List<Part> found) {
    Route route = job.chosen();
    if (route == null) {
      return List.of();
    }
    List<JobLog.Decided> decided = job.log().decisions();
    String candidate = decided.get(decided.size() - 1).candidate();
    if (route.isWired()) {
      PlanRequest plan = job.planOf(route);
      String motor = candidate != null ? candidate : numberOf(PartKind.MOTOR, found);
      return PlanNeeds.of(plan, Planner.of(plan), motor);
    }
    List<Need> needs = new ArrayList<>();
    for (PartKind kind : Sourced.kinds(route)) {
      boolean chosen = kind == PartKind.MOTOR && candidate != null;
      needs.add(need(route, kind, chosen ? candidate : numberOf(kind, found)));
    }
    return needs;
  }

  private static Need need(Route route, PartKind kind, @Nullable String number) {
    String words = kind == PartKind.OTHER ? route.title() : kind.title();
    if (number != null) {
      return Need.numbered(kind, number, 1, words);
    }
    String ask = "Which one is not said yet: find it by its number, at the prices above.";
    return new Need(kind, 1, words, null, Map.of(), ask);
  }

  private static @Nullable String numberOf(PartKind kind, List<Part> found) {
    return found.stream()
        .filter(one -> one.kind() == kind)
        .map(Part::number)
        .findFirst()
        .orElse(null);
  }
}
