package variablerotor.core.sound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import variablerotor.core.sound.StartsHeard.Shape;
import variablerotor.core.sound.StartsHeard.Try;
import variablerotor.core.text.Numbers;

/**
 * Counts how often something starts, how long it lasts and how long it waits, from how loud it is.
 * A board or a module that locks out tries a few times, each as long as the last, and then no more;
 * a thermal stop runs long, and stays off for minutes until it has cooled. All figures are
 * judgement, tried on made sounds (see the bench of the senses).
 */
public final class StartEar {
  /** One point of loudness [s]. */
  static final double STEP = 0.05;

  /** Nobody listens longer [s]. */
  private static final double LONGEST = 900;

  /** Before this nothing is said [s]. */
  private static final double FIRST = 5;

  /** A sound must be so much louder than the quiet [dB], */
  private static final double LOUDER = 8;

  /** and louder than this share of the loudest [share of dB]. */
  private static final double SHARE = 0.45;

  /** Shorter sounds are clicks and steps, shorter silences a rattle [s]. */
  private static final double SHORTEST = 0.15;

  private static final double GAP = 0.25;

  /** A try lasts no longer [s]. */
  private static final double LONGEST_TRY = 20;

  /** A run that a thermal stop ends lasts at least so long, and the stop as well [s]. */
  private static final double RUN = 45;

  private static final double COOLING = 45;

  /** Tries of one board are alike: the longest is no more than so many times the shortest. */
  private static final double ALIKE = 1.8;

  /** Fewer sounds are no row of tries. */
  private static final int FEWEST = 3;

  /** Given up: quiet for so many times the longest wait, and so many seconds at the least. */
  private static final double QUIET_TIMES = 2.2;

  private static final double QUIET_LEAST = 8;

  private final Decimator decimator;
  private final int each;
  private final double[] points = new double[(int) (LONGEST / STEP)];
  private int filled;
  private double sum;
  private int count;
  private double slow;

  /**
   * @param rate of the microphone [samples/s]
   */
  public StartEar(double rate) {
    decimator = new Decimator(rate);
    each = (int) Math.round(STEP * Decimator.rateAfter(rate));
  }

  /** More sound, as it came. */
  public void hear(float[] samples) {
    for (float sample : decimator.next(samples)) {
      // Below 100 Hz there is wind and the hand on the telephone: a high-pass of the first order.
      slow += 0.08 * (sample - slow);
      double heard = sample - slow;
      sum += heard * heard;
      count++;
      if (count == each && filled < points.length) {
        points[filled++] = 10 / StrictMath.log(10) * StrictMath.log(sum / count + 1e-10);
      }
      if (count == each) {
        sum = 0;
        count = 0;
      }
    }
  }

  /** What it amounts to so far. */
  public StartsHeard read() {
    double listened = filled * STEP;
    if (listened < FIRST) {
      return new StartsHeard(
          Shape.LISTENING, List.of(), listened, "Listen until it has given up.", drawn(0));
    }
    double[] sorted = Arrays.copyOf(points, filled);
    Arrays.sort(sorted);
    double quiet = sorted[filled / 10];
    double loud = sorted[Math.max(0, filled - 1 - Math.max(2, filled / 200))];
    if (loud - quiet < LOUDER) {
      return new StartsHeard(
          Shape.NO_CHANGE,
          List.of(),
          listened,
          "Nothing starts and nothing stops, as far as can be heard here.",
          drawn(quiet));
    }
    double border = quiet + Math.max(LOUDER * 0.75, SHARE * (loud - quiet));
    List<Try> tries = tries(border);
    return told(tries, listened, quiet);
  }

  private List<Try> tries(double border) {
    List<double[]> spans = new ArrayList<>();
    for (int i = 0; i < filled; i++) {
      if (points[i] < border) {
        continue;
      }
      double at = i * STEP;
      double[] last = spans.isEmpty() ? null : spans.get(spans.size() - 1);
      if (last != null && at - last[1] <= GAP) {
        last[1] = at + STEP;
      } else {
        spans.add(new double[] {at, at + STEP});
      }
    }
    List<Try> tries = new ArrayList<>();
    for (double[] span : spans) {
      if (span[1] - span[0] >= SHORTEST) {
        tries.add(new Try(span[0], span[1] - span[0]));
      }
    }
    return tries;
  }

