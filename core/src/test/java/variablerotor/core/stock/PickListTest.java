package variablerotor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import variablerotor.core.stock.PickList.PickLine;

class PickListTest {
  private static final String NOW = "2026-11-27T08:00:00Z";

  static Part part(PartKind kind, String number, @Nullable Double price, Object... ratings) {
    Map<RatingField, Double> rated = new EnumMap<>(RatingField.class);
    for (int i = 0; i < ratings.length; i += 2) {
      rated.put((RatingField) ratings[i], ((Number) ratings[i + 1]).doubleValue());
    }
    return new Part(number, kind, number, null, null, price, null, rated);
  }

  static InStock stocked(Part part, Object... places) {
    List<InStock.StockPlace> stocked = new ArrayList<>();
    for (int i = 0; i < places.length; i += 2) {
      String where = (String) places[i];
      Place at = where.startsWith("van") ? Place.VAN : Place.SHELF;
      stocked.add(new InStock.StockPlace(at, where, (Integer) places[i + 1]));
    }
    return new InStock(part, stocked);
  }

  static Quote quote(
      PartKind kind, String number, @Nullable Double price, Integer stock, Double days) {
    return new Quote(
        number, kind, number, null, price, stock, days, null, Map.of(), NOW, List.of());
  }

  private static Need relay(int count, double amps) {
    return new Need(
        PartKind.RELAY,
        count,
        "relay",
        null,
        Map.of(RatingField.COIL_VOLTS, 24.0, RatingField.AMPS, amps),
        null);
  }

  private static Part relay(String number, double coil, double amps) {
    return part(PartKind.RELAY, number, 20.0, RatingField.COIL_VOLTS, coil, RatingField.AMPS, amps);
  }

  private static PickLine one(Need need, List<InStock> stock, List<Quote> quotes) {
    return PickList.of(List.of(need), stock, quotes, "van Wren").get(0);
  }

  @Test
  void theVanAtTheJobGoesBeforeTheShelfAndTheShelfBeforeAnotherVan() {
    Part part = relay("R", 24, 12);
    InStock stock = stocked(part, "van Dunlin", 5, "B2", 1, "van Wren", 1);
    PickLine line = one(relay(3, 10), List.of(stock), List.of());
    assertEquals(PickList.State.HAVE, line.state());
    assertEquals(
        List.of("van Wren", "B2", "van Dunlin"),
        line.takes().stream().map(PickList.Take::where).toList());
    assertEquals(60, line.price());
  }

  /** A coil of 240 V on 24 V does not pull; contacts below the load weld: neither is offered. */
  @Test
  void aRelayThatIsNotRatedForItIsNeverTaken() {
    List<InStock> wrong =
        List.of(
            stocked(relay("C240", 240, 30), "B", 9),
            stocked(relay("A8", 24, 8), "B", 9),
            stocked(part(PartKind.CONTACTOR, "K", 9.0, RatingField.COIL_VOLTS, 24), "B", 9));
    PickLine line = one(relay(1, 10), wrong, List.of());
    assertEquals(PickList.State.MISSING, line.state());
    assertTrue(line.takes().isEmpty());
    assertNull(line.price());
  }

  @Test
  void whatIsNotWrittenDownIsNamedAndNotTaken() {
    Part unknown = part(PartKind.RELAY, "OLD", 5.0, RatingField.COIL_VOLTS, 24);
    PickLine line = one(relay(1, 10), List.of(stocked(unknown, "B", 2)), List.of());
    assertEquals(PickList.State.MISSING, line.state());
    assertTrue(line.sentence().contains("Perhaps OLD"), line.sentence());
  }

  /** Exactly the motor's microfarads, at least its volts. */
  @Test
  void aCapacitorHasTheSameMicrofaradsAndAtLeastTheVolts() {
    Need need =
        new Need(
            PartKind.CAPACITOR,
            1,
            "",
            null,
            Map.of(RatingField.MICROFARADS, 7.5, RatingField.VOLTS, 370.0),
            null);
    for (Object[] each :
        new Object[][] {
          {7.5, 370, true},
          {7.5, 440, true},
          {7.5, 250, false},
          {8.0, 440, false},
          {7.0, 440, false}
        }) {
      Part part =
          part(
              PartKind.CAPACITOR,
              "C",
              9.0,
              RatingField.MICROFARADS,
              each[0],
              RatingField.VOLTS,
              each[1]);
      assertEquals(
          each[2],
          one(need, List.of(stocked(part, "B", 1)), List.of()).state() == PickList.State.HAVE,
          each[0] + " µF " + each[1] + " V");
    }
  }

  @Test
  void anOverloadsRangeHoldsTheMotorsAmps() {
    Need need =
        new Need(
            PartKind.OVERLOAD,
            1,
            "",
            null,
            Map.of(RatingField.AMPS_FROM, 9.6, RatingField.AMPS, 9.6),
            null);
    Part holds =
        part(PartKind.OVERLOAD, "6-10", 60.0, RatingField.AMPS_FROM, 6, RatingField.AMPS, 10);
    Part above =
        part(PartKind.OVERLOAD, "10-16", 60.0, RatingField.AMPS_FROM, 10, RatingField.AMPS, 16);
    PickLine line = one(need, List.of(stocked(above, "B", 1), stocked(holds, "B", 1)), List.of());
    assertEquals("6-10", line.takes().get(0).number());
  }

