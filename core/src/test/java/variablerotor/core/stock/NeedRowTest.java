package variablerotor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What one need uses is gone for the next. */
class NeedRowTest {
  private static final Part RELAY =
      PickListTest.part(
          PartKind.RELAY, "RL-24", 20.0, RatingField.COIL_VOLTS, 24.0, RatingField.AMPS, 12.0);
  private static final Need RELAYS =
      new Need(
          PartKind.RELAY,
          2,
          "relay",
          null,
          Map.of(RatingField.COIL_VOLTS, 24.0, RatingField.AMPS, 10.0),
          null);
  private static final List<InStock> STOCK = List.of(PickListTest.stocked(RELAY, "van Wren", 5));

  private static NeedRow.Lot relays(int count) {
    return new NeedRow.Lot(PartKind.RELAY, "rl 24", count);
  }

  private static List<NeedRow> rows(
      List<Need> needs, List<NeedRow.Lot> taken, List<NeedRow.Lot> came, List<NeedRow.Lot> due) {
    return NeedRow.of(needs, taken, came, due, STOCK, List.of(), "van Wren");
  }

  @Test
  void takenComesBeforeArrivedAndArrivedBeforeOrdered() {
    NeedRow row =
        rows(List.of(RELAYS.of(4)), List.of(relays(1)), List.of(relays(1)), List.of(relays(1)))
            .get(0);
    assertEquals(List.of(1, 1, 1), List.of(row.taken(), row.arrived(), row.ordered()));
    PickList.PickLine rest = Objects.requireNonNull(row.line());
    assertEquals(1, rest.takes().get(0).count());
  }

  @Test
  void whatOneNeedUsesIsGoneForTheNext() {
    List<NeedRow> rows = rows(List.of(RELAYS, RELAYS), List.of(relays(3)), List.of(), List.of());
    assertEquals(2, rows.get(0).taken());
    assertNull(rows.get(0).line());
    assertEquals(1, rows.get(1).taken());
    assertEquals(PickList.State.HAVE, Objects.requireNonNull(rows.get(1).line()).state());
  }

  @Test
  void aLotOfAnotherNumberMeetsNothing() {
    NeedRow row =
        rows(
                List.of(Need.numbered(PartKind.MOTOR, "M-50", 1, "motor")),
                List.of(new NeedRow.Lot(PartKind.MOTOR, "M-75", 1)),
                List.of(),
                List.of())
            .get(0);
    assertEquals(0, row.taken());
  }

  /** Who took it knew which one it was, also where nobody wrote that down. */
  @Test
  void anyOfItsKindMeetsWhatWasNotSaidWhichOneItIs() {
    Need asks = new Need(PartKind.MOTOR, 1, "motor", null, Map.of(), "Which one is not said yet.");
    NeedRow row =
        rows(
                List.of(asks),
                List.of(new NeedRow.Lot(PartKind.MOTOR, "M-75", 1)),
                List.of(),
                List.of())
            .get(0);
    assertEquals(1, row.taken());
  }
}
