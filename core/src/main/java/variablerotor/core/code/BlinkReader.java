package variablerotor.core.code;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Counts for a person who taps along with a lamp, or for a camera that watches it. From the times
 * alone it finds flashes, long and short ones, pauses, rounds, and which flashes of two lamps
 * coincide. People jitter, miss a flash and hit twice; so two rounds must agree before a code
 * stands. A camera does none of these: nothing is filled in for it, it must have seen a round from
 * its pause to its pause, and every round must agree.
 *
 * <p>All thresholds are judgement: the jitter of a hand is about 15 %, so two gaps that differ by
 * half or more are different things.
 */
public final class BlinkReader {
  /** Two taps nearer than this are one flash, hit twice [s]. */
  private static final double DOUBLED = 0.2;

  /** A gap this many times the usual one is a pause, or a missed flash. */
  private static final double LONGER = 1.55;

  /** Two pauses are of different kinds when one is this many times the other. */
  private static final double OTHER_KIND = 1.5;

  /** A missed flash leaves a gap of about two usual ones, at most this many. */
  private static final double MISSED_MOST = 2.6;

  /** Even flashing this slow is one flash a round [s]. */
  private static final double SLOW = 1.6;

  /** A flash held this many times as long as the others is a long one. */
  private static final double LONG_FLASH = 1.8;

  /** No long flash is shorter than this [s]. */
  private static final double LONG_LEAST = 0.45;

  /** So many long flashes make a camera sure that there are two kinds. */
  private static final int FEWEST_LONG = 2;

  /** Where fewer gaps than this were seen whole, nothing is known of pauses [share]. */
  private static final double CLEAR_SHARE = 0.6;

  /** Pauses of one kind differ by no more than this share, as a camera sees them. */
  private static final double PAUSES_ALIKE = 1.25;

  /** What is near a round: so many of its usual gaps. */
  private static final double NEAR_A_ROUND = 1.6;

  /** And a longer gap than this in a pause may hide a whole digit [s]. */
  private static final double LONGEST_GAP = 0.3;

  /** Taps of two lamps this near are one moment [s]. */
  private static final double TOGETHER = 0.3;

  /** The same two for a camera, which is out by a frame or two [s]. */
  private static final double DOUBLED_WATCHED = 0.08;

  private static final double TOGETHER_WATCHED = 0.12;

  /** How often a person miscounts a round, a clean one and one that was mended. */
  private static final double SLIP = 0.1;

  private static final double SLIP_MENDED = 0.25;

  /** One flash that counts. */
  private record Flash(Press press, boolean both) {}

  // Chosen here, all of them, by trying taps of unsteady hands (see BlinkReaderTest).

  /** Two lamps tell which flashes coincide from this share of the second lamp's on [share]. */
  private static final double COINCIDING_SHARE = 0.6;

  /** A press held shorter than this is taken as this long, so that ratios mean something [s]. */
  private static final double SHORTEST_HELD = 0.04;

  /** Gaps up to this many times a short one are of its kind. */
  private static final double ALIKE = 1.6;

  /** Of a slow, even row each gap is a pause; a round is over after this share of it. */
  private static final double PAUSE_OF_SLOW = 0.7;

  /** A round is over after this quiet at the least: where its pause is known, and where not [s]. */
  private static final double QUIET_KNOWN = 1;

  private static final double QUIET_LEAST = 1.8;

  /** Where no pause is known, after this many usual gaps. */
  private static final double QUIET_GAPS = 2.2;

  private final List<Flash> flashes = new ArrayList<>();
  private final double now;
  private final @Nullable Watch watch;
  private final boolean patterned;
  private final boolean coloured;
  private final boolean longShort;
  private final double[] gaps;
  private final boolean[] doubledAfter;

  private double usual;
  private double roundPause;
  private double digitPause;

  private BlinkReader(List<Press> presses, double now, @Nullable Watch watch) {
    this.now = now;
    this.watch = watch;
    double twice = watch == null ? DOUBLED : DOUBLED_WATCHED;
    List<Press> sorted = new ArrayList<>(presses);
    sorted.sort((one, other) -> Double.compare(one.down(), other.down()));
    List<Press> first = of(sorted, 0);
    List<Press> second = of(sorted, 1);
    int together = 0;
    for (Press press : second) {
      together += nearest(first, press) ? 1 : 0;
    }
    patterned = !second.isEmpty() && together >= COINCIDING_SHARE * second.size();
    coloured = !second.isEmpty() && !patterned;
    List<Press> counted = patterned ? first : sorted;
    boolean[] doubled = new boolean[counted.size()];
    Press last = null;
    for (Press press : counted) {
      boolean again =
          last != null && last.lamp() == press.lamp() && press.down() - last.down() < twice;
      if (again) {
        doubled[flashes.size() - 1] = true;
      } else {
        flashes.add(new Flash(press, patterned && nearest(second, press)));
        last = press;
      }
    }
    doubledAfter = doubled;
    longShort = !patterned && !coloured && findLong() > 0;
    gaps = new double[Math.max(0, flashes.size() - 1)];
    for (int i = 0; i < gaps.length; i++) {
      Press one = flashes.get(i).press;
      Press next = flashes.get(i + 1).press;
      gaps[i] = next.down() - (longShort ? one.up() : one.down());
    }
    findPauses();
  }

