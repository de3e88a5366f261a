package variablerotor.core.choice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

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
    List<Offer> offers)
    implements Node {
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
   * @param parts what else is on this job's list, such as relays and a capacitor
   */
  public record Offer(
      Route route,
      @Nullable String candidate,
      @Nullable Double partPrice,
      @Nullable Double leadDays,
      @Nullable Double labourHours,
      @Nullable Double warrantyMonths,
      @Nullable Double wattsPerThousandCfm,
      @Nullable List<PartPrice> parts)
      implements Node {
    public Offer {
      parts = parts == null ? List.of() : List.copyOf(parts);
    }

    /** Nothing where nothing was said. */
    @Override
    public List<PartPrice> parts() {
      return Objects.requireNonNull(parts);
    }

    /** Of one part, and nothing else on the list. */
    public Offer(
        Route route,
        @Nullable String candidate,
        @Nullable Double partPrice,
        @Nullable Double leadDays,
        @Nullable Double labourHours,
        @Nullable Double warrantyMonths,
        @Nullable Double wattsPerThousandCfm) {
      this(
          route,
          candidate,
          partPrice,
          leadDays,
          labourHours,
          warrantyMonths,
          wattsPerThousandCfm,
          List.of());
    }

    /** The same with these on the list besides. */
    public Offer besides(List<PartPrice> more) {
      return new Offer(
          route,
          candidate,
          partPrice,
          leadDays,
          labourHours,
          warrantyMonths,
          wattsPerThousandCfm,
          more);
    }

    /** The same at this price and with these hours, where they are told. */
    Offer with(@Nullable Double price, @Nullable Double hours) {
      return new Offer(
          route,
          candidate,
          price == null ? partPrice : price,
          leadDays,
          hours == null ? labourHours : hours,
          warrantyMonths,
          wattsPerThousandCfm,
          parts());
    }

    /** The same, with this power where none is told [W for 1,000 ft³/min]. */
    public Offer orWatts(@Nullable Double watts) {
      return wattsPerThousandCfm != null
          ? this
          : new Offer(
              route, candidate, partPrice, leadDays, labourHours, warrantyMonths, watts, parts());
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "route", route,
          "candidate", candidate,
          "partPrice", partPrice,
          "leadDays", leadDays,
          "labourHours", labourHours,
          "warrantyMonths", warrantyMonths,
          "wattsPerThousandCfm", wattsPerThousandCfm,
          "parts", parts());
    }
  }

  /**
   * What was typed on the call goes before what the shop's list says: a price for a way as such
   * takes the place of all of that way, one for a motor the place of that motor's.
   */
  public static List<Offer> offers(List<Offer> typed, List<ShopMotor> motors) {
    List<Offer> offers = new ArrayList<>(typed);
    for (ShopMotor motor : motors) {
      Offer listed = motor.offer();
      boolean said =
          typed.stream()
              .filter(one -> one.route() == listed.route())
              .anyMatch(
                  one -> one.candidate() == null || one.candidate().equals(listed.candidate()));
      if (!said) {
        offers.add(listed);
      }
    }
    return offers;
  }

  /** With these offers in the place of its own. */
  public Market with(List<Offer> others) {
    return new Market(
        currency, labourPerHour, energyPerKwh, fanHoursPerYear, airflowCfm, yearsAhead, others);
  }

  /** With the prices of this motor alone, and those that are of none. */
  public Market onlyFor(String candidate) {
    List<Offer> left =
        offers.stream()
            .filter(one -> one.candidate() == null || one.candidate().equals(candidate))
            .toList();
    return with(left);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "currency", currency,
        "labourPerHour", labourPerHour,
        "energyPerKwh", energyPerKwh,
        "fanHoursPerYear", fanHoursPerYear,
        "airflowCfm", airflowCfm,
        "yearsAhead", yearsAhead,
        "offers", offers);
  }
}
