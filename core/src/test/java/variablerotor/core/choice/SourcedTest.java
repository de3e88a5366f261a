package variablerotor.core.choice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import variablerotor.core.choice.Market.Offer;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.route.Route;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.Place;
import variablerotor.core.stock.Quote;

/** Prices and days from shelf and supply house. */
class SourcedTest {
  private static final String THEN = "2026-11-20T08:00:00Z";

  private static InStock kept(@Nullable Double price, int onVan) {
    Part part = new Part("M", PartKind.MOTOR, "", "S", null, price, null, Map.of());
    return new InStock(
        part, onVan == 0 ? List.of() : List.of(new InStock.StockPlace(Place.VAN, "Wren", onVan)));
  }

  private static Quote quote(@Nullable Double price, Integer stock) {
    return new Quote(
        "S", PartKind.MOTOR, "", null, price, stock, 4.0, null, Map.of(), THEN, List.of());
  }

  private static Sourced of(List<InStock> stock, List<Quote> quotes) {
    return Sourced.of(Route.SAME_MOTOR, PartKind.MOTOR, "M", stock, quotes);
  }

  @Test
  void whatLiesOnTheVanCostsTheShopsPriceAndNoDays() {
    Sourced found = of(List.of(kept(400.0, 2)), List.of(quote(300.0, 5)));
    assertEquals(400, found.price());
    assertEquals(0, found.days());
    assertEquals("Wren", found.where());
    assertFalse(found.quoted());
    assertNull(found.asOf());
  }

  @Test
  void withoutAPriceOfTheShopsTheSupplyHousesStandsWithItsAge() {
    Sourced found = of(List.of(kept(null, 1)), List.of(quote(300.0, 0)));
    assertEquals(300, found.price());
    assertTrue(found.quoted());
    assertEquals(THEN, found.asOf());
    assertEquals(0, found.days(), "it lies on the van all the same");
  }

  @Test
  void whatIsSoldOutComesFromTheSupplyHouseInItsTime() {
    Sourced found = of(List.of(kept(400.0, 0)), List.of(quote(300.0, 0)));
    assertEquals(Place.SUPPLY_HOUSE, found.at());
    assertEquals(4, found.days());
    assertEquals(400, found.price(), "what the customer pays the shop sets");
    assertEquals(0, found.onHand());
  }

  @Test
  void whatNobodyHasHasNeitherPlaceNorDays() {
    Sourced found = of(List.of(kept(400.0, 0)), List.of());
    assertNull(found.at());
    assertNull(found.days());
    assertNull(of(List.of(), List.of()).price());
  }

  private static Offer typed(@Nullable Double price, @Nullable Double days) {
    return new Offer(Route.SAME_MOTOR, null, price, days, 2.0, null, null);
  }

  @Test
  void whatIsTypedGoesBeforeWhatWasFoundFieldByField() {
    Sourced found = of(List.of(kept(null, 0)), List.of(quote(300.0, 0)));
    Offer both = Sourced.onto(List.of(typed(500.0, null)), List.of(found), List.of()).get(0);
    assertEquals(500, both.partPrice());
    assertEquals(4, both.leadDays());
    assertEquals(2, both.labourHours());
    Offer none = Sourced.onto(List.of(), List.of(found), List.of()).get(0);
    assertEquals(300, none.partPrice());
    assertEquals(Route.SAME_MOTOR.usualHours(), none.labourHours());
    assertEquals(
        List.of(typed(1.0, 1.0)), Sourced.onto(List.of(typed(1.0, 1.0)), List.of(), List.of()));
  }

  /** The shop's price of the old one is none of what came in its place. */
  @Test
  void aSuccessorHasItsOwnPrice() {
    Quote old =
        new Quote("S", PartKind.MOTOR, "", null, null, 0, 9.0, "S2", Map.of(), THEN, List.of());
    Quote now =
        new Quote("S2", PartKind.MOTOR, "", null, 333.0, 1, 2.0, null, Map.of(), THEN, List.of());
    Sourced found = of(List.of(kept(200.0, 0)), List.of(old, now));
    assertEquals("S2", found.number());
    assertEquals(333, found.price());
    assertTrue(found.quoted());
  }

