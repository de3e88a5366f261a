package variablerotor.core.signal;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
}
