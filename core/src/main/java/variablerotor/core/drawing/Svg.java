package variablerotor.core.drawing;

import java.util.List;
import variablerotor.core.text.Numbers;

/** A drawing as a file of its own: SVG 1.1 (W3C), in the colours of paper. */
public final class Svg {
  private final StringBuilder out = new StringBuilder();

  private Svg() {}

  /** The whole text of the file. */
  public static String of(Drawing drawing, String title) {
    return of(drawing, title, 1);
  }

  /**
   * The same, shown larger or smaller.
   *
   * @param scale 1 for as it was drawn
   */
  public static String of(Drawing drawing, String title, double scale) {
    Svg svg = new Svg();
    svg.write(drawing, title, scale);
    return svg.out.toString();
  }

  private void write(Drawing drawing, String title, double scale) {
    out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"")
        .append(number(drawing.left()))
        .append(' ')
        .append(number(drawing.top()))
        .append(' ')
        .append(number(drawing.width()))
        .append(' ')
        .append(number(drawing.height()))
        .append("\" width=\"")
        .append(number(drawing.width() * scale))
        .append("\" height=\"")
        .append(number(drawing.height() * scale))
        .append("\" font-family=\"Atkinson Hyperlegible, Helvetica, Arial, sans-serif\">\n<title>")
        .append(escaped(title))
        .append("</title>\n");
    out.append("<rect x=\"" + number(drawing.left()) + "\" y=\"" + number(drawing.top()))
        .append("\" width=\"100%\" height=\"100%\" fill=\"#ffffff\"/>\n");
    drawing.strokes().forEach(this::stroke);
    drawing.boxes().forEach(this::box);
    drawing.dots().forEach(this::dot);
    drawing.labels().forEach(this::label);
    out.append("</svg>\n");
  }

  private static String colour(Ink ink) {
    return switch (ink) {
      case INK -> "#1b232b";
      case SOFT -> "#586470";
      case COPPER -> "#a84e16";
      case FAILED -> "#9c1430";
      case PAPER -> "#ffffff";
    };
  }

  private static String number(double value) {
    return Numbers.plain(value, 1);
  }

  private static String escaped(String text) {
    StringBuilder safe = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char letter = text.charAt(i);
      switch (letter) {
        case '&' -> safe.append("&amp;");
        case '<' -> safe.append("&lt;");
        case '>' -> safe.append("&gt;");
        case '"' -> safe.append("&quot;");
        default -> safe.append(letter < ' ' ? ' ' : letter);
      }
    }
    return safe.toString();
  }

  private void stroke(Drawing.Stroke stroke) {
    out.append("<path d=\"");
    List<List<Double>> pieces = stroke.pieces();
    for (int i = 0; i < pieces.size(); i++) {
      List<Double> piece = pieces.get(i);
      out.append(i == 0 ? 'M' : piece.size() == 6 ? 'C' : 'L');
      for (int at = 0; at < piece.size(); at++) {
        out.append(at == 0 ? "" : " ").append(number(piece.get(at)));
      }
    }
    out.append("\" fill=\"none\" stroke=\"" + colour(stroke.ink()) + "\" stroke-width=\"")
        .append(number(stroke.width()))
        .append("\" stroke-linecap=\"round\"")
        .append(stroke.dashed() ? " stroke-dasharray=\"7 5\"" : "")
        .append("/>\n");
  }

  private void box(Drawing.Box box) {
    out.append("<rect x=\"" + number(box.x()) + "\" y=\"" + number(box.y()))
        .append("\" width=\"" + number(box.width()) + "\" height=\"" + number(box.height()))
        .append("\" fill=\"" + colour(box.fill()) + "\"/>\n");
  }

  private void dot(Drawing.Dot dot) {
    out.append("<circle cx=\"" + number(dot.x()) + "\" cy=\"" + number(dot.y()))
        .append("\" r=\"" + number(dot.radius()) + "\" fill=\"" + colour(dot.fill()))
        .append("\" stroke=\"" + colour(dot.rim()))
        .append("\" stroke-width=\"" + number(dot.rimWidth()) + "\"/>\n");
  }

  private void label(Drawing.Label label) {
    String anchor =
        switch (label.anchor()) {
          case START -> "start";
          case MIDDLE -> "middle";
          case END -> "end";
        };
    out.append("<text x=\"" + number(label.x()) + "\" y=\"" + number(label.y()))
        .append("\" font-size=\"" + number(label.size()) + "\" text-anchor=\"" + anchor)
        .append("\" fill=\"" + colour(label.ink()) + "\"")
        .append(label.bold() ? " font-weight=\"700\"" : "")
        .append('>')
        .append(escaped(label.text()))
        .append("</text>\n");
  }
}
