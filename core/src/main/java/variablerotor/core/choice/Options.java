package variablerotor.core.choice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Situation;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.match.Candidate;
import variablerotor.core.route.Circumstances;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Every way with its costs in the order of ranking, the one to go, when two cost the same, and the
 * motors that would fit.
 *
 * @param conversion null where the fixed-speed way is blocked
 */
public record Options(
    Basis basis,
    Market market,
    List<RouteCost> routes,
    Ranking ranking,
    List<BreakEven> breakEven,
    @Nullable Conversion conversion)
    implements Node {
  public Options {
    routes = List.copyOf(routes);
    breakEven = List.copyOf(breakEven);
  }

  /**
   * The years after which two ways have cost the same: difference of first costs ÷ difference of
   * energy a year.
   *
   * @param years null where it never comes
   */
  public record BreakEven(Route a, Route b, @Nullable Double years) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("a", a, "b", b, "years", years);
    }
  }

  /** The ways, judged and priced. */
  public static Options of(
      Circumstances all,
      Situation situation,
      Diagnosis diagnosis,
      Market market,
      List<Candidate> candidates) {
    return of(Basis.of(all, situation, diagnosis, candidates), market);
  }

  /** On the same basis, at other prices. */
  public static Options of(Basis basis, Market market) {
    Ranking ranking = ranking(basis, market);
    List<RouteCost> routes = ranking.order();
    return new Options(
        basis,
        market,
        routes,
        ranking,
        breakEven(routes),
        basis.isBlocked(Route.FIXED_SPEED)
            ? null
            : Conversion.of(basis.all(), fixedSpeed(routes, basis), basis.lineVolts()));
  }

  /** The way to go; null until it is settled what is to be done, or where none is open. */
  public @Nullable Route recommended() {
    return ranking.first();
  }

  /** The way by this route. */
  public RouteCost route(Route route) {
    return routes.stream().filter(one -> one.way().route() == route).findFirst().orElseThrow();
  }

  /** The way by this route, with this motor; as it stands where none is named. */
  public RouteCost route(Route route, @Nullable String candidate) {
    return candidate == null ? route(route) : of(basis, market.onlyFor(candidate)).route(route);
  }

  /** Which way would come first on this basis at these prices. */
  static @Nullable Route first(Basis basis, Market market) {
    return ranking(basis, market).first();
  }

  private static Ranking ranking(Basis basis, Market market) {
    return Ranking.of(
        basis.ways().stream().map(way -> RouteCost.each(way, market, basis)).toList(),
        basis,
        market);
  }

  /** The motor that the conversion's price is of; where it is of none, the first that goes. */
  private static @Nullable Candidate fixedSpeed(List<RouteCost> routes, Basis basis) {
    Candidate priced =
        routes.stream()
            .filter(one -> one.way().route() == Route.FIXED_SPEED)
            .map(one -> Optional.ofNullable(basis.candidate(one.candidate())))
            .findFirst()
            .flatMap(one -> one)
            .orElse(null);
    return priced != null
        ? priced
        : basis.candidates().stream()
            .filter(Candidate::runsAtOneSpeed)
            .filter(one -> basis.goes(Route.FIXED_SPEED, one))
            .findFirst()
            .orElse(null);
  }

  private static List<BreakEven> breakEven(List<RouteCost> routes) {
    List<RouteCost> whole =
        routes.stream()
            .filter(one -> one.firstCost() != null && one.energyPerYear() != null)
            .toList();
    List<BreakEven> list = new ArrayList<>();
    for (int i = 0; i < whole.size(); i++) {
      for (int j = i + 1; j < whole.size(); j++) {
        list.add(
            new BreakEven(
                whole.get(i).way().route(),
                whole.get(j).way().route(),
                years(whole.get(i), whole.get(j))));
      }
    }
    return list;
  }

  private static @Nullable Double years(RouteCost one, RouteCost other) {
    Double first = one.firstCost();
    Double second = other.firstCost();
    Double mine = one.energyPerYear();
    Double its = other.energyPerYear();
    if (first == null || second == null || mine == null || its == null || mine.equals(its)) {
      return null;
    }
    double years = (first - second) / (its - mine);
    return years >= 0 ? years : null;
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree =
        Tree.of(
            "routes", routes,
            "recommended", ranking.first(),
            "why", ranking.why(),
            "loan", ranking.loan(),
            "breakEven", breakEven,
            "candidates", basis.matches());
    if (conversion != null) {
      tree.put("conversion", conversion.tree());
    }
    return tree;
  }
}
