package variablerotor.core.choice;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.route.Route;

/**
 * What if: other figures in place of those of the market; null leaves one as it is.
 *
 * @param way whose part costs {@code partPrice} and takes {@code labourHours}
 */
public record Dials(
    @Nullable Double energyPerKwh,
    @Nullable Double fanHoursPerYear,
    @Nullable Double yearsAhead,
    @Nullable Double labourPerHour,
    @Nullable Route way,
    @Nullable Double partPrice,
    @Nullable Double labourHours) {

  /** As it is. */
  public static final Dials UNTURNED = new Dials(null, null, null, null, null, null, null);

  /** The market with these figures in place of its own. */
  public Market turn(Market market) {
    return new Market(
        market.currency(),
        or(labourPerHour, market.labourPerHour()),
        or(energyPerKwh, market.energyPerKwh()),
        or(fanHoursPerYear, market.fanHoursPerYear()),
        market.airflowCfm(),
        or(yearsAhead, market.yearsAhead()),
        offers(market.offers()));
  }

  private List<Market.Offer> offers(List<Market.Offer> offers) {
    return way == null
        ? offers
        : offers.stream()
            .map(one -> one.route() == way ? one.with(partPrice, labourHours) : one)
            .toList();
  }

  private static @Nullable Double or(@Nullable Double given, @Nullable Double otherwise) {
    return given == null ? otherwise : given;
  }
}
