package variablerotor.core.text;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Dates as they are written in files, ISO 8601, year-month-day; and as people read them. */
public final class Dates {
  private static final int YEAR = 4;
  private static final int LENGTH = 10;

  private static final List<String> MONTHS =
      List.of(
          "January",
          "February",
          "March",
          "April",
          "May",
          "June",
          "July",
          "August",
          "September",
          "October",
          "November",
          "December");

  private Dates() {}

  /** For people: 4 March 2026. */
  public static String written(LocalDate day) {
    return day.getDayOfMonth() + " " + MONTHS.get(day.getMonthValue() - 1) + " " + day.getYear();
  }

  /** Null where the text is no such date, or the calendar has none of that name. */
  public static @Nullable LocalDate read(String text) {
    if (text.length() != LENGTH || text.charAt(YEAR) != '-' || text.charAt(YEAR + 3) != '-') {
      return null;
    }
    int year = whole(text, 0, YEAR);
    int month = whole(text, YEAR + 1, YEAR + 3);
    int day = whole(text, YEAR + 4, LENGTH);
    if (year < 0 || month < 0 || day < 0) {
      return null;
    }
    try {
      return LocalDate.of(year, month, day);
    } catch (DateTimeException notInTheCalendar) {
      return null;
    }
  }

  /** Negative where anything but a digit stands there. */
  private static int whole(String text, int from, int to) {
    int value = 0;
    for (int i = from; i < to; i++) {
      char digit = text.charAt(i);
      if (digit < '0' || digit > '9') {
        return -1;
      }
      value = 10 * value + (digit - '0');
    }
    return value;
  }
}
