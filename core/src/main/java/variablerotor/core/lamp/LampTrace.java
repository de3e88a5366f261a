package variablerotor.core.lamp;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import variablerotor.core.code.Watch.Blind;

/**
 * The light of one lamp over time, parted into lit and dark.
 *
 * <p>What is around the box is taken off, by the share that the dark box has of it: so a change of
 * the room's light, its flicker and the camera's own exposure fall out. What is left is held
 * against its lowest part of some seconds, and is lit above the middle, with some play. All figures
 * are judgement, tried on drawn videos (see the bench of the senses).
 */
final class LampTrace {
  /** The dark level is looked for so far to both sides [s]. */
  private static final double NEAR = 6;

  /** And anew for every so manieth frame. */
  private static final int HELD = 10;

  /** This share of a stretch is dark, whatever the lamp tells. */
  private static final double DARK_SHARE = 0.1;

  /** The line of the dark box is laid so many times. */
  private static final int FITS = 4;

  /** Around it so little changes that there is no line to be laid [grey levels, variance]. */
  private static final double STILL = 0.3;

  /** A colour counts from this share of the one that moves most. */
  private static final double HAS_A_SAY = 0.4;

  /** A lamp goes on above this share of its whole light, and off below the other. */
  private static final double ON = 0.55;

  private static final double OFF = 0.35;

  /** Neither dark nor lit: above this share, and below that of a lit lamp. */
  private static final double BETWEEN = 0.28;

  /** Its light must be so many times the noise of the dark box. */
  private static final double CLEAR = 7;

  /** And at least so much on the mean of the box [grey levels]. */
  private static final double LEAST = 1.5;

  /** Light around it that jumps by this share is a hand before the lens, or another light. */
  private static final double JUMP = 0.45;

  /** A flash is one only if it reaches this share of the others' light. */
  private static final double FULL = 0.6;

  /** Frames farther apart than this may hide a flash [s]: the shortest one that boards give. */
  static final double SHORTEST = 0.12;

  /**
   * No board flashes so shortly, nor so soon again [s]: a lamp that is fed by pulses is, and a
   * camera sees some of these and some not.
   */
  private static final double PULSE = 0.09;

  /** Brightest spot of a lit lamp: so much above what is around, and so bright [grey levels]. */
  private static final double SPOT_ABOVE = 45;

  private static final double SPOT_LEAST = 90;

  /** A flash makes the brightest spot of its box so much brighter [grey levels]. */
  private static final double SPOT_STEP = 15;

  /** One flash: when, and what the lamp added, red, green and blue [grey levels]. */
  record Lit(double from, double to, double[] light) {}

  private final int frames;
  private final double[] time;
  private final double[][] box;
  private final double[][] ring;
  private final double[] spot;
  private final boolean[] lost;

  /** Light of the lamp, one for its whole light, at each frame. */
  final double[] light;

  final List<Lit> flashes = new ArrayList<>();
  final List<Blind> blind = new ArrayList<>();

  /** Whether lit and dark can be told from each other at all. */
  final boolean parted;

  /** The lamp's light over the noise. */
  final double clear;

  LampTrace(
      int frames, double[] time, double[][] box, double[][] ring, double[] spot, boolean[] lost) {
    this.frames = frames;
    this.time = time;
    this.box = box;
    this.ring = ring;
    this.spot = spot;
    this.lost = lost;
    double[][] added = added();
    light = brightest(added);
    double whole = whole(light);
    double noise = noise(light, whole);
    clear = noise > 0 ? whole / noise : 0;
    parted = whole >= LEAST && clear >= CLEAR;
    for (int i = 0; i < frames; i++) {
      light[i] = whole > 0 ? light[i] / whole : 0;
    }
    findBlind();
    if (parted) {
      findFlashes(added);
    }
  }

  /** What the box has beyond what it would have dark, by colour. */
  private double[][] added() {
    double[][] added = new double[3][];
    for (int c = 0; c < 3; c++) {
      added[c] = added(c);
    }
    return added;
  }

