package variablerotor.core.sound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.sound.SpeedHeard.State;
import variablerotor.core.text.Numbers;

/**
 * Hears how fast a wheel turns: blades × r/min ÷ 60 is the tone of its blades [Hz], with whole
 * multiples above it. A telephone hears little below 100 Hz, so the tone itself may be missing; the
 * distance of its multiples gives it. Tones of the mains are left out of count.
 *
 * <p>It says less rather than something wrong: two combs are two answers. All figures are
 * judgement, tried on made sounds (see the bench of the senses).
 */
public final class SpeedEar {
  /** Telephones hear from here [Hz]. */
  private static final double LOWEST = 95;

  /** Above this the blades' tones drown in the rush of air [Hz]. */
  private static final double HIGHEST = 2800;

  /** Speeds of blowers and fans [r/min]. */
  static final double SLOWEST = 150;

  static final double FASTEST = 4000;

  /** Below this a wheel counts as slow, and the comb may be that of its turns [r/min]. */
  private static final double USUAL_LEAST = 280;

  /** Multiples that are looked at: so many of the lowest that could be heard, up to this one. */
  private static final int MULTIPLES = 12;

  private static final int LOWEST_TONES = 6;

  /** A tone must stand out so far to count, and counts for no more than so far [dB]. */
  private static final double STANDS_OUT = 7;

  private static final double MOST = 16;

  /** A tone may be off its place by this share: a wheel does not turn quite evenly. */
  private static final double OFF_PLACE = 0.0035;

  /** Mains [Hz] are this steady [Hz], and so are their multiples. */
  private static final double HUM_WIDTH = 1.2;

  /** A comb of such a mean is one [dB]; another so near to it, by share, is another answer. */
  private static final double COMB = 3.4;

  private static final double RIVAL = 0.4;

  /** So many tones that are not the first comb's are another answer. */
  private static final int FEWEST_OF_A_RIVAL = 3;

  /** Of these, this share must be heard. */
  private static final double HEARD_SHARE = 0.7;

  /** Two speeds are one where they differ by no more than this share. */
  private static final double SAME = 0.02;

  /** Half the width of what is said, at the least [share]. */
  private static final double NO_NEARER = 0.005;

  /** A wheel whose halves of the time differ by more than this share is unsteady. */
  private static final double UNSTEADY = 0.025;

  /** Kept are the last so many seconds. */
  private static final int LONGEST = 12;

  private final double rate;
  private final double mains;
  private final Decimator decimator;
  private final float[] kept;
  private int filled;

  /**
   * @param rate of the microphone [samples/s]
   * @param mains frequency of the supply, 50 or 60 [Hz]
   */
  public SpeedEar(double rate, double mains) {
    decimator = new Decimator(rate);
    this.rate = Decimator.rateAfter(rate);
    this.mains = mains;
    kept = new float[(int) (LONGEST * this.rate)];
  }

  /** More sound, as it came. */
  public void hear(float[] samples) {
    float[] more = decimator.next(samples);
    if (more.length >= kept.length) {
      System.arraycopy(more, more.length - kept.length, kept, 0, kept.length);
      filled = kept.length;
      return;
    }
    int over = Math.max(0, filled + more.length - kept.length);
    if (over > 0) {
      System.arraycopy(kept, over, kept, 0, filled - over);
      filled -= over;
    }
    System.arraycopy(more, 0, kept, filled, more.length);
    filled += more.length;
  }

  /** A comb of tones. */
  private record Comb(double hertz, double score, int heard, int couldBe) {
    boolean stands() {
      return score >= COMB && heard >= 3 && heard >= HEARD_SHARE * couldBe;
    }
  }

