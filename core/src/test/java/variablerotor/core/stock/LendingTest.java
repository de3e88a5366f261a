package variablerotor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.van.CallRate;

class LendingTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 3, 10);

  private static Lending.Awaited ordered(@Nullable LocalDate due) {
    return new Lending.Awaited(false, due);
  }

  private static Lending of(@Nullable LocalDate agreed, Lending.Awaited... orders) {
    return Lending.of(List.of(orders), agreed, false, TODAY);
  }

  @Test
  void isDueWithTheLastOfWhatIsOrdered() {
    Lending due = of(null, ordered(TODAY.plusDays(2)), ordered(TODAY.plusDays(6)), ordered(null));
    assertEquals(TODAY.plusDays(6), due.due());
    assertFalse(due.late());
  }

  @Test
  void isFetchedWhenAllThatWasOrderedIsThere() {
    Lending.Awaited arrived = new Lending.Awaited(true, TODAY.minusDays(1));
    assertTrue(of(TODAY.plusDays(9), arrived).late());
    // One of two is not all.
    Lending half = of(null, arrived, ordered(TODAY.plusDays(3)));
    assertEquals(TODAY.plusDays(3), half.due());
    assertFalse(half.late());
  }

  @Test
  void isDueAsAgreedWhereNothingElseIsKnown() {
    assertEquals(TODAY.plusDays(4), of(TODAY.plusDays(4)).due());
    assertEquals(TODAY.plusDays(4), of(TODAY.plusDays(4), ordered(null)).due());
    Lending unknown = of(null);
    assertNull(unknown.due());
    assertEquals("No day is known.", unknown.why());
    assertFalse(unknown.late());
  }

  @Test
  void isLateOnTheDayAfterAndNeverOnceItIsBack() {
    assertFalse(of(TODAY).late());
    assertTrue(of(TODAY.minusDays(1)).late());
    assertFalse(Lending.of(List.of(), TODAY.minusDays(1), true, TODAY).late());
  }

  @ParameterizedTest
  @CsvSource({
    // out, on order, other heat, advised, may
    "false, true, false, false, true",
    "false, true, , false, true",
    "false, true, true, false, false",
    "false, false, false, false, false",
    "false, false, true, true, true",
    "true, true, false, true, false"
  })
  void goesOutOneAtATimeWhileAPartIsOnItsWay(
      boolean out, boolean onOrder, Boolean other, boolean advised, boolean may) {
    assertEquals(may, Lending.may(out, onOrder, other, advised));
  }

  @Test
  void aMonthIsNoYear() {
    assertEquals(1, CallRate.perYear(1, 30));
    assertEquals(2, CallRate.perYear(4, 730.5));
    assertEquals(3, CallRate.perYear(3, 0));
  }
}
