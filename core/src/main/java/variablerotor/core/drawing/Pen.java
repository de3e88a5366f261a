package variablerotor.core.drawing;

import java.util.ArrayList;
import java.util.List;

/** Draws one line, piece by piece. */
public final class Pen {
  /** Quarter of a circle as a Bézier curve: its handles by the radius (any text on splines). */
  private static final double QUARTER = 0.5522847498;

  private final List<List<Double>> pieces = new ArrayList<>();
  private Point at;

  private Pen(Point start) {
    at = start;
    pieces.add(List.of(Drawing.fine(start.x()), Drawing.fine(start.y())));
  }

  /** Begins a line here. */
  public static Pen from(Point start) {
    return new Pen(start);
  }

  /** Straight on to there. */
  public Pen line(Point end) {
    pieces.add(List.of(Drawing.fine(end.x()), Drawing.fine(end.y())));
    at = end;
    return this;
  }

  /** Bent once towards a point that it does not reach. */
  public Pen bow(Point handle, Point end) {
    // A quadratic curve as a cubic: each handle lies two thirds of the way to the one handle.
    return curve(at.towards(handle, 2.0 / 3), end.towards(handle, 2.0 / 3), end);
  }

  private Pen curve(Point first, Point second, Point end) {
    pieces.add(
        List.of(
            Drawing.fine(first.x()),
            Drawing.fine(first.y()),
            Drawing.fine(second.x()),
            Drawing.fine(second.y()),
            Drawing.fine(end.x()),
            Drawing.fine(end.y())));
    at = end;
    return this;
  }

  /** A coil: so many half-round turns, all to the same side. */
  public Pen coil(Point end, int turns) {
    Point start = at;
    for (int turn = 1; turn <= turns; turn++) {
      halfRound(start.towards(end, (double) turn / turns));
    }
    return this;
  }

  private void halfRound(Point end) {
    Point start = at;
    Point middle = start.towards(end, 0.5);
    // Along the way, and square to it to the right of it: both a radius long.
    double ax = middle.x() - start.x();
    double ay = middle.y() - start.y();
    Point top = middle.moved(ay, -ax);
    curve(start.moved(ay * QUARTER, -ax * QUARTER), top.moved(-ax * QUARTER, -ay * QUARTER), top);
    curve(top.moved(ax * QUARTER, ay * QUARTER), end.moved(ay * QUARTER, -ax * QUARTER), end);
  }

  /** What was drawn, in this ink. */
  public Drawing.Stroke stroke(Ink ink, double width, boolean dashed) {
    return new Drawing.Stroke(ink, width, dashed, pieces);
  }
}
