package variablerotor.core.schematic;

import java.util.List;
import variablerotor.core.drawing.Drawing;

/**
 * A drawing with what it is made of, so that its layout can be judged.
 *
 * @param wires straight pieces of conductors
 * @param parts the room that each symbol or box takes
 * @param words the room that each label takes
 */
public record Sheet(Drawing drawing, List<Piece> wires, List<Area> parts, List<Area> words) {
  public Sheet {
    wires = List.copyOf(wires);
    parts = List.copyOf(parts);
    words = List.copyOf(words);
  }

  /**
   * A straight piece of a conductor, level or upright.
   *
   * @param conductor the same number for all that are joined
   */
  public record Piece(int conductor, double fromX, double fromY, double toX, double toY) {
    boolean isLevel() {
      return fromY == toY;
    }

    private static boolean inside(double value, double one, double other) {
      return value > Math.min(one, other) && value < Math.max(one, other);
    }

    /** Whether two pieces of different conductors go across each other. */
    boolean crosses(Piece other) {
      if (conductor == other.conductor || isLevel() == other.isLevel()) {
        return false;
      }
      Piece level = isLevel() ? this : other;
      Piece upright = isLevel() ? other : this;
      return inside(upright.fromX, level.fromX, level.toX)
          && inside(level.fromY, upright.fromY, upright.toY);
    }
  }

  /** An upright oblong. */
  public record Area(String name, double left, double top, double right, double bottom) {}

  /** How often two conductors go across each other. */
  public int crossings() {
    int crossings = 0;
    for (int one = 0; one < wires.size(); one++) {
      for (int other = one + 1; other < wires.size(); other++) {
        if (wires.get(one).crosses(wires.get(other))) {
          crossings++;
        }
      }
    }
    return crossings;
  }
}
