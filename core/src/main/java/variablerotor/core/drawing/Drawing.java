package variablerotor.core.drawing;

import java.util.ArrayList;
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

    private Stroke moved(double dx, double dy) {
      List<List<Double>> there = new ArrayList<>();
      for (List<Double> piece : pieces) {
        List<Double> moved = new ArrayList<>();
        for (int at = 0; at < piece.size(); at++) {
          moved.add(fine(piece.get(at) + (at % 2 == 0 ? dx : dy)));
        }
        there.add(moved);
      }
      return new Stroke(ink, width, dashed, there);
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

  /** This one with another below it. */
  public Drawing above(Drawing other) {
    double dx = left - other.left;
    double dy = top + height - other.top;
    List<Stroke> allStrokes = new ArrayList<>(strokes);
    other.strokes.forEach(one -> allStrokes.add(one.moved(dx, dy)));
    List<Box> allBoxes = new ArrayList<>(boxes);
    other.boxes.forEach(
        one -> allBoxes.add(new Box(one.fill, one.x + dx, one.y + dy, one.width, one.height)));
    List<Dot> allDots = new ArrayList<>(dots);
    other.dots.forEach(
        one ->
            allDots.add(
                new Dot(one.fill, one.rim, one.rimWidth, one.x + dx, one.y + dy, one.radius)));
    List<Label> allLabels = new ArrayList<>(labels);
    other.labels.forEach(
        one ->
            allLabels.add(
                new Label(
                    one.text, one.ink, one.size, one.bold, one.anchor, one.x + dx, one.y + dy)));
    return new Drawing(
        left,
        top,
        Math.max(width, other.width),
        height + other.height,
        allStrokes,
        allBoxes,
        allDots,
        allLabels);
  }

  /** As fine as a screen or a paper shows it. */
  public static double fine(double length) {
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