  @Test
  void whatOneLineTakesIsGoneForTheNext() {
    List<InStock> stock = List.of(stocked(relay("R", 24, 12), "van Wren", 3));
    List<PickLine> lines =
        PickList.of(List.of(relay(2, 10), relay(2, 10)), stock, List.of(), "van Wren");
    assertEquals(2, lines.get(0).takes().get(0).count());
    assertEquals(1, lines.get(1).takes().get(0).count());
    assertEquals(PickList.State.MISSING, lines.get(1).state());
    assertEquals(1, lines.get(1).missing());
  }

  @Test
  void theSoonestIsOrderedAndAmongThoseTheCheaper() {
    Need motor = Need.numbered(PartKind.MOTOR, "M-1", 1, "");
    Part kept = new Part("M-1", PartKind.MOTOR, "", "S-1", null, null, null, Map.of());
    PickLine line =
        one(motor, List.of(stocked(kept)), List.of(quote(PartKind.MOTOR, "S-1", 90.0, 0, 4.0)));
    assertEquals(PickList.State.ORDER, line.state());
    assertEquals("S-1", line.buy().number());
    assertEquals(4, line.buy().days());
    Need any = new Need(PartKind.ADAPTER, 1, "", null, Map.of(), null);
    List<Quote> three =
        List.of(
            quote(PartKind.ADAPTER, "slow", 10.0, 0, 9.0),
            quote(PartKind.ADAPTER, "dear", 30.0, 5, 9.0),
            quote(PartKind.ADAPTER, "good", 20.0, 1, 9.0),
            quote(PartKind.ADAPTER, "unsaid", 1.0, null, null));
    assertEquals("good", one(any, List.of(), three).buy().number());
  }

  @Test
  void aNumberThatWasReplacedIsMetByItsSuccessorOnceItIsSoldOut() {
    Quote old =
        new Quote("S-1", PartKind.MODULE, "", null, 50.0, 0, 9.0, "S-2", Map.of(), NOW, List.of());
    Quote now = quote(PartKind.MODULE, "S-2", 70.0, 1, 5.0);
    Need need = Need.numbered(PartKind.MODULE, "S-1", 1, "");
    assertEquals("S-2", one(need, List.of(), List.of(old, now)).buy().number());
    Part kept = new Part("E-1", PartKind.MODULE, "", "S-1", null, null, null, Map.of());
    Need own = Need.numbered(PartKind.MODULE, "E-1", 1, "");
    assertEquals("S-2", one(own, List.of(stocked(kept)), List.of(old, now)).buy().number());
  }

  @Test
  void aPriceThatNobodySaidLeavesTheWholeWithoutOne() {
    Part free = part(PartKind.ADAPTER, "A", null);
    Need need = new Need(PartKind.ADAPTER, 1, "", null, Map.of(), null);
    assertNull(one(need, List.of(stocked(free, "B", 1)), List.of()).price());
  }

  @Test
  void aNeedThatWaitsForAFigureTakesNothing() {
    Need need = new Need(PartKind.CAPACITOR, 1, "", null, Map.of(), "Which?");
    Part part = part(PartKind.CAPACITOR, "C", 9.0, RatingField.MICROFARADS, 5);
    PickLine line = one(need, List.of(stocked(part, "B", 4)), List.of());
    assertEquals(PickList.State.ASK, line.state());
    assertTrue(line.takes().isEmpty());
  }

  /** However stock and needs are: never more is taken than lies there, and counts add up. */
  @Test
  void nothingIsTakenTwiceOnRandomStock() {
    Random random = new Random(14);
    for (int round = 0; round < 300; round++) {
      List<InStock> stock = new ArrayList<>();
      for (int i = 0; i < 5; i++) {
        stock.add(
            stocked(
                relay("R" + i, 24, 5 + random.nextInt(15)),
                "van Wren",
                1 + random.nextInt(3),
                "B" + i,
                1 + random.nextInt(3)));
      }
      List<Quote> quotes =
          random.nextBoolean()
              ? List.of()
              : List.of(
                  new Quote(
                      "Q",
                      PartKind.RELAY,
                      "",
                      null,
                      9.0,
                      random.nextInt(3),
                      2.0,
                      null,
                      Map.of(RatingField.COIL_VOLTS, 24.0, RatingField.AMPS, 20.0),
                      NOW,
                      List.of()));
      List<Need> needs = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        needs.add(relay(1 + random.nextInt(6), 5 + random.nextInt(15)));
      }
      Map<String, Integer> taken = new java.util.HashMap<>();
      for (PickLine line : PickList.of(needs, stock, quotes, "van Wren")) {
        int had = line.takes().stream().mapToInt(PickList.Take::count).sum();
        int bought = line.buy() == null ? 0 : line.buy().count();
        assertEquals(line.need().count(), had + bought + line.missing());
        line.takes().forEach(t -> taken.merge(t.number() + t.where(), t.count(), Integer::sum));
      }
      for (InStock one : stock) {
        for (InStock.StockPlace stocked : one.places()) {
          int out = taken.getOrDefault(one.part().number() + stocked.where(), 0);
          assertTrue(out <= stocked.count(), one + " " + out);
        }
      }
    }
  }
}