  /**
   * @param blades of the wheel; null where nobody counted them
   */
  public SpeedHeard read(@Nullable Integer blades) {
    // Four seconds at the least: each half is held against the other.
    if (!Spectrum.isEnough(filled / 2)) {
      return said(State.LISTENING, "Hold the telephone still, near the fan.", null, List.of());
    }
    Spectrum spectrum = new Spectrum(kept, 0, filled, rate);
    double[] above = counted(spectrum);
    int count = blades == null ? 0 : blades;
    // With nobody's word on the blades, any comb of tones is looked for.
    double least = count == 0 ? 20 : count * SLOWEST / 60;
    double most = count == 0 ? 900 : count * FASTEST / 60;
    Comb best = best(spectrum, above, least, most, 0);
    if (best == null || !best.stands()) {
      return said(
          State.NOTHING,
          "No tones of blades stand out. Nearer to the fan, out of the wind, and quiet, please.",
          spectrum,
          List.of());
    }
    List<SpeedHeard.Tone> tones = tones(spectrum, above, best.hertz());
    double[] rest = without(spectrum, above, best.hertz());
    Comb second = best(spectrum, rest, least, most, best.hertz());
    boolean rival =
        second != null
            && second.heard() >= FEWEST_OF_A_RIVAL
            && second.score() >= RIVAL * best.score();
    if (count == 0) {
      return said(
          rival ? State.TWO : State.NO_BLADES,
          "Tones every "
              + Numbers.plain(best.hertz(), 1)
              + " Hz. How many blades has the wheel? The speed is that times 60, by the blades.",
          spectrum,
          tones);
    }
    double exact = exact(tones, best.hertz());
    double rpm = 60 * exact / count;
    List<Double> others = new ArrayList<>();
    if (rival && second != null) {
      others.add(round(60 * second.hertz() / count));
    }
    double turned = asTurns(spectrum, above, exact, count);
    if (turned > 0 && rpm < USUAL_LEAST) {
      others.add(round(turned));
    }
    if (!others.isEmpty()) {
      others.add(0, round(rpm));
      return new SpeedHeard(
          State.TWO,
          null,
          null,
          null,
          others,
          "It could be "
              + spoken(others)
              + " r/min: two fans, or a whine beside the blades. Switch the other one off, or go"
              + " nearer.",
          tones,
          picture(spectrum));
    }
    return judged(spectrum, tones, exact, count);
  }

  private SpeedHeard judged(
      Spectrum spectrum, List<SpeedHeard.Tone> tones, double exact, int count) {
    double early = again(0, filled / 2, exact);
    double late = again(filled - filled / 2, filled, exact);
    double spread = Math.max(Math.abs(early - exact), Math.abs(late - exact));
    double rpm = 60 * exact / count;
    if (!(early > 0 && late > 0) || spread > UNSTEADY * exact) {
      return said(
          State.UNSTEADY,
          "Near "
              + Numbers.plain(round(rpm), 0)
              + " r/min, but it does not hold still. Wait until the speed has settled.",
          spectrum,
          tones);
    }
    double half = Math.max(NO_NEARER * exact, Math.max(scatter(tones, exact), spread));
    double low = Math.floor((60 * (exact - half)) / count);
    double high = Math.ceil((60 * (exact + half)) / count);
    return new SpeedHeard(
        State.HEARD,
        round(rpm),
        low,
        high,
        List.of(),
        "About "
            + Numbers.plain(round(rpm), 0)
            + " r/min, between "
            + Numbers.plain(low, 0)
            + " and "
            + Numbers.plain(high, 0)
            + ", if the wheel has "
            + count
            + " blades and this sound is its own.",
        tones,
        picture(spectrum));
  }

  /** To the nearest whole turn. */
  private static double round(double rpm) {
    return Math.round(rpm);
  }

  private static String spoken(List<Double> speeds) {
    StringBuilder text = new StringBuilder();
    for (double speed : speeds) {
      text.append(text.length() == 0 ? "" : " or ").append(Numbers.plain(speed, 0));
    }
    return text.toString();
  }

  /** What each bin counts for: nothing below what stands out, nothing where the mains hum. */
  private double[] counted(Spectrum spectrum) {
    double[] counted = new double[spectrum.above.length];
    for (int i = 0; i < counted.length; i++) {
      counted[i] = Math.max(0, Math.min(MOST, spectrum.above[i]) - STANDS_OUT);
      if (isHum(i * spectrum.bin)) {
        counted[i] = Double.NaN;
      }
    }
    return counted;
  }

