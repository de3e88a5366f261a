package variablerotor.core.schematic;

import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.wiring.Conductors;
import variablerotor.core.wiring.Wiring;

/** How much is drawn: nobody reads more on one sheet, and it would take minutes to lay out. */
final class Bounds {
  private static final int MOST_PARTS = 250;
  private static final int MOST_WIRES = 800;

  private Bounds() {}

  static boolean isTooLarge(Wiring wiring) {
    return wiring.parts().size() > MOST_PARTS || wiring.wires().size() > MOST_WIRES;
  }

  /** What is drawn in its place. */
  static Sheet sentence(Wiring wiring) {
    Draft draft = new Draft(Conductors.of(wiring));
    String said =
        "Too large to be drawn: "
            + wiring.parts().size()
            + " parts and "
            + wiring.wires().size()
            + " wires; up to "
            + MOST_PARTS
            + " and "
            + MOST_WIRES
            + " are. The list of wires has them all.";
    draft.label(said, Ink.INK, Draft.NAME, false, Drawing.Anchor.START, 8, 24);
    return draft.sheet(Draft.width(said, Draft.NAME) + 16, 40);
  }
}
