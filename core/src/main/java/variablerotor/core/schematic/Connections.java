package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.drawing.Point;
import variablerotor.core.wiring.Conductors;
import variablerotor.core.wiring.Part;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/**
 * A wiring as parts with their terminals, and each conductor from terminal to terminal. Parts stand
 * in two rows to the sides of one channel, terminals towards it; all conductors run in the channel,
 * so that none can go through a part or a label. Wires that are joined run in one track.
 */
public final class Connections {
  private static final double MARGIN = 8;
  private static final double PITCH = 20;
  private static final double TITLE = 20;
  private static final double GAP = 12;
  private static final double TRACK = 9;
  private static final double LEAST_BOX = 64;
  private static final double MOST_BOX = 124;

  /** With what stands beside the wires' ends. */
  private static final double MOST_TAGGED = 176;

  private static final double RING = 3.4;

  private final Wiring wiring;
  private final Lit lit;
  private final WireTags tags;
  private final Conductors conductors;
  private final Draft draft;

  private Connections(Wiring wiring, Lit lit, WireTags tags) {
    this.wiring = wiring;
    this.lit = lit;
    this.tags = tags;
    conductors = Conductors.of(wiring);
    draft = new Draft(conductors);
  }

  /** The wiring, with what is lit. */
  public static Sheet of(Wiring wiring, Lit lit) {
    return of(wiring, lit, WireTags.none());
  }

  /** The same, with what stands beside the ends of its wires. */
  public static Sheet of(Wiring wiring, Lit lit, WireTags tags) {
    return Bounds.isTooLarge(wiring)
        ? Bounds.sentence(wiring)
        : new Connections(wiring, lit, tags).drawn();
  }

  private Sheet drawn() {
    List<List<Terminal>> joined = joined();
    Sides sides = Sides.of(boxes(), joined);
    double box = box(sides.boxes);
    double left = MARGIN + box;
    double right = left + TRACK * (sides.tracks() + 1);
    for (Sides.Box one : sides.boxes) {
      box(one, sides, box, left, right);
    }
    for (int at = 0; at < joined.size(); at++) {
      conductor(joined.get(at), sides, left + TRACK * (sides.track(at) + 1), left, right);
    }
    return draft.sheet(right + box + MARGIN, height(sides) + MARGIN);
  }

  /** The terminals at which wires end, by what they are joined to. */
  private List<List<Terminal>> joined() {
    Map<Integer, List<Terminal>> joined = new LinkedHashMap<>();
    for (Wiring.Wire wire : wiring.wires()) {
      for (Terminal end : List.of(wire.from(), wire.to())) {
        List<Terminal> mine = joined.computeIfAbsent(conductors.of(end), any -> new ArrayList<>());
        if (!mine.contains(end)) {
          mine.add(end);
        }
      }
    }
    return List.copyOf(joined.values());
  }

  /** Each part with the terminals that it shows: those that wires go to, and loose leads. */
  private List<Sides.Box> boxes() {
    List<Sides.Box> boxes = new ArrayList<>();
    for (Part part : wiring.parts()) {
      List<Terminal> shown =
          wiring.terminals(part).stream()
              .filter(one -> conductors.isWired(one) || part.type().isMotor())
              .toList();
      if (!shown.isEmpty()) {
        boxes.add(new Sides.Box(part.id(), shown));
      }
    }
    return boxes;
  }

  private double box(List<Sides.Box> boxes) {
    double widest = LEAST_BOX;
    double most = MOST_BOX;
    for (Sides.Box box : boxes) {
      widest = Math.max(widest, Draft.width(box.part(), Draft.NAME) + 12);
      for (Terminal one : box.terminals()) {
        double tag = Draft.width(tag(one), Draft.SMALL);
        widest = Math.max(widest, name(one) + 22 + tag);
        most = tag > 0 ? MOST_TAGGED : most;
      }
    }
    return Math.min(most, widest);
  }

  private String tag(Terminal terminal) {
    return tags.at(terminal, wiring.wires());
  }

  private double name(Terminal terminal) {
    return Draft.width(name(terminal, lit.isBad(terminal)), Draft.SMALL + 1);
  }

  private static String name(Terminal terminal, boolean bad) {
    return (bad ? "× " : "") + terminal.name();
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
      boolean bad = lit.isBad(one);
      draft.dot(
          Ink.PAPER, bad ? Ink.FAILED : Draft.ink(live), live || bad ? 2.6 : 1.4, edge, y, RING);
      draft.label(
          Draft.fitted(name(one, bad), Draft.SMALL + 1, wide - 14),
          bad ? Ink.FAILED : Ink.INK,
          Draft.SMALL + 1,
          bad,
          isLeft ? Drawing.Anchor.END : Drawing.Anchor.START,
          edge + (isLeft ? -8 : 8),
          y + 3.6);
      double room = wide - name(one) - 18;
      if (!tag(one).isEmpty() && room > TRACK) {
        draft.label(
            Draft.fitted(tag(one), Draft.SMALL, room),
            Ink.SOFT,
            Draft.SMALL,
            false,
            isLeft ? Drawing.Anchor.START : Drawing.Anchor.END,
            isLeft ? from + 5 : to - 5,
            y + 3.6);
      }
    }
  }

  private void conductor(List<Terminal> ends, Sides sides, double x, double left, double right) {
    int number = conductors.of(ends.get(0));
    boolean live = lit.isLive(number);
    List<Double> heights = ends.stream().map(one -> y(sides, one)).sorted().toList();
    double top = heights.get(0);
    double bottom = heights.get(heights.size() - 1);
    draft.wire(number, live, x, top, x, bottom);
    for (Terminal one : ends) {
      double y = y(sides, one);
      double edge = sides.isLeft(sides.box(one)) ? left + RING : right - RING;
      draft.wire(number, live, edge, y, x, y);
      if (y > top && y < bottom) {
        draft.dot(Draft.ink(live), Draft.ink(live), 0, x, y, 2.8);
      }
    }
  }
}
