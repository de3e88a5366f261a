package variablerotor.core.stock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A part that the shop keeps.
 *
 * @param number the shop's own; a motor of the shop's list has its name there
 * @param name in words
 * @param supplierNumber the supply house's; null where there is none
 * @param barcode as printed on its box, digits
 * @param price what a customer pays for one [currency]; null where the shop sets none
 * @param replacedBy the number of what came in its place, the shop's or the supply house's
 * @param ratings what tells it from others of its kind, in each field's unit
 */
public record Part(
    String number,
    PartKind kind,
    String name,
    @Nullable String supplierNumber,
    @Nullable String barcode,
    @Nullable Double price,
    @Nullable String replacedBy,
    Map<RatingField, Double> ratings)
    implements Node {
  public Part {
    Map<RatingField, Double> copy = new EnumMap<>(RatingField.class);
    copy.putAll(ratings);
    ratings = Collections.unmodifiableMap(copy);
  }

  /** The same part under another name. */
  public Part named(String other) {
    return new Part(number, kind, other, supplierNumber, barcode, price, replacedBy, ratings);
  }

  /** Whether it goes by this number: the shop's, the supply house's, or its barcode. */
  public boolean goesBy(String given) {
    String code = PartNumber.barcode(given);
    return PartNumber.same(number, given)
        || PartNumber.same(supplierNumber, given)
        || (barcode != null && code != null && code.equals(PartNumber.barcode(barcode)));
  }

  /** Its ratings in words, such as "7.5 µF, 440 V". */
  public String rated() {
    return rated(ratings);
  }

  static String rated(Map<RatingField, Double> ratings) {
    List<String> words = new ArrayList<>();
    ratings.forEach((field, value) -> words.add(Numbers.plain(value, 2) + " " + field.unit()));
    return String.join(", ", words);
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree =
        new LinkedHashMap<>(
            Tree.of(
                "number", number,
                "kind", kind,
                "name", name,
                "supplierNumber", supplierNumber,
                "barcode", barcode,
                "price", price,
                "replacedBy", replacedBy));
    ratings.forEach((field, value) -> tree.put(field.id(), value));
    return tree;
  }
}
