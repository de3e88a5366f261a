package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Cause;
import variablerotor.core.likelihood.Check;

/**
 * The fewest minutes to proof that any order of checks can have on average, found exactly by going
 * through all of them (dynamic programming over what was answered so far). Only small cases can be
 * gone through: a few causes and checks of one family.
 */
public final class BestPolicy {
  private final CauseTable table;
  private final Goal goal;
  private final Map<String, Double> known = new HashMap<>();

  /**
   * @param causes how many of the commonest causes
   * @param checks how many of the checks that tell most at the start
   * @param best least minutes on average [min]
   * @param advised minutes on average by the advice [min]
   * @param listed minutes on average in the order of the table [min]
   */
  public record Figures(
      Family family, int causes, int checks, double best, double advised, double listed) {}

  /** Chooses among the checks not done; -1 for none. */
  private interface Order {
    int next(Belief belief, int[] answers, UnitState now);
  }

  private BestPolicy(CauseTable table) {
    this.table = table;
    goal = Goal.named(table);
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered, or more than 8 checks
   */
  public static Figures of(Family family, Symptom symptom, int causes, int checks) {
    if (checks > 8) {
      throw new IllegalArgumentException("at most 8 checks can be gone through");
    }
    CauseTable whole = Tables.of(family).single(symptom);
    CauseTable small = small(whole, symptom, causes, checks);
    BestPolicy policy = new BestPolicy(small);
    double[] ones = new double[small.causes.size()];
    java.util.Arrays.fill(ones, 1);
    Belief start = Belief.start(small, ones);
    int[] none = small.nothingAnswered();
    return new Figures(
        family,
        small.causes.size(),
        small.checks.size(),
        policy.least(start, none, UnitState.POWER_ON, ""),
        policy.along(
            start,
            none,
            UnitState.POWER_ON,
            (belief, answers, now) -> new NextTests(small, answers, policy.goal).best(belief, now)),
        policy.along(
            start,
            none,
            UnitState.POWER_ON,
            (belief, answers, now) -> policy.first(belief, answers)));
  }

  private static CauseTable small(CauseTable whole, Symptom symptom, int causes, int checks) {
    List<Cause> commonest = new ArrayList<>(whole.causes);
    commonest.removeIf(
        cause ->
            cause.faults().size() > 1
                || !cause.isUsual(symptom)
                || !cause.faults().get(0).suspect().isLink());
    commonest.sort(Comparator.comparingDouble((Cause cause) -> cause.weight(symptom)).reversed());
    commonest = commonest.subList(0, Math.min(causes, commonest.size()));
    List<Check> hard = new ArrayList<>(whole.checks);
    // What follows on another's answer is left out: each check stands by itself here.
    hard.removeIf(check -> check.isSoft() || !check.after().isEmpty());
    CauseTable few = new CauseTable(symptom, commonest, hard);
    double[] ones = new double[commonest.size()];
    java.util.Arrays.fill(ones, 1);
    Belief start = Belief.start(few, ones);
    NextTests chooser = new NextTests(few, few.nothingAnswered(), Goal.named(few));
    List<NextTests.Candidate> telling = chooser.candidates(start, UnitState.POWER_ON);
    telling.sort(Comparator.comparingDouble(NextTests.Candidate::worth).reversed());
    List<Check> chosen = new ArrayList<>();
    for (NextTests.Candidate candidate : telling.subList(0, Math.min(checks, telling.size()))) {
      chosen.add(hard.get(candidate.check()));
    }
    chosen.sort(Comparator.comparingInt(hard::indexOf));
    return new CauseTable(symptom, commonest, chosen);
  }

  /** The first check not done that could clear something, or -1. */
  private int first(Belief belief, int[] answers) {
    for (int c = 0; c < answers.length; c++) {
      if (table.mayCome(c, answers) && tells(belief, c)) {
        return c;
      }
    }
    return -1;
  }

  /** Whether all causes left share a suspect, or no check left could clear anything more. */
  private boolean over(Belief belief, int[] answers) {
    int shared = -1;
    for (int i = 0; i < belief.allowed.length; i++) {
      shared &= belief.allowed[i] ? goal.bits()[i] : -1;
    }
    return (shared != 0 && shared != -1) || first(belief, answers) < 0;
  }

  /** Whether some answer would clear one cause that is allowed, and leave another. */
  private boolean tells(Belief belief, int check) {
    for (int o = 0; o < table.checks.get(check).outcomes().size(); o++) {
      boolean clears = false;
      boolean leaves = false;
      for (int i = 0; i < belief.allowed.length; i++) {
        clears |= belief.allowed[i] && !table.possible[check][i][o];
        leaves |= belief.allowed[i] && table.possible[check][i][o];
      }
      if (clears && leaves) {
        return true;
      }
    }
    return false;
  }

  /** Least minutes from here on average; what was answered so far names the state. */
  private double least(Belief belief, int[] answers, UnitState now, String answered) {
    if (over(belief, answers)) {
      return 0;
    }
    String key = answered + now.ordinal();
    Double before = known.get(key);
    if (before != null) {
      return before;
    }
    double least = Double.MAX_VALUE;
    for (int c = 0; c < answers.length; c++) {
      if (table.mayCome(c, answers)) {
        least = Math.min(least, after(belief, answers, now, answered, c));
      }
    }
    known.put(key, least);
    return least;
  }

  private double after(Belief belief, int[] answers, UnitState now, String answered, int c) {
    Check check = table.checks.get(c);
    double minutes = check.minutes() + now.minutesTo(check.state());
    double[] chances = belief.outcomes(c);
    for (int o = 0; o < chances.length; o++) {
      if (chances[o] > NEGLIGIBLE) {
        answers[c] = o;
        minutes +=
            chances[o] * least(belief.after(c, o), answers, check.state(), with(answered, c, o));
      }
    }
    answers[c] = CauseTable.OPEN;
    return minutes;
  }

  /** Outcomes rarer than this are left out by every order alike. */
  private static final double NEGLIGIBLE = 0.002;

  /** Answers as a text that does not depend on their order: one place a check. */
  private String with(String answered, int c, int o) {
    StringBuilder text = new StringBuilder(answered);
    while (text.length() < table.checks.size()) {
      text.append('-');
    }
    text.setCharAt(c, (char) ('a' + o));
    return text.toString();
  }

  private double along(Belief belief, int[] answers, UnitState now, Order order) {
    if (over(belief, answers)) {
      return 0;
    }
    int c = order.next(belief, answers, now);
    if (c < 0) {
      c = first(belief, answers);
    }
    Check check = table.checks.get(c);
    double minutes = check.minutes() + now.minutesTo(check.state());
    double[] chances = belief.outcomes(c);
    for (int o = 0; o < chances.length; o++) {
      if (chances[o] > NEGLIGIBLE) {
        answers[c] = o;
        minutes += chances[o] * along(belief.after(c, o), answers, check.state(), order);
      }
    }
    answers[c] = CauseTable.OPEN;
    return minutes;
  }
}
