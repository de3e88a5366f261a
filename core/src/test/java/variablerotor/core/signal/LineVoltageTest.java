package variablerotor.core.signal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LineVoltageTest {
  /** NEMA MG 1, 12.44: rated ±10 %, so a 208-230 plate is 187 to 253 V. */
  @ParameterizedTest
  @CsvSource({
    "208-230, 188, GOOD",
    "208-230, 253, GOOD",
    "208-230, 187, EDGE",
    "208-230, 177, LOW",
    "208-230, 254, EDGE",
    "208-230, 267, HIGH",
    "230, 205, EDGE",
    "208-230, 118, LOW",
    "208-230, 4, ABSENT",
    "115, 118, GOOD",
    "115, 230, HIGH",
    "115, 103, EDGE",
    "115, 97, LOW",
    "277, 277, GOOD",
    "460, 430, GOOD",
    "115/208-230, 118, GOOD",
    "115/208-230, 240, GOOD",
    "115/208-230, 150, LOW",
    "115/208-230, 103, EDGE",
    "115/208-230, 97, LOW",
    "115/208-230, 254, EDGE",
    "115/208-230, 270, HIGH",
    "115/208-230, 4, ABSENT"
  })
  void levelsAgainstThePlate(String plate, double volts, Level level) {
    assertEquals(level, LineVoltage.ofPlate(plate).level(volts));
  }

  @ParameterizedTest
  @CsvSource({
    "120, EDGE",
    "240, GOOD",
    "277, GOOD",
    "480, GOOD",
    "150, LOW",
    "600, HIGH",
    "2, ABSENT"
  })
  void anyUsualSupplyIsGoodWithoutAPlate(double volts, Level level) {
    assertEquals(level, LineVoltage.ofPlate(null).level(volts));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "many",
        "230-208",
        "12",
        "10000",
        "-115",
        "115-",
        "1e3",
        "115/",
        "/230",
        "230/115",
        "208-230/240",
        "115/208/277"
      })
  void plateThatCannotBeReadIsRefused(String plate) {
    assertThrows(IllegalArgumentException.class, () -> LineVoltage.ofPlate(plate));
  }

  @Test
  void aPlateOfTwoRangesLeavesOpenForWhichItIsSet() {
    assertFalse(LineVoltage.ofPlate("115/208-230").isOfOneRange());
    assertFalse(LineVoltage.ofPlate(null).isOfOneRange());
    assertTrue(LineVoltage.ofPlate("208-230").isOfOneRange());
    assertEquals("104 to 127 V or 187 to 253 V", LineVoltage.ofPlate("115/208-230").spoken());
  }

  @Test
  void commandWindow() {
    assertEquals(Level.GOOD, Windows.CONTROL_24V.level(18));
    assertEquals(Level.EDGE, Windows.CONTROL_24V.level(17.9), "a question, no finding");
    assertEquals(Level.LOW, Windows.CONTROL_24V.level(15));
    assertEquals(Level.ABSENT, Windows.CONTROL_24V.level(1));
    assertEquals(Level.EDGE, Windows.CONTROL_24V.level(31));
    assertEquals(Level.HIGH, Windows.CONTROL_24V.level(35));
  }

  /** A unit's own window has no soft edge: its literature rules. */
  @Test
  void theUnitsOwnWindowIsSharp() {
    Window own = Window.own(370, 395, "V DC");
    assertEquals(Level.GOOD, own.level(371));
    assertEquals(Level.LOW, own.level(369));
    assertEquals(Level.HIGH, own.level(396));
    assertEquals(Level.EDGE, Windows.BUS.level(385));
  }

  /** 120 V with the plate unread may be one leg of 240; three phases are not 115 V. */
  @Test
  void withoutAPlateALegMayBeHalfOfTheLine() {
    assertTrue(LineVoltage.ofPlate(null).asksPlate(120));
    assertFalse(LineVoltage.ofPlate(null).asksPlate(240));
    assertFalse(LineVoltage.ofPlate("115").asksPlate(120));
    assertEquals(Level.GOOD, LineVoltage.ofPlate("115").level(120));
    assertEquals(Level.LOW, LineVoltage.ofThreePhases().level(277));
    assertEquals(Level.GOOD, LineVoltage.ofThreePhases().level(208));
  }
}
