package variablerotor.core.choice;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.match.Candidate;
import variablerotor.core.route.Route;
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

  /** Where it lies. */
  public enum Place {
    VAN,
    SHELF,
    SUPPLY_HOUSE
  }

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
