package variablerotor.core.fact;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.winding.Ohms;

/** Readings given twice: in correction, or once more. */
class FactsTest {
  private static Fact line(double volts, boolean again) {
    return new Fact(FactType.LINE_VOLTS, new FactValue.Quantity(volts), RepairPhase.BEFORE, again);
  }

  private static Facts facts(Fact... facts) {
    return Facts.of(List.of(facts));
  }

  @Test
  void aLaterReadingCorrectsTheEarlier() {
    Facts facts = facts(line(12, false), line(241, false));
    assertEquals(241, facts.number(FactType.LINE_VOLTS));
    assertFalse(facts.isConfirmed(FactType.LINE_VOLTS));
    assertEquals(List.of(), facts.disputed());
  }

  @Test
  void aSecondMeasurementThatAgreesConfirms() {
    Facts facts = facts(line(241, false), line(236, true));
    assertEquals(236, facts.number(FactType.LINE_VOLTS));
    assertTrue(facts.isConfirmed(FactType.LINE_VOLTS));
  }

  @Test
  void twoThatDisagreeLeaveNothingUntilAThirdDecides() {
    Facts two = facts(line(241, false), line(12, true));
    assertNull(two.number(FactType.LINE_VOLTS));
    assertEquals(List.of(FactType.LINE_VOLTS), two.disputed());
    assertEquals(2, two.taken(FactType.LINE_VOLTS).size(), "both are shown");
    Facts third = facts(line(241, false), line(12, true), line(240, true));
    assertEquals(240, third.number(FactType.LINE_VOLTS));
    assertTrue(third.isConfirmed(FactType.LINE_VOLTS));
    Facts apart = facts(line(241, false), line(12, true), line(120, true));
    assertNull(apart.number(FactType.LINE_VOLTS), "no two of three agree");
  }

  @Test
  void aCorrectionBeginsAnew() {
    Facts facts = facts(line(241, false), line(12, true), line(239, false));
    assertEquals(239, facts.number(FactType.LINE_VOLTS));
    assertFalse(facts.isConfirmed(FactType.LINE_VOLTS));
  }

  @Test
  void whatThePlateSaysStandsBehindWhatWasSaid() {
    Facts none = facts().or(FactType.PLATE_MODULE_SOLD_ALONE, true);
    assertEquals(true, none.flag(FactType.PLATE_MODULE_SOLD_ALONE));
    Facts said =
        facts(new Fact(FactType.PLATE_MODULE_SOLD_ALONE, new FactValue.Flag(false)))
            .or(FactType.PLATE_MODULE_SOLD_ALONE, true);
    assertEquals(false, said.flag(FactType.PLATE_MODULE_SOLD_ALONE), "the fact wins");
  }

  @ParameterizedTest
  @CsvSource({
    "LINE_VOLTS, 3, 2, true",
    "LINE_VOLTS, 240, 230, true",
    "LINE_VOLTS, 240, 208, false",
    "COMMAND_VOLTS, 0, 0.4, true",
    "COMMAND_VOLTS, 25, 14, false",
    "FEEDBACK_HERTZ, 40, 52, true",
    "FEEDBACK_HERTZ, 40, 0, false"
  })
  void agreementIsThatOfAMeter(FactType type, double one, double other, boolean agrees) {
    assertEquals(
        agrees, Repeat.agree(type, new FactValue.Quantity(one), new FactValue.Quantity(other)));
  }

  @Test
  void ohmsAndWordsAgreeToo() {
    FactValue over = new FactValue.Resistance(Ohms.OVER_LIMIT);
    assertTrue(Repeat.agree(FactType.WINDING_AB, over, over));
    assertFalse(Repeat.agree(FactType.WINDING_AB, over, new FactValue.Resistance(new Ohms(4))));
    assertTrue(
        Repeat.agree(
            FactType.WINDING_AB,
            new FactValue.Resistance(new Ohms(4)),
            new FactValue.Resistance(new Ohms(4.1))));
    assertFalse(
        Repeat.agree(
            FactType.SHAFT_FEEL,
            new FactValue.Choice(Answer.FREE),
            new FactValue.Choice(Answer.STIFF)));
  }
}
