package variablerotor.core.sound;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.apache.commons.math3.complex.Complex;
import org.apache.commons.math3.transform.DftNormalization;
import org.apache.commons.math3.transform.FastFourierTransformer;
import org.apache.commons.math3.transform.TransformType;
import org.junit.jupiter.api.Test;

class SpectrumTest {

  /** Against the transform of Apache Commons Math. */
  @Test
  void transformsAsAGeneralLibraryDoes() {
    Random random = new Random(7);
    int n = 1024;
    double[] re = new double[n];
    double[] im = new double[n];
    Complex[] given = new Complex[n];
    for (int i = 0; i < n; i++) {
      re[i] = random.nextGaussian();
      im[i] = random.nextGaussian();
      given[i] = new Complex(re[i], im[i]);
    }
    Spectrum.transform(re, im);
    Complex[] expected =
        new FastFourierTransformer(DftNormalization.STANDARD)
            .transform(given, TransformType.FORWARD);
    for (int i = 0; i < n; i++) {
      assertEquals(expected[i].getReal(), re[i], 1e-9);
      assertEquals(expected[i].getImaginary(), im[i], 1e-9);
    }
  }

  @Test
  void aToneStandsWhereItIsWithinATenthOfAHertz() {
    double rate = 8000;
    double hertz = 437.3;
    float[] samples = new float[40_000];
    Random random = new Random(5);
    for (int i = 0; i < samples.length; i++) {
      samples[i] =
          (float) (0.1 * Math.sin(2 * Math.PI * hertz * i / rate) + 0.02 * random.nextGaussian());
    }
    Spectrum spectrum = new Spectrum(samples, 0, samples.length, rate);
    int at = spectrum.loudest(437, 3);
    assertEquals(hertz, spectrum.top(at), 0.1);
    assertTrue(spectrum.above[at] > 20);
  }

  /** What lies above half the new rate must not come down as another tone. */
  @Test
  void fewerSamplesKeepTheTonesBelowAndDropThoseAbove() {
    assertEquals(1, loudness(48_000, 1000), 0.05);
    assertEquals(1, loudness(44_100, 2000), 0.1);
    assertEquals(0, loudness(48_000, 6500), 0.03);
    assertEquals(0, loudness(44_100, 11_000), 0.03);
  }

  /** Of a tone of one, how much is left. */
  private static double loudness(double rate, double hertz) {
    Decimator decimator = new Decimator(rate);
    float[] samples = new float[48_000];
    for (int i = 0; i < samples.length; i++) {
      samples[i] = (float) Math.sin(2 * Math.PI * hertz * i / rate);
    }
    float[] left = decimator.next(samples);
    double squares = 0;
    for (int i = 1000; i < left.length; i++) {
      squares += 2.0 * left[i] * left[i] / (left.length - 1000);
    }
    return Math.sqrt(squares);
  }
}
