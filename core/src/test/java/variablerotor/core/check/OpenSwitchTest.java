package variablerotor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.RepairPhase;

/** What an open door takes away is nothing that was read as something. */
class OpenSwitchTest {
  @ParameterizedTest
  @CsvSource({
    "AMPS, 3.1, false",
    "AMPS, 0, true",
    "LINE_VOLTS, 3, true",
    "LINE_VOLTS, 118, false",
    "COMMAND_VOLTS, 0.4, true"
  })
  void onlyWhatReadsAsNothingIsExplained(FactType type, double value, boolean explained) {
    Fact fact = new Fact(type, new FactValue.Quantity(value), RepairPhase.BEFORE);
    assertEquals(
        explained ? List.of(type) : List.of(),
        OpenSwitch.DOOR.explains(Facts.of(List.of(fact)), false));
  }
}
