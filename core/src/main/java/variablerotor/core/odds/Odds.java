package variablerotor.core.odds;

import java.util.List;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Outcome;
import variablerotor.core.text.Words;

/**
 * How often each outcome of a check is seen under one cause. An outcome that is not named cannot be
 * seen but by a slip, and a fact that shows it clears the cause.
 *
 * @param share by outcome, in the check's order; they sum to 1
 * @param possible whether the outcome can be seen under this cause at all
 */
public record Odds(double[] share, boolean[] possible) {
  /** Least share of any answer to a question that is heard or seen in passing. Judgement. */
  private static final double SOFT = 0.03;

  private static final double MISREAD = CheckFigures.MISREAD.value();

  /**
   * @param text such as {@code "FREE 97 STIFF 3"}, any scale
   * @throws IllegalArgumentException for an outcome that the check does not have
   */
  public static Odds of(String text, List<Outcome> outcomes) {
    double[] share = new double[outcomes.size()];
    List<String> words = Words.split(text, " ");
    for (int i = 0; i + 1 < words.size(); i += 2) {
      int at = 0;
      while (at < share.length && !outcomes.get(at).value().equals(words.get(i))) {
        at++;
      }
      if (at == share.length) {
        throw new IllegalArgumentException("no outcome " + words.get(i));
      }
      share[at] = Double.parseDouble(words.get(i + 1));
    }
    return of(share);
  }

  /** The same, with no outcome ruled out. */
  public Odds softened() {
    double[] given = share.clone();
    for (int i = 0; i < given.length; i++) {
      given[i] = Math.max(given[i], SOFT);
    }
    return of(given);
  }

  private static Odds of(double[] given) {
    double sum = 0;
    for (double value : given) {
      sum += value;
    }
    double[] share = new double[given.length];
    boolean[] possible = new boolean[given.length];
    double total = 0;
    for (int i = 0; i < given.length; i++) {
      possible[i] = given[i] > 0;
      share[i] = possible[i] ? given[i] / sum : MISREAD;
      total += share[i];
    }
    for (int i = 0; i < share.length; i++) {
      share[i] /= total;
    }
    return new Odds(share, possible);
  }

  /**
   * Two faults at once (noisy-or): all is well only where neither shows; a bad outcome shows where
   * either makes it.
   */
  public static Odds both(Odds one, Odds two, List<Outcome> outcomes) {
    double[] share = new double[one.share.length];
    double good = 0;
    double bad = 0;
    for (int i = 0; i < share.length; i++) {
      boolean isGood = outcomes.get(i).good();
      if (isGood) {
        share[i] = one.possible[i] && two.possible[i] ? one.share[i] * two.share[i] : 0;
        good += share[i];
      } else {
        share[i] = (one.possible[i] ? one.share[i] : 0) + (two.possible[i] ? two.share[i] : 0);
        bad += share[i];
      }
    }
    for (int i = 0; i < share.length; i++) {
      if (!outcomes.get(i).good() && bad > 0) {
        share[i] *= (1 - good) / bad;
      }
    }
    return of(share);
  }
}
