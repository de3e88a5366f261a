package variablerotor.core.job;

import variablerotor.core.casefile.Fields;

/**
 * Fields that what a server wrote always has: without one there is a fault, and nothing instead.
 */
final class Needed {
  /** Longest text that is read [characters]; nothing that a shop keeps in one field is longer. */
  static final int LONGEST = 10_000;

  /** Largest number that is read. */
  static final double MOST = 1e12;

  private Needed() {}

  static String text(Fields one, String field) {
    String text = one.text(field, LONGEST);
    return text == null ? missing(one, field, "") : text;
  }

  static double number(Fields one, String field) {
    Double number = one.number(field, -MOST, MOST);
    return number == null ? missing(one, field, 0.0) : number;
  }

  static int whole(Fields one, String field) {
    Integer number = one.whole(field, 0, Integer.MAX_VALUE);
    return number == null ? missing(one, field, 0) : number;
  }

  static <T> T missing(Fields one, String field, T instead) {
    if (!one.has(field)) {
      one.fault(field, "found nothing; required is what the server wrote there");
    }
    return instead;
  }
}
