package variablerotor.core.sound;

/**
 * Sound at about eight thousand samples a second from one at a whole multiple of that: low-pass,
 * then every so manieth sample. The filter is a sinc under a Hamming window, textbook.
 */
final class Decimator {
  /** What is heard of a fan lies below 3 kHz, so this is enough [samples/s]. */
  private static final int WANTED = 8000;

  /** Taps of the filter for each sample that is left out. */
  private static final int TAPS = 12;

  private final int factor;
  private final double[] filter;
  private final double[] past;
  private int at;
  private int phase;

  /**
   * @param rate of the microphone, 8,000 to 192,000 [samples/s]
   */
  Decimator(double rate) {
    if (!(rate >= WANTED && rate <= 192_000)) {
      throw new IllegalArgumentException("rate: 8000 to 192000 samples a second");
    }
    factor = Math.max(1, (int) Math.round(rate / WANTED));
    int taps = factor == 1 ? 1 : TAPS * factor + 1;
    filter = new double[taps];
    past = new double[taps];
    double sum = 0;
    for (int i = 0; i < taps; i++) {
      double x = i - (taps - 1) / 2.0;
      // Cut at 0.8 of half the new rate.
      double t = Math.PI * 0.8 * x / factor;
      double sinc = x == 0 ? 1 : Math.sin(t) / t;
      double window = taps == 1 ? 1 : 0.54 - 0.46 * Math.cos(2 * Math.PI * i / (taps - 1));
      filter[i] = sinc * window;
      sum += filter[i];
    }
    for (int i = 0; i < taps; i++) {
      filter[i] /= sum;
    }
  }

  /** Samples a second that it gives of such a microphone. */
  static double rateAfter(double rate) {
    return rate / Math.max(1, Math.round(rate / WANTED));
  }

  /** What comes out for these samples. */
  float[] next(float[] samples) {
    float[] out = new float[(phase + samples.length) / factor];
    int made = 0;
    for (float sample : samples) {
      past[at] = sample;
      at = (at + 1) % past.length;
      phase++;
      if (phase == factor) {
        phase = 0;
        double sum = 0;
        for (int i = 0; i < filter.length; i++) {
          sum += filter[i] * past[(at + i) % past.length];
        }
        out[made++] = (float) sum;
      }
    }
    return out;
  }
}
