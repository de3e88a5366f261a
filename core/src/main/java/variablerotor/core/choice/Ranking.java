package variablerotor.core.choice;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;

/**
 * Which way comes first, and why; and in which order they stand. What is open, or waits for no more
 * than ticks and one question, before what waits for more, and blocked ways last; where the
 * building has no other heat or cooling and the fan stands, what is there by tomorrow before what
 * nothing can bridge, and what is bridged with the price of the loan; then by the shop's habit,
 * usually the least cost over the years left (at first, where the years are not known); then what
 * the remedy itself names, and what keeps most. A loan and a bypass are no ways to stay.
 *
 * @param order every way, the first first
 * @param first null until it is settled what is to be done, or where no way may come first
 * @param why in one sentence; null where none is first
 * @param loan what to lend meanwhile; null where nothing need be
 */
public record Ranking(
    List<RouteCost> order, @Nullable Route first, @Nullable String why, @Nullable String loan) {
  public Ranking {
    order = List.copyOf(order);
  }

  /**
   * @param offers of each way all that it may cost
   */
  static Ranking of(List<List<RouteCost>> offers, Basis basis, Market market) {
    return new Order(offers, basis, market).ranking();
  }

  /** The ways at the prices of one market, put in order. */
  private static final class Order {
    private final Basis basis;
    private final Market market;
    private final List<List<RouteCost>> offers;

    /** Whether costs over the years are known of all that have a price. */
    private final boolean years;

    /** Nobody can wait long. */
    private final boolean alone;

    private final boolean like;

    Order(List<List<RouteCost>> offers, Basis basis, Market market) {
      this.offers = offers;
      this.basis = basis;
      this.market = market;
      years =
          !basis.all().schools().have(Habit.LEAST_AT_FIRST)
              && offers.stream()
                  .flatMap(List::stream)
                  .filter(one -> one.way().state() != RouteState.BLOCKED)
                  .filter(one -> !one.way().route().isForDays())
                  .filter(one -> one.firstCost() != null)
                  .allMatch(one -> one.totalCost() != null);
      alone = Boolean.FALSE.equals(basis.all().unit().otherHeatOrCooling()) && !basis.runs();
      like = basis.all().schools().have(Habit.LIKE_FOR_LIKE);
    }

    Ranking ranking() {
      Comparator<RouteCost> comparator = comparator();
      List<RouteCost> order =
          offers.stream()
              .map(each -> each.stream().min(comparator).orElseThrow())
              .sorted(comparator)
              .toList();
      List<RouteCost> left =
          order.stream()
              .filter(one -> one.way().state() != RouteState.BLOCKED)
              .filter(one -> !one.way().route().isForDays())
              .toList();
      if (!basis.settled() || left.isEmpty()) {
        return new Ranking(order, null, null, null);
      }
      RouteCost first = left.get(0);
      return new Ranking(order, first.way().route(), why(first, left), loan(first));
    }

    private Comparator<RouteCost> comparator() {
      return Comparator.comparingInt(Order::group)
          .thenComparing(one -> one.way().route().isForDays())
          .thenComparing(one -> alone && one.isAwaited() && one.bridge() == null)
          .thenComparing(one -> like && !isLike(one.way().route()))
          .thenComparing(one -> one.firstCost() == null)
          .thenComparingDouble(this::cost)
          .thenComparing(one -> !isOf(one.way().route(), basis.action()))
          .thenComparing(one -> !one.way().route().keepsVariableSpeed());
    }

    private static int group(RouteCost one) {
      return one.way().state() == RouteState.BLOCKED ? 2 : one.way().isNear() ? 0 : 1;
    }

    /** With what goes in meanwhile, where nobody can wait: its price, or at least its labour. */
    private double cost(RouteCost one) {
      Double cost = years ? one.totalCost() : one.firstCost();
      if (cost == null) {
        return Double.POSITIVE_INFINITY;
      }
      if (!alone || !one.isAwaited() || one.bridge() == null) {
        return cost;
      }
      Double known = one.bridge().firstCost();
      Double rate = market.labourPerHour();
      return cost
          + (known != null ? known : rate == null ? 0 : one.bridge().route().usualHours() * rate);
    }

    private @Nullable String loan(RouteCost first) {
      Bridge bridge = first.bridge();
      if (!alone || bridge == null) {
        return null;
      }
      Double days = bridge.days();
      return "No other heat or cooling: "
          + (bridge.route() == Route.LOANER ? "lend a motor" : "run it in bypass")
          + (days == null
              ? " until the part is there; ask when that is"
              : " for the " + Words.count((long) Math.ceil(days), "day"))
          + (bridge.firstCost() == null ? "" : ", " + whole(bridge.firstCost()) + " in and out")
          + (bridge.until() == null ? "." : ", to " + bridge.until() + ".");
    }

    private String why(RouteCost first, List<RouteCost> left) {
      Route route = first.way().route();
      if (basis.all().inWarranty() && (isLike(route) || route == Route.BOARD_AND_MOTOR)) {
        return once(
            first, "in warranty the maker's part costs nothing, and any other loses the claim.");
      }
      if (left.size() == 1) {
        return once(first, "no other way is left.");
      }
      RouteCost next = left.get(1);
      if (group(first) < group(next)) {
        return once(
            first,
            first.way().state() == RouteState.OPEN
                ? "it is open; every other way still waits for something."
                : "every other way waits for more.");
      }
      if (group(first) == 1) {
        return "No way is open yet: each waits for something."
            + (isLeast(first, left) ? " Of those, this one costs least so far." : "");
      }
      if (like && isLike(route) && !isLike(next.way().route())) {
        return once(first, "it is the maker's own part, which this shop puts first.");
      }
      if (alone && !first.isAwaited() && next.isAwaited()) {
        boolean unbridged = next.bridge() == null && next.daysWithout() != null;
        if (unbridged || cost(next) < cost(first)) {
          return once(
              first, "it is there by tomorrow, and the building has no other heat or cooling.");
        }
      }
      if (first.firstCost() == null) {
        return once(first, "it is what the fault asks for; no price is known yet.");
      }
      if (next.firstCost() == null) {
        return once(first, "of the ways that are left, only it has a price yet.");
      }
      return once(first, costs(first, left));
    }

    /** Whether it has a price, and none that is left costs less. */
    private boolean isLeast(RouteCost first, List<RouteCost> left) {
      return first.firstCost() != null
          && left.stream()
              .filter(one -> one.firstCost() != null)
              .allMatch(one -> cost(one) >= cost(first) - 0.5);
    }

    private String costs(RouteCost first, List<RouteCost> left) {
      RouteCost next = left.get(1);
      String than = "\"" + next.way().route().title() + "\"";
      double less = cost(next) - cost(first);
      if (less < 0.5) {
        return "it costs no more than " + than + " and keeps more.";
      }
      boolean loan = alone && next.isAwaited() && next.bridge() != null && first.bridge() == null;
      Double ahead = market.yearsAhead();
      String says = isLeast(first, left) ? "it costs least" : "it costs less";
      String span =
          !years || ahead == null
              ? says + " at first"
              : "over " + Numbers.plain(ahead) + (ahead == 1 ? " year " : " years ") + says;
      return span
          + ": "
          + whole(less)
          + " less than "
          + than
          + (loan ? " with the loan meanwhile." : ".");
    }

    private static String once(RouteCost first, String rest) {
      List<String> waits = first.way().waitsFor();
      return Words.opening((waits.isEmpty() ? "" : "once " + Words.and(waits) + ": ") + rest);
    }
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

  private static String whole(double money) {
    return Numbers.plain(Math.rint(money));
  }
}
