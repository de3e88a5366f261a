package variablerotor.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;

/** A plate of a machine that nobody makes, drawn, so that the demo has a photo to show. */
final class DrawnPlate {
  private static final int WIDTH = 800;
  private static final int HEIGHT = 520;
  private static final String FACE = "/fonts/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf";

  private DrawnPlate() {}

  static byte[] png(List<String> lines) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D ink = image.createGraphics();
    ink.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    ink.setPaint(new GradientPaint(0, 0, new Color(0x6E7479), WIDTH, HEIGHT, new Color(0x4A5055)));
    ink.fillRect(0, 0, WIDTH, HEIGHT);
    ink.setPaint(new GradientPaint(60, 40, new Color(0xDADDD9), 700, 480, new Color(0xB4B8B4)));
    ink.fillRoundRect(60, 40, WIDTH - 120, HEIGHT - 80, 24, 24);
    ink.setColor(new Color(0x2A2F33));
    ink.setStroke(new BasicStroke(3));
    ink.drawRoundRect(76, 56, WIDTH - 152, HEIGHT - 112, 16, 16);
    for (int x : new int[] {88, WIDTH - 108}) {
      ink.fillOval(x, 68, 18, 18);
      ink.fillOval(x, HEIGHT - 88, 18, 18);
    }
    ink.setFont(face());
    int y = 140;
    for (String line : lines) {
      ink.drawString(line, 130, y);
      y += 52;
    }
    ink.dispose();
    try {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      ImageIO.write(image, "png", bytes);
      return bytes.toByteArray();
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
  }

  private static Font face() {
    try (InputStream file = DrawnPlate.class.getResourceAsStream(FACE)) {
      return file == null
          ? new Font(Font.SANS_SERIF, Font.BOLD, 32)
          : Font.createFont(Font.TRUETYPE_FONT, file).deriveFont(32f);
    } catch (IOException | java.awt.FontFormatException fault) {
      throw new IllegalStateException("the drawn plate has no face", fault);
    }
  }
}
