package variablerotor.core.drawing;

import java.util.List;
import java.util.Map;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Shapes on a piece of ground: drawn in this order, strokes, boxes, dots, labels. Lengths are in
 * points of the drawing; whoever draws it scales it.
 *
 * @param left x of its left edge
 * @param top y of its upper edge
 */
public record Drawing(
    double left,
    double top,
    double width,
    double height,
    List<Stroke> strokes,
    List<Box> boxes,
    List<Dot> dots,
    List<Label> labels)
    implements Node {

  public Drawing {
    strokes = List.copyOf(strokes);
    boxes = List.copyOf(boxes);
    dots = List.copyOf(dots);
    labels = List.copyOf(labels);
  }

  /** Which side of its place a label grows from. */
  public enum Anchor {
    START,
    MIDDLE,
    END
  }

  /**
   * A line of straight and bent pieces.
   *
   * @param pieces the first is where it begins, two numbers; then two for a straight piece to
   *     there, or six for a cubic Bézier curve
   */
  public record Stroke(Ink ink, double width, boolean dashed, List<List<Double>> pieces)
      implements Node {
    public Stroke {
      pieces = pieces.stream().map(List::copyOf).toList();
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("ink", ink, "width", width, "dashed", dashed, "pieces", pieces);
    }
  }

  /** A filled square or oblong, by its upper left corner. */
  public record Box(Ink fill, double x, double y, double width, double height) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("fill", fill, "x", x, "y", y, "width", width, "height", height);
    }
  }

  /** A circle with its rim. */
  public record Dot(Ink fill, Ink rim, double rimWidth, double x, double y, double radius)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "fill", fill, "rim", rim, "rimWidth", rimWidth, "x", x, "y", y, "radius", radius);
    }
  }

  /** A word or a number on its base line. */
  public record Label(
      String text, Ink ink, double size, boolean bold, Anchor anchor, double x, double y)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "text", text, "ink", ink, "size", size, "bold", bold, "anchor", anchor, "x", x, "y", y);
    }
  }

  /** As fine as a screen or a paper shows it. */
  static double fine(double length) {
    return Numbers.round(length, 1);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "left", left,
        "top", top,
        "width", width,
        "height", height,
        "strokes", strokes,
        "boxes", boxes,
        "dots", dots,
        "labels", labels);
  }
}
