package variablerotor.core.match;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;

/** How large a motor is whose plate cannot be read. */
class SizingTest {
  private static Running moves(@Nullable Double air, @Nullable Double pressure) {
    return new Running(
        air, pressure, null, null, null, null, null, null, null, null, null, null, null, null);
  }

  /** Air power by hand: 1200 cfm at 0.5 in. w.c. is 0.094 hp of air, 0.236 hp of shaft. */
  @ParameterizedTest
  @CsvSource({
    "1200, 0.5, 0.25",
    "1600, 0.8, 0.75",
    "2000, 1.0, 1",
    "600, 0.3, 0.16666666666666666"
  })
  void byAirAndPressureToTheNextSize(double air, double pressure, double horsepower) {
    assertEquals(horsepower, Sizing.byAirPower(air, pressure), 1e-9);
    assertEquals(horsepower, Sizing.horsepower(UnitPlate.UNKNOWN, moves(air, pressure)), 1e-9);
  }

  @Test
  void tonsGoBeforeAirAndAnOutdoorFanIsNotGuessed() {
    UnitPlate tons = UnitPlate.plate().coolingTons(2.5).build();
    assertEquals(0.5, Sizing.horsepower(tons, moves(2000.0, 1.0)));
    assertNull(Sizing.horsepower(UnitPlate.UNKNOWN, moves(2000.0, null)));
    UnitPlate fan = UnitPlate.plate().coolingTons(2.5).role(UnitPlate.Role.OUTDOOR_FAN).build();
    assertNull(Sizing.horsepower(fan, moves(2000.0, 1.0)));
  }
}
