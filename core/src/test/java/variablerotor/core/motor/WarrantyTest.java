package variablerotor.core.motor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WarrantyTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 10);

  @ParameterizedTest
  @CsvSource({
    "2026-03-10,ENDS_SOON,less than a day",
    "2026-03-11,ENDS_SOON,in 1 day",
    "2026-04-24,ENDS_SOON,45 days",
    "2026-04-25,RUNNING,until 2026-04-25",
    "2026-03-09,JUST_OVER,1 day ago",
    "2026-02-08,JUST_OVER,30 days ago",
    "2026-02-07,OVER,since 2026-02-07"
  })
  void anEndThatIsNearIsAWarning(LocalDate until, Warranty.State state, String says) {
    Warranty.Standing standing = Warranty.of(until, TODAY);
    assertEquals(state, standing.state());
    assertTrue(standing.sentence().contains(says), standing.sentence());
  }

  @Test
  void unknownAsksForIt() {
    assertEquals(Warranty.State.UNKNOWN, Warranty.of(null, TODAY).state());
  }
}