  private boolean isHum(double hertz) {
    double multiple = Math.round(hertz / mains);
    return multiple >= 1 && Math.abs(hertz - multiple * mains) <= HUM_WIDTH;
  }

  /**
   * The best comb there is.
   *
   * @param not of another wheel than this [Hz]; 0 for any
   */
  private @Nullable Comb best(
      Spectrum spectrum, double[] above, double least, double most, double not) {
    List<Comb> found = new ArrayList<>();
    for (double hertz = least; hertz <= most; hertz *= 1.0008) {
      Comb comb = comb(spectrum, above, hertz);
      if (comb.score() > 0 && !(not > 0 && isOfOneWheel(hertz, not))) {
        found.add(comb);
      }
    }
    Comb best = null;
    for (Comb comb : found) {
      best = best == null || comb.score() > best.score() ? comb : best;
    }
    if (best == null) {
      return null;
    }
    // A multiple of a comb is a comb too: the lowest that is nearly as good is the true one.
    Comb lowest = best;
    for (Comb comb : found) {
      double times = best.hertz() / comb.hertz();
      boolean whole = times > 1.5 && Math.abs(times - Math.round(times)) < 0.01 * times;
      if (whole && comb.stands() && comb.score() >= 0.75 * best.score()) {
        return better(found, comb);
      }
    }
    return lowest;
  }

  /** The best of those that are the same comb as this. */
  private static Comb better(List<Comb> found, Comb comb) {
    Comb best = comb;
    for (Comb other : found) {
      boolean same = Math.abs(other.hertz() - comb.hertz()) < SAME * comb.hertz();
      best = same && other.score() > best.score() ? other : best;
    }
    return best;
  }

  /** How well tones at whole multiples stand out, and none between them. */
  private static Comb comb(Spectrum spectrum, double[] above, double hertz) {
    double sum = 0;
    double weights = 0;
    int heard = 0;
    int couldBe = 0;
    for (int k = 1; k <= MULTIPLES && couldBe < LOWEST_TONES; k++) {
      double tone = k * hertz;
      if (tone < LOWEST || tone > HIGHEST) {
        continue;
      }
      double at = near(spectrum, above, tone);
      if (Double.isNaN(at)) {
        continue;
      }
      double between = 0;
      for (double part : new double[] {1 / 2.0, 1 / 3.0, 2 / 3.0}) {
        double other = near(spectrum, above, tone - part * hertz);
        between = other > between ? other : between;
      }
      double weight = 1 / Math.sqrt(k);
      sum += weight * (at - 0.6 * between);
      weights += weight;
      couldBe++;
      heard += at > 0 ? 1 : 0;
    }
    return new Comb(hertz, weights == 0 ? 0 : sum / weights, heard, couldBe);
  }

  /** What the loudest near a tone counts for; not a number where the mains may hum there. */
  private static double near(Spectrum spectrum, double[] above, double hertz) {
    double width = Math.max(spectrum.bin, OFF_PLACE * hertz);
    int from = Math.max(1, (int) Math.ceil((hertz - width) / spectrum.bin));
    int to = Math.min(above.length - 2, (int) Math.floor((hertz + width) / spectrum.bin));
    double most = 0;
    boolean any = false;
    for (int i = from; i <= to; i++) {
      if (!Double.isNaN(above[i])) {
        most = Math.max(most, above[i]);
        any = true;
      }
    }
    int middle = Math.min(above.length - 2, Math.max(1, (int) Math.round(hertz / spectrum.bin)));
    return !any || Double.isNaN(above[middle]) ? Double.NaN : most;
  }

  private static List<SpeedHeard.Tone> tones(Spectrum spectrum, double[] above, double hertz) {
    List<SpeedHeard.Tone> tones = new ArrayList<>();
    for (int k = 1; k <= MULTIPLES; k++) {
      double tone = k * hertz;
      if (tone < LOWEST || tone > HIGHEST || !(near(spectrum, above, tone) > 0)) {
        continue;
      }
      int at = spectrum.loudest(tone, Math.max(spectrum.bin, OFF_PLACE * tone));
      if (at > 0) {
        tones.add(new SpeedHeard.Tone(k, spectrum.top(at), spectrum.above[at]));
      }
    }
    return tones;
  }

