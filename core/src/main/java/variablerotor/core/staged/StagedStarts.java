package variablerotor.core.staged;

import java.util.Random;
import variablerotor.core.sound.StartsHeard.Shape;

/**
 * The sound of a motor that tries, gives up, or stops warm, in a room that is not quite quiet.
 *
 * @param shape what it is
 * @param tries how often it starts
 * @param lasts how long each start lasts [s]
 * @param waits from the end of one to the next [s]
 * @param voices whether somebody talks now and then
 */
public record StagedStarts(Shape shape, int tries, double lasts, double waits, boolean voices) {
  /** One of the ways in which motors fail to stay on. */
  public static StagedStarts any(Random random) {
    switch (random.nextInt(4)) {
      case 0:
        return new StagedStarts(
            Shape.LONG_RUN_STOPS,
            1 + random.nextInt(2),
            60 + 60 * random.nextDouble(),
            60 + 60 * random.nextDouble(),
            false);
      case 1:
        return new StagedStarts(Shape.NO_CHANGE, 0, 0, 0, false);
      default:
        return new StagedStarts(
            Shape.GAVE_UP,
            3 + random.nextInt(6),
            0.4 + 3 * random.nextDouble(),
            1.5 + 9 * random.nextDouble(),
            random.nextInt(4) == 0);
    }
  }

  /** How long one listens [s]. */
  public double seconds() {
    double row = 3 + tries * lasts + Math.max(0, tries - 1) * waits;
    return row + (shape == Shape.LONG_RUN_STOPS ? 70 : Math.max(12, 3 * waits));
  }

  /**
   * @param rate [samples/s]
   * @param seed the same seed makes the same sound
   */
  public float[] sound(int rate, long seed) {
    Random random = Seeds.random(seed);
    float[] samples = new float[(int) (seconds() * rate)];
    double loud = 0.02 + 0.08 * random.nextDouble();
    double room = loud * (0.02 + 0.12 * random.nextDouble());
    double[] begins = new double[tries];
    double[] ends = new double[tries];
    double at = 3;
    for (int i = 0; i < tries; i++) {
      begins[i] = at;
      ends[i] = at + lasts * (0.95 + 0.1 * random.nextDouble());
      at = ends[i] + waits * (0.95 + 0.1 * random.nextDouble());
    }
    double talk = -1;
    int start = 0;
    for (int i = 0; i < samples.length; i++) {
      double time = (double) i / rate;
      while (start < tries && time > ends[start]) {
        start++;
      }
      boolean on = start < tries && time >= begins[start];
      double value = room * random.nextGaussian();
      if (on) {
        value +=
            loud
                * (Math.sin(2 * Math.PI * 180 * time)
                    + 0.6 * Math.sin(2 * Math.PI * 430 * time)
                    + 0.4 * random.nextGaussian());
      }
      if (voices && talk < time - 4 && random.nextInt(rate * 6) == 0) {
        talk = time;
      }
      if (talk >= 0 && time < talk + 0.6) {
        value += loud * Math.sin(2 * Math.PI * (210 + 30 * Math.sin(9 * time)) * time);
      }
      samples[i] = (float) value;
    }
    return samples;
  }
}
