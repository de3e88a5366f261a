package variablerotor.core.sound;

import java.util.Arrays;

/**
 * How loud each tone is: the mean of the spectra of overlapping stretches under a Hann window
 * (Welch, "The use of fast Fourier transform for the estimation of power spectra", IEEE Trans.
 * Audio Electroacoust. 1967, from memory), as decibels above what is usual around each tone.
 */
final class Spectrum {
  /** One stretch [samples]; two seconds at 8 kHz, so that tones half a hertz apart are two. */
  static final int STRETCH = 16384;

  private static final int STEP = STRETCH / 4;

  /** What is usual is looked for so far to both sides [bins]. */
  private static final int AROUND = 50;

  /** Width of one bin [Hz]. */
  final double bin;

  /** How far each bin stands out of what is usual around it [dB]. */
  final double[] above;

  /**
   * @param samples one stretch at the least
   * @param rate [samples/s]
   */
  Spectrum(float[] samples, int from, int to, double rate) {
    bin = rate / STRETCH;
    int half = STRETCH / 2;
    double[] power = new double[half];
    double[] window = new double[STRETCH];
    for (int i = 0; i < STRETCH; i++) {
      window[i] = 0.5 - 0.5 * Math.cos(2 * Math.PI * i / STRETCH);
    }
    double[] re = new double[STRETCH];
    double[] im = new double[STRETCH];
    for (int start = from; start + STRETCH <= to; start += STEP) {
      for (int i = 0; i < STRETCH; i++) {
        re[i] = samples[start + i] * window[i];
        im[i] = 0;
      }
      transform(re, im);
      for (int i = 0; i < half; i++) {
        power[i] += re[i] * re[i] + im[i] * im[i];
      }
    }
    double[] decibels = new double[half];
    for (int i = 0; i < half; i++) {
      decibels[i] = 10 / StrictMath.log(10) * StrictMath.log(power[i] + 1e-12);
    }
    above = new double[half];
    double usual = 0;
    for (int i = 0; i < half; i++) {
      if (i % 8 == 0) {
        double[] near =
            Arrays.copyOfRange(decibels, Math.max(0, i - AROUND), Math.min(half, i + AROUND));
        Arrays.sort(near);
        usual = near[near.length / 2];
      }
      above[i] = decibels[i] - usual;
    }
  }

  /** How many samples a spectrum of these takes at the least. */
  static boolean isEnough(int samples) {
    return samples >= STRETCH;
  }

  /**
   * Fourier transform in place, by halves (Cooley and Tukey, Math. Comput. 1965, from memory).
   *
   * @param re real parts, a power of two of them
   * @param im imaginary parts, as many
   */
  static void transform(double[] re, double[] im) {
    int n = re.length;
    for (int i = 1, j = 0; i < n; i++) {
      int bit = n >> 1;
      for (; (j & bit) != 0; bit >>= 1) {
        j ^= bit;
      }
      j ^= bit;
      if (i < j) {
        double swap = re[i];
        re[i] = re[j];
        re[j] = swap;
        swap = im[i];
        im[i] = im[j];
        im[j] = swap;
      }
    }
    for (int length = 2; length <= n; length <<= 1) {
      int half = length >> 1;
      double[] cos = new double[half];
      double[] sin = new double[half];
      for (int k = 0; k < half; k++) {
        cos[k] = Math.cos(-2 * Math.PI * k / length);
        sin[k] = Math.sin(-2 * Math.PI * k / length);
      }
      for (int start = 0; start < n; start += length) {
        for (int k = 0; k < half; k++) {
          int a = start + k;
          int b = a + half;
          double turnedRe = re[b] * cos[k] - im[b] * sin[k];
          double turnedIm = re[b] * sin[k] + im[b] * cos[k];
          re[b] = re[a] - turnedRe;
          im[b] = im[a] - turnedIm;
          re[a] += turnedRe;
          im[a] += turnedIm;
        }
      }
    }
  }

  /** The bin that stands out most near a tone, or -1 where the tone is not in the spectrum. */
  int loudest(double hertz, double near) {
    int from = (int) Math.ceil((hertz - near) / bin);
    int to = (int) Math.floor((hertz + near) / bin);
    int middle = (int) Math.round(hertz / bin);
    from = Math.min(from, middle);
    to = Math.max(to, middle);
    if (from < 1 || to >= above.length - 1) {
      return -1;
    }
    int best = from;
    for (int i = from; i <= to; i++) {
      best = above[i] > above[best] ? i : best;
    }
    return best;
  }

  /** Where between its neighbours the top of a bin lies, by a parabola through the three [Hz]. */
  double top(int at) {
    double left = above[at - 1];
    double middle = above[at];
    double right = above[at + 1];
    double bend = left - 2 * middle + right;
    double shift = bend >= 0 ? 0 : 0.5 * (left - right) / bend;
    return (at + Math.max(-0.5, Math.min(0.5, shift))) * bin;
  }
}
