package variablerotor.core.choice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.cost.CostFigures;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.match.Candidate;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One way with what it costs; what a missing price or figure leaves open is null. Labour = hours ×
 * rate; first cost = everything on the list that has a price + labour; energy a year = W × hours ÷
 * 1000 × price; total = first cost + energy × years.
 *
 * @param candidate the motor that the price is of; null where it is of none listed
 * @param parts everything on the list, the way's own part first
 * @param watts that the fan then takes [W]
 * @param daysWithout until the part is there [d]
 * @param bridge what goes in meanwhile; null where nothing need, or can
 */
public record RouteCost(
    Way way,
    @Nullable String candidate,
    @Nullable Double partPrice,
    List<PartPrice> parts,
    @Nullable Double labour,
    @Nullable Double firstCost,
    @Nullable Double watts,
    @Nullable Double energyPerYear,
    @Nullable Double totalCost,
    @Nullable Double daysWithout,
    @Nullable Bridge bridge)
    implements Node {
  public RouteCost {
    parts = List.copyOf(parts);
  }

  /** Longer than this without heat or cooling is not borne [d]. Judgement. */
  private static final double TOMORROW = 1;

  /** The unit maker's own: free in warranty, both ends of a link and the drive as well. */
  private static final Set<Route> MAKERS_OWN =
      EnumSet.of(Route.SAME_MOTOR, Route.MODULE_ONLY, Route.BOARD_AND_MOTOR, Route.DRIVE_REPLACE);

  /** A way at each of its offers; once without a price where it has none. */
  static List<RouteCost> each(Way way, Market market, Basis basis) {
    List<RouteCost> each = new ArrayList<>();
    for (Market.Offer offer : market.offers()) {
      if (offer.route() == way.route() && goes(offer, basis)) {
        each.add(of(way, offer, market, basis));
      }
    }
    if (each.isEmpty()) {
      each.add(of(way, null, market, basis));
    }
    return each;
  }

  private static RouteCost of(Way way, Market.@Nullable Offer offer, Market market, Basis basis) {
    boolean board = way.route() == Route.REPAIR_OTHER && basis.action() == Action.REPLACE_BOARD;
    boolean free = basis.all().inWarranty() && (MAKERS_OWN.contains(way.route()) || board);
    Double part = free ? (Double) 0.0 : offer == null ? null : offer.partPrice();
    List<PartPrice> parts = new ArrayList<>();
    if (part != null) {
      parts.add(new PartPrice(own(way.route()), part));
    }
    if (offer != null) {
      parts.addAll(offer.parts());
    }
    Double hours = offer == null ? null : offer.labourHours();
    boolean whole = part != null;
    for (Action action : besides(way, basis)) {
      Market.Offer its = offer(route(action), market, basis);
      boolean given = basis.all().inWarranty() && action.isDear();
      Double price = given ? (Double) 0.0 : its == null ? null : its.partPrice();
      if (price != null) {
        parts.add(new PartPrice(action.title(), price));
      }
      // A dear part without a price leaves the whole open; a plug that is mended does not.
      whole &= price != null || !action.isDear();
      Double more = its == null ? null : its.labourHours();
      hours = hours == null || more == null ? hours : (Double) (hours + more);
    }
    Double labour = times(hours, market.labourPerHour());
    Double first = whole && labour != null ? (Double) (labour + sum(parts)) : null;
    Double watts = watts(way.route(), offer, market);
    Double thousands = times(times(watts, market.fanHoursPerYear()), market.energyPerKwh());
    Double energy = thousands == null ? null : (Double) (thousands / 1000);
    Double years = market.yearsAhead();
    Double total =
        first == null || energy == null || years == null ? null : (Double) (first + energy * years);
    Double days = offer == null ? null : offer.leadDays();
    return new RouteCost(
        way,
        offer == null ? null : offer.candidate(),
        part,
        parts,
        labour,
        first,
        watts,
        energy,
        total,
        days,
        offer == null ? null : bridge(way.route(), days, market, basis));
  }

  /** How a way's own part is called on its list. */
  private static String own(Route route) {
    return switch (route) {
      case MODULE_ONLY -> "Module";
      case BOARD_AND_MOTOR -> "Board and motor";
      case DRIVE_REPLACE -> "Drive";
      case DRIVE_BYPASS -> "Contactor and overload relay";
      case REPAIR_OTHER -> "Parts";
      default -> "Motor";
    };
  }

  /** What is proved broken and this way does not bring by itself. */
  private static List<Action> besides(Way way, Basis basis) {
    List<Action> besides = new ArrayList<>();
    boolean itself = way.route() == Route.REPAIR_OTHER || way.route().isForDays();
    if (itself || way.state() == RouteState.BLOCKED) {
      return besides;
    }
    List<Action> all = new ArrayList<>();
    if (basis.action() != null) {
      all.add(basis.action());
    }
    all.addAll(basis.also());
    boolean repaired = false;
    for (Action action : all) {
      if (!way.route().brings(action)) {
        boolean repair = repair(action);
        if (!repair || !repaired) {
          besides.add(action);
        }
        repaired |= repair;
      }
    }
    return besides;
  }

  private static boolean repair(Action action) {
    return route(action) == Route.REPAIR_OTHER;
  }

  private static Route route(Action action) {
    return switch (action) {
      case REPLACE_MODULE -> Route.MODULE_ONLY;
      case REPLACE_MOTOR -> Route.SAME_MOTOR;
      case REPLACE_DRIVE -> Route.DRIVE_REPLACE;
      default -> Route.REPAIR_OTHER;
    };
  }

  /** The first price of a way; null where it has none. */
  private static Market.@Nullable Offer offer(Route route, Market market, Basis basis) {
    return market.offers().stream()
        .filter(one -> one.route() == route && goes(one, basis))
        .findFirst()
        .orElse(null);
  }

  /** A price of a motor that does not fit is no price of this way. */
  private static boolean goes(Market.Offer offer, Basis basis) {
    Candidate candidate = basis.candidate(offer.candidate());
    return candidate == null || basis.goes(offer.route(), candidate);
  }

  /**
   * A loan where the building has no other heat or cooling and the fan stands; a bypass where a
   * drive is awaited. Not where the part is here, or the way itself is one for some days.
   */
  private static @Nullable Bridge bridge(
      Route route, @Nullable Double days, Market market, Basis basis) {
    boolean drive = route == Route.DRIVE_REPLACE;
    Route by = drive ? Route.DRIVE_BYPASS : Route.LOANER;
    boolean wanted =
        !basis.runs()
            && !Boolean.TRUE.equals(basis.all().unit().otherHeatOrCooling())
            && (drive || Boolean.FALSE.equals(basis.all().unit().otherHeatOrCooling()));
    boolean stays = !route.isForDays() && route != Route.REPAIR_OTHER;
    if (!wanted || !stays || basis.isBlocked(by) || (days != null && days <= TOMORROW)) {
      return null;
    }
    Market.Offer offer = offer(by, market, basis);
    Double part = offer == null ? null : offer.partPrice();
    Double labour = times(offer == null ? null : offer.labourHours(), market.labourPerHour());
    LocalDate until = days == null ? null : basis.all().today().plusDays((long) Math.ceil(days));
    return new Bridge(
        by, part == null || labour == null ? null : (Double) (part + labour), days, until);
  }

  /** Everything on the list that has a price [currency]; null where its own part has none. */
  public @Nullable Double partsSum() {
    return partPrice == null ? null : (Double) sum(parts);
  }

  private static double sum(List<PartPrice> parts) {
    double sum = 0;
    for (PartPrice one : parts) {
      sum += one.price() == null ? 0 : one.price();
    }
    return sum;
  }

  /** Whether the part is not there by tomorrow, or nobody knows when. */
  boolean isAwaited() {
    return daysWithout == null || daysWithout > TOMORROW;
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
        "partsPrice", parts,
        "labour", labour,
        "firstCost", firstCost,
        "energyPerYear", energyPerYear,
        "totalCost", totalCost,
        "daysWithout", daysWithout,
        "bridge", bridge);
  }
}
