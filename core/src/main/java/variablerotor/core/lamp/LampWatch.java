package variablerotor.core.lamp;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.code.BlinkReader;
import variablerotor.core.code.BlinkReading;
import variablerotor.core.code.Press;
import variablerotor.core.code.SignalKind;
import variablerotor.core.code.Watch;
import variablerotor.core.code.Watch.Blind;
import variablerotor.core.lamp.LampSeen.State;
import variablerotor.core.lamp.LampSeen.Warning;
import variablerotor.core.lamp.LampTrace.Lit;

/**
 * Watches one lamp or two, frame by frame. It keeps what it saw of the last minute and a half: no
 * board takes longer for two rounds.
 */
public final class LampWatch {
  /** Width and height of the picture of one lamp [pixels]; the lamp is in its middle half. */
  public static final int SIDE = LampPatch.SIDE;

  /** So much is kept [frames]: a minute and a half at thirty a second. */
  private static final int MOST_FRAMES = 2700;

  /** Before this nothing is said [s]. */
  private static final double FIRST_LOOK = 2;

  /** A lamp that did not change for so long is steady or off [s]: longer than boards pause. */
  private static final double LONG_LOOK = 12;

  /** Flashes that come quicker than this are no code [s from one to the next]. */
  private static final double QUICK = 0.2;

  /** So many gaps alike, and it is even. */
  private static final int EVEN_GAPS = 6;

  private static final double QUICK_SHARE = 0.8;

  /** Two flashes of one number are no farther apart than this [s from one to the next]. */
  private static final double WIDE = 1.1;

  /** A lamp that is lit for more than this share is lit as a rule. */
  private static final double LIT_MOST = 0.6;

  /**
   * Even flashes this slow [s] may be one a round; quicker ones are even from so many gaps on: more
   * than any code has.
   */
  private static final double SLOW = 1.5;

  private static final int EVEN_QUICK = 31;

  /** Gaps alike differ by no more than this share: a board's clock is steady. */
  private static final double ALIKE = 1.3;

  /** Warnings are of the last so many seconds. */
  private static final double JUST_NOW = 3;

  /** Drawn are the last so many seconds, with so many points at the most. */
  private static final double DRAWN = 15;

  private static final int POINTS = 450;

  /** Two colours of one lamp lie at least so far apart [°]. */
  private static final double OTHER_HUE = 45;

  /** And are lit so often at the least. */
  private static final int FEWEST_OF_A_COLOUR = 2;

  /** A second box that is never brighter than this share of the first sees its light alone. */
  private static final double SPILL = 0.35;

  private final int lamps;
  private final LampPatch[] patches;
  private final double[][][] box;
  private final double[][][] ring;
  private final double[][] spot;
  private final boolean[][] lost;
  private final double[] moved = new double[MOST_FRAMES];
  private final double[] time = new double[MOST_FRAMES];
  private int frames;

  /**
   * @param lamps 1 or 2
   */
  public LampWatch(int lamps) {
    if (lamps < 1 || lamps > 2) {
      throw new IllegalArgumentException("lamps: 1 or 2");
    }
    this.lamps = lamps;
    patches = new LampPatch[lamps];
    for (int lamp = 0; lamp < lamps; lamp++) {
      patches[lamp] = new LampPatch();
    }
    box = new double[lamps][MOST_FRAMES][3];
    ring = new double[lamps][MOST_FRAMES][3];
    spot = new double[lamps][MOST_FRAMES];
    lost = new boolean[lamps][MOST_FRAMES];
  }

  /**
   * One frame.
   *
   * @param at when it was taken [s]; one that is not after the last is left out
   * @param pictures of each lamp: {@link #SIDE} rows of as many pixels, red, green, blue and one
   *     more byte each
   */
  public void see(double at, byte[]... pictures) {
    if (pictures.length != lamps) {
      throw new IllegalArgumentException("a picture of each lamp, and no other");
    }
    if (frames > 0 && at <= time[frames - 1]) {
      return;
    }
    if (frames == MOST_FRAMES) {
      forgetOldest(MOST_FRAMES / 3);
    }
    time[frames] = at;
    moved[frames] = 0;
    for (int lamp = 0; lamp < lamps; lamp++) {
      LampPatch patch = patches[lamp];
      patch.see(pictures[lamp]);
      for (int c = 0; c < 3; c++) {
        box[lamp][frames][c] = patch.box[c];
        ring[lamp][frames][c] = patch.ring[c];
      }
      spot[lamp][frames] = patch.spot;
      lost[lamp][frames] = patch.lost;
      moved[frames] = Math.max(moved[frames], patch.moved);
    }
    frames++;
  }

