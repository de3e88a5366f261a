package variablerotor.core.text;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.math.BigDecimal;
import java.math.RoundingMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class NumbersTest {
  /** Against the decimal arithmetic of the Java library, away from exact halves. */
  @Property
  void fixedAgreesWithDecimalArithmetic(
      @ForAll @DoubleRange(min = -1e6, max = 1e6) double value,
      @ForAll @IntRange(max = 4) int places) {
    String expected = new BigDecimal(value).setScale(places, RoundingMode.HALF_UP).toPlainString();
    double off =
        Math.abs(Double.parseDouble(expected) - Double.parseDouble(Numbers.fixed(value, places)));
    assertEquals(0, off, Math.pow(10, -places) * 1.0001);
  }

  @Test
  void plainDropsTrailingZeros() {
    assertEquals("5.7", Numbers.plain(5.70));
    assertEquals("22", Numbers.plain(22.0));
    assertEquals("0.05", Numbers.fixed(0.05, 2));
    assertEquals("-1.50", Numbers.fixed(-1.5, 2));
    assertEquals("0", Numbers.fixed(-0.2, 0));
  }
}
