package variablerotor.core.likelihood;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Outcome;
import variablerotor.core.fact.Answer;

/**
 * How often each outcome of a check is seen under one cause. An outcome that is not named cannot be
 * seen but by a slip, and a fact that shows it clears the cause.
 *
 * @param share by outcome, in the check's order; they sum to 1
 * @param possible whether the outcome can be seen under this cause at all
 */
public record Likelihood(double[] share, boolean[] possible) {
  /** Least share of any answer to a question that is heard or seen in passing. Judgement. */
  private static final double TOLD = 0.03;

  /** Least share of a bad answer of hand, eye or ear: the senses slip. Judgement. */
  private static final double SENSED = 0.003;

  /** Least share of a defect that is plain to see, where it is not. Judgement. */
  private static final double SEEN = 0.0005;

  /** Least share of an answer that is only a question. Judgement. */
  private static final double QUESTION = 0.02;

  /** How much of what something unlisted shows is as if all were well here. Judgement. */
  private static final double AS_NORMAL = 0.4;

  /** A finding on the part itself is feigned by nothing unlisted, but for a slip. Judgement. */
  private static final double FEIGNED = 1e-5;

  private static final double MISREAD = CheckFigures.MISREAD.value();

  /** A finding is taken for what it is not more seldom than any other reading. Judgement. */
  private static final double FINDING_MISREAD = MISREAD / 10;

  /** The eye takes a bad part for a good one more often than a meter does. Judgement. */
  private static final double OVERLOOKED = 0.02;

  /**
   * @param often such as {@code often(FREE, 97).or(STIFF, 3)}
   * @param questions answers that are never ruled out
   * @param findings answers that show a part itself to be broken, whoever saw them
   * @throws IllegalArgumentException for an outcome that the check does not have
   */
  static Likelihood of(
      Often<Answer> often,
      List<Outcome> outcomes,
      Witness witness,
      Set<Answer> questions,
      Set<Answer> findings) {
    double[] share = new double[outcomes.size()];
    double sum = 0;
    for (Map.Entry<Answer, Double> seen : often.shares().entrySet()) {
      int at = index(outcomes, seen.getKey());
      if (at < 0) {
        throw new IllegalArgumentException("no outcome " + seen.getKey());
      }
      share[at] = seen.getValue();
      sum += share[at];
    }
    for (int i = 0; i < share.length; i++) {
      Outcome outcome = outcomes.get(i);
      // The same word as free, given after a drag: what allows the one allows the other.
      if (outcome.value() == Answer.GONE && share[i] == 0) {
        share[i] = share[index(outcomes, outcome.answer())];
      }
      boolean finding = findings.contains(outcome.value());
      share[i] = Math.max(share[i], finding ? 0 : least(outcome, witness, questions) * sum);
    }
    return of(share, outcomes, witness, findings);
  }

  private static Likelihood of(
      double[] share, List<Outcome> outcomes, Witness witness, Set<Answer> findings) {
    Likelihood likelihood = of(share);
    double[] given = likelihood.share.clone();
    for (int i = 0; i < given.length; i++) {
      if (!likelihood.possible[i]) {
        Outcome outcome = outcomes.get(i);
        boolean overlooked = witness == Witness.SEEN && outcome.good();
        given[i] =
            findings.contains(outcome.value())
                ? FINDING_MISREAD
                : overlooked ? Math.max(given[i], OVERLOOKED) : given[i];
      }
    }
    double sum = 0;
    for (double value : given) {
      sum += value;
    }
    for (int i = 0; i < given.length; i++) {
      given[i] /= sum;
    }
    return new Likelihood(given, likelihood.possible);
  }

  private static double least(Outcome outcome, Witness witness, Set<Answer> questions) {
    return switch (witness) {
      case TOLD -> TOLD;
      case SENSED -> outcome.good() ? 0 : SENSED;
      case SEEN -> outcome.good() ? 0 : SEEN;
      case MEASURED -> questions.contains(outcome.value()) ? QUESTION : 0;
    };
  }

  private static int index(List<Outcome> outcomes, Answer value) {
    int at = outcomes.size() - 1;
    while (at >= 0 && outcomes.get(at).value() != value) {
      at--;
    }
    return at;
  }

  /**
   * What something that nobody listed shows: the normal, and anything else as well; but it pushes
   * back no pin, and blocks no filter, that would be plain to see.
   */
  Likelihood unlisted(
      List<Outcome> outcomes, Witness witness, Set<Answer> findings, Set<Answer> questions) {
    if (witness == Witness.SEEN) {
      return this;
    }
    double[] given = new double[share.length];
    double spared = 0;
    List<Integer> strange = new ArrayList<>();
    for (int i = 0; i < given.length; i++) {
      Answer value = outcomes.get(i).value();
      boolean feigned = findings.contains(value);
      double asNormal = possible[i] ? AS_NORMAL * share[i] : 0;
      double anything = (1 - AS_NORMAL) / share.length;
      given[i] = asNormal + (feigned ? FEIGNED : anything);
      spared += feigned ? anything : 0;
      if (questions.contains(value)) {
        // A question stops nothing by itself: it is no likelier under what nobody listed.
        spared += Math.max(given[i] - share[i], 0);
        given[i] = Math.min(given[i], share[i]);
      } else if (!possible[i] && !feigned) {
        strange.add(i);
      }
    }
    for (int i : strange) {
      given[i] += spared / strange.size();
    }
    return of(given);
  }

  private static Likelihood of(double[] given) {
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
    return new Likelihood(share, possible);
  }

  /**
   * Two faults at once (noisy-or): all is well only where neither shows; a bad outcome shows where
   * either makes it.
   */
  public static Likelihood both(Likelihood one, Likelihood two, List<Outcome> outcomes) {
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
