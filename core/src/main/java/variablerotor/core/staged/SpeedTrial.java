package variablerotor.core.staged;

import variablerotor.core.sound.SpeedEar;
import variablerotor.core.sound.SpeedHeard;

/**
 * Made sounds of wheels, heard.
 *
 * @param sounds how many
 * @param right said, and within its own interval of the truth
 * @param unsure not said
 * @param wrong said, and wrong; of two fans as loud as each other any single speed is wrong
 */
public record SpeedTrial(int sounds, int right, int unsure, int wrong) {
  private static final int RATE = 24_000;

  private static final double SECONDS = 9;

  /** A speed is right within its interval and this share beside it. */
  private static final double NEAR = 0.01;

  /**
   * @param sounds how many
   * @param seed of the first
   */
  public static SpeedTrial of(int sounds, long seed) {
    int right = 0;
    int wrong = 0;
    for (int i = 0; i < sounds; i++) {
      StagedFan fan = StagedFan.any(Seeds.random(seed + i));
      SpeedHeard heard = heard(fan, seed + i);
      if (heard.state() == SpeedHeard.State.HEARD) {
        boolean found = fan.second() == null && isNear(heard, fan.rpm());
        right += found ? 1 : 0;
        wrong += found ? 0 : 1;
      }
    }
    return new SpeedTrial(sounds, right, sounds - right - wrong, wrong);
  }

  /** What is heard of it in some seconds. */
  public static SpeedHeard heard(StagedFan fan, long seed) {
    SpeedEar ear = new SpeedEar(RATE, 60);
    ear.hear(fan.sound(SECONDS, RATE, seed));
    return ear.read(fan.blades());
  }

  static boolean isNear(SpeedHeard heard, double rpm) {
    Double low = heard.low();
    Double high = heard.high();
    return low != null && high != null && rpm >= low - NEAR * rpm && rpm <= high + NEAR * rpm;
  }
}