  private void forgetOldest(int many) {
    int left = frames - many;
    System.arraycopy(time, many, time, 0, left);
    System.arraycopy(moved, many, moved, 0, left);
    for (int lamp = 0; lamp < lamps; lamp++) {
      System.arraycopy(spot[lamp], many, spot[lamp], 0, left);
      System.arraycopy(lost[lamp], many, lost[lamp], 0, left);
      for (int i = 0; i < left; i++) {
        System.arraycopy(box[lamp][i + many], 0, box[lamp][i], 0, 3);
        System.arraycopy(ring[lamp][i + many], 0, ring[lamp][i], 0, 3);
      }
    }
    frames = left;
  }

  /** What it amounts to so far. */
  public LampSeen read() {
    List<LampTrace> traces = new ArrayList<>();
    for (int lamp = 0; lamp < lamps; lamp++) {
      traces.add(trace(lamp));
    }
    boolean spills = lamps == 2 && spills(traces.get(0), traces.get(1));
    List<Press> presses = new ArrayList<>();
    List<Blind> blind = new ArrayList<>();
    for (int lamp = 0; lamp < lamps; lamp++) {
      LampTrace trace = traces.get(lamp);
      blind.addAll(trace.blind);
      if (lamp == 0 || !spills) {
        for (Lit lit : trace.flashes) {
          presses.add(press(lit, lamp));
        }
      }
    }
    if (lamps == 1) {
      presses = byColour(traces.get(0), presses);
    }
    double now = frames == 0 ? 0 : time[frames - 1];
    double since = frames == 0 ? 0 : time[0];
    Watch watch = new Watch(since, blind);
    BlinkReading reading = BlinkReader.watched(presses, now, watch);
    State state = state(presses, traces, watch, now);
    List<String> codes = codes(state, reading, presses);
    return new LampSeen(
        state,
        sentence(state, reading, codes, presses),
        traces.stream().map(LampWatch::colour).map(LampWatch::named).toList(),
        reading,
        presses,
        codes,
        warnings(traces, spills, now, since),
        traces.stream().map(trace -> drawn(trace, now)).toList());
  }

  LampTrace trace(int lamp) {
    return new LampTrace(frames, time, box[lamp], ring[lamp], spot[lamp], lost[lamp]);
  }

  private static Press press(Lit lit, int lamp) {
    return new Press(Math.max(0, lit.from()), Math.max(0, lit.to()), lamp);
  }

  /**
   * Whether the second box lights only when the first does, and faintly. A lamp of its own that
   * always lights together with the first is as bright as that, or nearly.
   */
  private boolean spills(LampTrace first, LampTrace second) {
    if (!first.parted || !second.parted || second.flashes.isEmpty()) {
      return false;
    }
    double one = brightness(first);
    double two = brightness(second);
    if (two >= SPILL * one) {
      return false;
    }
    for (Lit lit : second.flashes) {
      boolean together = false;
      for (Lit other : first.flashes) {
        together |= lit.from() < other.to() && lit.to() > other.from();
      }
      if (!together) {
        return false;
      }
    }
    return true;
  }

  private static double brightness(LampTrace trace) {
    double sum = 0;
    for (Lit lit : trace.flashes) {
      sum += Math.max(lit.light()[0], Math.max(lit.light()[1], lit.light()[2]));
    }
    return trace.flashes.isEmpty() ? 0 : sum / trace.flashes.size();
  }

  /** One lamp of two colours counts for two: the colour after the pause is the first. */
  private static List<Press> byColour(LampTrace trace, List<Press> presses) {
    if (trace.flashes.size() < 2) {
      return presses;
    }
    double[] first = trace.flashes.get(0).light();
    int firsts = 0;
    int others = 0;
    boolean[] other = new boolean[presses.size()];
    for (int i = 0; i < other.length; i++) {
      double apart = apart(LampColour.hue(first), LampColour.hue(trace.flashes.get(i).light()));
      if (Double.isNaN(apart)) {
        return presses;
      }
      other[i] = apart >= OTHER_HUE;
      others += other[i] ? 1 : 0;
      firsts += other[i] ? 0 : 1;
    }
    // One flash of another hue is a doubt of the camera's, and no second colour.
    if (others < FEWEST_OF_A_COLOUR || firsts < FEWEST_OF_A_COLOUR) {
      return presses;
    }
    boolean swapped = firstAfterPause(presses, other);
    List<Press> parted = new ArrayList<>();
    for (int i = 0; i < other.length; i++) {
      Press press = presses.get(i);
      parted.add(new Press(press.down(), press.up(), other[i] == swapped ? 0 : 1));
    }
    return parted;
  }