  /**
   * @param presses in any order
   * @param now time at which the count is looked at [s]
   */
  public static BlinkReading read(List<Press> presses, double now) {
    return new BlinkReader(presses, now, null).reading();
  }

  /**
   * @param presses when the lamps were lit, as a camera saw it, in any order
   * @param now time of the last frame [s]
   */
  public static BlinkReading watched(List<Press> presses, double now, Watch watch) {
    return new BlinkReader(presses, now, watch).reading();
  }

  private static List<Press> of(List<Press> presses, int lamp) {
    List<Press> mine = new ArrayList<>();
    for (Press press : presses) {
      if (press.lamp() == lamp) {
        mine.add(press);
      }
    }
    return mine;
  }

  private boolean nearest(List<Press> others, Press press) {
    double near = watch == null ? TOGETHER : TOGETHER_WATCHED;
    for (Press other : others) {
      if (Math.abs(other.down() - press.down()) <= near) {
        return true;
      }
    }
    return false;
  }

  /** Least time that a long flash is held [s]; 0 where all are of one length. */
  private double findLong() {
    List<Double> lengths = new ArrayList<>();
    for (Flash flash : flashes) {
      if (isClear(flash.press.down(), flash.press.up())) {
        lengths.add(flash.press.held());
      }
    }
    lengths.sort(null);
    double jump = 0;
    double least = 0;
    int longer = 0;
    for (int i = 1; i < lengths.size(); i++) {
      double ratio = lengths.get(i) / Math.max(SHORTEST_HELD, lengths.get(i - 1));
      if (ratio > jump) {
        jump = ratio;
        least = lengths.get(i);
        longer = lengths.size() - i;
      }
    }
    // A camera sees a long flash in each round; one alone is a doubt of the camera's.
    boolean often = watch == null || longer >= FEWEST_LONG;
    return jump >= LONG_FLASH && least >= LONG_LEAST && often ? least : 0;
  }

  private boolean isClear(double from, double to) {
    return watch == null || watch.isClear(from, to);
  }

  /** The usual gap between flashes, and the kinds of pause above it. */
  private void findPauses() {
    double[] sorted = clearGaps();
    Arrays.sort(sorted);
    if (sorted.length < CLEAR_SHARE * gaps.length) {
      roundPause = Double.MAX_VALUE;
      digitPause = roundPause;
      return;
    }
    if (sorted.length == 0) {
      return;
    }
    double low = sorted[sorted.length / 5];
    int n = 0;
    while (n < sorted.length && sorted[n] <= ALIKE * low) {
      n++;
    }
    usual = sorted[n / 2 < n ? n / 2 : 0];
    int above = n;
    while (above > 0 && sorted[above - 1] > LONGER * usual) {
      above--;
    }
    while (above < sorted.length && sorted[above] <= LONGER * usual) {
      above++;
    }
    if (above == sorted.length) {
      // All alike: one flash a round where it is slow, else no round has ended yet.
      roundPause = usual >= SLOW ? PAUSE_OF_SLOW * usual : Double.MAX_VALUE;
      digitPause = roundPause;
      return;
    }
    double jump = OTHER_KIND;
    roundPause = LONGER * usual;
    digitPause = roundPause;
    for (int i = above + 1; i < sorted.length; i++) {
      double ratio = sorted[i] / sorted[i - 1];
      if (ratio >= jump) {
        jump = ratio;
        roundPause = Math.sqrt(sorted[i] * sorted[i - 1]);
      }
    }
  }

  /** Those that were seen whole. */
  private double[] clearGaps() {
    double[] clear = new double[gaps.length];
    int count = 0;
    for (int i = 0; i < gaps.length; i++) {
      if (isClear(flashes.get(i).press.down(), flashes.get(i + 1).press.down())) {
        clear[count++] = gaps[i];
      }
    }
    return Arrays.copyOf(clear, count);
  }

