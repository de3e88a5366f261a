package variablerotor.core.code;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Words;

/** The ways in which boards tell a code. */
public enum SignalKind {
  FLASHES("Flashes of one lamp", "a whole number of flashes from 1 to 30, such as 4"),
  DIGITS("Two digits, a short pause between", "two digits from 1 to 9, such as 23"),
  LONG_SHORT("Long flashes, then short ones", "long and short, 1 to 9 each, such as 23"),
  TWO_COLOURS("Two lamps: tens and ones", "tens and ones, 1 to 9 each, such as 23"),
  COINCIDENCE(
      "Two lamps: which flashes coincide",
      "flashes, a colon, and which of them coincide, such as 5:2,4; 5: for none"),
  QUANTITY("A quantity, such as airflow in hundreds", "a whole number from 1 to 99"),
  DISPLAY("Text or a number on a display", "up to 12 characters, such as E6"),
  STEADY("Steady, off or a slow heartbeat", "ON, OFF or HEARTBEAT");

  private final String title;
  private final String allowed;

  SignalKind(String title, String allowed) {
    this.title = title;
    this.allowed = allowed;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /** What a pattern of this kind looks like. */
  public String allowed() {
    return allowed;
  }

  /** The pattern as it is kept, or null where it is none of this kind. */
  @Nullable String normal(String text) {
    String pattern = text.trim();
    switch (this) {
      case FLASHES:
        return whole(pattern, 30);
      case QUANTITY:
        return whole(pattern, 99);
      case DIGITS:
      case LONG_SHORT:
      case TWO_COLOURS:
        String digits = pattern.replace("-", "").replace(" ", "");
        boolean two =
            digits.length() == 2 && isDigit(digits.charAt(0)) && isDigit(digits.charAt(1));
        return two ? digits : null;
      case COINCIDENCE:
        return coincidence(pattern.replace(" ", ""));
      case STEADY:
        String word = pattern.toUpperCase(Locale.ROOT);
        return word.equals("ON") || word.equals("OFF") || word.equals("HEARTBEAT") ? word : null;
      default:
        return pattern.isEmpty() || pattern.length() > 12 ? null : pattern;
    }
  }

  private static boolean isDigit(char c) {
    return c >= '1' && c <= '9';
  }

  private static @Nullable String whole(String text, int most) {
    int number = number(text);
    return number >= 1 && number <= most ? String.valueOf(number) : null;
  }

  /** The number that the text is, or -1. */
  private static int number(String text) {
    boolean digits = !text.isEmpty() && text.length() <= 3;
    for (int i = 0; i < text.length(); i++) {
      digits &= text.charAt(i) >= '0' && text.charAt(i) <= '9';
    }
    return digits ? Integer.parseInt(text) : -1;
  }

  private static @Nullable String coincidence(String text) {
    int colon = text.indexOf(':');
    int flashes = colon < 0 ? -1 : number(text.substring(0, colon));
    if (flashes < 1 || flashes > 30) {
      return null;
    }
    int before = 0;
    String places = text.substring(colon + 1);
    if (!places.isEmpty()) {
      for (String place : Words.splitAll(places, ",")) {
        int at = number(place);
        if (at <= before || at > flashes) {
          return null;
        }
        before = at;
      }
    }
    return flashes + ":" + places;
  }
}
