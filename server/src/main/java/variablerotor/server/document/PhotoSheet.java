package variablerotor.server.document;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import javax.imageio.ImageIO;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.view.CallView;

/**
 * A photo on paper, with what was pointed at on it.
 *
 * @param source the picture itself, as a data URI
 * @param width on paper [pt]
 * @param height on paper [pt]
 */
record PhotoSheet(String title, String source, int width, int height, List<Mark> marks) {
  /** Its longer side on paper [pt]. */
  private static final int LONGEST = 240;

  /** Its longer side [pixel]: 240 dots an inch on paper. */
  private static final int PIXELS = 800;

  /**
   * @param x from the left [pt]
   * @param y from the top [pt]
   */
  record Mark(String label, int x, int y) {}

  /**
   * @param pixels the picture as it is kept
   * @param marks on any photo
   */
  static PhotoSheet of(
      CallView.PhotoView photo, byte[] pixels, String at, List<FitRecord.PhotoMark> marks) {
    double scale = (double) LONGEST / Math.max(photo.width(), photo.height());
    int width = (int) Math.round(photo.width() * scale);
    int height = (int) Math.round(photo.height() * scale);
    return new PhotoSheet(
        photo.kind().title() + ". " + photo.author() + ", " + at + ".",
        "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(smaller(pixels)),
        width,
        height,
        marks.stream()
            .filter(one -> one.photo().equals(photo.id()))
            .map(
                one ->
                    new Mark(
                        one.label(),
                        (int) Math.round(one.x() * width),
                        (int) Math.round(one.y() * height)))
            .toList());
  }

  private static byte[] smaller(byte[] pixels) {
    try {
      BufferedImage photo = ImageIO.read(new ByteArrayInputStream(pixels));
      double scale = Math.min(1, (double) PIXELS / Math.max(photo.getWidth(), photo.getHeight()));
      int width = (int) Math.max(1, Math.round(photo.getWidth() * scale));
      int height = (int) Math.max(1, Math.round(photo.getHeight() * scale));
      BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
      Graphics2D pen = small.createGraphics();
      pen.setRenderingHint(
          RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
      pen.drawImage(photo, 0, 0, width, height, java.awt.Color.WHITE, null);
      pen.dispose();
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      ImageIO.write(small, "jpeg", bytes);
      return bytes.toByteArray();
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
  }
}