  /**
   * The dark box follows what is around it along a line. It is laid through the lower half of the
   * frames, again and again: those in which the lamp is dark, or all of them where it never
   * changes.
   */
  private double[] added(int c) {
    double[] left = new double[frames];
    double slope = darkShare(c);
    double offset = 0;
    for (int round = 0; round < FITS; round++) {
      for (int i = 0; i < frames; i++) {
        left[i] = box[i][c] - offset - slope * ring[i][c];
      }
      double[] sorted = left.clone();
      Arrays.sort(sorted);
      double middle = frames == 0 ? 0 : sorted[frames / 2];
      double sumX = 0;
      double sumY = 0;
      int count = 0;
      for (int i = 0; i < frames; i++) {
        if (left[i] <= middle) {
          sumX += ring[i][c];
          sumY += box[i][c];
          count++;
        }
      }
      double xx = 0;
      double xy = 0;
      for (int i = 0; i < frames; i++) {
        if (left[i] <= middle) {
          double x = ring[i][c] - sumX / count;
          xx += x * x;
          xy += x * (box[i][c] - sumY / count);
        }
      }
      if (count == 0 || xx / count < STILL) {
        break;
      }
      slope = Math.max(0, xy / xx);
      offset = sumY / count - slope * sumX / count;
    }
    return left;
  }

  /** Share that the dark box has of what is around, if it never lit: of its darkest frames. */
  private double darkShare(int c) {
    double[] share = new double[frames];
    for (int i = 0; i < frames; i++) {
      share[i] = box[i][c] / Math.max(1, ring[i][c]);
    }
    Arrays.sort(share);
    return frames == 0 ? 1 : share[(int) (DARK_SHARE * frames)];
  }

  /**
   * The colour that is lit most, each held against its own whole light: so a lamp of two colours is
   * as bright in one as in the other. A colour that hardly moves has no say. Dark is zero; in grey
   * levels of the colour that moves most.
   */
  private double[] brightest(double[][] added) {
    double[] whole = new double[3];
    double most = 0;
    for (int c = 0; c < 3; c++) {
      whole[c] = whole(added[c]);
      most = Math.max(most, whole[c]);
    }
    double[] light = new double[frames];
    for (int c = 0; c < 3; c++) {
      if (whole[c] <= 0 || whole[c] < HAS_A_SAY * most) {
        continue;
      }
      double[] level = aboveDark(added[c]);
      for (int i = 0; i < frames; i++) {
        light[i] = Math.max(light[i], level[i] / whole[c] * most);
      }
    }
    return light;
  }

  /** With the lowest part of some seconds taken off. */
  private double[] aboveDark(double[] values) {
    double[] level = new double[frames];
    int from = 0;
    int to = 0;
    double dark = 0;
    for (int i = 0; i < frames; i++) {
      if (i % HELD == 0) {
        while (time[from] < time[i] - NEAR) {
          from++;
        }
        while (to < frames && time[to] <= time[i] + NEAR) {
          to++;
        }
        double[] near = Arrays.copyOfRange(values, from, to);
        Arrays.sort(near);
        dark = near[(int) (DARK_SHARE * near.length)];
      }
      level[i] = values[i] - dark;
    }
    return level;
  }

  /** From the lowest to the highest, but for a few frames at both ends. */
  private static double whole(double[] values) {
    if (values.length < 8) {
      return 0;
    }
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    int few = Math.max(2, values.length / 100);
    return sorted[values.length - 1 - few] - sorted[few];
  }

  /** How much the dark frames differ from each other. */
  private double noise(double[] values, double whole) {
    double squares = 0;
    int count = 0;
    for (int i = 1; i < frames; i++) {
      if (values[i] < OFF * whole && values[i - 1] < OFF * whole) {
        double d = values[i] - values[i - 1];
        squares += d * d / 2;
        count++;
      }
    }
    return count == 0 ? 0 : Math.sqrt(Math.max(1e-4, squares / count));
  }

  private double around(int i) {
    return ring[i][0] + ring[i][1] + ring[i][2];
  }

  private void findBlind() {
    double usual = frames > 0 ? around(0) : 0;
    for (int i = 1; i < frames; i++) {
      double step = time[i] - time[i - 1];
      if (step > SHORTEST) {
        blind.add(new Blind(time[i - 1], time[i]));
      }
      boolean jumped = Math.abs(around(i) - usual) > JUMP * Math.max(usual, around(i));
      if (lost[i] || jumped) {
        blind.add(new Blind(time[i - 1], time[i]));
      }
      // About a second until another light is the usual one.
      usual += Math.min(1, step) * (around(i) - usual);
    }
  }