  /** Whether the flash after the longest pause is of the other colour. */
  private static boolean firstAfterPause(List<Press> presses, boolean[] other) {
    double longest = 0;
    boolean after = other[0];
    for (int i = 1; i < presses.size(); i++) {
      double pause = presses.get(i).down() - presses.get(i - 1).up();
      if (pause > longest) {
        longest = pause;
        after = other[i];
      }
    }
    return after;
  }

  private static double apart(double one, double other) {
    double turn = Math.abs(one - other);
    return Math.min(turn, 360 - turn);
  }

  private static State state(List<Press> presses, List<LampTrace> traces, Watch watch, double now) {
    double looked = now - watch.since();
    if (presses.isEmpty()) {
      if (looked < LONG_LOOK) {
        return State.LOOKING;
      }
      return traces.get(0).hasBrightSpot() ? State.STEADY : State.DARK;
    }
    List<Press> first = new ArrayList<>(presses);
    first.removeIf(press -> press.lamp() != 0);
    boolean alone = first.size() == presses.size();
    if (alone && isQuick(first)) {
      return State.FLICKERS;
    }
    if (alone && (isEven(first, EVEN_GAPS, SLOW, watch) || isEven(first, EVEN_QUICK, 0, watch))) {
      return State.EVEN;
    }
    return looked < FIRST_LOOK ? State.LOOKING : State.FLASHES;
  }

  private static boolean isQuick(List<Press> presses) {
    int quick = 0;
    for (int i = 1; i < presses.size(); i++) {
      quick += presses.get(i).down() - presses.get(i - 1).down() < QUICK ? 1 : 0;
    }
    return presses.size() > EVEN_GAPS && quick >= QUICK_SHARE * (presses.size() - 1);
  }

  /** Whether the last so many gaps are alike, seen whole, and no shorter than that [s]. */
  private static boolean isEven(List<Press> presses, int many, double slow, Watch watch) {
    int last = presses.size() - 1;
    if (last < many || !watch.isClear(presses.get(last - many).down(), presses.get(last).up())) {
      return false;
    }
    double least = Double.MAX_VALUE;
    double most = 0;
    for (int i = last - many; i < last; i++) {
      double gap = presses.get(i + 1).down() - presses.get(i).down();
      least = Math.min(least, gap);
      most = Math.max(most, gap);
    }
    return least >= slow && most <= ALIKE * least;
  }

  private static List<String> codes(State state, BlinkReading reading, List<Press> presses) {
    switch (state) {
      case EVEN:
        return List.of("HEARTBEAT", "1");
      case FLASHES:
        if (isInverse(presses)) {
          return List.of();
        }
        String code = reading.code();
        boolean agreed = reading.state() == BlinkReading.State.AGREED;
        // One flash a round is even, and was not; and no book has a nought: a colour or a length
        // that was never seen.
        boolean whole =
            code != null && !code.equals("1") && (code.indexOf('0') < 0 || isCount(reading));
        if (!agreed || code == null || !whole) {
          return List.of();
        }
        return code.equals("2") && isWide(presses) ? List.of("2", "11") : List.of(code);
      default:
        return List.of();
    }
  }

  /** Two flashes far apart may be two digits of one. */
  private static boolean isWide(List<Press> presses) {
    double least = Double.MAX_VALUE;
    for (int i = 1; i < presses.size(); i++) {
      least = Math.min(least, presses.get(i).down() - presses.get(i - 1).down());
    }
    return least >= WIDE;
  }

  /** Lit most of the time, and longer than ever dark: it may be the dark that tells. */
  private static boolean isInverse(List<Press> presses) {
    double lit = 0;
    double longest = 0;
    double darkest = 0;
    for (int i = 0; i < presses.size(); i++) {
      double length = presses.get(i).up() - presses.get(i).down();
      lit += length;
      longest = Math.max(longest, length);
      if (i > 0) {
        darkest = Math.max(darkest, presses.get(i).down() - presses.get(i - 1).up());
      }
    }
    double all =
        presses.size() < 2 ? 0 : presses.get(presses.size() - 1).up() - presses.get(0).down();
    return all > 0 && lit > LIT_MOST * all && longest > darkest;
  }

