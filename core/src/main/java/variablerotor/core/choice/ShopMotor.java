package variablerotor.core.choice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
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

  /** Its price for each way on which it could go: as its like, or as a fixed-speed one. */
  List<Market.Offer> offers() {
    List<Market.Offer> offers = new ArrayList<>();
    for (Route route :
        candidate.plate().family() == Family.PSC
            ? List.of(Route.FIXED_SPEED)
            : List.of(Route.EQUIVALENT_MOTOR)) {
      offers.add(
          new Market.Offer(
              route,
              candidate.id(),
              price,
              days(),
              route.usualHours(),
              warrantyMonths,
              wattsPerThousandCfm));
    }
    return offers;
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
