package variablerotor.core.schematic;

import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.drawing.Pen;
import variablerotor.core.drawing.Point;

/** Graphic symbols after ANSI/IEEE Std 315 (from memory), each about its middle. */
final class Symbols {
  private static final double LINE = 1.6;
  private static final double THICK = 3.2;
  private static final double TALL = 10;
  private static final double SLANT = 10;
  private static final double BOW = 8;

  private Symbols() {}

  /** How far it reaches to either side. */
  static double half(Symbol symbol) {
    return switch (symbol) {
      case OPEN_CONTACT, CLOSED_CONTACT -> 5;
      case CAPACITOR -> 4;
      case COIL -> 11;
      case MOTOR -> 13;
      case WINDING -> 15;
      case OVERLOAD -> 10;
      case ELECTRONICS -> 14;
      case LINK -> 6;
      case END -> 0;
    };
  }

  /** How far it reaches over its line, with the stroke of a closed contact and a plate's bow. */
  static double reach(Symbol symbol) {
    return switch (symbol) {
      case CLOSED_CONTACT -> SLANT;
      case CAPACITOR -> BOW;
      default -> half(symbol);
    };
  }

  static void draw(Draft draft, Branch branch, Lit lit, double x, double y) {
    Symbol symbol = branch.symbol();
    double half = half(symbol);
    boolean on = symbol.isContact() ? lit.isBridged(branch) : lit.isOn(branch);
    if (half > 0) {
      draft.part(branch.name(), x - half, y - 13, x + half, y + 13);
    }
    switch (symbol) {
      case OPEN_CONTACT, CLOSED_CONTACT -> contact(draft, symbol, on, x, y);
      case CAPACITOR -> capacitor(draft, x, y);
      case COIL -> draft.dot(on ? Ink.COPPER : Ink.PAPER, Draft.ink(on), LINE, x, y, 11);
      case MOTOR -> {
        draft.dot(on ? Ink.COPPER : Ink.PAPER, Draft.ink(on), LINE, x, y, 13);
        Ink letter = on ? Ink.PAPER : Ink.INK;
        draft.inside("M", letter, 13, true, Drawing.Anchor.MIDDLE, x, y + 4.6);
      }
      case WINDING ->
          draft.stroke(
              Pen.from(new Point(x - half, y))
                  .coil(new Point(x + half, y), 3)
                  .stroke(Ink.INK, LINE, false));
      case OVERLOAD -> overload(draft, x, y);
      case ELECTRONICS ->
          draft.stroke(
              Ink.INK,
              LINE,
              new Point(x - half, y - 9),
              new Point(x + half, y - 9),
              new Point(x + half, y + 9),
              new Point(x - half, y + 9),
              new Point(x - half, y - 9));
      case LINK -> {
        draft.dot(Ink.PAPER, Ink.INK, LINE, x - 4, y, 2);
        draft.dot(Ink.PAPER, Ink.INK, LINE, x + 4, y, 2);
        draft.stroke(Ink.INK, LINE, new Point(x - 2, y), new Point(x + 2, y));
      }
      case END -> {}
    }
  }

  /** Two bars, a stroke across where it is closed at rest; bridged where it lets through now. */
  private static void contact(Draft draft, Symbol symbol, boolean bridged, double x, double y) {
    Ink ink = Draft.ink(bridged);
    draft.stroke(ink, LINE, new Point(x - 5, y - TALL), new Point(x - 5, y + TALL));
    draft.stroke(ink, LINE, new Point(x + 5, y - TALL), new Point(x + 5, y + TALL));
    if (symbol == Symbol.CLOSED_CONTACT) {
      draft.stroke(ink, LINE, new Point(x - SLANT, y + TALL), new Point(x + SLANT, y - TALL));
    }
    if (bridged) {
      draft.stroke(ink, THICK, new Point(x - 5, y), new Point(x + 5, y));
    }
  }

  /** One straight plate and one bent. */
  private static void capacitor(Draft draft, double x, double y) {
    draft.stroke(Ink.INK, 2, new Point(x - 4, y - TALL), new Point(x - 4, y + TALL));
    draft.stroke(
        Pen.from(new Point(x + BOW, y - TALL))
            .bow(new Point(x, y), new Point(x + BOW, y + TALL))
            .stroke(Ink.INK, 2, false));
  }

  /** A thermal overload: one half turn up, one down. */
  private static void overload(Draft draft, double x, double y) {
    draft.stroke(
        Pen.from(new Point(x - 10, y)).coil(new Point(x, y), 1).stroke(Ink.INK, LINE, false));
    draft.stroke(
        Pen.from(new Point(x + 10, y)).coil(new Point(x, y), 1).stroke(Ink.INK, LINE, false));
  }
}
