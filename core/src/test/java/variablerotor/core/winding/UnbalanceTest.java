package variablerotor.core.winding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class UnbalanceTest {
  /** NEMA MG 1, 14.36, worked example from memory: 460, 467, 450 V give 1.96 %. */
  @Test
  void nemaWorkedExample() {
    assertEquals(1.96, Unbalance.percent(460, 467, 450), 0.005);
  }

  /** Both ends of the interval against a fine search over every possible true reading. */
  @Property(tries = 200)
  void intervalHoldsEveryPossibleTrueValue(
      @ForAll @DoubleRange(min = 0.5, max = 20) double x,
      @ForAll @DoubleRange(min = 0.5, max = 20) double y,
      @ForAll @DoubleRange(min = 0.5, max = 20) double z,
      @ForAll @DoubleRange(min = 0.01, max = 0.3) double error) {
    Unbalance band = Unbalance.of(x, y, z, error);
    double least = Double.MAX_VALUE;
    double most = 0;
    int n = 20;
    for (int i = 0; i <= n; i++) {
      for (int j = 0; j <= n; j++) {
        for (int k = 0; k <= n; k++) {
          double u =
              Unbalance.percent(
                  x + error * (2.0 * i / n - 1),
                  y + error * (2.0 * j / n - 1),
                  z + error * (2.0 * k / n - 1));
          least = Math.min(least, u);
          most = Math.max(most, u);
        }
      }
    }
    assertEquals(most, band.high(), 1e-9);
    assertTrue(band.low() <= least + 1e-9);
    assertTrue(least - band.low() < 100 * error / Math.min(x, Math.min(y, z)) / n * 2 + 1e-9);
  }
}
