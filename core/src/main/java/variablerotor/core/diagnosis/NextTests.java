package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.UnitState;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Check;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;

/**
 * Chooses the next check: those that remove most doubt a minute (Shannon's information; any text),
 * the minutes to change the unit's state counted, are followed to the proof by {@link Forecast},
 * and the one that leads there in the fewest minutes comes first.
 */
final class NextTests {
  /** What clearing every rival still allowed is worth beside removed doubt [bit]. Judgement. */
  private static final double PROOF_BITS = 0.6;

  /** How many of the best at first sight are followed to the proof. */
  private static final int FOLLOWED = 4;

  /** Below this a share adds nothing to a sum of p log p. */
  private static final double NEGLIGIBLE = 1e-12;

  private static final double LN2 = StrictMath.log(2);

  /** A check worth less than this [bit] is not offered. */
  private static final double LEAST = 1e-4;

  private final CauseTable table;
  private final int[] answers;
  private final Goal goal;

  /**
   * One check as seen from one belief and one state of the unit.
   *
   * @param gain doubt removed on average [bit]
   * @param worth the gain, and what clearing rivals is worth [bit]
   * @param minutes with the change of state [min]
   */
  record Candidate(int check, double gain, double worth, double minutes) {
    double rate() {
      return worth / minutes;
    }
  }

  /**
   * @param answers by check of the table the outcome seen, or {@link CauseTable#OPEN}
   * @param goal what the search is for
   */
  NextTests(CauseTable table, int[] answers, Goal goal) {
    this.table = table;
    this.answers = answers.clone();
    this.goal = goal;
  }

  /**
   * @param now the unit's present state
   * @param family for the words
   * @return best first
   */
  List<Diagnosis.NextTest> list(Belief belief, UnitState now, Family family) {
    List<Candidate> best = ranked(belief, now);
    List<Diagnosis.NextTest> tests = new ArrayList<>();
    for (Candidate candidate : best) {
      tests.add(describe(belief, candidate, now, family));
    }
    return tests;
  }

  /** Index of the best check, or -1 where none is worth making. */
  int best(Belief belief, UnitState now) {
    List<Candidate> ranked = ranked(belief, now);
    return ranked.isEmpty() ? -1 : ranked.get(0).check;
  }

  /**
   * The most telling a minute, and the one that a plain order would take, are followed to the
   * proof; the fewest minutes come first. The rest keep the order of what they tell a minute.
   */
  private List<Candidate> ranked(Belief belief, UnitState now) {
    List<Candidate> candidates = candidates(belief, now);
    candidates.sort(Comparator.comparingDouble(Candidate::rate).reversed());
    Forecast forecast = new Forecast(table, goal);
    Forecast.Choice plain = forecast.plain(belief, answers, now, false);
    List<Candidate> best = new ArrayList<>();
    List<Candidate> rest = new ArrayList<>();
    for (Candidate candidate : candidates) {
      (best.size() < FOLLOWED || (plain != null && candidate.check == plain.check()) ? best : rest)
          .add(candidate);
    }
    double[] minutes = new double[table.checks.size()];
    double least = Double.MAX_VALUE;
    for (Candidate candidate : best) {
      int check = candidate.check;
      minutes[check] = forecast.minutes(belief, answers, now, check, least);
      least = Math.min(least, minutes[check]);
    }
    best.sort(Comparator.comparingDouble((Candidate c) -> minutes[c.check]));
    best.addAll(rest);
    return best;
  }

  /**
   * Minutes on average that a plain order of checks leads to the goal in [min]; 0 where none is
   * left.
   */
  double minutes(Belief belief, UnitState now) {
    Forecast forecast = new Forecast(table, goal);
    Forecast.Choice plain = forecast.plain(belief, answers, now, false);
    return plain == null
        ? 0
        : forecast.minutes(belief, answers, now, plain.check(), Double.MAX_VALUE);
  }

  List<Candidate> candidates(Belief belief, UnitState now) {
    List<Candidate> list = new ArrayList<>();
    boolean[] rivals = belief.rivals();
    for (int c = 0; c < table.checks.size(); c++) {
      if (table.mayCome(c, answers)) {
        Candidate candidate = candidate(belief, rivals, c, now);
        if (candidate.worth >= LEAST) {
          list.add(candidate);
        }
      }
    }
    return list.isEmpty() ? closing(belief, now) : list;
  }

  /** Where hardly a doubt is left and no proof made: what would make it, such as a mended try. */
  private List<Candidate> closing(Belief belief, UnitState now) {
    List<Candidate> list = new ArrayList<>();
    for (int c = 0; c < table.checks.size() && belief.settled(goal) == 0; c++) {
      Check check = table.checks.get(c);
      double[] chances = belief.outcomes(c);
      boolean closes = false;
      for (int o = 0; o < chances.length && table.mayCome(c, answers); o++) {
        closes |= chances[o] >= HALF && belief.after(c, o).settled(goal) != 0;
      }
      if (closes) {
        list.add(new Candidate(c, 0, LEAST, check.minutes() + now.minutesTo(check.state())));
      }
    }
    return list;
  }

