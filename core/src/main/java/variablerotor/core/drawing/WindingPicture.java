package variablerotor.core.drawing;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.winding.Phase;
import variablerotor.core.winding.Signature;
import variablerotor.core.winding.Star;
import variablerotor.core.winding.WindingState;
import variablerotor.core.winding.WindingVerdict;

/** The three phases as coils from their leads to the star point, with the fault where it sits. */
public final class WindingPicture {
  private static final Point CENTRE = new Point(220, 142);

  private static final int TURNS = 6;
  private static final double COIL = 3.5;
  private static final double MARK = 5;

  private final WindingVerdict winding;
  private final List<Drawing.Stroke> strokes = new ArrayList<>();
  private final List<Drawing.Box> boxes = new ArrayList<>();
  private final List<Drawing.Dot> dots = new ArrayList<>();
  private final List<Drawing.Label> labels = new ArrayList<>();

  private WindingPicture(WindingVerdict winding) {
    this.winding = winding;
  }

  /** The winding as its readings show it. */
  public static Drawing of(WindingVerdict winding) {
    return new WindingPicture(winding).drawn();
  }

  private Drawing drawn() {
    for (Phase phase : Phase.values()) {
      coil(phase);
    }
    dots.add(dot(CENTRE, Ink.INK, 4.5));
    if (isFaulty() && !winding.phases().isEmpty()) {
      mark(winding.phases().get(0), winding.phases().size() > 1 ? winding.phases().get(1) : null);
    }
    return new Drawing(40, 0, 360, 262, strokes, boxes, dots, labels);
  }

  private static Point lead(Phase phase) {
    return switch (phase) {
      case A -> new Point(220, 26);
      case B -> new Point(96, 222);
      case C -> new Point(344, 222);
    };
  }

  private boolean isFaulty() {
    return winding.state() == WindingState.FAULTY;
  }

  private void coil(Phase phase) {
    Point lead = lead(phase);
    boolean bad = isFaulty() && winding.phases().contains(phase);
    boolean unread = winding.state() == WindingState.NOT_MEASURED;
    Ink ink = unread ? Ink.SOFT : bad ? Ink.FAILED : Ink.COPPER;
    if (bad && winding.signature() == Signature.OPEN_PHASE) {
      // An open phase is drawn with the gap that it has.
      strokes.add(Pen.from(lead).coil(lead.towards(CENTRE, 0.34), 2).stroke(ink, COIL, unread));
      strokes.add(Pen.from(lead.towards(CENTRE, 0.66)).coil(CENTRE, 2).stroke(ink, COIL, unread));
      Point gap = lead.towards(CENTRE, 0.5).moved(0, 5);
      labels.add(label("open", gap, Ink.FAILED, 15, true, Drawing.Anchor.MIDDLE));
    } else {
      strokes.add(Pen.from(lead).coil(CENTRE, TURNS).stroke(ink, COIL, unread));
    }
    dots.add(new Drawing.Dot(Ink.PAPER, Ink.INK, 3, lead.x(), lead.y(), 7));
    Point name = phase == Phase.A ? lead.moved(20, 4) : lead.moved(phase == Phase.B ? -22 : 22, 6);
    labels.add(label(phase.name(), name, Ink.INK, 18, true, Drawing.Anchor.MIDDLE));
    Double ohms = ohms(phase);
    if (ohms != null) {
      labels.add(
          label(
              Numbers.fixed(ohms, ohms < 10 ? 2 : 1) + " Ω",
              lead.beside(CENTRE, 0.45, phase == Phase.C ? 30 : -30),
              bad ? Ink.FAILED : Ink.INK,
              15,
              bad,
              phase == Phase.B ? Drawing.Anchor.END : Drawing.Anchor.START));
    }
  }

  private @Nullable Double ohms(Phase phase) {
    Star star = winding.phaseOhms();
    return star == null ? null : star.of(phase);
  }

  private void mark(Phase first, @Nullable Phase second) {
    Point lead = lead(first);
    double depth = winding.depth() == null ? 0.5 : winding.depth();
    double outward = first == Phase.B ? -1 : 1;
    switch (winding.signature()) {
      case PHASE_TO_PHASE_SHORT:
        if (second != null) {
          Point from = lead.towards(CENTRE, depth);
          Point to = lead(second).towards(CENTRE, depth);
          bridge(from, awayFromCentre(from.towards(to, 0.5), 34), to);
        }
        break;
      case TURN_SHORT:
        bridge(
            lead.towards(CENTRE, Math.max(0.02, 0.5 - depth / 2)),
            lead.beside(CENTRE, 0.5, 34 * outward),
            lead.towards(CENTRE, Math.min(0.98, 0.5 + depth / 2)));
        break;
      case FRAME_SHORT:
        frame(lead.towards(CENTRE, depth), outward);
        break;
      case HIGH_JOINT:
        Point joint = lead.towards(CENTRE, 0.12);
        boxes.add(new Drawing.Box(Ink.FAILED, joint.x() - 9, joint.y() - 9, 18, 18));
        break;
      default:
    }
  }

  /** Bent away from the centre of the star. */
  private static Point awayFromCentre(Point middle, double bend) {
    double length = Math.max(1, middle.distance(CENTRE));
    return middle.moved(
        (middle.x() - CENTRE.x()) / length * bend, (middle.y() - CENTRE.y()) / length * bend);
  }

  private void bridge(Point from, Point handle, Point to) {
    strokes.add(Pen.from(from).bow(handle, to).stroke(Ink.FAILED, COIL, true));
    dots.add(dot(from, Ink.FAILED, MARK));
    dots.add(dot(to, Ink.FAILED, MARK));
  }

  /** A path to the frame, which is drawn as the sign for earth (IEC 60617). */
  private void frame(Point from, double outward) {
    Point to = from.moved(44 * outward, 26);
    strokes.add(Pen.from(from).line(to).stroke(Ink.FAILED, COIL, true));
    dots.add(dot(from, Ink.FAILED, MARK));
    for (int bar = 0; bar < 3; bar++) {
      double half = 14 - 5 * bar;
      strokes.add(
          Pen.from(to.moved(-half, 7 * bar))
              .line(to.moved(half, 7 * bar))
              .stroke(Ink.FAILED, 3, false));
    }
  }

  private static Drawing.Dot dot(Point at, Ink ink, double radius) {
    return new Drawing.Dot(ink, ink, 0, Drawing.fine(at.x()), Drawing.fine(at.y()), radius);
  }

  private static Drawing.Label label(
      String text, Point at, Ink ink, double size, boolean bold, Drawing.Anchor anchor) {
    return new Drawing.Label(
        text, ink, size, bold, anchor, Drawing.fine(at.x()), Drawing.fine(at.y()));
  }
}
