package variablerotor.core.signal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.chain.Chain;
import variablerotor.core.chain.Suspect;

class SpeedAndUnbalanceTest {
  /** NEMA MG 1, 14.36, read off its curve (from memory). */
  @ParameterizedTest
  @CsvSource({"0,1", "1,1", "2,0.95", "3,0.88", "4,0.82", "5,0.75", "5.1,0", "2.5,0.915"})
  void unbalanceDerates(double percent, double factor) {
    assertEquals(factor, ThreePhase.derating(percent), 1e-9);
  }

  /** Practice values of one sample motor. */
  @ParameterizedTest
  @CsvSource({"0,0", "2,0", "3.6,1217", "4.12,1650", "5.5,2600", "6.5,2600", "3.86,1433.5"})
  void commandAsksForASpeed(double volts, double rpm) {
    assertEquals(rpm, FiveWire.sampleRpm(volts), 1e-6);
  }

  @Test
  void everyProbeTouchesATerminalOfItsFamily() {
    List<String> facts =
        List.of(
            "line.volts",
            "line.volts.bc",
            "line.volts.ca",
            "bus.volts",
            "logic.volts",
            "aux.volts",
            "link.volts",
            "command.volts",
            "feedback.hertz",
            "winding.ab",
            "winding.frame.c");
    for (Family family : Family.values()) {
      List<String> there = Terminals.of(family).stream().map(Terminals.Terminal::id).toList();
      assertEquals(family.isVariableSpeed(), !there.isEmpty());
      assertEquals(there.size(), there.stream().distinct().count());
      for (String fact : facts) {
        List<String> probes = Probes.of(family, fact);
        assertTrue(probes.isEmpty() || probes.size() == 2);
      }
    }
    assertEquals(List.of("BUS", "GND"), Probes.of(Family.BLDC_FIVE_WIRE, "bus.volts"));
  }

  @Test
  void stationsAreCalledByWhereTheirPartSits() {
    assertEquals("Board's driver", Chain.title(Family.BLDC_THREE_WIRE, Suspect.MODULE));
    assertFalse(Chain.of(Family.DRIVE_FED_INDUCTION).contains(Suspect.MODULE));
    for (Family family : Family.values()) {
      for (Suspect station : Chain.of(family)) {
        assertFalse(Chain.title(family, station).isBlank());
      }
    }
  }
}
