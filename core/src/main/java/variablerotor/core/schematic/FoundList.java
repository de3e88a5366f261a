package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.wiring.Finding;
import variablerotor.core.wiring.Terminal;

/** What is wrong with a wiring, in words below its drawing: whoever follows that sees it. */
public final class FoundList {
  private static final double LINE = 15;
  private static final double SIZE = 10;
  private static final double MARGIN = 8;

  /** Letters in one line; what is longer goes on below. */
  private static final int LETTERS = 84;

  private FoundList() {}

  /** The findings that must be stopped, each once; a drawing of no height where there are none. */
  public static Drawing of(List<Finding> findings) {
    Set<String> said = new LinkedHashSet<>();
    for (Finding one : findings) {
      if (one.stops()) {
        String at = one.at().stream().map(Terminal::toString).collect(Collectors.joining(", "));
        said.add("× " + (at.isEmpty() ? "" : at + ": ") + one.sentence());
      }
    }
    List<Drawing.Label> labels = new ArrayList<>();
    double widest = 0;
    for (String sentence : said) {
      for (String line : lines(sentence)) {
        double y = MARGIN + LINE * (labels.size() + 1);
        labels.add(
            new Drawing.Label(line, Ink.FAILED, SIZE, false, Drawing.Anchor.START, MARGIN, y));
        widest = Math.max(widest, Draft.width(line, SIZE));
      }
    }
    double height = labels.isEmpty() ? 0 : 2 * MARGIN + LINE * labels.size();
    return new Drawing(0, 0, widest + 2 * MARGIN, height, List.of(), List.of(), List.of(), labels);
  }

  private static List<String> lines(String sentence) {
    List<String> lines = new ArrayList<>();
    String left = sentence;
    while (left.length() > LETTERS) {
      int blank = left.lastIndexOf(' ', LETTERS);
      int cut = blank > 0 ? blank : LETTERS;
      lines.add(left.substring(0, cut));
      left = "   " + left.substring(cut).trim();
    }
    lines.add(left);
    return lines;
  }
}
