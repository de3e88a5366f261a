package variablerotor.core.choice;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.text.Numbers;

/**
 * Which way comes first, and why. Open before conditional; where the building has no other heat or
 * cooling and nothing can be lent, what is there by tomorrow before what is not; then by the shop's
 * habit, usually the least cost over the years left (at first, where the years are not known); then
 * what the remedy itself names, and what keeps most. A loan is no way to stay. In warranty all but
 * the maker's part is blocked before this is asked.
 *
 * @param first null until it is settled what is to be done, or where no way is open
 * @param why in one sentence; null where none is first
 * @param loan what to lend meanwhile; null where nothing need be
 */
public record Ranking(@Nullable Route first, @Nullable String why, @Nullable String loan) {
  private static final Ranking NONE = new Ranking(null, null, null);

  /** Longer than this without heat or cooling is not borne [d]. Judgement. */
  private static final double TOMORROW = 1;

  static Ranking of(List<RouteCost> routes, Basis basis, Market market) {
    if (!basis.settled()) {
      return NONE;
    }
    List<RouteCost> left =
        routes.stream()
            .filter(one -> one.way().state() != RouteState.BLOCKED)
            .filter(one -> one.way().route() != Route.LOANER)
            .toList();
    boolean years =
        !basis.all().schools().have(Habit.LEAST_AT_FIRST)
            && left.stream()
                .filter(one -> one.firstCost() != null)
                .allMatch(one -> one.totalCost() != null);
    boolean alone = Boolean.FALSE.equals(basis.all().unit().otherHeatOrCooling());
    boolean lends = !basis.isBlocked(Route.LOANER);
    boolean like = basis.all().schools().have(Habit.LIKE_FOR_LIKE);
    List<RouteCost> order =
        left.stream()
            .sorted(
                Comparator.comparing((RouteCost one) -> one.way().state())
                    .thenComparing(one -> alone && !lends && isAwaited(one))
                    .thenComparing(one -> like && !isLike(one.way().route()))
                    .thenComparing(one -> one.firstCost() == null)
                    .thenComparingDouble(one -> cost(one, years))
                    .thenComparing(one -> !isOf(one.way().route(), basis.action()))
                    .thenComparing(one -> !one.way().route().keepsVariableSpeed()))
            .toList();
    if (order.isEmpty()) {
      return NONE;
    }
    RouteCost first = order.get(0);
    return new Ranking(
        first.way().route(),
        why(first, order, basis, years ? market.yearsAhead() : null, alone && !lends, like),
        alone && lends && isAwaited(first)
            ? "No other heat or cooling: lend a motor for the "
                + Numbers.plain(orZero(first.daysWithout()))
                + " days."
            : null);
  }

  private static boolean isAwaited(RouteCost one) {
    return one.daysWithout() != null && one.daysWithout() > TOMORROW;
  }

  private static double orZero(@Nullable Double value) {
    return value == null ? 0 : value;
  }

  private static double cost(RouteCost one, boolean years) {
    Double cost = years ? one.totalCost() : one.firstCost();
    return cost == null ? Double.POSITIVE_INFINITY : cost;
  }

  private static boolean isLike(Route route) {
    return route == Route.SAME_MOTOR || route == Route.MODULE_ONLY || route == Route.DRIVE_REPLACE;
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

  private static String why(
      RouteCost first,
      List<RouteCost> order,
      Basis basis,
      @Nullable Double years,
      boolean quick,
      boolean like) {
    Route route = first.way().route();
    if (basis.all().inWarranty() && isLike(route)) {
      return "In warranty: the maker's part costs nothing, and any other loses the claim.";
    }
    if (order.size() == 1) {
      return "No other way is left.";
    }
    RouteCost next = order.get(1);
    boolean open = first.way().state() == RouteState.OPEN;
    if (open && next.way().state() != RouteState.OPEN) {
      return "It is open; every other way still waits for something.";
    }
    String state = open ? "" : "No way is open yet; of those that wait for something, ";
    if (quick && !isAwaited(first) && isAwaited(next)) {
      return sentence(
          state, "it is there by tomorrow, and the building has no other heat or" + " cooling.");
    }
    if (like && isLike(route) && !isLike(next.way().route())) {
      return sentence(state, "it is the maker's own part, which this shop puts first.");
    }
    if (first.firstCost() == null) {
      return sentence(state, "it is what the fault asks for; no price is known yet.");
    }
    if (next.firstCost() == null) {
      return sentence(state, "of those " + (open ? "open" : "left") + ", only it has a price yet.");
    }
    String than = next.way().route().title();
    double less = cost(next, years != null) - cost(first, years != null);
    if (less < 0.5) {
      return sentence(state, "it costs no more than \"" + than + "\" and keeps more.");
    }
    return sentence(
        state,
        years == null
            ? "it costs least at first: " + whole(less) + " less than \"" + than + "\"."
            : "over "
                + Numbers.plain(years)
                + (years == 1 ? " year" : " years")
                + " it costs least: "
                + whole(less)
                + " less than \""
                + than
                + "\".");
  }

  private static String whole(double money) {
    return Numbers.plain(Math.rint(money));
  }

  private static String sentence(String before, String rest) {
    String whole = before + rest;
    return whole.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + whole.substring(1);
  }
}
