package variablerotor.core.staged;

import variablerotor.core.lamp.LampSeen;
import variablerotor.core.lamp.LampWatch;

/**
 * Films of staged lamps, read.
 *
 * @param films how many
 * @param right read for sure, and right
 * @param unsure not read for sure
 * @param wrong read for sure, and wrong
 */
public record LampTrial(int films, int right, int unsure, int wrong) {
  /** Two rounds and the rest of one before, and no longer than anybody stands there [s]. */
  private static final double LONGEST = 75;

  /**
   * @param films how many
   * @param seed of the first film
   */
  public static LampTrial of(int films, long seed) {
    int right = 0;
    int wrong = 0;
    for (int i = 0; i < films; i++) {
      StagedLamp lamp = StagedLamp.any(Seeds.random(seed + i));
      LampSeen seen = watched(lamp, LampFilm.Trouble.any(Seeds.random(~(seed + i))), seed + i);
      if (isRight(seen, lamp)) {
        right++;
      } else if (isSure(seen)) {
        wrong++;
      }
    }
    return new LampTrial(films, right, films - right - wrong, wrong);
  }

  /** Watched until it is sure, or nobody would look on. */
  public static LampSeen watched(StagedLamp lamp, LampFilm.Trouble trouble, long seed) {
    LampFilm film = new LampFilm(lamp, trouble, seed);
    LampWatch watch = new LampWatch(lamp.lamps());
    double look = 6;
    LampSeen seen = watch.read();
    while (film.time() < LONGEST) {
      byte[][] pictures = film.next();
      watch.see(film.time(), pictures);
      if (film.time() >= look) {
        look = film.time() + 1;
        seen = watch.read();
        if (!seen.codes().isEmpty()) {
          return seen;
        }
      }
    }
    return seen;
  }

  /** Whether it names a code, or says that it is off. Of a bright spot it asks. */
  static boolean isSure(LampSeen seen) {
    return !seen.codes().isEmpty() || seen.state() == LampSeen.State.DARK;
  }

  static boolean isRight(LampSeen seen, StagedLamp lamp) {
    switch (seen.state()) {
      case STEADY:
        return lamp.code().equals("ON");
      case DARK:
        return lamp.code().equals("OFF");
      default:
        return seen.codes().contains(lamp.code());
    }
  }
}
