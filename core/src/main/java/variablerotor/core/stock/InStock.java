package variablerotor.core.stock;

import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/** A part and where it lies. */
public record InStock(Part part, List<StockPlace> places) implements Node {
  public InStock {
    places = List.copyOf(places);
  }

  /**
   * So many in one place.
   *
   * @param at a van or a shelf
   * @param where its name
   */
  public record StockPlace(Place at, String where, int count) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("at", at, "where", where, "count", count);
    }
  }

  /** In all places together. */
  public int total() {
    return places.stream().mapToInt(StockPlace::count).sum();
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("part", part, "places", places, "total", total());
  }
}
