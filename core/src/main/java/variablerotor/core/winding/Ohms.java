package variablerotor.core.winding;

import variablerotor.core.text.Numbers;

/**
 * A resistance as a meter shows it: a number [Ω], or over limit (OL), which is a reading too.
 *
 * @param value [Ω], never negative; positive infinity is OL
 */
public record Ohms(double value) {

  /** Over limit: the meter sees no path. */
  public static final Ohms OVER_LIMIT = new Ohms(Double.POSITIVE_INFINITY);

  /**
   * @throws IllegalArgumentException for a negative value or NaN
   */
  public Ohms {
    if (!(value >= 0)) {
      throw new IllegalArgumentException("a resistance is zero or more, or OL");
    }
  }

  /** Whether the meter showed OL. */
  public boolean isOverLimit() {
    return Double.isInfinite(value);
  }

  /** As written on paper: {@code 5.7 Ω}, {@code 240 kΩ} or {@code OL}. */
  public String spoken() {
    if (isOverLimit()) {
      return "OL";
    }
    if (value >= 1e6) {
      return Numbers.plain(value / 1e6) + " MΩ";
    }
    if (value >= 1e4) {
      return Numbers.plain(value / 1e3) + " kΩ";
    }
    return Numbers.plain(value, 3) + " Ω";
  }
}
