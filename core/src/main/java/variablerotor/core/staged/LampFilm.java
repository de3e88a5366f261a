package variablerotor.core.staged;

import java.util.Arrays;
import java.util.Random;
import variablerotor.core.lamp.LampWatch;

/**
 * What a camera sees of staged lamps, in a hand: a board with its parts, a lamp with its glow, the
 * room's light that flickers with the mains and drifts, a camera that follows the light, noise,
 * frames left out, a hand that shakes and one that passes before the lens.
 */
public final class LampFilm {
  private static final int SIDE = LampWatch.SIDE;

  /** A board is drawn wider than the picture, so that the hand may move over it [pixels]. */
  private static final int WIDE = SIDE + 48;

  private static final int GRAIN = 1 << 14;

  /** Colours of lamps, red, green and blue [share of full]. */
  private static final double[][] COLOURS = {
    {1, 0.12, 0.08}, {0.15, 1, 0.25}, {1, 0.62, 0.08}, {0.2, 0.35, 1}
  };

  /** How hard it is to see. */
  public record Trouble(
      double noise,
      double flicker,
      double mains,
      double drift,
      double shake,
      double dropped,
      boolean freezes,
      boolean handPasses,
      boolean jerks,
      double follows) {

    /** Good light and a quiet hand. */
    public static Trouble none() {
      return new Trouble(2, 0, 120, 0, 0, 0, false, false, false, 0);
    }

    /** As on a roof and in a crawl space. */
    public static Trouble any(Random random) {
      return new Trouble(
          2 + 9 * random.nextDouble(),
          random.nextBoolean() ? 0.25 * random.nextDouble() : 0,
          random.nextBoolean() ? 100 : 120,
          0.3 * random.nextDouble(),
          4 * random.nextDouble(),
          0.04 * random.nextDouble(),
          random.nextInt(6) == 0,
          random.nextInt(10) == 0,
          random.nextInt(8) == 0,
          0.35 * random.nextDouble());
    }
  }

  private final StagedLamp lamp;
  private final Trouble trouble;
  private final Random random;
  private final double[][] board = new double[WIDE * WIDE][3];

  /** Noise is drawn once and taken from another place for each picture. */
  private final double[] grain = new double[GRAIN];

  private final double ambient;
  private final double radius;
  private final double[] peaks = new double[2];
  private final double[][] colours = new double[2][];
  private final double begin;
  private final double frame;
  private final double passes;
  private final double freeze;
  private double time;
  private double x;
  private double y;
  private double exposure = 1;

  /**
   * @param seed the same seed draws the same film
   */
  public LampFilm(StagedLamp lamp, Trouble trouble, long seed) {
    this.lamp = lamp;
    this.trouble = trouble;
    random = Seeds.random(seed);
    ambient = 15 + 95 * random.nextDouble();
    radius = 2 + 3.5 * random.nextDouble();
    int colour = random.nextInt(COLOURS.length);
    // Red and green, or green and amber, as boards pair them.
    int other = colour == 1 ? 2 * random.nextInt(2) : 1;
    colours[0] = COLOURS[colour];
    colours[1] = COLOURS[other];
    peaks[0] = 130 + 180 * random.nextDouble();
    peaks[1] = peaks[0] * (0.7 + 0.5 * random.nextDouble());
    begin = lamp.round() * random.nextDouble();
    frame = 1 / (24 + 6 * random.nextDouble());
    passes = trouble.handPasses ? 4 + 15 * random.nextDouble() : -9;
    freeze = trouble.freezes ? 3 + 15 * random.nextDouble() : -9;
    for (int i = 0; i < GRAIN; i++) {
      grain[i] = trouble.noise * random.nextGaussian();
    }
    paintBoard();
  }

  private void paintBoard() {
    double[] ground = {0.25, 0.55, 0.35};
    for (double[] pixel : board) {
      System.arraycopy(ground, 0, pixel, 0, 3);
    }
    for (int part = 0; part < 40; part++) {
      int left = random.nextInt(WIDE);
      int top = random.nextInt(WIDE);
      int right = Math.min(WIDE, left + 2 + random.nextInt(14));
      int bottom = Math.min(WIDE, top + 2 + random.nextInt(10));
      double shade = 0.1 + 0.9 * random.nextDouble();
      for (int row = top; row < bottom; row++) {
        for (int column = left; column < right; column++) {
          Arrays.fill(board[row * WIDE + column], shade);
        }
      }
    }
  }

