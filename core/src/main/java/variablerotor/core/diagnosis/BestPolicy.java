package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.odds.Cause;
import variablerotor.core.odds.Check;

/**
 * The fewest minutes to proof that any order of checks can have on average, found exactly by going
 * through all of them (dynamic programming over what was answered so far). Only small cases can be
 * gone through: a few causes and checks of one family.
 */
public final class BestPolicy {
  private final CauseTable table;
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
    int next(Belief belief, boolean[] done, UnitState now);
  }

  private BestPolicy(CauseTable table) {
    this.table = table;
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
    boolean[] none = new boolean[small.checks.size()];
    return new Figures(
        family,
        small.causes.size(),
        small.checks.size(),
        policy.least(start, none, UnitState.POWER_ON, ""),
        policy.along(
            start,
            none,
            UnitState.POWER_ON,
            (belief, done, now) -> new NextTests(small, done).best(belief, now)),
        policy.along(
            start, none, UnitState.POWER_ON, (belief, done, now) -> policy.first(belief, done)));
  }

  private static CauseTable small(CauseTable whole, Symptom symptom, int causes, int checks) {
    List<Cause> commonest = new ArrayList<>(whole.causes);
    commonest.removeIf(
        cause -> cause.faults().size() > 1 || cause.faults().get(0) == Fault.NOTHING);
    commonest.sort(Comparator.comparingDouble((Cause cause) -> cause.weight(symptom)).reversed());
    commonest = commonest.subList(0, Math.min(causes, commonest.size()));
    List<Check> hard = new ArrayList<>(whole.checks);
    hard.removeIf(Check::isSoft);
    CauseTable few = new CauseTable(symptom, commonest, hard);
    double[] ones = new double[commonest.size()];
    java.util.Arrays.fill(ones, 1);
    Belief start = Belief.start(few, ones);
    NextTests chooser = new NextTests(few, new boolean[hard.size()]);
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
  private int first(Belief belief, boolean[] done) {
    for (int c = 0; c < done.length; c++) {
      if (table.mayCome(c, done) && tells(belief, c)) {
        return c;
      }
    }
    return -1;
  }

  /** Whether a suspect is proved, or no check left could clear anything more. */
  private boolean over(Belief belief, boolean[] done) {
    return belief.decided() || first(belief, done) < 0;
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
  private double least(Belief belief, boolean[] done, UnitState now, String answered) {
    if (over(belief, done)) {
      return 0;
    }
    String key = answered + now.ordinal();
    Double before = known.get(key);
    if (before != null) {
      return before;
    }
    double least = Double.MAX_VALUE;
    for (int c = 0; c < done.length; c++) {
      if (table.mayCome(c, done)) {
        least = Math.min(least, after(belief, done, now, answered, c));
      }
    }
    known.put(key, least);
    return least;
  }

  private double after(Belief belief, boolean[] done, UnitState now, String answered, int c) {
    Check check = table.checks.get(c);
    double minutes = check.minutes() + now.minutesTo(check.state());
    double[] odds = belief.outcomes(c);
    done[c] = true;
    for (int o = 0; o < odds.length; o++) {
      if (odds[o] > NEGLIGIBLE) {
        minutes += odds[o] * least(belief.after(c, o), done, check.state(), with(answered, c, o));
      }
    }
    done[c] = false;
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

  private double along(Belief belief, boolean[] done, UnitState now, Order order) {
    if (over(belief, done)) {
      return 0;
    }
    int c = order.next(belief, done, now);
    if (c < 0) {
      c = first(belief, done);
    }
    Check check = table.checks.get(c);
    double minutes = check.minutes() + now.minutesTo(check.state());
    double[] odds = belief.outcomes(c);
    done[c] = true;
    for (int o = 0; o < odds.length; o++) {
      if (odds[o] > NEGLIGIBLE) {
        minutes += odds[o] * along(belief.after(c, o), done, check.state(), order);
      }
    }
    done[c] = false;
    return minutes;
  }
}
