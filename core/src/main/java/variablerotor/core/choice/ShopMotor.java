package variablerotor.core.choice;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.match.Candidate;
import variablerotor.core.route.Route;
import variablerotor.core.stock.Place;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A motor that the shop can get: what it is, where it lies and what it costs.
 *
 * @param at null where that is not known
 * @param price [currency]
 * @param leadDays until it is there [d]; none where one is at hand
 * @param wattsPerThousandCfm power for a thousand cubic feet a minute [W]
 */
public record ShopMotor(
    Candidate candidate,
    @Nullable Place at,
    @Nullable Double price,
    @Nullable Double leadDays,
    @Nullable Double warrantyMonths,
    @Nullable Double wattsPerThousandCfm)
    implements Node {

  /** The way on which it would go: as the like of the old motor, or as a fixed-speed one. */
  public Route route() {
    return candidate.runsAtOneSpeed() ? Route.FIXED_SPEED : Route.EQUIVALENT_MOTOR;
  }

  /** Its price for that way. */
  Market.Offer offer() {
    return new Market.Offer(
        route(),
        candidate.id(),
        price,
        days(),
        route().usualHours(),
        warrantyMonths,
        wattsPerThousandCfm);
  }

  /** As it lies now by what stock and supply house say; where they say nothing, as it was typed. */
  public ShopMotor by(List<Sourced> sourced) {
    for (Sourced one : sourced) {
      if (one.isMotor(this)) {
        boolean kept = one.onHand() != null;
        boolean said = price != null && one.quoted();
        return new ShopMotor(
            kept ? candidate.withOnHand(one.onHand()) : candidate,
            place(one),
            said || one.price() == null ? price : one.price(),
            one.days() == null || (!kept && leadDays != null) ? leadDays : one.days(),
            warrantyMonths,
            wattsPerThousandCfm);
      }
    }
    return this;
  }

  /** What is not in stock any more lies nowhere, unless it comes from the supply house anyway. */
  private @Nullable Place place(Sourced one) {
    boolean kept = one.onHand() != null;
    if (one.at() != null && (kept || at == null)) {
      return one.at();
    }
    return kept && at != Place.SUPPLY_HOUSE ? null : at;
  }

  private @Nullable Double days() {
    Integer onHand = candidate.onHand();
    return onHand != null && onHand > 0 && at != Place.SUPPLY_HOUSE ? (Double) 0.0 : leadDays;
  }

  /** As a candidate of the open format, and what the shop knows besides. */
  public Map<String, Object> caseTree() {
    Map<String, Object> tree = candidate.caseTree();
    tree.putAll(
        Tree.of(
            "at", at,
            "price", price,
            "leadDays", leadDays,
            "warrantyMonths", warrantyMonths,
            "wattsPerThousandCfm", wattsPerThousandCfm));
    return tree;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "candidate", candidate,
        "at", at,
        "price", price,
        "leadDays", leadDays,
        "warrantyMonths", warrantyMonths,
        "wattsPerThousandCfm", wattsPerThousandCfm);
  }
}