  /** When the last frame was taken, since the film began [s]. */
  public double time() {
    return time;
  }

  /** The next frame that the camera gives: a picture of each lamp, as the watch takes them. */
  public byte[][] next() {
    step();
    boolean lost = random.nextDouble() < trouble.dropped;
    if (lost) {
      step();
    }
    if (time > freeze && time < freeze + frame && freeze > 0) {
      double until = time + 0.2 + 0.4 * random.nextDouble();
      while (time < until) {
        step();
      }
    }
    byte[][] pictures = new byte[lamp.lamps()][];
    for (int which = 0; which < pictures.length; which++) {
      pictures[which] = picture(which);
    }
    return pictures;
  }

  private void step() {
    time += frame + 0.003 * random.nextGaussian() / 2;
    x = 0.97 * x + 0.25 * trouble.shake * random.nextGaussian();
    y = 0.97 * y + 0.25 * trouble.shake * random.nextGaussian();
    if (trouble.jerks && random.nextInt(150) == 0) {
      x += 12 * random.nextGaussian();
      y += 12 * random.nextGaussian();
    }
    double asked = 1;
    for (int which = 0; which < 2; which++) {
      if (lamp.isLit(which, begin + time)) {
        asked = 1 - trouble.follows;
      }
    }
    exposure += 0.12 * (asked - exposure);
  }

  private byte[] picture(int which) {
    double room = 1 + trouble.drift * Math.sin(time / 3 + 1);
    // Taken in a hundredth of a second: what flickers with the mains shows as beats.
    room *= 1 + trouble.flicker * Math.sin(2 * Math.PI * trouble.mains * time);
    boolean covered = time > passes && time < passes + 0.6;
    byte[] rgba = new byte[SIDE * SIDE * 4];
    int place = random.nextInt(GRAIN);
    double[][] light = lightOf(which);
    double centre = (SIDE - 1) / 2.0;
    for (int row = 0; row < SIDE; row++) {
      for (int column = 0; column < SIDE; column++) {
        int at = 4 * (row * SIDE + column);
        double[] ground = ground(row, column, which);
        double share = 0;
        if (light.length > 0) {
          double far = Math.hypot(column - centre - x, row - centre - y);
          share = 1 / (1 + Math.exp(2 * (far - radius))) + 0.12 * Math.exp(-far / (2 * radius));
        }
        for (int c = 0; c < 3; c++) {
          double value = covered ? 9 : ambient * room * ground[c];
          for (double[] one : light) {
            value += covered ? 0 : one[c] * share;
          }
          place = (place + 1) & (GRAIN - 1);
          value = exposure * value + grain[place];
          rgba[at + c] = (byte) Math.max(0, Math.min(255, Math.round(value)));
        }
        rgba[at + 3] = (byte) 255;
      }
    }
    return rgba;
  }

  private double[] ground(int row, int column, int which) {
    int boardX = column + 24 - (int) Math.round(x) + 5 * which;
    int boardY = row + 24 - (int) Math.round(y);
    int inX = Math.max(0, Math.min(WIDE - 1, boardX));
    int inY = Math.max(0, Math.min(WIDE - 1, boardY));
    return board[inY * WIDE + inX];
  }

  /** What the lamps in this picture give just now; of lamps apart, a little of the other one. */
  private double[][] lightOf(int which) {
    if (!lamp.isLit(0, begin + time) && !lamp.isLit(1, begin + time)) {
      return new double[0][];
    }
    double[][] light = new double[2][3];
    for (int one = 0; one < 2; one++) {
      if (!lamp.isLit(one, begin + time)) {
        continue;
      }
      double share = !lamp.apart() || one == which ? 1 : 0.06;
      for (int c = 0; c < 3; c++) {
        light[one][c] = share * peaks[one] * colours[one][c];
      }
    }
    return light;
  }
}
