package variablerotor.core.choice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.route.Route;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Need;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.PickList;
import variablerotor.core.stock.Place;
import variablerotor.core.stock.Quote;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What stock and supply house say of a part: the one that was found for a way, or a motor of the
 * shop's list.
 *
 * @param route the way that it was found for; null where it is a motor of the list
 * @param number the shop's number, or where it keeps none the supply house's
 * @param at where it would come from; null where nobody has it
 * @param where the name of van or shelf
 * @param onHand how many lie in vans and on shelves; null where the shop does not keep it
 * @param price of one [currency]
 * @param quoted whether the price is the supply house's, and not one that the shop set
 * @param days until it is there [d]
 * @param asOf when a supply house said what of this it said (ISO 8601); null where it said nothing
 */
public record Sourced(
    @Nullable Route route,
    PartKind kind,
    String number,
    String name,
    @Nullable Place at,
    @Nullable String where,
    @Nullable Integer onHand,
    @Nullable Double price,
    boolean quoted,
    @Nullable Double days,
    @Nullable String asOf)
    implements Node {

  /** Of this part, for a way or as a motor of the list. */
  public static Sourced of(
      @Nullable Route route,
      PartKind kind,
      String number,
      List<InStock> stock,
      List<Quote> quotes) {
    Need one = Need.numbered(kind, number, 1, "");
    List<InStock> kept = one.of(stock, quotes);
    PickList.PickLine line = PickList.of(List.of(one), stock, quotes, null).get(0);
    PickList.Take take = line.takes().isEmpty() ? null : line.takes().get(0);
    PickList.Buy buy = line.buy();
    Part part =
        kept.stream()
            .map(InStock::part)
            .filter(each -> comes(each, take, buy))
            .findFirst()
            .orElse(null);
    boolean set = part != null && part.price() != null;
    Double price = set ? Objects.requireNonNull(part).price() : line.price();
    return new Sourced(
        route,
        kind,
        part != null ? part.number() : buy == null ? number : buy.number(),
        part != null ? part.name() : buy == null ? "" : buy.name(),
        take != null ? take.at() : buy == null ? null : Place.SUPPLY_HOUSE,
        take == null ? null : take.where(),
        kept.isEmpty() ? null : (Integer) kept.stream().mapToInt(InStock::total).sum(),
        price,
        !set && price != null,
        take != null ? (Double) 0.0 : buy == null ? null : buy.days(),
        asOf(part, buy, quotes));
  }

  /** Whether it is this very part that would come, and not what came in its place. */
  private static boolean comes(
      Part part, PickList.@Nullable Take take, PickList.@Nullable Buy buy) {
    return take != null
        ? part.number().equals(take.number())
        : buy == null || part.goesBy(buy.number());
  }

  private static @Nullable String asOf(
      @Nullable Part part, PickList.@Nullable Buy buy, List<Quote> quotes) {
    if (buy != null) {
      return buy.asOf();
    }
    return part == null || part.price() != null
        ? null
        : quotes.stream()
            .filter(one -> part.goesBy(one.number()))
            .map(Quote::asOf)
            .findFirst()
            .orElse(null);
  }

  /** Whether it is this motor of the list. */
  boolean isMotor(ShopMotor motor) {
    return route == null && PartNumber.same(number, motor.candidate().id());
  }

  /** With the shop's price of this motor, where it has one, in the place of the supply house's. */
  public Sourced pricedBy(ShopMotor listed) {
    return listed.price() == null || !quoted
        ? this
        : new Sourced(
            route,
            kind,
            number,
            name,
            at,
            where,
            onHand,
            listed.price(),
            false,
            days,
            at == Place.SUPPLY_HOUSE ? asOf : null);
  }

  /** The kinds of parts that a way takes; none where that is for its plan, or for the fault. */
  public static List<PartKind> kinds(Route route) {
    return switch (route) {
      case MODULE_ONLY -> List.of(PartKind.MODULE);
      case SAME_MOTOR, EQUIVALENT_MOTOR, FIXED_SPEED, LOANER -> List.of(PartKind.MOTOR);
      case BOARD_AND_MOTOR -> List.of(PartKind.MOTOR, PartKind.BOARD);
      case DRIVE_REPLACE -> List.of(PartKind.DRIVE);
      case DRIVE_BYPASS -> List.of(PartKind.CONTACTOR);
      case REPAIR_OTHER -> List.of(PartKind.OTHER);
    };
  }

  /**
   * What is typed for a way, with the prices and days of the parts that were found where none are
   * typed. Where one of its parts is not found yet, or has no price, the whole has none.
   *
   * @param found the parts of this way
   */
  private static Market.Offer onto(
      Market.@Nullable Offer typed, List<Sourced> found, @Nullable String candidate, Route route) {
    boolean whole = found.size() >= kinds(route).size();
    Double price = whole ? (Double) 0.0 : null;
    Double days = whole ? (Double) 0.0 : null;
    for (Sourced one : found) {
      price = price == null || one.price() == null ? null : (Double) (price + one.price());
      days = days == null || one.days() == null ? null : (Double) Math.max(days, one.days());
    }
    Market.Offer given =
        typed != null ? typed : new Market.Offer(route, null, null, null, null, null, null);
    return new Market.Offer(
        route,
        candidate,
        given.partPrice() == null ? price : given.partPrice(),
        given.leadDays() == null ? days : given.leadDays(),
        given.labourHours() == null ? (Double) route.usualHours() : given.labourHours(),
        given.warrantyMonths(),
        given.wattsPerThousandCfm());
  }

  /**
   * What is typed, with the prices and days of the parts that were found for ways, and for all
   * other ways those of the shop's motors. A motor of the list that was found for a way is priced
   * as that motor: where it does not fit, it is no price.
   */
  public static List<Market.Offer> onto(
      List<Market.Offer> typed, List<Sourced> sourced, List<ShopMotor> motors) {
    List<Market.Offer> offers = new ArrayList<>(typed);
    List<ShopMotor> others = new ArrayList<>(motors);
    for (Route route : Route.values()) {
      List<Sourced> found = sourced.stream().filter(one -> one.route() == route).toList();
      if (!found.isEmpty()) {
        Market.Offer mine =
            typed.stream()
                .filter(one -> one.route() == route && one.candidate() == null)
                .findFirst()
                .orElse(null);
        String candidate =
            motors.stream()
                .map(one -> one.candidate().id())
                .filter(one -> PartNumber.same(one, found.get(0).number()))
                .findFirst()
                .orElse(null);
        offers.remove(mine);
        offers.add(onto(mine, found, candidate, route));
        others.removeIf(one -> one.route() == route);
      }
    }
    return Market.offers(offers, others);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "route", route,
        "kind", kind,
        "number", number,
        "name", name,
        "at", at,
        "where", where,
        "onHand", onHand,
        "price", price,
        "quoted", quoted,
        "days", days,
        "asOf", asOf);
  }
}