  private StartsHeard told(List<Try> tries, double listened, double quiet) {
    Shape shape = Shape.UNEVEN;
    String sentence;
    if (tries.isEmpty()) {
      shape = Shape.NO_CHANGE;
      sentence = "Clicks, but nothing that starts.";
    } else if (isLongRun(tries, listened)) {
      shape = Shape.LONG_RUN_STOPS;
      Try first = tries.get(0);
      sentence =
          "It ran for "
              + spoken(longest(tries).lasted())
              + " and stopped"
              + (tries.size() > 1 ? ", and came back" : "")
              + ". So does a motor that stops warm and comes back as it cools; a limit that opens"
              + " does it, too."
              + (first.from() < STEP ? " It ran before one listened." : "");
    } else if (tries.size() < FEWEST) {
      sentence =
          (tries.size() == 1 ? "One sound" : "Two sounds")
              + ", the longest of "
              + spoken(longest(tries).lasted())
              + ", so far. Go on listening: does it try again?";
    } else if (!isEven(tries)) {
      sentence =
          tries.size()
              + " sounds, uneven: voices, steps or another machine may be among them. Ask for quiet"
              + " and begin again.";
    } else if (hasGivenUp(tries, listened)) {
      shape = Shape.GAVE_UP;
      sentence =
          tries.size()
              + " tries of about "
              + spoken(middle(lengths(tries)))
              + ", about "
              + spoken(middle(waits(tries)))
              + " apart, and then no more: so does a lock-out after so many tries.";
    } else {
      shape = Shape.TRIES;
      sentence =
          tries.size()
              + " tries so far, of about "
              + spoken(middle(lengths(tries)))
              + ", about "
              + spoken(middle(waits(tries)))
              + " apart. Listen until it stops trying.";
    }
    return new StartsHeard(shape, tries, listened, sentence, drawn(quiet));
  }

  private static String spoken(double seconds) {
    return seconds >= 90
        ? Numbers.plain(seconds / 60, 1) + " min"
        : Numbers.plain(seconds, seconds < 10 ? 1 : 0) + " s";
  }

  private static boolean isLongRun(List<Try> tries, double listened) {
    Try last = tries.get(tries.size() - 1);
    double[] waits = waits(tries);
    double off = listened - last.from() - last.lasted();
    for (double wait : waits) {
      off = Math.max(off, wait);
    }
    return longest(tries).lasted() >= RUN && off >= COOLING;
  }

  private static Try longest(List<Try> tries) {
    Try longest = tries.get(0);
    for (Try one : tries) {
      longest = one.lasted() > longest.lasted() ? one : longest;
    }
    return longest;
  }

  /** Whether all last alike and wait alike, as a program does it and people do not. */
  private static boolean isEven(List<Try> tries) {
    double[] lengths = lengths(tries);
    double[] waits = waits(tries);
    Arrays.sort(lengths);
    Arrays.sort(waits);
    boolean shortOnes = lengths[lengths.length - 1] <= LONGEST_TRY;
    boolean lastAlike = lengths[lengths.length - 1] <= ALIKE * lengths[0] + 2 * STEP;
    boolean waitAlike = waits[waits.length - 1] <= ALIKE * waits[0] + 2 * STEP;
    return shortOnes && lastAlike && waitAlike;
  }

  private static boolean hasGivenUp(List<Try> tries, double listened) {
    Try last = tries.get(tries.size() - 1);
    double quiet = listened - last.from() - last.lasted();
    double[] waits = waits(tries);
    Arrays.sort(waits);
    return quiet >= Math.max(QUIET_LEAST, QUIET_TIMES * waits[waits.length - 1]);
  }

  private static double[] lengths(List<Try> tries) {
    double[] lengths = new double[tries.size()];
    for (int i = 0; i < lengths.length; i++) {
      lengths[i] = tries.get(i).lasted();
    }
    return lengths;
  }

  private static double[] waits(List<Try> tries) {
    double[] waits = new double[Math.max(0, tries.size() - 1)];
    for (int i = 0; i < waits.length; i++) {
      waits[i] = tries.get(i + 1).from() - tries.get(i).from() - tries.get(i).lasted();
    }
    return waits;
  }

  private static double middle(double[] values) {
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    return sorted[sorted.length / 2];
  }

  /** Five hundred points at the most. */
  private StartsHeard.Loudness drawn(double quiet) {
    int step = Math.max(1, (filled + 499) / 500);
    List<Double> drawn = new ArrayList<>();
    for (int i = 0; i < filled; i += step) {
      double most = points[i];
      for (int j = i; j < Math.min(filled, i + step); j++) {
        most = Math.max(most, points[j]);
      }
      drawn.add(Math.round(10 * Math.max(0, most - quiet)) / 10.0);
    }
    return new StartsHeard.Loudness(step * STEP, drawn);
  }
}
