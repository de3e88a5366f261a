package variablerotor.core.choice;

import java.util.Comparator;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.cost.CostFigures;
import variablerotor.core.match.Candidate;
import variablerotor.core.route.Route;
import variablerotor.core.route.Way;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One way with what it costs; what a missing price or figure leaves open is null. Labour = hours ×
 * rate; first cost = part + labour; energy a year = W × hours ÷ 1000 × price; total = first cost +
 * energy × years.
 *
 * @param candidate the motor that the price is of; null where it is of none listed
 * @param watts that the fan then takes [W]
 * @param daysWithout until the part is there [d]
 */
public record RouteCost(
    Way way,
    @Nullable String candidate,
    @Nullable Double partPrice,
    @Nullable Double labour,
    @Nullable Double firstCost,
    @Nullable Double watts,
    @Nullable Double energyPerYear,
    @Nullable Double totalCost,
    @Nullable Double daysWithout)
    implements Node {

  static RouteCost of(Way way, Market market, Basis basis) {
    Market.@Nullable Offer offer =
        market.offers().stream()
            .filter(one -> one.route() == way.route())
            .filter(one -> goes(one, basis))
            .min(Comparator.comparingDouble(one -> orInfinite(one.partPrice())))
            .orElse(null);
    boolean free =
        basis.all().inWarranty()
            && (way.route() == Route.SAME_MOTOR || way.route() == Route.MODULE_ONLY);
    Double part = free ? (Double) 0.0 : offer == null ? null : offer.partPrice();
    Double labour = times(offer == null ? null : offer.labourHours(), market.labourPerHour());
    Double first = part == null || labour == null ? null : (Double) (part + labour);
    Double watts = watts(way.route(), offer, market);
    Double wattHours = times(watts, market.fanHoursPerYear());
    Double thousands = times(wattHours, market.energyPerKwh());
    Double energy = thousands == null ? null : (Double) (thousands / 1000);
    Double years = market.yearsAhead();
    Double total =
        first == null || energy == null || years == null ? null : (Double) (first + energy * years);
    return new RouteCost(
        way,
        offer == null ? null : offer.candidate(),
        part,
        labour,
        first,
        watts,
        energy,
        total,
        offer == null ? null : offer.leadDays());
  }

  /** A price of a motor that does not fit is no price of this way. */
  private static boolean goes(Market.Offer offer, Basis basis) {
    Candidate candidate = basis.candidate(offer.candidate());
    return candidate == null || basis.goes(offer.route(), candidate);
  }

  private static double orInfinite(@Nullable Double value) {
    return value == null ? Double.POSITIVE_INFINITY : value;
  }

  private static @Nullable Double times(@Nullable Double one, @Nullable Double other) {
    return one == null || other == null ? null : (Double) (one * other);
  }

  private static @Nullable Double watts(Route route, Market.@Nullable Offer offer, Market market) {
    Double each = offer == null ? null : offer.wattsPerThousandCfm();
    if (each == null && route == Route.FIXED_SPEED) {
      each = CostFigures.FIXED_SPEED_WATTS.value();
    }
    Double thousand = times(each, market.airflowCfm());
    return thousand == null ? null : (Double) (thousand / 1000);
  }

  /** What it has cost after so many years; null where that is not known. */
  public @Nullable Double after(double years) {
    return firstCost == null || energyPerYear == null
        ? null
        : (Double) (firstCost + energyPerYear * years);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "id", way.route(),
        "state", way.state(),
        "reasons", way.reasons(),
        "loses", way.loses(),
        "plan", way.plan(),
        "candidate", candidate,
        "partPrice", partPrice,
        "labour", labour,
        "firstCost", firstCost,
        "energyPerYear", energyPerYear,
        "totalCost", totalCost,
        "daysWithout", daysWithout);
  }
}
