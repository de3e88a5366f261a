package variablerotor.e2e;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;
import variablerotor.core.staged.StagedPlate;

/**
 * A motor's plate, drawn as a telephone would photograph it: bent, slanted, dirty, in poor light.
 *
 * @param says what stands on it, by the title that the page gives it
 * @param picture JPEG
 */
record DrawnPlate(Map<String, String> says, byte[] picture) {
  private static final int WIDTH = 1100;
  private static final int HEIGHT = 700;

  static DrawnPlate of(long seed) throws IOException {
    Random random = new Random(seed * 7919 + 17);
    StagedPlate plate = StagedPlate.any(random);
    Map<String, String> says = new LinkedHashMap<>();
    plate.says().forEach((field, value) -> says.put(field.title(), value));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(photographed(plate(plate.lines(), random), random), "jpg", out);
    return new DrawnPlate(says, out.toByteArray());
  }

  private static BufferedImage plate(List<String> lines, Random random) {
    BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = picture.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    boolean dark = random.nextInt(4) == 0;
    Color ground = dark ? new Color(40, 40, 44) : new Color(196, 198, 200);
    Color ink = dark ? new Color(215, 215, 210) : new Color(35, 35, 38);
    pen.setColor(new Color(70, 74, 70));
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    pen.translate(WIDTH / 2.0, HEIGHT / 2.0);
    pen.rotate(Math.toRadians(8 * random.nextDouble() - 4));
    pen.translate(-WIDTH / 2.0, -HEIGHT / 2.0);
    pen.setColor(ground);
    pen.fillRoundRect(40, 90, WIDTH - 80, HEIGHT - 180, 30, 30);
    pen.setColor(ink);
    pen.setStroke(new BasicStroke(3));
    pen.drawRoundRect(52, 102, WIDTH - 104, HEIGHT - 204, 24, 24);
    boolean wide = random.nextBoolean();
    pen.setFont(new Font(wide ? Font.SANS_SERIF : Font.MONOSPACED, Font.BOLD, wide ? 38 : 34));
    for (int line = 0; line < lines.size(); line++) {
      pen.drawString(lines.get(line), 90, 190 + line * 74);
    }
    // Dirt: blotches, thin over letters.
    for (int i = random.nextInt(14); i > 0; i--) {
      pen.setColor(new Color(60, 50, 36, 40 + random.nextInt(70)));
      int size = 10 + random.nextInt(70);
      pen.fillOval(random.nextInt(WIDTH), random.nextInt(HEIGHT), size, size / 2);
    }
    pen.dispose();
    return picture;
  }

  /** Bent over a round shell, light from one side, noise, not quite sharp. */
  private static BufferedImage photographed(BufferedImage plate, Random random) {
    double bent = 26 * random.nextDouble();
    double slant = 0.12 * random.nextDouble() - 0.06;
    double light = 0.35 + 0.65 * random.nextDouble();
    double noise = 3 + 14 * random.nextDouble();
    int blur = random.nextInt(3);
    BufferedImage photo = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        double across = (double) x / WIDTH - 0.5;
        double fromY = y + 4 * bent * across * across + slant * (y - HEIGHT / 2.0) * across;
        double[] sum = new double[3];
        int count = 0;
        for (int dx = -blur; dx <= blur; dx++) {
          int inX = Math.max(0, Math.min(WIDTH - 1, x + dx));
          int inY = Math.max(0, Math.min(HEIGHT - 1, (int) Math.round(fromY)));
          int rgb = plate.getRGB(inX, inY);
          sum[0] += rgb >> 16 & 255;
          sum[1] += rgb >> 8 & 255;
          sum[2] += rgb & 255;
          count++;
        }
        double lit = light * (1 - 0.5 * (double) x / WIDTH);
        int value = 0;
        for (int c = 0; c < 3; c++) {
          double level = sum[c] / count * lit + noise * random.nextGaussian();
          value = value << 8 | (int) Math.max(0, Math.min(255, level));
        }
        photo.setRGB(x, y, value);
      }
    }
    if (random.nextInt(4) == 0) {
      Graphics2D pen = photo.createGraphics();
      int at = random.nextInt(WIDTH - 300);
      pen.setPaint(
          new GradientPaint(
              at,
              0,
              new Color(255, 255, 255, 0),
              at + 150,
              0,
              new Color(255, 255, 255, 150),
              true));
      pen.fillRect(at, 0, 300, HEIGHT);
      pen.dispose();
    }
    return photo;
  }
}
