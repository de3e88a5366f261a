package variablerotor.server.document;

import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Svg;

/** Drawings of the core on paper, as SVG. */
final class Picture {
  /** CSS pixels to the point (CSS Values and Units, W3C). */
  private static final double PIXELS_A_POINT = 96.0 / 72;

  private Picture() {}

  /**
   * As large as there is room for, and no larger than a point to each of its own units.
   *
   * @param wide room across [pt]
   * @param high room down [pt]
   */
  static String of(Drawing drawing, String title, double wide, double high) {
    double fits = Math.min(wide / drawing.width(), high / drawing.height());
    return Svg.of(drawing, title, Math.min(1, fits) * PIXELS_A_POINT);
  }
}
