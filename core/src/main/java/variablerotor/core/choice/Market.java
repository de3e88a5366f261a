package variablerotor.core.choice;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.route.Route;

/**
 * What a choice costs here. Nothing is invented: what is not said is null, and what follows from it
 * as well.
 *
 * @param labourPerHour an hour of labour [currency]
 * @param energyPerKwh [currency a kWh]
 * @param fanHoursPerYear [h]
 * @param airflowCfm air that the fan moves [ft³/min]
 * @param yearsAhead for which costs are reckoned
 */
public record Market(
    @Nullable String currency,
    @Nullable Double labourPerHour,
    @Nullable Double energyPerKwh,
    @Nullable Double fanHoursPerYear,
    @Nullable Double airflowCfm,
    @Nullable Double yearsAhead,
    List<Offer> offers) {
  public Market {
    offers = List.copyOf(offers);
  }

  /** Nothing known. */
  public static final Market UNKNOWN = new Market(null, null, null, null, null, null, List.of());

  /**
   * A price for one way.
   *
   * @param candidate id of the motor that it is for; null where it is for none of those listed
   * @param wattsPerThousandCfm power for a thousand cubic feet a minute [W]
   */
  public record Offer(
      Route route,
      @Nullable String candidate,
      @Nullable Double partPrice,
      @Nullable Double leadDays,
      @Nullable Double labourHours,
      @Nullable Double warrantyMonths,
      @Nullable Double wattsPerThousandCfm) {}
}