  /** An answer at least as likely as not. */
  private static final double HALF = 0.5;

  /**
   * The doubt left on average over the outcomes is the sum of s log s over suspects' shares s of
   * each outcome, less that of the outcome's own share: no belief need be made for it.
   */
  private Candidate candidate(Belief belief, boolean[] rivals, int c, UnitState now) {
    Check check = table.checks.get(c);
    int outcomes = check.outcomes().size();
    int groups = goal.groups();
    double[] sums = new double[outcomes * groups];
    int[] kept = new int[outcomes];
    for (int i = 0; i < belief.probability.length; i++) {
      double probability = i == table.unlisted ? 0 : belief.probability[i];
      double[] share = table.share[c][i];
      boolean[] possible = table.possible[c][i];
      for (int o = 0; o < outcomes; o++) {
        sums[o * groups + goal.group()[i]] += probability * share[o];
        kept[o] += rivals[i] && possible[o] ? 1 : 0;
      }
    }
    double left = 0;
    double cleared = 0;
    int count = 0;
    for (boolean rival : rivals) {
      count += rival ? 1 : 0;
    }
    for (int o = 0; o < outcomes; o++) {
      double all = 0;
      for (int g = 0; g < groups; g++) {
        double sum = sums[o * groups + g];
        all += sum;
        left -= plogp(sum);
      }
      left += plogp(all);
      cleared += kept[o] > 0 && count > 1 ? all * (count - kept[o]) / count : 0;
    }
    double gain = Math.max(0, belief.entropy(goal) - left);
    double minutes = check.minutes() + now.minutesTo(check.state());
    return new Candidate(c, gain, gain + PROOF_BITS * cleared, minutes);
  }

  private static double plogp(double p) {
    return p > NEGLIGIBLE ? p * StrictMath.log(p) / LN2 : 0;
  }

  private Diagnosis.NextTest describe(
      Belief belief, Candidate candidate, UnitState now, Family family) {
    Check check = table.checks.get(candidate.check);
    double[] chances = belief.outcomes(candidate.check);
    List<Diagnosis.Answer> answers = new ArrayList<>();
    for (int o = 0; o < chances.length; o++) {
      Belief after = belief.after(candidate.check, o);
      answers.add(
          new Diagnosis.Answer(
              check.outcomes().get(o),
              Numbers.round(chances[o], 4),
              after.leading(),
              after.settled(goal) != 0));
    }
    return new Diagnosis.NextTest(
        check,
        Numbers.round(table.minutes[candidate.check], 1),
        now.minutesTo(check.state()),
        Numbers.round(candidate.gain, 4),
        why(belief, candidate, family),
        answers,
        false);
  }

  /** Why this one, in one sentence: what its answers mean; empty where that is not plain. */
  private String why(Belief belief, Candidate candidate, Family family) {
    boolean[] rivals = belief.rivals();
    int struck = 0;
    int left = 0;
    for (int i = 0; i < rivals.length; i++) {
      int mine = rivals[i] ? table.suspects[table.group[i]] : 0;
      if (table.keptGood[candidate.check][i] > 0) {
        left |= mine;
      } else {
        struck |= mine;
      }
    }
    String out = named(struck & ~left, family);
    String less = named(struck & left, family);
    if (!out.isEmpty()) {
      return "If all is well here, it is not " + out + ".";
    }
    if (!less.isEmpty()) {
      return "If all is well here, that speaks against " + less + ".";
    }
    return points(belief, candidate.check, family);
  }

  /** Answers rarer than this are not spoken of. Judgement. */
  private static final double SPOKEN_OF = 0.02;

  /** The likeliest answer that would put another suspect first; empty where none would. */
  private String points(Belief belief, int check, Family family) {
    double[] chances = belief.outcomes(check);
    Suspect now = belief.leading();
    int best = -1;
    for (int o = 0; o < chances.length; o++) {
      boolean turns = chances[o] >= SPOKEN_OF && belief.after(check, o).leading() != now;
      best = turns && (best < 0 || chances[o] > chances[best]) ? o : best;
    }
    if (best < 0) {
      return "";
    }
    Suspect then = belief.after(check, best).leading();
    return "\""
        + table.checks.get(check).outcomes().get(best).label()
        + "\" would point at "
        + family.profile().spoken(then)
        + ".";
  }

  private static String named(int suspects, Family family) {
    List<String> names = new ArrayList<>();
    for (Suspect suspect : Suspect.values()) {
      if (suspect.isLink() && (suspects & 1 << suspect.ordinal()) != 0) {
        names.add(family.profile().spoken(suspect));
      }
    }
    return Words.or(names);
  }
}
