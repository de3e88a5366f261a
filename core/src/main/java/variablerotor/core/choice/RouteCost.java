package variablerotor.core.choice;

import java.util.Comparator;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.cost.CostFigures;
import variablerotor.core.route.Route;
import variablerotor.core.route.Way;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One way with what it costs; what a missing price or figure leaves open is null. Labour = hours ×
 * rate; first cost = part + labour; energy a year = W × hours ÷ 1000 × price; total = first cost +
 * energy × years.
 *
 * @param daysWithout until the part is there [d]
 */
public record RouteCost(
    Way way,
    @Nullable Double partPrice,
    @Nullable Double labour,
    @Nullable Double firstCost,
    @Nullable Double energyPerYear,
    @Nullable Double totalCost,
    @Nullable Double daysWithout)
    implements Node {

  /**
   * @param inWarranty whether the maker's part costs nothing; labour does
   */
  static RouteCost of(Way way, Market market, boolean inWarranty) {
    Market.@Nullable Offer offer =
        market.offers().stream()
            .filter(one -> one.route() == way.route())
            .min(Comparator.comparingDouble(one -> orInfinite(one.partPrice())))
            .orElse(null);
    boolean free =
        inWarranty && (way.route() == Route.SAME_MOTOR || way.route() == Route.MODULE_ONLY);
    Double part = free ? (Double) 0.0 : offer == null ? null : offer.partPrice();
    Double hours = offer == null ? null : offer.labourHours();
    Double labour = times(hours, market.labourPerHour());
    Double first = part == null || labour == null ? null : (Double) (part + labour);
    Double energy = energy(way.route(), offer, market);
    Double years = market.yearsAhead();
    Double total =
        first == null || energy == null || years == null ? null : (Double) (first + energy * years);
    return new RouteCost(
        way, part, labour, first, energy, total, offer == null ? null : offer.leadDays());
  }

  private static double orInfinite(@Nullable Double value) {
    return value == null ? Double.POSITIVE_INFINITY : value;
  }

  private static @Nullable Double times(@Nullable Double one, @Nullable Double other) {
    return one == null || other == null ? null : (Double) (one * other);
  }

  private static @Nullable Double energy(Route route, Market.@Nullable Offer offer, Market market) {
    Double watts = offer == null ? null : offer.wattsPerThousandCfm();
    if (watts == null && route == Route.FIXED_SPEED) {
      watts = CostFigures.FIXED_SPEED_WATTS.value();
    }
    Double power = times(watts, market.airflowCfm());
    Double wattHours = times(power, market.fanHoursPerYear());
    Double cost = times(wattHours, market.energyPerKwh());
    return cost == null ? null : (Double) (cost / 1000 / 1000);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "id", way.route(),
        "state", way.state(),
        "reasons", way.reasons(),
        "loses", way.loses(),
        "partPrice", partPrice,
        "labour", labour,
        "firstCost", firstCost,
        "energyPerYear", energyPerYear,
        "totalCost", totalCost,
        "daysWithout", daysWithout);
  }
}