  /** Least squares of the tones over their multiples: Σ k·f over Σ k² [Hz]. */
  private static double exact(List<SpeedHeard.Tone> tones, double otherwise) {
    double sum = 0;
    double squares = 0;
    for (SpeedHeard.Tone tone : tones) {
      sum += tone.harmonic() * tone.hertz();
      squares += (double) tone.harmonic() * tone.harmonic();
    }
    return squares == 0 ? otherwise : sum / squares;
  }

  /** How far single tones say otherwise, twice their standard error [Hz]. */
  private static double scatter(List<SpeedHeard.Tone> tones, double exact) {
    double squares = 0;
    for (SpeedHeard.Tone tone : tones) {
      double off = tone.hertz() / tone.harmonic() - exact;
      squares += off * off;
    }
    return tones.size() < 2 ? exact : 2 * Math.sqrt(squares / (tones.size() - 1) / tones.size());
  }

  /** The same comb in a part of the time [Hz]; 0 where it is not heard there. */
  private double again(int from, int to, double hertz) {
    Spectrum part = new Spectrum(kept, from, to, rate);
    double[] above = counted(part);
    Comb best = null;
    for (double f = 0.94 * hertz; f <= 1.06 * hertz; f *= 1.0008) {
      Comb comb = comb(part, above, f);
      best = best == null || comb.score() > best.score() ? comb : best;
    }
    return best == null || best.heard() < 2
        ? 0
        : exact(tones(part, above, best.hertz()), best.hertz());
  }

  /** What is left without the tones of a comb, its halves and thirds. */
  private static double[] without(Spectrum spectrum, double[] above, double hertz) {
    double[] rest = above.clone();
    for (int i = 0; i < rest.length; i++) {
      double tone = i * spectrum.bin;
      double width = Math.max(2 * spectrum.bin, 1.5 * OFF_PLACE * tone);
      double times = Math.max(1, Math.round(tone / hertz));
      if (Math.abs(tone - times * hertz) <= width) {
        rest[i] = 0;
      }
    }
    return rest;
  }

  /** Whether one is the other, or so by small whole numbers: then both are of one wheel. */
  private static boolean isOfOneWheel(double one, double other) {
    if (Math.abs(one - other) <= SAME * other) {
      return true;
    }
    for (int a = 1; a <= 4; a++) {
      for (int b = 1; b <= 4; b++) {
        if (Math.abs(a * one - b * other) < 0.018 * a * one) {
          return true;
        }
      }
    }
    return false;
  }

  /**
   * Speed if the comb is that of the turns, and not of the blades: a wheel out of balance, or with
   * one blade unlike the others [r/min]; 0 where that cannot be.
   */
  private static double asTurns(Spectrum spectrum, double[] above, double hertz, int blades) {
    double rpm = 60 * hertz;
    if (blades < 2 || rpm > FASTEST || rpm < SLOWEST) {
      return 0;
    }
    Comb ofBlades = comb(spectrum, above, blades * hertz);
    return ofBlades.heard() >= 1 ? rpm : 0;
  }

  private static SpeedHeard said(
      State state, String sentence, @Nullable Spectrum spectrum, List<SpeedHeard.Tone> tones) {
    return new SpeedHeard(state, null, null, null, List.of(), sentence, tones, picture(spectrum));
  }

  /** A point every five hertz up to 1,500: the loudest of what lies there. */
  private static SpeedHeard.Picture picture(@Nullable Spectrum spectrum) {
    if (spectrum == null) {
      return new SpeedHeard.Picture(5, List.of());
    }
    double[] points = new double[300];
    Arrays.fill(points, 0);
    for (int i = 1; i < spectrum.above.length; i++) {
      int at = (int) (i * spectrum.bin / 5);
      if (at < points.length) {
        points[at] = Math.max(points[at], spectrum.above[i]);
      }
    }
    List<Double> rounded = new ArrayList<>();
    for (double point : points) {
      rounded.add(Math.round(10 * point) / 10.0);
    }
    return new SpeedHeard.Picture(5, rounded);
  }
}