  private static boolean isCount(BlinkReading reading) {
    return reading.kind() == SignalKind.FLASHES || reading.kind() == SignalKind.COINCIDENCE;
  }

  private static String sentence(
      State state, BlinkReading reading, List<String> codes, List<Press> presses) {
    switch (state) {
      case LOOKING:
        return "Hold the box over the lamp.";
      case DARK:
        return "No light seen in the box: the lamp is off, or not in it.";
      case STEADY:
        return "A bright spot that does not change. Shade it with your hand: a lamp stays bright, a"
            + " reflection does not.";
      case FLICKERS:
        return "It flickers quickly, without pauses: no code that can be counted.";
      case EVEN:
        double every =
            (presses.get(presses.size() - 1).down() - presses.get(0).down()) / (presses.size() - 1);
        return "Even, one flash every "
            + Math.round(10 * every) / 10.0
            + " s, no pause: a heartbeat, or code 1. The unit's own sheet says which.";
      default:
        if (isInverse(presses)) {
          return "It is lit and goes dark again and again. The unit's own sheet says what is counted"
              + " then: tap along with that.";
        }
        if (codes.isEmpty() && reading.state() == BlinkReading.State.AGREED) {
          return presses.size() + " flashes, and not even enough to be sure. Go on watching.";
        }
        if (codes.size() > 1) {
          return "Two flashes, far apart: code 2, or two digits of one, 11. The unit's own sheet says"
              + " which.";
        }
        boolean two = reading.kind() == SignalKind.TWO_COLOURS;
        return reading.sentence()
            + (two ? " The first colour after the pause is taken for the tens." : "");
    }
  }

  private List<Warning> warnings(List<LampTrace> traces, boolean spills, double now, double since) {
    List<Warning> warnings = new ArrayList<>();
    int lostFrames = 0;
    double farthest = 0;
    int recent = 0;
    double longest = 0;
    for (int i = frames - 1; i > 0 && time[i] > now - JUST_NOW; i--) {
      recent++;
      for (int lamp = 0; lamp < lamps; lamp++) {
        lostFrames += lost[lamp][i] ? 1 : 0;
      }
      farthest += moved[i];
      longest = Math.max(longest, time[i] - time[i - 1]);
    }
    if (lostFrames > 0 || (recent > 0 && farthest / recent > 2)) {
      warnings.add(Warning.MOVES);
    }
    boolean jumps = false;
    boolean faint = false;
    for (LampTrace trace : traces) {
      for (Blind gap : trace.blind) {
        jumps |= gap.to() > now - JUST_NOW && gap.from() > since && gap.to() < now;
      }
      faint |= !trace.parted && !trace.hasBrightSpot() && now - since > LONG_LOOK / 2;
    }
    if (longest > LampTrace.SHORTEST) {
      warnings.add(Warning.FEW_FRAMES);
    } else if (jumps && warnings.isEmpty()) {
      warnings.add(Warning.LIGHT_CHANGES);
    }
    if (faint) {
      warnings.add(Warning.FAINT);
    }
    if (spills) {
      warnings.add(Warning.SPILLS);
    }
    return warnings;
  }

  private static @Nullable LampColour colour(LampTrace trace) {
    double[] all = new double[3];
    for (Lit lit : trace.flashes) {
      for (int c = 0; c < 3; c++) {
        all[c] += lit.light()[c];
      }
    }
    return trace.flashes.isEmpty() ? null : LampColour.of(all);
  }

  private static String named(@Nullable LampColour colour) {
    return colour == null ? "" : colour.title();
  }

  private LampSeen.Trace drawn(LampTrace trace, double now) {
    int from = frames;
    while (from > 0 && time[from - 1] >= now - DRAWN) {
      from--;
    }
    int step = Math.max(1, (frames - from + POINTS - 1) / POINTS);
    List<Double> times = new ArrayList<>();
    List<Double> light = new ArrayList<>();
    for (int i = from; i < frames; i += step) {
      times.add(time[i]);
      light.add(trace.parted ? Math.round(100 * trace.light[i]) / 100.0 : 0);
    }
    return new LampSeen.Trace(colour(trace), times, light);
  }
}
