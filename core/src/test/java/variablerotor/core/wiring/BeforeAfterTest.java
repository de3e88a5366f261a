package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.wiring.BeforeAfter.Row;
import variablerotor.core.wiring.BeforeAfter.Verdict;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

class BeforeAfterTest {
  private static Row row(PlanRequest asked, Wiring wiring, String call) {
    return BeforeAfter.of(asked, Result.of(wiring)).rows().stream()
        .filter(one -> one.call().equals(call))
        .findFirst()
        .orElseThrow();
  }

  /** The unit's own behaviour by the field's rules, against each pattern as it is planned. */
  @ParameterizedTest
  @CsvSource({
    "A, COOL, SAME",
    "A, COOL.LOW, ONE_SPEED",
    "A, IDLE, SAME",
    "A, HEAT_PUMP, SAME",
    "A, HEAT_PUMP.LOW, ONE_SPEED",
    "C, COOL, SAME",
    "C, FAN, LOST",
    "C, OFF_DELAY, LOST",
    "E, FAN, ONE_SPEED",
    "E, GAS_HEAT, ONE_SPEED",
    "D, FAN, ONE_SPEED"
  })
  void eachCallIsSetAgainstWhatTheUnitDid(Pattern pattern, String call, Verdict verdict) {
    PlanRequest asked =
        pattern == Pattern.A
            ? Wirings.request(pattern, CallId.COOL, CallId.HEAT_PUMP)
            : pattern == Pattern.E
                ? Wirings.request(pattern, CallId.COOL, CallId.FAN, CallId.GAS_HEAT)
                : Wirings.request(pattern, CallId.COOL, CallId.FAN, CallId.OFF_DELAY);
    assertEquals(verdict, row(asked, Planner.of(asked).wiring(), call).verdict());
  }

  @Test
  void heatWithoutAirIsSaid() {
    PlanRequest asked = Wirings.request(Pattern.C, CallId.COOL, CallId.ELECTRIC_HEAT);
    Row row = row(asked, Planner.of(asked).wiring(), "ELECTRIC_HEAT");
    assertEquals(Verdict.LOST, row.verdict());
    assertTrue(row.sentence().contains("no air"), row.sentence());
    Plan with = Planner.of(asked.withFanRelay());
    assertEquals(Plan.State.CONDITIONAL, with.state());
    assertTrue(row(asked.withFanRelay(), with.wiring(), "ELECTRIC_HEAT").verdict() != Verdict.LOST);
  }

  /** A defrost contact that is bypassed: the fan turns where the unit's own stood. */
  @Test
  void asWiredIsJudgedAsItIs() {
    PlanRequest asked = Wirings.request(Pattern.A, CallId.COOL, CallId.HEAT_PUMP);
    Wiring wrong = Wirings.changed(Wirings.staged(), "+DF.1-DF.2");
    assertEquals(Verdict.SAME, row(asked, Wirings.staged(), "DEFROST").verdict());
    assertEquals(Verdict.ADDED, row(asked, wrong, "DEFROST").verdict());
  }
}
