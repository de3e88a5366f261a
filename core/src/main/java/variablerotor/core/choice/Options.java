package variablerotor.core.choice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Situation;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.match.Match;
import variablerotor.core.match.Matching;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.route.Ways;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Every way with its costs, the one to go, when two cost the same, and the motors that would fit.
 *
 * @param recommended null until the part is proved or the remedy settled, or where no way is open
 * @param conversion null where the fixed-speed way is blocked
 */
public record Options(
    List<RouteCost> routes,
    @Nullable Route recommended,
    List<BreakEven> breakEven,
    List<Match> candidates,
    @Nullable Conversion conversion)
    implements Node {
  public Options {
    routes = List.copyOf(routes);
    breakEven = List.copyOf(breakEven);
    candidates = List.copyOf(candidates);
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

  /**
   * @param unit as it is known, with what was answered of its plate; so the motor
   * @param today the day on which warranty and age are reckoned
   */
  public static Options of(
      UnitPlate unit,
      MotorPlate motor,
      Situation situation,
      Diagnosis diagnosis,
      Market market,
      List<Candidate> candidates,
      LocalDate today) {
    List<Match> matches = new ArrayList<>();
    for (Candidate candidate : candidates) {
      matches.add(Matching.of(unit, motor, candidate, unit.feedbackCanBeDisabled()));
    }
    matches.sort(Comparator.comparing(Match::state));
    List<RouteCost> routes =
        Ways.of(unit, motor, situation.facts(), diagnosis, today).stream()
            .map(way -> RouteCost.of(met(way, matches), market, unit.inWarranty(today)))
            .toList();
    boolean converts =
        routes.stream()
            .anyMatch(
                one ->
                    one.way().route() == Route.FIXED_SPEED
                        && one.way().state() != RouteState.BLOCKED);
    return new Options(
        routes,
        recommended(routes, diagnosis),
        breakEven(routes),
        matches,
        converts
            ? Conversion.of(
                sized(unit, motor),
                fixedSpeed(unit, motor, candidates),
                situation.facts().number(FactType.LINE_VOLTS))
            : null);
  }

  /** A plate that cannot be read is sized by the unit's tons. */
  private static MotorPlate sized(UnitPlate unit, MotorPlate motor) {
    return motor.horsepower() == null
        ? motor.but().horsepower(Matching.sizeByTons(unit)).build()
        : motor;
  }

  /** What a motor that fits has met is asked no more. */
  private static Way met(Way way, List<Match> matches) {
    boolean fits = matches.stream().anyMatch(one -> one.state() != Match.State.NO);
    if (way.route() != Route.EQUIVALENT_MOTOR || !fits) {
      return way;
    }
    return way.without("MATCH_PLATE", "KIND_DIFFERS", "SPEED_SIGNAL");
  }

  private static @Nullable MotorPlate fixedSpeed(
      UnitPlate unit, MotorPlate motor, List<Candidate> candidates) {
    return candidates.stream()
        .filter(one -> one.plate().family() == Family.PSC)
        .filter(one -> Matching.ofFixedSpeed(unit, motor, one).state() != Match.State.NO)
        .map(Candidate::plate)
        .findFirst()
        .orElse(null);
  }

  /**
   * Open before conditional; then what the remedy itself names; then the least cost over the years,
   * or at first where the years are not known. A loan is no way to stay.
   */
  private static @Nullable Route recommended(List<RouteCost> routes, Diagnosis diagnosis) {
    boolean settled = diagnosis.verdict().remedy().stands();
    if (!settled && diagnosis.verdict().state() != VerdictState.DECIDED) {
      return null;
    }
    boolean years =
        routes.stream()
            .filter(one -> one.firstCost() != null)
            .allMatch(one -> one.totalCost() != null);
    Action action = diagnosis.verdict().remedy().action();
    return routes.stream()
        .filter(one -> one.way().state() != RouteState.BLOCKED)
        .filter(one -> one.way().route() != Route.LOANER)
        .min(
            Comparator.comparing((RouteCost one) -> one.way().state())
                .thenComparing(one -> one.firstCost() == null)
                .thenComparingDouble(one -> cost(years ? one.totalCost() : one.firstCost()))
                .thenComparing(one -> !isOf(one.way().route(), action)))
        .map(one -> one.way().route())
        .orElse(null);
  }

  private static double cost(@Nullable Double value) {
    return value == null ? Double.POSITIVE_INFINITY : value;
  }

  private static boolean isOf(Route route, @Nullable Action action) {
    if (action == null) {
      return false;
    }
    return switch (action) {
      case REPLACE_MODULE -> route == Route.MODULE_ONLY;
      case REPLACE_MOTOR -> route == Route.SAME_MOTOR;
      case REPLACE_DRIVE -> route == Route.DRIVE_REPLACE;
      default -> route == Route.REPAIR_OTHER;
    };
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
            "recommended", recommended,
            "breakEven", breakEven,
            "candidates", candidates);
    if (conversion != null) {
      tree.put("conversion", conversion.tree());
    }
    return tree;
  }
}
