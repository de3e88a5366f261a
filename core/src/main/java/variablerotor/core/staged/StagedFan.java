package variablerotor.core.staged;

import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * The sound of a wheel that turns, as a telephone hears it beside it: tones of the blades, fainter
 * with each multiple, the rush of air, the mains, wind on the microphone, voices, another fan.
 *
 * @param blades of the wheel
 * @param rpm its speed [r/min]
 * @param second speed of another fan with as many blades [r/min]; null where there is none
 */
public record StagedFan(int blades, double rpm, @Nullable Double second, Trouble trouble) {

  /**
   * What makes it hard to hear; loudness as a share of the blades' first tone.
   *
   * @param rush of air
   * @param hum of the mains at 120 Hz and its multiples
   * @param wind on the microphone
   * @param voices nearby
   * @param turns tones of the turns themselves, of a wheel out of balance
   * @param whine of the motor, at six times its pole pairs a turn
   * @param wobble how unevenly it turns [share]
   */
  public record Trouble(
      double rush,
      double hum,
      double wind,
      double voices,
      double turns,
      double whine,
      double wobble) {

    /** A quiet room. */
    public static Trouble none() {
      return new Trouble(0.3, 0, 0, 0, 0, 0, 0.0005);
    }

    /** As on a roof. */
    public static Trouble any(Random random) {
      return new Trouble(
          0.3 + 2.2 * random.nextDouble(),
          random.nextBoolean() ? random.nextDouble() : 0.1,
          random.nextInt(3) == 0 ? 2 * random.nextDouble() : 0,
          random.nextInt(4) == 0 ? 0.8 * random.nextDouble() : 0,
          random.nextInt(4) == 0 ? 0.5 * random.nextDouble() : 0,
          random.nextInt(5) == 0 ? 0.4 * random.nextDouble() : 0,
          0.002 * random.nextDouble());
    }
  }

  /** A propeller, a plug fan or a blower's wheel, at a speed that it has. */
  public static StagedFan any(Random random) {
    int kind = random.nextInt(3);
    int blades =
        kind == 0
            ? 3 + random.nextInt(3)
            : kind == 1 ? 5 + random.nextInt(6) : 30 + random.nextInt(20);
    double rpm =
        kind == 0
            ? 500 + 700 * random.nextDouble()
            : kind == 1 ? 700 + 2000 * random.nextDouble() : 350 + 950 * random.nextDouble();
    boolean two = random.nextInt(8) == 0;
    Double second = two ? rpm * (random.nextBoolean() ? 0.83 : 1.13) : null;
    return new StagedFan(blades, Math.round(rpm), second, Trouble.any(random));
  }

  private static final int TONES = 9;

  /**
   * @param seconds how long
   * @param rate [samples/s]
   * @param seed the same seed makes the same sound
   */
  public float[] sound(double seconds, int rate, long seed) {
    Random random = Seeds.random(seed);
    float[] samples = new float[(int) (seconds * rate)];
    turn(samples, rate, rpm, 1, random);
    if (second != null) {
      turn(samples, rate, second, 0.7 + 0.4 * random.nextDouble(), random);
    }
    hum(samples, rate);
    voices(samples, rate, random);
    rush(samples, rate, random);
    highPass(samples, rate);
    return samples;
  }

  private void turn(float[] samples, int rate, double speed, double loud, Random random) {
    double falls = 0.55 + 0.3 * random.nextDouble();
    double[] level = new double[TONES + 1];
    for (int k = 1; k <= TONES; k++) {
      level[k] = 0.05 * loud * Math.pow(falls, k - 1) * (0.6 + 0.8 * random.nextDouble());
    }
    double turned = random.nextDouble();
    double slow = 0;
    int pairs = 4 + random.nextInt(3);
    for (int i = 0; i < samples.length; i++) {
      slow += 0.0002 * (random.nextGaussian() * 30 - slow);
      turned += speed / 60 / rate * (1 + trouble.wobble() * Math.max(-2, Math.min(2, slow)));
      double angle = 2 * Math.PI * turned;
      double value = 0;
      for (int k = 1; k <= TONES; k++) {
        value += level[k] * Math.sin(k * blades * angle + k);
      }
      for (int k = 1; k <= 3 && trouble.turns() > 0; k++) {
        value += 0.05 * loud * trouble.turns() / k * Math.sin(k * angle);
      }
      value += 0.05 * loud * trouble.whine() * Math.sin(6 * pairs * angle);
      samples[i] += (float) value;
    }
  }

  private void hum(float[] samples, int rate) {
    for (int i = 0; i < samples.length; i++) {
      double at = 2 * Math.PI * i / rate;
      samples[i] +=
          (float)
              (0.05
                  * trouble.hum()
                  * (Math.sin(120.03 * at)
                      + 0.5 * Math.sin(240.06 * at)
                      + 0.25 * Math.sin(360.09 * at)));
    }
  }

  /** A voice: a tone that wanders, with multiples, that comes and goes. */
  private void voices(float[] samples, int rate, Random random) {
    if (trouble.voices() == 0) {
      return;
    }
    double pitch = 110 + 100 * random.nextDouble();
    double phase = 0;
    double loud = 0;
    double asked = 1;
    for (int i = 0; i < samples.length; i++) {
      if (i % (rate / 5) == 0) {
        asked = random.nextInt(3) == 0 ? 0 : 1;
        pitch *= 1 + 0.12 * random.nextGaussian();
        pitch = Math.max(90, Math.min(260, pitch));
      }
      loud += 0.001 * (asked - loud);
      phase += 2 * Math.PI * pitch / rate;
      double value = 0;
      for (int k = 1; k <= 12; k++) {
        value += Math.sin(k * phase) / k;
      }
      samples[i] += (float) (0.05 * trouble.voices() * loud * value);
    }
  }

  /** Air and wind: noise, the lower the louder; wind comes in gusts. */
  private void rush(float[] samples, int rate, Random random) {
    double low = 0;
    double deep = 0;
    for (int i = 0; i < samples.length; i++) {
      double white = random.nextGaussian();
      low += 2 * Math.PI * 500 / rate * (white - low);
      deep += 2 * Math.PI * 60 / rate * (white - deep);
      double gust = 0.5 + 0.5 * Math.sin(2 * Math.PI * 0.4 * i / rate);
      samples[i] +=
          (float)
              (0.05 * (trouble.rush() * (low + 0.15 * white) + 4 * trouble.wind() * gust * deep));
    }
  }

  /** A telephone hears little below 100 Hz: twelve decibels less with each octave. */
  private static void highPass(float[] samples, int rate) {
    double share = 1 / (1 + 2 * Math.PI * 110 / rate);
    for (int pass = 0; pass < 2; pass++) {
      double out = 0;
      double before = 0;
      for (int i = 0; i < samples.length; i++) {
        out = share * (out + samples[i] - before);
        before = samples[i];
        samples[i] = (float) out;
      }
    }
  }
}
