package variablerotor.core.van;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.match.Match;
import variablerotor.core.match.Point;
import variablerotor.core.van.VanRequest.Installed;
import variablerotor.core.van.VanRequest.Stocked;

/**
 * From motors that are out there and motors that can be bought to what a van should carry. A motor
 * is covered by whatever fits it, with something done while fitting or without.
 */
public final class VanPlanner {
  private VanPlanner() {}

  /** A row for every number of slots; once all that can be covered is, the rows repeat. */
  public static VanPlan of(VanRequest request) {
    List<VanPlan.Uncovered> uncovered = new ArrayList<>();
    Map<BitSet, Double> groups = new LinkedHashMap<>();
    double all = 0;
    double coverable = 0;
    for (Installed motor : request.motors()) {
      all += motor.perYear();
      List<Match> matches =
          request.candidates().stream().map(one -> motor.against(one.candidate())).toList();
      BitSet fits = new BitSet();
      for (int at = 0; at < matches.size(); at++) {
        fits.set(at, matches.get(at).state() != Match.State.NO);
      }
      if (fits.isEmpty()) {
        uncovered.add(new VanPlan.Uncovered(motor.id(), why(matches)));
      } else {
        coverable += motor.perYear();
        groups.merge(fits, motor.perYear(), Double::sum);
      }
    }
    return new VanPlan(curve(request, groups, all, coverable), uncovered);
  }

  private static List<VanPlan.Row> curve(
      VanRequest request, Map<BitSet, Double> groups, double all, double coverable) {
    Cover cover = new Cover(request.candidates(), groups);
    List<VanPlan.Row> curve = new ArrayList<>();
    VanPlan.@Nullable Row last = null;
    for (int slots = 1; slots <= request.slots(); slots++) {
      if (last == null || !last.optimal() || last.perYear() < coverable - cover.within()) {
        Cover.Best best = cover.best(slots);
        List<Stocked> carried = best.chosen();
        last =
            new VanPlan.Row(
                slots,
                carried.stream().map(Stocked::id).toList(),
                best.perYear(),
                all == 0 ? 0 : best.perYear() / all,
                price(carried),
                best.proved(),
                Math.min(best.bound(), coverable));
      }
      curve.add(last.withRoomFor(slots));
    }
    return curve;
  }

  private static @Nullable Double price(List<Stocked> carried) {
    double sum = 0;
    for (Stocked one : carried) {
      if (one.price() == null) {
        return null;
      }
      sum += one.price();
    }
    return sum;
  }

  /** What is wrong with the one that comes closest. */
  private static String why(List<Match> matches) {
    Match closest = null;
    List<Point> against = List.of();
    for (Match one : matches) {
      List<Point> no =
          one.points().stream().filter(point -> point.state() == Point.State.NO).toList();
      if (closest == null || no.size() < against.size()) {
        closest = one;
        against = no;
      }
    }
    if (closest == null) {
      return "There is nothing to choose from.";
    }
    StringBuilder text =
        new StringBuilder("Nothing fits. " + closest.id() + " comes closest, but:");
    against.forEach(point -> text.append(' ').append(point.sentence()));
    return text.toString();
  }
}
