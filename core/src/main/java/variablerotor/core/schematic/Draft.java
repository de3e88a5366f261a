package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.drawing.Pen;
import variablerotor.core.drawing.Point;
import variablerotor.core.wiring.Conductors;

/** Collects what is drawn, and keeps account of the room that it takes. */
final class Draft {
  static final double NAME = 12;
  static final double SMALL = 9.5;

  /** Width of a capital or figure, and of any other letter, by its height. Judgement, wide. */
  private static final double CAPITAL = 0.72;

  private static final double LETTER = 0.58;

  private static final double WIRE = 1.6;
  private static final double LINE = 2.2;
  private static final double CONTROL = 1.1;
  private static final double LIVE = 3.2;

  private final Conductors conductors;

  private final List<Drawing.Stroke> strokes = new ArrayList<>();
  private final List<Drawing.Dot> dots = new ArrayList<>();
  private final List<Drawing.Label> labels = new ArrayList<>();
  private final List<Sheet.Piece> wires = new ArrayList<>();
  private final List<Sheet.Area> parts = new ArrayList<>();
  private final List<Sheet.Area> words = new ArrayList<>();

  /**
   * @param conductors of the wiring that is drawn: what each belongs to decides its stroke
   */
  Draft(Conductors conductors) {
    this.conductors = conductors;
  }

  /** How much room a label takes along its line. */
  static double width(String text, double size) {
    double width = 0;
    for (int at = 0; at < text.length(); at++) {
      char letter = text.charAt(at);
      width += size * (letter >= '0' && letter <= 'Z' ? CAPITAL : LETTER);
    }
    return width;
  }

  /** As much of a text as has room, with dots where it is cut. */
  static String fitted(String text, double size, double room) {
    if (width(text, size) <= room) {
      return text;
    }
    int letters = text.length() - 1;
    while (letters > 1 && width(text.substring(0, letters) + "…", size) > room) {
      letters--;
    }
    return text.substring(0, letters) + "…";
  }

  static Ink ink(boolean lit) {
    return lit ? Ink.COPPER : Ink.INK;
  }

  void wire(int conductor, boolean live, double fromX, double fromY, double toX, double toY) {
    if (fromX == toX && fromY == toY) {
      return;
    }
    wires.add(new Sheet.Piece(conductor, fromX, fromY, toX, toY));
    Conductors.Kind kind = conductors.kind(conductor);
    double width =
        switch (kind) {
          case LINE -> LINE;
          case CONTROL -> CONTROL;
          case GROUND, OTHER -> WIRE;
        };
    stroke(
        Pen.from(new Point(fromX, fromY))
            .line(new Point(toX, toY))
            .stroke(ink(live), live ? LIVE : width, kind == Conductors.Kind.GROUND));
  }

  void stroke(Ink ink, double width, Point... points) {
    Pen pen = Pen.from(points[0]);
    for (int i = 1; i < points.length; i++) {
      pen.line(points[i]);
    }
    stroke(pen.stroke(ink, width, false));
  }

  void stroke(Drawing.Stroke stroke) {
    strokes.add(stroke);
  }

  void dot(Ink fill, Ink rim, double rimWidth, double x, double y, double radius) {
    dots.add(new Drawing.Dot(fill, rim, rimWidth, Drawing.fine(x), Drawing.fine(y), radius));
  }

  void part(String name, double left, double top, double right, double bottom) {
    parts.add(new Sheet.Area(name, left, top, right, bottom));
  }

  void label(
      String text, Ink ink, double size, boolean bold, Drawing.Anchor anchor, double x, double y) {
    double width = width(text, size);
    double left =
        switch (anchor) {
          case START -> x;
          case MIDDLE -> x - width / 2;
          case END -> x - width;
        };
    words.add(new Sheet.Area(text, left, y - 0.75 * size, left + width, y + 0.22 * size));
    inside(text, ink, size, bold, anchor, x, y);
  }

  /** A letter that belongs into its symbol. */
  void inside(
      String text, Ink ink, double size, boolean bold, Drawing.Anchor anchor, double x, double y) {
    labels.add(new Drawing.Label(text, ink, size, bold, anchor, Drawing.fine(x), Drawing.fine(y)));
  }

  Sheet sheet(double width, double height) {
    return new Sheet(
        new Drawing(
            0, 0, Drawing.fine(width), Drawing.fine(height), strokes, List.of(), dots, labels),
        wires,
        parts,
        words);
  }
}
