package variablerotor.core.casefile;

import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactParser;

/**
 * Days as ISO 8601 has them, kept as texts: so they compare, and no calendar need travel with the
 * page.
 */
final class Days {
  private Days() {}

  /** A field that is a day; null where it is none, which is told. */
  static @Nullable String of(Fields told, String field) {
    String day = told.text(field, 10);
    if (day != null && !isDay(day)) {
      told.fault(
          field,
          "found " + FactParser.describe(day) + "; allowed is a date such as \"2025-06-01\"");
      return null;
    }
    return day;
  }

  private static boolean isDay(String text) {
    boolean day = text.length() == 10 && text.charAt(4) == '-' && text.charAt(7) == '-';
    for (int at = 0; day && at < text.length(); at++) {
      day = at == 4 || at == 7 || (text.charAt(at) >= '0' && text.charAt(at) <= '9');
    }
    return day && within(text.substring(5, 7), 12) && within(text.substring(8), 31);
  }

  private static boolean within(String two, int most) {
    int number = 10 * (two.charAt(0) - '0') + two.charAt(1) - '0';
    return number >= 1 && number <= most;
  }
}
