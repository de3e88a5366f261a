package variablerotor.core.staged;

import variablerotor.core.sound.StartEar;
import variablerotor.core.sound.StartsHeard;
import variablerotor.core.sound.StartsHeard.Shape;

/**
 * Made sounds of motors that do not stay on, heard.
 *
 * @param sounds how many
 * @param right shape and, of tries, their number
 * @param unsure called uneven, or not done
 * @param wrong another shape, or another number
 */
public record StartTrial(int sounds, int right, int unsure, int wrong) {
  private static final int RATE = 8_000;

  /**
   * @param sounds how many
   * @param seed of the first
   */
  public static StartTrial of(int sounds, long seed) {
    int right = 0;
    int unsure = 0;
    for (int i = 0; i < sounds; i++) {
      StagedStarts starts = StagedStarts.any(Seeds.random(seed + i));
      StartsHeard heard = heard(starts, seed + i);
      boolean counted = starts.shape() != Shape.GAVE_UP || heard.tries().size() == starts.tries();
      if (heard.shape() == starts.shape() && counted) {
        right++;
      } else if (heard.shape() == Shape.UNEVEN || heard.shape() == Shape.LISTENING) {
        unsure++;
      }
    }
    return new StartTrial(sounds, right, unsure, sounds - right - unsure);
  }

  /** What is heard of it. */
  public static StartsHeard heard(StagedStarts starts, long seed) {
    StartEar ear = new StartEar(RATE);
    ear.hear(starts.sound(RATE, seed));
    return ear.read();
  }
}