  private void findFlashes(double[][] added) {
    int begin = -1;
    boolean lit = false;
    for (int i = 0; i < frames; i++) {
      boolean now = lit ? light[i] > OFF : light[i] > ON;
      if (now && !lit) {
        begin = i;
      } else if (lit && !now) {
        flash(begin, i, added);
      }
      lit = now;
    }
    if (lit) {
      // Still lit: a flash that has not ended cannot be told from a steady lamp.
      blind.add(new Blind(time[begin], Double.MAX_VALUE));
    }
    checkEven();
  }

  /** Lit from this frame to before that one. */
  private void flash(int begin, int end, double[][] added) {
    if (begin == 0) {
      blind.add(new Blind(-Double.MAX_VALUE, time[end]));
      return;
    }
    double most = 0;
    for (int i = begin; i < end; i++) {
      most = Math.max(most, light[i]);
    }
    boolean pulse = crossing(end) - crossing(begin) < PULSE;
    if (end - begin < 2 || most < FULL || pulse) {
      // Too short for this camera, or a glint.
      blind.add(new Blind(time[begin - 1], time[end]));
      return;
    }
    double bright = 0;
    for (int i = begin; i < end; i++) {
      bright += spot[i] / (end - begin);
    }
    if (bright - darkNear(spot, begin, end) < SPOT_STEP) {
      // The box as a whole changed, and no lamp in it.
      blind.add(new Blind(time[begin - 1], time[end]));
      return;
    }
    double[] lightOf = new double[3];
    for (int c = 0; c < 3; c++) {
      double on = 0;
      for (int i = begin; i < end; i++) {
        on += added[c][i] / (end - begin);
      }
      lightOf[c] = on - darkNear(added[c], begin, end);
    }
    Lit lit = new Lit(crossing(begin), crossing(end), lightOf);
    Lit last = flashes.isEmpty() ? null : flashes.get(flashes.size() - 1);
    if (last != null && lit.from() - last.to() < PULSE) {
      blind.add(new Blind(last.from(), lit.to()));
    }
    flashes.add(lit);
  }

  /** Mean of some dark frames just before and after. */
  private double darkNear(double[] values, int begin, int end) {
    double sum = 0;
    int count = 0;
    for (int i = Math.max(0, begin - 4); i < Math.min(frames, end + 4); i++) {
      if (light[i] < OFF) {
        sum += values[i];
        count++;
      }
    }
    return count == 0 ? 0 : sum / count;
  }

  /** When the light went through the middle, between this frame and the one before [s]. */
  private double crossing(int i) {
    double before = light[i - 1];
    double after = light[i];
    double share = after == before ? 0.5 : (0.5 - before) / (after - before);
    return time[i - 1] + Math.max(0, Math.min(1, share)) * (time[i] - time[i - 1]);
  }

  /** Light that stays between lit and dark is neither: a shadow, a glint, a beat with the mains. */
  private void checkEven() {
    int between = 0;
    double from = 0;
    for (int i = 1; i < frames; i++) {
      boolean middle = light[i] > BETWEEN && light[i] < ON;
      if (middle && between == 0) {
        from = time[i - 1];
      }
      between = middle ? between + 1 : 0;
      if (between >= 3) {
        blind.add(new Blind(from, time[i]));
      }
    }
  }

  /** Whether the box holds a bright spot, which a lit lamp is; and a reflection, too. */
  boolean hasBrightSpot() {
    double[] above = new double[frames];
    double[] bright = new double[frames];
    for (int i = 0; i < frames; i++) {
      above[i] = spot[i] - Math.max(ring[i][0], Math.max(ring[i][1], ring[i][2]));
      bright[i] = spot[i];
    }
    Arrays.sort(above);
    Arrays.sort(bright);
    return frames > 0 && above[frames / 2] >= SPOT_ABOVE && bright[frames / 2] >= SPOT_LEAST;
  }
}
