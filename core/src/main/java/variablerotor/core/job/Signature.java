package variablerotor.core.job;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.Fields;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A name written by hand on a screen, and what stood above it then.
 *
 * @param strokes as the path of an SVG, of moves and lines alone, in a field of {@link #WIDTH} by
 *     {@link #HEIGHT}
 * @param under what was signed, line by line, as it was shown
 */
public record Signature(String strokes, List<String> under) implements Node {
  /** Of the field [units of the path]. */
  public static final int WIDTH = 1000;

  public static final int HEIGHT = 300;

  /** Longest that its path may be [characters]: some 2,000 points. */
  public static final int LONGEST = 20_000;

  /** Most lines that stand above it, and how long one may be [characters]. */
  public static final int MOST_LINES = 12;

  public static final int LONGEST_LINE = 1000;

  public Signature {
    under = List.copyOf(under);
  }

  /**
   * Whether it can be drawn as it is: each stroke has a beginning and at least one line, as a dot
   * alone is no name.
   */
  public static boolean isPath(String strokes) {
    if (strokes.isEmpty() || strokes.length() > LONGEST) {
      return false;
    }
    int at = 0;
    int lines = 1;
    while (at < strokes.length()) {
      char step = strokes.charAt(at);
      if (step == 'M' ? lines == 0 : step != 'L' || at == 0) {
        return false;
      }
      lines = step == 'M' ? 0 : lines + 1;
      int x = afterNumber(strokes, at + 1);
      if (x < 0 || x == strokes.length() || strokes.charAt(x) != ' ') {
        return false;
      }
      at = afterNumber(strokes, x + 1);
      if (at < 0) {
        return false;
      }
    }
    return lines > 0;
  }

  /** Where a whole number of one to four digits ends that begins here; negative where none does. */
  private static int afterNumber(String text, int from) {
    int to = from;
    while (to < text.length() && text.charAt(to) >= '0' && text.charAt(to) <= '9') {
      to++;
    }
    return to == from || to - from > 4 ? -1 : to;
  }

  /** Null where none was given. */
  static @Nullable Signature read(Fields said) {
    if (!said.has("signed")) {
      return null;
    }
    Fields told = said.object("signed");
    String strokes = told.text("strokes", LONGEST);
    if (strokes != null && !isPath(strokes)) {
      told.fault("strokes", "allowed is a path of moves and lines");
    }
    return new Signature(
        strokes == null ? "" : strokes, told.list("under").stream().map(String::valueOf).toList());
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("strokes", strokes, "under", under);
  }
}
