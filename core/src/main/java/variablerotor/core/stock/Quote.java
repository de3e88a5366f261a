package variablerotor.core.stock;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What a supply house said of a part, as far as it can be believed.
 *
 * @param number the supply house's
 * @param price of one, in the shop's currency; null where none was said that can be reckoned with
 * @param stock how many it has; null where that is not known
 * @param leadDays until one that is not in stock is there [d]
 * @param replacedBy the supply house's number of what came in its place
 * @param asOf when it was said (ISO 8601)
 * @param doubts what it said and is not believed, in sentences
 */
public record Quote(
    String number,
    PartKind kind,
    String name,
    @Nullable String barcode,
    @Nullable Double price,
    @Nullable Integer stock,
    @Nullable Double leadDays,
    @Nullable String replacedBy,
    Map<RatingField, Double> ratings,
    String asOf,
    List<String> doubts)
    implements Node {
  public Quote {
    Map<RatingField, Double> copy = new EnumMap<>(RatingField.class);
    copy.putAll(ratings);
    ratings = Collections.unmodifiableMap(copy);
    doubts = List.copyOf(doubts);
  }

  /** As a part that the shop does not keep. */
  public Part part() {
    return new Part(number, kind, name, number, barcode, price, replacedBy, ratings);
  }

  /**
   * Days until so many are there: none where it has them, the lead time where it has not; null
   * where it did not say.
   */
  public @Nullable Double days(int count) {
    return stock != null && stock >= count ? (Double) 0.0 : leadDays;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "number", number,
        "kind", kind,
        "name", name,
        "barcode", barcode,
        "price", price,
        "stock", stock,
        "leadDays", leadDays,
        "replacedBy", replacedBy,
        "rated", Part.rated(ratings),
        "asOf", asOf,
        "doubts", doubts);
  }
}
