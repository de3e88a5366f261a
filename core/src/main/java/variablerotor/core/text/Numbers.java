package variablerotor.core.text;

/** Numbers as a technician reads them: a point, no exponent, no needless zeros. */
public final class Numbers {
  private Numbers() {}

  /** The value with exactly this many decimals (0 to 6), halves rounded up. */
  public static String fixed(double value, int decimals) {
    if (Double.isNaN(value) || Double.isInfinite(value)) {
      return String.valueOf(value);
    }
    long scale = 1;
    for (int i = 0; i < decimals; i++) {
      scale *= 10;
    }
    long scaled = Math.round(Math.abs(value) * scale);
    String sign = value < 0 && scaled != 0 ? "-" : "";
    String whole = sign + scaled / scale;
    if (decimals == 0) {
      return whole;
    }
    String fraction = String.valueOf(scaled % scale);
    StringBuilder out = new StringBuilder(whole).append('.');
    for (int i = fraction.length(); i < decimals; i++) {
      out.append('0');
    }
    return out.append(fraction).toString();
  }

  /** The value with at most this many decimals, trailing zeros dropped. */
  public static String plain(double value, int decimals) {
    String text = fixed(value, decimals);
    if (text.indexOf('.') < 0) {
      return text;
    }
    int end = text.length();
    while (text.charAt(end - 1) == '0') {
      end--;
    }
    return text.substring(0, text.charAt(end - 1) == '.' ? end - 1 : end);
  }

  /** The value at most two decimals: the resolution of a good hand-held meter. */
  public static String plain(double value) {
    return plain(value, 2);
  }

  /** Rounded to this many decimals, as a number. */
  public static double round(double value, int decimals) {
    double scale = 1;
    for (int i = 0; i < decimals; i++) {
      scale *= 10;
    }
    return Math.round(value * scale) / scale;
  }
}