  private BlinkReading reading() {
    List<int[]> spans = spans();
    if (watch != null && spans.size() > 1 && !(doFollow(spans) && pauseAlike(spans))) {
      spans = spans.subList(0, 1);
    }
    boolean digits = digitsIn(spans);
    List<BlinkReading.Counted> rounds = new ArrayList<>();
    for (int[] span : spans) {
      rounds.add(round(span[0], span[1], digits));
    }
    SignalKind kind =
        patterned
            ? SignalKind.COINCIDENCE
            : coloured
                ? SignalKind.TWO_COLOURS
                : longShort
                    ? SignalKind.LONG_SHORT
                    : digits ? SignalKind.DIGITS : SignalKind.FLASHES;
    return judged(rounds, kind);
  }

  /** Of rounds that do not follow each other nobody knows what was told between them. */
  private static boolean doFollow(List<int[]> spans) {
    for (int i = 1; i < spans.size(); i++) {
      if (spans.get(i)[0] == spans.get(i - 1)[1] + 1) {
        return true;
      }
    }
    return false;
  }

  /** A board's clock is steady: two pauses that differ, and one of them parts two digits. */
  private boolean pauseAlike(List<int[]> spans) {
    double least = Double.MAX_VALUE;
    double most = 0;
    int pauses = 0;
    int counted = -1;
    for (int[] span : spans) {
      for (int at : new int[] {span[0] - 1, span[1]}) {
        if (at >= 0 && at < gaps.length) {
          double pause = flashes.get(at + 1).press.down() - flashes.get(at).press.up();
          least = Math.min(least, pause);
          most = Math.max(most, pause);
          pauses += at == counted ? 0 : 1;
          counted = at;
        }
      }
    }
    return pauses >= 2 && most <= PAUSES_ALIKE * least;
  }

  /** First and last flash of each whole round. */
  private List<int[]> spans() {
    List<int[]> spans = new ArrayList<>();
    int start = 0;
    for (int i = 0; i < gaps.length; i++) {
      if (gaps[i] >= roundPause) {
        spans.add(new int[] {start, i});
        start = i + 1;
      }
    }
    if (!flashes.isEmpty() && now - flashes.get(flashes.size() - 1).press.up() >= quietForEnd()) {
      spans.add(new int[] {start, flashes.size() - 1});
    }
    if (watch != null) {
      spans.removeIf(span -> !seenWhole(span[0], span[1], watch));
    }
    return spans;
  }

  /**
   * Whether a round was seen from the pause before it to the pause after it. Within the round and
   * near it nothing may be missed; in the middle of a pause a short gap hides no flash of a round
   * that goes on at its own pace.
   */
  private boolean seenWhole(int from, int to, Watch watch) {
    // The flash before it as well: two of them that a gap makes one are no end of a round.
    double begin = from == 0 ? watch.since() : flashes.get(from - 1).press.down();
    double end = to + 1 < flashes.size() ? flashes.get(to + 1).press.down() : now;
    double first = flashes.get(from).press.down();
    double last = flashes.get(to).press.up();
    boolean fromPause = from > 0 || first - watch.since() >= quietForEnd();
    double near = NEAR_A_ROUND * usual;
    return fromPause
        && watch.isClear(Math.max(begin, first - near), Math.min(end, last + near))
        && watch.isNearlyClear(begin, end, LONGEST_GAP);
  }

  /** How long nothing must come for the last round to be over [s]. */
  private double quietForEnd() {
    boolean known = roundPause > 0 && roundPause < Double.MAX_VALUE;
    return known ? Math.max(QUIET_KNOWN, roundPause) : Math.max(QUIET_LEAST, QUIET_GAPS * usual);
  }

  /** Whether every round parts at one longer gap, at the same place: digits, not missed flashes. */
  private boolean digitsIn(List<int[]> spans) {
    if (spans.size() < 2 || patterned || coloured || longShort) {
      return false;
    }
    int with = 0;
    for (int[] span : spans) {
      with += longer(span) == 1 ? 1 : 0;
    }
    return with == spans.size();
  }

  private int longer(int[] span) {
    int count = 0;
    for (int i = span[0]; i < span[1]; i++) {
      count += gaps[i] >= digitPause ? 1 : 0;
    }
    return count;
  }

