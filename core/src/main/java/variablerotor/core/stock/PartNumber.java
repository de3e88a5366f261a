package variablerotor.core.stock;

import org.jspecify.annotations.Nullable;

/** How numbers of parts are compared: as they are meant, however they are written. */
public final class PartNumber {
  /** Glyphs that are taken for each other on a worn plate. Common practice. */
  private static final String SEEN = "OQDILZSBG";

  private static final String MEANT = "000112586";

  private PartNumber() {}

  /** Letters and digits alone, the letters large: "ab-12 c" and "AB12C" are one number. */
  public static String key(String number) {
    StringBuilder key = new StringBuilder();
    for (int at = 0; at < number.length(); at++) {
      char letter = number.charAt(at);
      boolean small = letter >= 'a' && letter <= 'z';
      boolean large = letter >= 'A' && letter <= 'Z';
      if (small || large || (letter >= '0' && letter <= '9') || letter > 127) {
        key.append(small ? (char) (letter - 'a' + 'A') : letter);
      }
    }
    return key.toString();
  }

  /** Whether both name one part. */
  public static boolean same(@Nullable String one, @Nullable String other) {
    return one != null && other != null && !key(one).isEmpty() && key(one).equals(key(other));
  }

  /** The key with one glyph for all that look alike: what a misread number still shares. */
  public static String folded(String number) {
    StringBuilder folded = new StringBuilder();
    String key = key(number);
    for (int at = 0; at < key.length(); at++) {
      int seen = SEEN.indexOf(key.charAt(at));
      folded.append(seen < 0 ? key.charAt(at) : MEANT.charAt(seen));
    }
    return folded.toString();
  }

  /**
   * The digits of a barcode as a trade item number of 14 digits; null where they are none: not 8,
   * 12, 13 or 14 of them, or the last does not check.
   */
  public static @Nullable String barcode(String digits) {
    String plain = digits(digits);
    return plain != null && isLength(plain.length()) && checks(plain)
        ? "0".repeat(14 - plain.length()) + plain
        : null;
  }

  /** Whether these are as many digits as a barcode has, and one of them was misread. */
  public static boolean isMisread(String digits) {
    String plain = digits(digits);
    return plain != null && isLength(plain.length()) && !checks(plain);
  }

  private static boolean isLength(int length) {
    return length == 8 || length == 12 || length == 13 || length == 14;
  }

  /** Without blanks and dashes; null where anything but digits is left. */
  private static @Nullable String digits(String text) {
    StringBuilder digits = new StringBuilder();
    for (int at = 0; at < text.length(); at++) {
      char letter = text.charAt(at);
      if (letter >= '0' && letter <= '9') {
        digits.append(letter);
      } else if (letter != ' ' && letter != '-') {
        return null;
      }
    }
    return digits.toString();
  }

  /**
   * Digits counted from the right, the check digit left out: the first, third … weigh three, the
   * others one; with the check digit the sum is a multiple of ten. GS1 General Specifications,
   * standard check digit calculation (from memory).
   */
  private static boolean checks(String digits) {
    int sum = 0;
    for (int at = 0; at < digits.length(); at++) {
      int fromRight = digits.length() - 1 - at;
      sum += (digits.charAt(at) - '0') * (fromRight % 2 == 1 ? 3 : 1);
    }
    return sum % 10 == 0;
  }
}
