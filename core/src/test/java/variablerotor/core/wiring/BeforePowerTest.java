package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;
import variablerotor.core.wiring.PowerCheck.Step;

class BeforePowerTest {
  private static final Wiring STAGED = Wirings.staged();
  private static final List<PowerCheck> CHECKS = BeforePower.of(STAGED, Result.of(STAGED));

  private static PowerCheck check(String begin) {
    return CHECKS.stream()
        .filter(one -> one.ask().startsWith(begin))
        .findFirst()
        .orElseThrow(() -> new AssertionError(begin + " in " + CHECKS));
  }

  /** By hand, from the drawing of two relays behind a contactor and a closed defrost contact. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "SRC.G to M.G: zero.",
        "CT.T1, DF.1, DF.2, K1.COM1, K2.COM1 to each other: zero.",
        "M.COM to M.HIGH: some ohms of a winding or coil, not zero.",
        "M.COM to M.G: OL, open.",
        "SRC.L1 to SRC.L2: OL, open.",
        "SRC.L1 to TR.C: OL, open.",
        "K1.A to K1.B: some ohms of a winding or coil, not zero.",
        "CT.L1 to CT.T1: OL, open.",
        "CAP.1 to CAP.2: some ohms of a winding or coil, not zero."
      })
  void whatAMeterMustRead(String ask) {
    assertEquals(ask, check(ask.substring(0, ask.indexOf(':'))).ask());
    assertEquals(Step.OHMS, check(ask).step());
  }

  /** What it means is what running that very fault says. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "M.HIGH to M.LOW|live at once|burns",
        "SRC.L1 to SRC.L2|dead short|dead short",
        "SRC.L1 to TR.C|Line voltage gets into|24 V",
        "SRC.G to M.G|not grounded|frame"
      })
  void aWrongAnswerSaysWhatWouldHappen(String begin, String one, String other) {
    String wrong = check(begin).wrong();
    assertTrue(
        wrong.toLowerCase(java.util.Locale.ROOT).contains(one.toLowerCase(java.util.Locale.ROOT))
            || wrong.contains(other),
        wrong);
  }

  @Test
  void twentyFourVoltsComeBeforeLineAndOhmsBeforeBoth() {
    List<Step> steps = CHECKS.stream().map(PowerCheck::step).distinct().toList();
    assertEquals(List.of(Step.OHMS, Step.CONTROL, Step.LINE), steps);
    assertEquals(
        "cooling, with COMPRESSOR and HIGH called: CT and K2 pull, and no other.",
        CHECKS.stream()
            .filter(one -> one.id().equals("24 V COOL"))
            .findFirst()
            .orElseThrow()
            .ask());
    assertEquals(
        "defrost, with COMPRESSOR, HIGH and DEFROST called: M stands.",
        CHECKS.stream()
            .filter(one -> one.id().equals("line DEFROST"))
            .findFirst()
            .orElseThrow()
            .ask());
  }

  @ParameterizedTest
  @EnumSource(Pattern.class)
  void everyPatternHasItsChecks(Pattern pattern) {
    Wiring wiring = Planner.of(Wirings.request(pattern, CallId.COOL)).wiring();
    List<PowerCheck> checks = BeforePower.of(wiring, Result.of(wiring));
    assertTrue(checks.size() > 10, checks.toString());
    assertEquals(
        checks.size(), checks.stream().map(PowerCheck::id).distinct().count(), "ids differ");
    assertFalse(checks.stream().anyMatch(one -> one.ask().contains("zero") && one.at().size() < 2));
  }

  @Test
  void whatMustNotBePoweredHasNone() {
    assertEquals(List.of(), BeforePower.of(Wirings.shorted(), Result.of(Wirings.shorted())));
  }

  /** Ten at most catch what is done wrong most; the rest stands behind them. */
  @Test
  void theUsualMistakesComeFirst() {
    Wiring wiring = Wirings.staged();
    List<PowerCheck> ohms =
        BeforePower.of(wiring, Result.of(wiring)).stream()
            .filter(one -> one.step() == PowerCheck.Step.OHMS)
            .toList();
    List<String> first = ohms.stream().filter(PowerCheck::first).map(PowerCheck::ask).toList();
    assertTrue(first.size() <= 10 && first.size() >= 6, first.toString());
    assertTrue(first.contains("SRC.G to M.G: zero."), first.toString());
    assertTrue(first.contains("SRC.L1 to SRC.L2: OL, open."), first.toString());
    assertTrue(ohms.size() > first.size());
    assertEquals(first, ohms.subList(0, first.size()).stream().map(PowerCheck::ask).toList());
    // A coil that is shorted burns the 24 V, a frame that is live waits for the line.
    for (PowerCheck one : ohms) {
      boolean control = one.at().stream().anyMatch(at -> at.toString().equals("K1.A"));
      assertTrue(!control || one.endangers() == PowerCheck.Step.CONTROL, one.toString());
    }
  }
}
