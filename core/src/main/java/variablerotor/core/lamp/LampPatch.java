package variablerotor.core.lamp;

import java.util.Arrays;

/**
 * The place of one lamp in the picture, followed frame by frame. The lamp is within the box in the
 * middle; what is around the box tells how the hand moved and how the light changed, and is the
 * measure that the box is held against.
 *
 * <p>Following is block matching: the shift of least mean squared difference, means taken off, as
 * in common practice of image processing. All figures are judgement, tried on drawn videos.
 */
final class LampPatch {
  /** Width and height of a patch [pixels]. */
  static final int SIDE = 48;

  /** The box in the middle of it reaches from here to there [pixels]. */
  private static final int BOX_FROM = 12;

  private static final int BOX_TO = 36;

  /** Room around the box that is not used to follow: a lamp's glow reaches so far [pixels]. */
  private static final int GLOW = 2;

  /** What is used to follow reaches from an edge to here, and from there to the other [pixels]. */
  private static final int AROUND_TO = BOX_FROM - GLOW;

  private static final int AROUND_FROM = BOX_TO + GLOW;

  /** Farthest that the lamp may wander from where it was [pixels]; the box must stay inside. */
  private static final int FARTHEST = BOX_FROM - 1;

  /** From one frame to the next the hand moves so far at the most [pixels]. */
  private static final int STEP = 3;

  /**
   * Another place must be better by this share: by four times what noise does to the mean of some
   * fifteen hundred squares.
   */
  private static final double BETTER = 0.15;

  /** Share of each new frame that goes into what is followed. */
  private static final double RENEWED = 0.02;

  /** Around the box so little contrast that a movement cannot be seen [grey levels, variance]. */
  private static final double PLAIN = 12;

  /** Followed no more where so much of what was around is different [share of its variance]. */
  private static final double STRANGE = 0.9;

  /** And so many times what noise alone makes different. */
  private static final double ABOVE_NOISE = 4;

  private final float[] around = new float[SIDE * SIDE];
  private boolean begun;
  private int dx;
  private int dy;

  /** What noise alone makes different, slowly learnt [grey levels, variance]. */
  private double noise;

  /** Mean of the box and of what is around it, red, green and blue [0 to 255]. */
  final double[] box = new double[3];

  final double[] ring = new double[3];

  /** Brightest spot of the box [0 to 255]: the mean of its brightest thirty-second part. */
  double spot;

  /** Whether the lamp may have left its box. */
  boolean lost;

  /** How far the hand moved since the frame before [pixels]. */
  double moved;

  /**
   * @param rgba {@link #SIDE} rows of as many pixels, four bytes each
   */
  void see(byte[] rgba) {
    if (rgba.length != SIDE * SIDE * 4) {
      throw new IllegalArgumentException("a patch has " + SIDE + " by " + SIDE + " pixels");
    }
    float[] grey = new float[SIDE * SIDE];
    for (int i = 0; i < grey.length; i++) {
      grey[i] =
          0.299f * (rgba[4 * i] & 255)
              + 0.587f * (rgba[4 * i + 1] & 255)
              + 0.114f * (rgba[4 * i + 2] & 255);
    }
    if (!begun) {
      System.arraycopy(grey, 0, around, 0, grey.length);
      begun = true;
    } else {
      follow(grey);
    }
    measure(rgba);
    if (!lost) {
      renew(grey);
    }
  }

  private static boolean isAround(int x, int y) {
    return x < AROUND_TO || x >= AROUND_FROM || y < AROUND_TO || y >= AROUND_FROM;
  }

  private void follow(float[] grey) {
    int bestX = dx;
    int bestY = dy;
    double least = difference(grey, dx, dy);
    double stay = least;
    for (int y = dy - STEP; y <= dy + STEP; y++) {
      for (int x = dx - STEP; x <= dx + STEP; x++) {
        if (Math.abs(x) > FARTHEST || Math.abs(y) > FARTHEST || (x == dx && y == dy)) {
          continue;
        }
        double now = difference(grey, x, y);
        if (now < least && now < (1 - BETTER) * stay) {
          least = now;
          bestX = x;
          bestY = y;
        }
      }
    }
    moved = Math.hypot(bestX - dx, bestY - dy);
    dx = bestX;
    dy = bestY;
    double contrast = variance();
    noise = noise == 0 ? least : noise + RENEWED * (Math.min(least, 2 * noise) - noise);
    boolean strange = least > STRANGE * contrast && least > ABOVE_NOISE * noise;
    lost = Math.abs(dx) == FARTHEST || Math.abs(dy) == FARTHEST || (contrast > PLAIN && strange);
  }

