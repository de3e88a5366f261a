package variablerotor.core.code;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Counts for a person who taps along with a lamp. From the times alone it finds flashes, long and
 * short ones, pauses, rounds, and which flashes of two lamps coincide. People jitter, miss a flash
 * and hit twice; so two rounds must agree before a code stands.
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

  /** Taps of two lamps this near are one moment [s]. */
  private static final double TOGETHER = 0.3;

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
  private final boolean patterned;
  private final boolean coloured;
  private final boolean longShort;
  private final double[] gaps;
  private final boolean[] doubledAfter;

  private double usual;
  private double roundPause;
  private double digitPause;

  private BlinkReader(List<Press> presses, double now) {
    this.now = now;
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
          last != null && last.lamp() == press.lamp() && press.down() - last.down() < DOUBLED;
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
    return new BlinkReader(presses, now).reading();
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

  private static boolean nearest(List<Press> others, Press press) {
    for (Press other : others) {
      if (Math.abs(other.down() - press.down()) <= TOGETHER) {
        return true;
      }
    }
    return false;
  }

  /** Least time that a long flash is held [s]; 0 where all are of one length. */
  private double findLong() {
    double[] held = new double[flashes.size()];
    for (int i = 0; i < held.length; i++) {
      held[i] = flashes.get(i).press.held();
    }
    Arrays.sort(held);
    double jump = 0;
    double least = 0;
    for (int i = 1; i < held.length; i++) {
      double ratio = held[i] / Math.max(SHORTEST_HELD, held[i - 1]);
      if (ratio > jump) {
        jump = ratio;
        least = held[i];
      }
    }
    return jump >= LONG_FLASH && least >= LONG_LEAST ? least : 0;
  }

  /** The usual gap between flashes, and the kinds of pause above it. */
  private void findPauses() {
    double[] sorted = gaps.clone();
    Arrays.sort(sorted);
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

  private BlinkReading reading() {
    List<int[]> spans = spans();
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
    return spans;
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
      } else if (longer && !coloured && !longShort && gaps[i] <= MISSED_MOST * usual) {
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
              ? "Tap along with the lamp."
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
    if (most < 2 || tie) {
      return new BlinkReading(
          BlinkReading.State.DISAGREE,
          kind,
          best,
          sure,
          rounds,
          "The rounds do not agree: " + spoken(rounds) + ". Count another." + mended(rounds));
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