  private BlinkReading.Counted round(int from, int to, boolean digits) {
    int missed = 0;
    int doubled = 0;
    int[] counts = new int[2];
    int part = 0;
    int place = 0;
    double longLeast = longShort ? findLong() : 0;
    StringBuilder places = new StringBuilder();
    for (int i = from; i <= to; i++) {
      Flash flash = flashes.get(i);
      place++;
      doubled += doubledAfter[i] ? 1 : 0;
      int which =
          coloured
              ? flash.press.lamp()
              : longShort ? (flash.press.held() >= longLeast ? 0 : 1) : part;
      counts[which]++;
      if (flash.both) {
        places.append(places.length() == 0 ? "" : ",").append(place);
      }
      boolean longer = i < to && gaps[i] >= digitPause;
      if (longer && digits) {
        part = 1;
      } else if (longer
          && watch == null
          && !coloured
          && !longShort
          && gaps[i] <= MISSED_MOST * usual) {
        missed++;
        place++;
        counts[part]++;
      }
    }
    int all = counts[0] + counts[1];
    String code =
        patterned
            ? all + ":" + places
            : coloured || longShort || digits ? "" + counts[0] + counts[1] : "" + all;
    return new BlinkReading.Counted(code, all, missed, doubled);
  }

  private BlinkReading judged(List<BlinkReading.Counted> rounds, SignalKind kind) {
    if (rounds.isEmpty()) {
      String sentence =
          flashes.isEmpty()
              ? watch == null ? "Tap along with the lamp." : "No flash yet."
              : flashes.size() + " so far. Go on, and let the pause pass.";
      return new BlinkReading(BlinkReading.State.COUNTING, null, null, 0, List.of(), sentence);
    }
    Map<String, Integer> tally = new HashMap<>();
    for (BlinkReading.Counted round : rounds) {
      tally.merge(round.code(), 1, Integer::sum);
    }
    String best = rounds.get(0).code();
    for (BlinkReading.Counted round : rounds) {
      best =
          tally.getOrDefault(round.code(), 0) > tally.getOrDefault(best, 0) ? round.code() : best;
    }
    double sure = sure(rounds, best);
    if (rounds.size() == 1) {
      return new BlinkReading(
          BlinkReading.State.ONE_ROUND,
          kind,
          best,
          sure,
          rounds,
          "One round: " + best + ". Count a second one to be sure." + mended(rounds));
    }
    int most = tally.getOrDefault(best, 0);
    boolean tie = false;
    for (Map.Entry<String, Integer> entry : tally.entrySet()) {
      tie |= !entry.getKey().equals(best) && entry.getValue() == most;
    }
    if (most < 2 || tie || (watch != null && most < rounds.size())) {
      return new BlinkReading(
          BlinkReading.State.DISAGREE,
          kind,
          best,
          sure,
          rounds,
          "The rounds do not agree: "
              + spoken(rounds)
              + (watch == null
                  ? ". Count another."
                  : ". A board with more than one fault tells them in turn.")
              + mended(rounds));
    }
    String others = most == rounds.size() ? "" : " (all: " + spoken(rounds) + ")";
    return new BlinkReading(
        BlinkReading.State.AGREED,
        kind,
        best,
        sure,
        rounds,
        most + " rounds agree on " + best + others + "." + mended(rounds));
  }

  private static String spoken(List<BlinkReading.Counted> rounds) {
    StringBuilder text = new StringBuilder();
    for (BlinkReading.Counted round : rounds) {
      text.append(text.length() == 0 ? "" : ", ").append(round.code());
    }
    return text.toString();
  }

  private static String mended(List<BlinkReading.Counted> rounds) {
    int missed = 0;
    int doubled = 0;
    for (BlinkReading.Counted round : rounds) {
      missed += round.missed();
      doubled += round.doubled();
    }
    String text = "";
    if (missed > 0) {
      text +=
          " " + missed + (missed == 1 ? " flash seems" : " flashes seem") + " missed, filled in.";
    }
    if (doubled > 0) {
      text += " " + doubled + (doubled == 1 ? " tap was" : " taps were") + " doubled, left out.";
    }
    return text;
  }

  /** Bayes' rule: each round is right but for a slip, and a slip lands on one of two neighbours. */
  private static double sure(List<BlinkReading.Counted> rounds, String code) {
    double right = 1;
    Map<String, Double> others = new HashMap<>();
    for (BlinkReading.Counted one : rounds) {
      others.put(one.code(), 1.0);
    }
    others.put("another", 1.0);
    others.remove(code);
    for (BlinkReading.Counted round : rounds) {
      double slip = round.missed() + round.doubled() > 0 ? SLIP_MENDED : SLIP;
      right *= round.code().equals(code) ? 1 - slip : slip / 2;
      others.replaceAll(
          (other, share) -> share * (round.code().equals(other) ? 1 - slip : slip / 2));
    }
    double all = right;
    for (double share : others.values()) {
      all += share;
    }
    return right / all;
  }
}