  /** Mean squared difference of what is around, shifted, from what was; means taken off. */
  private double difference(float[] grey, int shiftX, int shiftY) {
    int left = Math.max(0, -shiftX);
    int right = Math.min(SIDE, SIDE - shiftX);
    int bottom = Math.min(SIDE, SIDE - shiftY);
    int shift = shiftY * SIDE + shiftX;
    double sum = 0;
    double squares = 0;
    int count = 0;
    for (int y = Math.max(0, -shiftY); y < bottom; y++) {
      int row = y * SIDE;
      // Whole rows above and below the box; beside it two parts of one. It is done some fifty
      // times a frame, so that nothing is asked of each pixel.
      boolean whole = y < AROUND_TO || y >= AROUND_FROM;
      int end = whole ? right : Math.min(right, AROUND_TO);
      for (int i = row + left; i < row + end; i++) {
        double d = grey[i + shift] - around[i];
        sum += d;
        squares += d * d;
      }
      count += Math.max(0, end - left);
      if (!whole) {
        int from = Math.max(left, AROUND_FROM);
        for (int i = row + from; i < row + right; i++) {
          double d = grey[i + shift] - around[i];
          sum += d;
          squares += d * d;
        }
        count += Math.max(0, right - from);
      }
    }
    return squares / count - sum * sum / ((double) count * count);
  }

  private double variance() {
    double sum = 0;
    double squares = 0;
    int count = 0;
    for (int y = 0; y < SIDE; y += 2) {
      for (int x = (y >> 1) & 1; x < SIDE; x += 2) {
        if (isAround(x, y)) {
          double d = around[y * SIDE + x];
          sum += d;
          squares += d * d;
          count++;
        }
      }
    }
    return squares / count - sum * sum / ((double) count * count);
  }

  private void measure(byte[] rgba) {
    double[] inside = new double[3];
    double[] outside = new double[3];
    int in = 0;
    int out = 0;
    int[] brightest = new int[256];
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        int at = 4 * (y * SIDE + x);
        int fromX = x - dx;
        int fromY = y - dy;
        boolean boxed = fromX >= BOX_FROM && fromX < BOX_TO && fromY >= BOX_FROM && fromY < BOX_TO;
        if (!boxed && !isAround(fromX, fromY)) {
          continue;
        }
        int most = 0;
        for (int c = 0; c < 3; c++) {
          int value = rgba[at + c] & 255;
          most = Math.max(most, value);
          if (boxed) {
            inside[c] += value;
          } else {
            outside[c] += value;
          }
        }
        if (boxed) {
          brightest[most]++;
          in++;
        } else {
          out++;
        }
      }
    }
    for (int c = 0; c < 3; c++) {
      box[c] = inside[c] / in;
      ring[c] = outside[c] / out;
    }
    spot = brightest(brightest, in / 32);
  }

  private static double brightest(int[] counts, int wanted) {
    double sum = 0;
    int left = wanted;
    for (int value = 255; value >= 0 && left > 0; value--) {
      int taken = Math.min(left, counts[value]);
      sum += (double) taken * value;
      left -= taken;
    }
    return sum / wanted;
  }

  /** What is around changes slowly: the light does. */
  private void renew(float[] grey) {
    for (int y = 0; y < SIDE; y++) {
      int atY = y + dy;
      if (atY < 0 || atY >= SIDE) {
        continue;
      }
      for (int x = 0; x < SIDE; x++) {
        int atX = x + dx;
        if (atX >= 0 && atX < SIDE) {
          int i = y * SIDE + x;
          around[i] += (float) (RENEWED * (grey[atY * SIDE + atX] - around[i]));
        }
      }
    }
  }

  /** Begins anew, where the box was put elsewhere. */
  void forget() {
    begun = false;
    dx = 0;
    dy = 0;
    lost = false;
    moved = 0;
    noise = 0;
    Arrays.fill(around, 0);
  }
}
