package variablerotor.core.plate;

import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A word as it was read.
 *
 * @param sure how sure the reader of letters is, 0 to 1
 * @param left of its place in the picture [pixels]
 * @param top [pixels]
 * @param right [pixels]
 * @param bottom [pixels]
 */
public record PlateWord(
    String text, double sure, double left, double top, double right, double bottom) {
  double height() {
    return bottom - top;
  }

  double middle() {
    return (top + bottom) / 2;
  }

  /** A place in the picture that holds both. */
  static Place around(PlateWord one, PlateWord other) {
    return new Place(
        Math.min(one.left, other.left),
        Math.min(one.top, other.top),
        Math.max(one.right, other.right),
        Math.max(one.bottom, other.bottom));
  }

  /** A place in the picture [pixels]. */
  public record Place(double left, double top, double right, double bottom) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("left", left, "top", top, "right", right, "bottom", bottom);
    }
  }
}