  /** What was found for a way is its price; the list's other motors for it are none any more. */
  @Test
  void aMotorOfTheListThatWasFoundForAWayStandsAlone() {
    ShopMotor mine = listed(395.0, Place.VAN);
    MotorPlate plate = MotorPlate.of(Family.CONSTANT_TORQUE, "115");
    ShopMotor cheaper =
        new ShopMotor(
            new Candidate("N", plate, 1, List.of(), null), Place.VAN, 100.0, 0.0, null, null);
    Sourced found =
        Sourced.of(Route.EQUIVALENT_MOTOR, PartKind.MOTOR, "M", List.of(kept(400.0, 1)), List.of());
    List<Offer> offers = Sourced.onto(List.of(), List.of(found), List.of(mine, cheaper));
    assertEquals(1, offers.size());
    assertEquals("M", offers.get(0).candidate(), "so that it is held against the old motor");
    assertEquals(2, Sourced.onto(List.of(), List.of(), List.of(mine, cheaper)).size());
  }

  /** Half of what both ends of a link cost would be believed to be the whole. */
  @Test
  void aWayOfTwoPartsHasNoPriceUntilBothAreFound() {
    Sourced motor =
        Sourced.of(
            Route.BOARD_AND_MOTOR,
            PartKind.MOTOR,
            "M",
            List.of(kept(400.0, 1)),
            List.of(quote(1.0, 1)));
    assertNull(Sourced.onto(List.of(), List.of(motor), List.of()).get(0).partPrice());
    Part board = new Part("B", PartKind.BOARD, "", null, null, 90.0, null, Map.of());
    Sourced other =
        Sourced.of(
            Route.BOARD_AND_MOTOR,
            PartKind.BOARD,
            "B",
            List.of(new InStock(board, List.of(new InStock.StockPlace(Place.SHELF, "A", 1)))),
            List.of());
    assertEquals(490, Sourced.onto(List.of(), List.of(motor, other), List.of()).get(0).partPrice());
  }

  private static ShopMotor listed(@Nullable Double price, @Nullable Place at) {
    MotorPlate plate = MotorPlate.of(Family.CONSTANT_TORQUE, "115");
    return new ShopMotor(new Candidate("M", plate, 7, List.of(), null), at, price, 9.0, null, null);
  }

  private static ShopMotor by(ShopMotor motor, InStock stock, Quote quote) {
    return motor.by(List.of(Sourced.of(null, PartKind.MOTOR, "M", List.of(stock), List.of(quote))));
  }

  @Test
  void aMotorOfTheListLiesWhereTheStockHasIt() {
    ShopMotor now = by(listed(395.0, Place.SHELF), kept(null, 2), quote(300.0, 1));
    assertEquals(2, now.candidate().onHand(), "not the seven that were typed");
    assertEquals(Place.VAN, now.at());
    assertEquals(395, now.price(), "the shop's list goes before the supply house");
    assertEquals(400, by(listed(395.0, null), kept(400.0, 1), quote(1.0, 1)).price());
    assertEquals(300, by(listed(null, null), kept(null, 1), quote(300.0, 1)).price());
  }

  @Test
  void theLastOneGoneTheMotorComesFromTheSupplyHouseOrNowhere() {
    ShopMotor gone = by(listed(395.0, Place.VAN), kept(null, 0), quote(300.0, 0));
    assertEquals(Place.SUPPLY_HOUSE, gone.at());
    assertEquals(0, gone.candidate().onHand());
    assertEquals(4, gone.offer().leadDays());
    ShopMotor nowhere =
        listed(395.0, Place.VAN)
            .by(List.of(Sourced.of(null, PartKind.MOTOR, "M", List.of(kept(null, 0)), List.of())));
    assertNull(nowhere.at());
    assertEquals(listed(1.0, Place.VAN), listed(1.0, Place.VAN).by(List.of()));
  }
}
