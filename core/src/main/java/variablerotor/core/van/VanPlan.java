package variablerotor.core.van;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What to carry, for every number of slots.
 *
 * @param curve a row for one slot, for two, and so on
 * @param uncovered motors that nothing which can be bought fits
 */
public record VanPlan(List<Row> curve, List<Uncovered> uncovered) implements Node {
  public VanPlan {
    curve = List.copyOf(curve);
    uncovered = List.copyOf(uncovered);
  }

  /**
   * The best set of so many models.
   *
   * @param carry ids, in order
   * @param perYear how many failures of a year it covers [1/year]
   * @param share of all motors
   * @param price of one of each; null where one of them is not known
   * @param optimal whether it is proved that no other set is better
   * @param bound no set of so many can cover more than this [1/year]
   */
  public record Row(
      int slots,
      List<String> carry,
      double perYear,
      double share,
      @Nullable Double price,
      boolean optimal,
      double bound)
      implements Node {
    public Row {
      carry = List.copyOf(carry);
    }

    /** The same with more room than it needs. */
    Row withRoomFor(int more) {
      return new Row(more, carry, perYear, share, price, optimal, bound);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "slots", slots,
          "carry", carry,
          "perYear", perYear,
          "share", share,
          "price", price,
          "optimal", optimal,
          "bound", bound);
    }
  }

  /** A motor that nothing fits, and why. */
  public record Uncovered(String id, String sentence) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "sentence", sentence);
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("curve", curve, "uncovered", uncovered);
  }
}
