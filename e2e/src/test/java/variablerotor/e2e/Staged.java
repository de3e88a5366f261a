package variablerotor.e2e;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Films and sounds for a browser that takes them for its camera and its microphone. */
final class Staged {
  private static final int FRAMES_A_SECOND = 30;
  private static final int RATE = 48_000;

  private Staged() {}

  /** What a browser is started with, to see and hear these. */
  static List<String> devices(Path film, Path sound) {
    return List.of(
        "--use-fake-device-for-media-stream",
        "--use-fake-ui-for-media-stream",
        "--use-file-for-fake-video-capture=" + film,
        "--use-file-for-fake-audio-capture=" + sound);
  }

  /**
   * One round of a red lamp on a board, again and again: so many flashes, two a second, a pause.
   */
  static Path lamp(Path folder, int flashes) throws IOException {
    Path file = folder.resolve("lamp.mjpeg");
    double round = flashes * 0.5 + 3;
    Random random = new Random(4);
    try (OutputStream out = Files.newOutputStream(file)) {
      for (int frame = 0; frame < round * FRAMES_A_SECOND; frame++) {
        double time = (double) frame / FRAMES_A_SECOND;
        boolean lit = time < flashes * 0.5 && time % 0.5 < 0.2;
        ImageIO.write(board(lit, random.nextInt(3), random.nextInt(3)), "jpg", out);
      }
    }
    return file;
  }

  private static BufferedImage board(boolean lit, int right, int down) {
    BufferedImage picture = new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = picture.createGraphics();
    pen.translate(right, down);
    pen.setColor(new Color(34, 78, 52));
    pen.fillRect(-9, -9, 660, 500);
    Random parts = new Random(8);
    for (int i = 0; i < 120; i++) {
      int shade = 30 + parts.nextInt(150);
      pen.setColor(new Color(shade, shade, shade));
      pen.fillRect(
          parts.nextInt(640), parts.nextInt(480), 8 + parts.nextInt(50), 6 + parts.nextInt(20));
    }
    pen.setColor(lit ? new Color(255, 60, 40) : new Color(70, 20, 18));
    pen.fillOval(310, 230, 20, 20);
    pen.dispose();
    return picture;
  }

  /** Ten seconds of a wheel, which fit together end to end. */
  static Path wheel(Path folder, int blades, double rpm) throws IOException {
    Random random = new Random(6);
    double[] samples = new double[10 * RATE];
    for (int i = 0; i < samples.length; i++) {
      double turned = rpm / 60 * i / RATE;
      for (int k = 1; k <= 7; k++) {
        samples[i] += 0.12 / k * Math.sin(2 * Math.PI * blades * k * turned);
      }
      samples[i] += 0.01 * random.nextGaussian();
    }
    return sound(folder.resolve("wheel.wav"), samples);
  }

  /** Tries of a second and a quarter, two and a half seconds apart, and then none. */
  static Path tries(Path folder, int tries) throws IOException {
    Random random = new Random(6);
    double[] samples = new double[(int) ((3 + tries * 3.75 + 60) * RATE)];
    for (int i = 0; i < samples.length; i++) {
      double time = (double) i / RATE - 3;
      boolean on = time >= 0 && time < tries * 3.75 && time % 3.75 < 1.25;
      samples[i] = (on ? 0.15 : 0.002) * random.nextGaussian();
    }
    return sound(folder.resolve("tries.wav"), samples);
  }

  private static Path sound(Path file, double[] samples) throws IOException {
    byte[] bytes = new byte[2 * samples.length];
    for (int i = 0; i < samples.length; i++) {
      int value = (int) Math.round(32_000 * Math.max(-1, Math.min(1, samples[i])));
      bytes[2 * i] = (byte) value;
      bytes[2 * i + 1] = (byte) (value >> 8);
    }
    AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
    AudioSystem.write(
        new AudioInputStream(new ByteArrayInputStream(bytes), format, samples.length),
        AudioFileFormat.Type.WAVE,
        file.toFile());
    return file;
  }
}
