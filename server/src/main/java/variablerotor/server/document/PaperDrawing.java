package variablerotor.server.document;

import com.lowagie.text.Image;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfTemplate;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Color;
import java.util.List;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;

/** A drawing that the core laid out, in the colours of paper. */
final class PaperDrawing {
  private final Drawing drawing;
  private final PdfTemplate sheet;
  private final BaseFont regular;
  private final BaseFont bold;

  private PaperDrawing(Drawing drawing, PdfTemplate sheet, BaseFont regular, BaseFont bold) {
    this.drawing = drawing;
    this.sheet = sheet;
    this.regular = regular;
    this.bold = bold;
  }

  /**
   * @param width of the picture on paper [pt]
   */
  static Image of(Drawing drawing, PdfWriter writer, BaseFont regular, BaseFont bold, float width) {
    PdfContentByte page = writer.getDirectContent();
    PdfTemplate sheet = page.createTemplate((float) drawing.width(), (float) drawing.height());
    new PaperDrawing(drawing, sheet, regular, bold).draw();
    Image image = Image.getInstance(sheet);
    image.scaleToFit(width, width);
    return image;
  }

  private void draw() {
    drawing.strokes().forEach(this::stroke);
    drawing.boxes().forEach(this::box);
    drawing.dots().forEach(this::dot);
    drawing.labels().forEach(this::label);
  }

  private static Color colour(Ink ink) {
    return switch (ink) {
      case INK -> Report.INK;
      case SOFT -> Report.RULE;
      case COPPER -> Report.COPPER;
      case FAILED -> Report.FAILED;
      case PAPER -> Color.WHITE;
    };
  }

  private float x(double x) {
    return (float) (x - drawing.left());
  }

  /** Paper counts upward. */
  private float y(double y) {
    return (float) (drawing.top() + drawing.height() - y);
  }

  private void stroke(Drawing.Stroke stroke) {
    sheet.setColorStroke(colour(stroke.ink()));
    sheet.setLineWidth((float) stroke.width());
    sheet.setLineCap(PdfContentByte.LINE_CAP_ROUND);
    if (stroke.dashed()) {
      sheet.setLineDash(7, 5, 0);
    } else {
      sheet.setLineDash(0);
    }
    List<List<Double>> pieces = stroke.pieces();
    sheet.moveTo(x(pieces.get(0).get(0)), y(pieces.get(0).get(1)));
    for (List<Double> piece : pieces.subList(1, pieces.size())) {
      if (piece.size() == 2) {
        sheet.lineTo(x(piece.get(0)), y(piece.get(1)));
      } else {
        sheet.curveTo(
            x(piece.get(0)),
            y(piece.get(1)),
            x(piece.get(2)),
            y(piece.get(3)),
            x(piece.get(4)),
            y(piece.get(5)));
      }
    }
    sheet.stroke();
    sheet.setLineDash(0);
  }

  private void box(Drawing.Box box) {
    sheet.setColorFill(colour(box.fill()));
    float height = (float) box.height();
    sheet.rectangle(x(box.x()), y(box.y()) - height, (float) box.width(), height);
    sheet.fill();
  }

  private void dot(Drawing.Dot dot) {
    sheet.setColorFill(colour(dot.fill()));
    sheet.setColorStroke(colour(dot.rim()));
    sheet.setLineWidth((float) dot.rimWidth());
    sheet.circle(x(dot.x()), y(dot.y()), (float) dot.radius());
    if (dot.rimWidth() > 0) {
      sheet.fillStroke();
    } else {
      sheet.fill();
    }
  }

  private void label(Drawing.Label label) {
    int align =
        switch (label.anchor()) {
          case START -> PdfContentByte.ALIGN_LEFT;
          case MIDDLE -> PdfContentByte.ALIGN_CENTER;
          case END -> PdfContentByte.ALIGN_RIGHT;
        };
    sheet.beginText();
    sheet.setColorFill(colour(label.ink()));
    sheet.setFontAndSize(label.bold() ? bold : regular, (float) label.size());
    sheet.showTextAligned(align, label.text(), x(label.x()), y(label.y()), 0);
    sheet.endText();
  }
}
