package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.Quote;
import variablerotor.core.stock.RatingField;

/**
 * From plain trees to parts. What a person of the shop says is held to the letter, and every fault
 * told; what a supply house says is taken as far as it makes sense, and the rest is doubted.
 */
public final class PartReader {
  /** Longest number of a part [characters]. */
  public static final int LONGEST_NUMBER = 60;

  /** Most of one part that are counted in one place, or asked for at once. */
  public static final int MOST_COUNT = 10_000;

  private static final int LONGEST_NAME = 120;
  private static final double MOST_MONEY = 1e6;
  private static final double MOST_DAYS = 730;

  private PartReader() {}

  /**
   * A part of the shop's.
   *
   * @throws InputFaults with every fault found
   */
  public static Part part(Object tree) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields one = Fields.entry(tree, "", faults);
    if (one == null) {
      throw new InputFaults(faults);
    }
    String number = number(one, "number");
    if (number == null && faults.isEmpty()) {
      one.fault("number", "found nothing; required is the shop's number, with a letter or a digit");
    }
    PartKind kind = one.word("kind", PartKind.values());
    if (!one.has("kind")) {
      one.fault("kind", "found nothing; required is a kind such as CAPACITOR");
    }
    String name = one.text("name", LONGEST_NAME);
    String barcode = one.text("barcode", 20);
    if (barcode != null && PartNumber.barcode(barcode) == null) {
      one.fault(
          "barcode",
          PartNumber.isMisread(barcode)
              ? "found \"" + barcode + "\", of which a digit is wrong: the last does not check"
              : "found \"" + barcode + "\"; allowed are its 8, 12, 13 or 14 digits");
    }
    String supplier = number(one, "supplierNumber");
    Double price = one.number("price", 0, MOST_MONEY);
    String replacedBy = number(one, "replacedBy");
    if (PartNumber.same(number, replacedBy)) {
      one.fault("replacedBy", "found the part's own number; allowed is another's");
    }
    Map<RatingField, Double> ratings = ratings(one);
    Double from = ratings.get(RatingField.AMPS_FROM);
    Double to = ratings.get(RatingField.AMPS);
    if (from != null && to != null && from > to) {
      one.fault("ampsFrom", "found more than amps; allowed is up to " + to);
    }
    for (String field : one.unknown()) {
      faults.add(new InputFault(field, "is no field of a part"));
    }
    if (number == null || kind == null || !faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return new Part(
        number, kind, name == null ? "" : name, supplier, barcode, price, replacedBy, ratings);
  }

  private static Map<RatingField, Double> ratings(Fields one) {
    Map<RatingField, Double> ratings = new EnumMap<>(RatingField.class);
    for (RatingField field : RatingField.values()) {
      Double value = one.number(field.id(), field.least(), field.most());
      if (value != null) {
        ratings.put(field, value);
      }
    }
    return ratings;
  }

  private static @Nullable String number(Fields one, String field) {
    String given = one.text(field, LONGEST_NUMBER);
    if (given == null || given.isBlank()) {
      return null;
    }
    if (PartNumber.key(given).isEmpty()) {
      one.fault(field, "found \"" + given + "\"; allowed is a number with a letter or a digit");
      return null;
    }
    return given.trim();
  }

  /**
   * What a supply house answered: a list of parts. What cannot be one is left out; of each what
   * makes no sense is not taken over, and said.
   *
   * @param currency the shop's; a price in another is not reckoned with
   * @param asOf when it was answered (ISO 8601)
   * @throws InputFaults where it is no such list at all
   */
  public static List<Quote> quotes(Object tree, String currency, String asOf) throws InputFaults {
    Object list = tree instanceof Map<?, ?> map ? map.get("parts") : null;
    if (!(list instanceof List<?> rows)) {
      throw new InputFaults(
          List.of(new InputFault("parts", "the supply house's answer has no list of parts")));
    }
    List<Quote> quotes = new ArrayList<>();
    for (Object row : rows) {
      Quote quote = quote(row, currency, asOf);
      if (quote != null) {
        quotes.add(quote);
      }
    }
    return quotes;
  }

  private static @Nullable Quote quote(Object row, String currency, String asOf) {
    List<InputFault> faults = new ArrayList<>();
    Fields one = Fields.entry(row, "", faults);
    if (one == null) {
      return null;
    }
    String number = number(one, "number");
    PartKind kind = one.word("kind", PartKind.values());
    String name = one.text("name", LONGEST_NAME);
    if (number == null) {
      return null;
    }
    faults.clear();
    List<String> doubts = new ArrayList<>();
    Double price = one.number("price", 0.01, MOST_MONEY);
    String paidIn = one.text("currency", 10);
    if (!faults.isEmpty()) {
      doubts.add("Its price is not one that can be: not taken over.");
    } else if (price == null) {
      doubts.add("It says no price.");
    } else if (!currency.equals(paidIn)) {
      doubts.add(
          paidIn == null
              ? "Its price says no currency: not reckoned with."
              : "Its price is in " + paidIn + ", not in " + currency + ": not reckoned with.");
      price = null;
    }
    faults.clear();
    Integer stock = one.whole("stock", 0, 1_000_000);
    if (!faults.isEmpty()) {
      doubts.add("The number that it has in stock cannot be: taken as not known.");
    }
    faults.clear();
    Double days = one.number("leadDays", 0, MOST_DAYS);
    if (!faults.isEmpty()) {
      doubts.add("Its days cannot be: taken as not known.");
    }
    String barcode = one.text("barcode", 20);
    String replacedBy = number(one, "replacedBy");
    Map<RatingField, Double> ratings = ratings(one);
    return new Quote(
        number,
        kind == null ? PartKind.OTHER : kind,
        name == null ? "" : name,
        barcode == null || PartNumber.barcode(barcode) == null ? null : barcode,
        price,
        stock,
        days,
        replacedBy,
        ratings,
        asOf,
        doubts);
  }
}
