package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.drawing.Point;
import variablerotor.core.wiring.Conductors;
import variablerotor.core.wiring.Part;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/**
 * A wiring as parts with their terminals, and each wire from terminal to terminal. Parts stand in
 * two rows to the sides of one channel, terminals towards it; all wires run in the channel, so that
 * none can go through a part or a label.
 */
public final class Connections {
  private static final double MARGIN = 8;
  private static final double PITCH = 20;
  private static final double TITLE = 20;
  private static final double GAP = 12;
  private static final double TRACK = 9;
  private static final double LEAST_BOX = 64;
  private static final double MOST_BOX = 124;
  private static final double RING = 3.4;

  private final Wiring wiring;
  private final Lit lit;
  private final Conductors conductors;
  private final Draft draft = new Draft();

  private Connections(Wiring wiring, Lit lit) {
    this.wiring = wiring;
    this.lit = lit;
    conductors = Conductors.of(wiring);
  }

  /** The wiring, with what is lit. */
  public static Sheet of(Wiring wiring, Lit lit) {
    return new Connections(wiring, lit).drawn();
  }

  private Sheet drawn() {
    Sides sides = Sides.of(boxes(), wiring.wires());
    double box = box(sides.boxes);
    double left = MARGIN + box;
    double right = left + TRACK * (sides.tracks() + 1);
    for (Sides.Box one : sides.boxes) {
      box(one, sides, box, left, right);
    }
    for (int wire = 0; wire < wiring.wires().size(); wire++) {
      wire(wiring.wires().get(wire), sides, wire, left, right);
    }
    junctions(sides, left, right);
    return draft.sheet(right + box + MARGIN, height(sides) + MARGIN);
  }

  /** Each part with the terminals that it shows: those that wires go to, and loose leads. */
  private List<Sides.Box> boxes() {
    List<Sides.Box> boxes = new ArrayList<>();
    for (Part part : wiring.parts()) {
      List<Terminal> shown = new ArrayList<>();
      List<String> names = part.terminals();
      if (names == null) {
        wiring
            .wires()
            .forEach(
                wire -> {
                  addIf(shown, wire.from(), part);
                  addIf(shown, wire.to(), part);
                });
      } else {
        for (String name : names) {
          if (conductors.isWired(part.at(name)) || part.type().isMotor()) {
            shown.add(part.at(name));
          }
        }
      }
      if (!shown.isEmpty()) {
        boxes.add(new Sides.Box(part.id(), shown));
      }
    }
    return boxes;
  }

  private static void addIf(List<Terminal> shown, Terminal terminal, Part part) {
    if (terminal.part().equals(part.id()) && !shown.contains(terminal)) {
      shown.add(terminal);
    }
  }

  private static double box(List<Sides.Box> boxes) {
    double widest = LEAST_BOX;
    for (Sides.Box box : boxes) {
      widest = Math.max(widest, Draft.width(box.part(), Draft.NAME) + 12);
      for (Terminal one : box.terminals()) {
        widest = Math.max(widest, Draft.width(one.name(), Draft.SMALL + 1) + 22);
      }
    }
    return Math.min(MOST_BOX, widest);
  }

  static double height(Sides.Box box) {
    return TITLE + PITCH * box.terminals().size() + 4;
  }

  /** Those of the right row stand half a pitch lower, so that no two level pieces can meet. */
  private static double top(Sides sides, Sides.Box box) {
    double top = MARGIN + (sides.isLeft(box) ? 0 : PITCH / 2);
    for (Sides.Box above : sides.above(box)) {
      // In whole pitches, so that the rows keep their distance.
      top += Math.ceil((height(above) + GAP) / PITCH) * PITCH;
    }
    return top;
  }

  private static double y(Sides sides, Terminal terminal) {
    Sides.Box box = sides.box(terminal);
    return top(sides, box) + TITLE + PITCH * (box.terminals().indexOf(terminal) + 0.5);
  }

  private static double height(Sides sides) {
    double lowest = 0;
    for (Sides.Box box : sides.boxes) {
      lowest = Math.max(lowest, top(sides, box) + height(box));
    }
    return lowest;
  }

  private void box(Sides.Box box, Sides sides, double wide, double left, double right) {
    boolean isLeft = sides.isLeft(box);
    double from = isLeft ? MARGIN : right;
    double to = from + wide;
    double top = top(sides, box);
    double bottom = top + height(box);
    draft.part(box.part(), from, top, to, bottom);
    draft.stroke(
        Ink.INK,
        1.4,
        new Point(from, top),
        new Point(to, top),
        new Point(to, bottom),
        new Point(from, bottom),
        new Point(from, top));
    draft.label(
        Draft.fitted(box.part(), Draft.NAME, wide - 8),
        Ink.INK,
        Draft.NAME,
        true,
        Drawing.Anchor.MIDDLE,
        (from + to) / 2,
        top + 14);
    for (Terminal one : box.terminals()) {
      double y = y(sides, one);
      double edge = isLeft ? left : right;
      boolean live = lit.isLive(conductors.of(one));
      draft.dot(Ink.PAPER, Draft.ink(live), live ? 2.6 : 1.4, edge, y, RING);
      draft.label(
          Draft.fitted(one.name(), Draft.SMALL + 1, wide - 14),
          Ink.INK,
          Draft.SMALL + 1,
          false,
          isLeft ? Drawing.Anchor.END : Drawing.Anchor.START,
          edge + (isLeft ? -8 : 8),
          y + 3.6);
    }
  }

  private static double x(Sides sides, int wire, double left) {
    return left + TRACK * (sides.track(wire) + 1);
  }

  private void wire(Wiring.Wire wire, Sides sides, int at, double left, double right) {
    int conductor = conductors.of(wire.from());
    boolean live = lit.isLive(conductor);
    double x = x(sides, at, left);
    double one = y(sides, wire.from());
    double other = y(sides, wire.to());
    draft.wire(conductor, live, edge(sides, wire.from(), left, right), one, x, one);
    draft.wire(conductor, live, x, one, x, other);
    draft.wire(conductor, live, x, other, edge(sides, wire.to(), left, right), other);
  }

  private static double edge(Sides sides, Terminal terminal, double left, double right) {
    return sides.isLeft(sides.box(terminal)) ? left + RING : right - RING;
  }

  /** Where a second wire leaves the way of the first. */
  private void junctions(Sides sides, double left, double right) {
    for (Sides.Box box : sides.boxes) {
      for (Terminal terminal : box.terminals()) {
        List<Double> turns = new ArrayList<>();
        for (int wire = 0; wire < wiring.wires().size(); wire++) {
          if (wiring.wires().get(wire).touches(terminal)) {
            turns.add(x(sides, wire, left));
          }
        }
        boolean isLeft = sides.isLeft(box);
        turns.sort(java.util.Comparator.comparingDouble(x -> isLeft ? x : -x));
        for (int i = 0; i + 1 < turns.size(); i++) {
          boolean live = lit.isLive(conductors.of(terminal));
          draft.dot(Draft.ink(live), Draft.ink(live), 0, turns.get(i), y(sides, terminal), 2.8);
        }
      }
    }
  }
}
