package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import variablerotor.core.check.Tools;
import variablerotor.core.check.UnitState;
import variablerotor.core.likelihood.Check;

/**
 * The checks of one state of the unit that are worth doing before the state is changed, and what to
 * carry up for them. The plan follows the likeliest answers; each reading makes it anew.
 */
final class RoundPlan {
  /** A check that clears less than this a minute is left for when it is needed. Judgement. */
  private static final double LEAST = 0.005;

  /** A check of this round must clear this share of what the best one elsewhere clears a minute. */
  private static final double SHARE = 0.5;

  private static final int MOST_ROUNDS = 3;

  private final Evidence evidence;
  private final int[] answers;
  private final Goal goal;
  private final CauseTable table;
  private final Forecast forecast;

  private RoundPlan(Evidence evidence, CauseTable table, Goal goal) {
    this.evidence = evidence;
    this.goal = goal;
    answers = evidence.answers.clone();
    this.table = table;
    forecast = new Forecast(table, goal);
  }

  /**
   * @param timed with the minutes that checks take here
   * @param goal what the search is for
   * @param next the next checks, best first; none where it is decided
   * @param now the unit's present state
   * @return this round and those that would follow, at most three
   */
  static List<Diagnosis.Round> of(
      Evidence evidence,
      CauseTable timed,
      Goal goal,
      List<Diagnosis.NextTest> next,
      UnitState now) {
    for (Diagnosis.NextTest first : next) {
      if (evidence.table.checks.contains(first.check()) && !first.check().isSoft()) {
        return new RoundPlan(evidence, timed, goal).rounds(first.check(), now);
      }
    }
    return List.of();
  }

  private List<Diagnosis.Round> rounds(Check first, UnitState from) {
    List<Diagnosis.Round> rounds = new ArrayList<>();
    Belief belief = evidence.belief;
    UnitState now = from;
    int next = evidence.table.checks.indexOf(first);
    while (next >= 0 && rounds.size() < MOST_ROUNDS) {
      UnitState state = evidence.table.checks.get(next).state();
      List<Check> checks = new ArrayList<>();
      double minutes = now.minutesTo(state);
      while (next >= 0) {
        Check check = evidence.table.checks.get(next);
        checks.add(check);
        minutes += table.minutes[next];
        answers[next] = likeliest(belief, next);
        belief = belief.after(next, answers[next]);
        next = belief.settled(goal) != 0 ? -1 : inThisState(belief, state);
      }
      rounds.add(
          new Diagnosis.Round(
              state, checks.stream().map(Check::id).toList(), minutes, tools(checks), parts()));
      now = state;
      Forecast.Choice after = forecast.plain(belief, answers, now, false);
      next = belief.settled(goal) != 0 || after == null ? -1 : after.check();
    }
    return rounds;
  }

  private static int likeliest(Belief belief, int check) {
    double[] chances = belief.outcomes(check);
    int best = 0;
    for (int o = 1; o < chances.length; o++) {
      best = chances[o] > chances[best] ? o : best;
    }
    return best;
  }

  /** The best check that needs no change of state, where it pays beside the best one elsewhere. */
  private int inThisState(Belief belief, UnitState state) {
    Forecast.Choice here = forecast.plain(belief, answers, state, true);
    Forecast.Choice best = forecast.plain(belief, answers, state, false);
    if (here == null || best == null) {
      return -1;
    }
    boolean pays = here.rate() >= LEAST && here.rate() >= SHARE * best.rate();
    return pays ? here.check() : -1;
  }

  private static List<String> tools(List<Check> checks) {
    Set<String> tools = new LinkedHashSet<>();
    for (Check check : checks) {
      check.question().tools().forEach(tool -> tools.add(tool.title()));
    }
    return List.copyOf(tools);
  }

  /** Parts that the leading suspects may need: what would save a second way up. */
  private List<String> parts() {
    Set<String> parts = new LinkedHashSet<>();
    evidence.belief.bySuspect().entrySet().stream()
        .filter(share -> share.getValue() >= Tools.WORTH_CARRYING)
        .sorted((one, other) -> Double.compare(other.getValue(), one.getValue()))
        .map(share -> Tools.part(share.getKey(), evidence.situation.family()))
        .filter(part -> part != null)
        .forEach(parts::add);
    return List.copyOf(parts);
  }
}
