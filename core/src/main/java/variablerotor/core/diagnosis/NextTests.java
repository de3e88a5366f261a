package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.text.Numbers;

/**
 * Chooses the next check: most doubt removed a minute (Shannon's information; any text), the
 * minutes to change the unit's state counted, with a look at the best check after it.
 */
final class NextTests {
  /** What clearing every rival still allowed is worth beside removed doubt [bit]. Judgement. */
  private static final double PROOF_BITS = 0.25;

  /** How many of the best at first sight are looked at one check further. */
  private static final int LOOK_AHEAD = 6;

  /** A check worth less than this [bit] is not offered. */
  private static final double LEAST = 1e-4;

  private final CauseTable table;
  private final boolean[] done;

  /** One check as seen from one belief and one state of the unit. */
  private record Candidate(int check, double gain, double worth, double minutes) {
    double rate() {
      return worth / minutes;
    }
  }

  private NextTests(CauseTable table, boolean[] done) {
    this.table = table;
    this.done = done;
  }

  /**
   * @param done by check of the table: whether the facts answer it
   * @param now the unit's present state
   * @return best first
   */
  static List<Diagnosis.NextTest> of(Belief belief, boolean[] done, UnitState now) {
    return new NextTests(belief.table, done.clone()).list(belief, now);
  }

  private List<Diagnosis.NextTest> list(Belief belief, UnitState now) {
    List<Candidate> candidates = candidates(belief, now);
    candidates.sort(Comparator.comparingDouble(Candidate::rate).reversed());
    int ahead = Math.min(LOOK_AHEAD, candidates.size());
    List<Candidate> best = new ArrayList<>(candidates.subList(0, ahead));
    double[] far = new double[table.checks.size()];
    for (Candidate candidate : best) {
      far[candidate.check] = withFollower(belief, candidate);
    }
    best.sort(Comparator.comparingDouble((Candidate c) -> far[c.check]).reversed());
    best.addAll(candidates.subList(ahead, candidates.size()));
    List<Diagnosis.NextTest> tests = new ArrayList<>();
    for (Candidate candidate : best) {
      tests.add(describe(belief, candidate, now));
    }
    return tests;
  }

  private List<Candidate> candidates(Belief belief, UnitState now) {
    List<Candidate> list = new ArrayList<>();
    double doubt = belief.entropy();
    for (int c = 0; c < table.checks.size(); c++) {
      if (!done[c]) {
        Candidate candidate = candidate(belief, doubt, c, now);
        if (candidate.worth >= LEAST) {
          list.add(candidate);
        }
      }
    }
    return list;
  }

  private Candidate candidate(Belief belief, double doubt, int c, UnitState now) {
    double[] odds = belief.outcomes(c);
    int rivals = belief.countAllowed();
    double left = 0;
    double cleared = 0;
    for (int o = 0; o < odds.length; o++) {
      Belief after = belief.after(c, o);
      left += odds[o] * after.entropy();
      if (rivals > 1 && after.anyAllowed()) {
        cleared += odds[o] * (rivals - after.countAllowed()) / (double) rivals;
      }
    }
    double gain = Math.max(0, doubt - left);
    Check check = table.checks.get(c);
    double minutes = check.minutes() + now.minutesTo(check.state());
    return new Candidate(c, gain, gain + PROOF_BITS * cleared, minutes);
  }

  /** Worth a minute of the check and of the best one after it, over its outcomes. */
  private double withFollower(Belief belief, Candidate first) {
    double[] odds = belief.outcomes(first.check);
    UnitState then = table.checks.get(first.check).state();
    double worth = first.worth;
    double minutes = first.minutes;
    done[first.check] = true;
    for (int o = 0; o < odds.length; o++) {
      Belief after = belief.after(first.check, o);
      if (odds[o] < LEAST || after.decided()) {
        continue;
      }
      Candidate follower = null;
      for (Candidate candidate : candidates(after, then)) {
        if (follower == null || candidate.rate() > follower.rate()) {
          follower = candidate;
        }
      }
      if (follower != null) {
        worth += odds[o] * follower.worth;
        minutes += odds[o] * follower.minutes;
      }
    }
    done[first.check] = false;
    return worth / minutes;
  }

  private Diagnosis.NextTest describe(Belief belief, Candidate candidate, UnitState now) {
    Check check = table.checks.get(candidate.check);
    double[] odds = belief.outcomes(candidate.check);
    List<Diagnosis.Answer> answers = new ArrayList<>();
    for (int o = 0; o < odds.length; o++) {
      Belief after = belief.after(candidate.check, o);
      answers.add(
          new Diagnosis.Answer(
              check.outcomes().get(o),
              Numbers.round(odds[o], 4),
              after.leading(),
              after.decided()));
    }
    return new Diagnosis.NextTest(
        check,
        check.minutes(),
        now.minutesTo(check.state()),
        Numbers.round(candidate.gain, 4),
        why(belief, check, candidate),
        answers);
  }

  /** Why this one, in one sentence. */
  private String why(Belief belief, Check check, Candidate candidate) {
    Suspect leading = belief.leading();
    boolean[] named = new boolean[Suspect.values().length];
    List<String> rivals = new ArrayList<>();
    for (int i = 0; i < table.causes.size(); i++) {
      if (!belief.allowed[i] || table.possible[candidate.check][i][goodIndex(check)]) {
        continue;
      }
      for (Suspect suspect : table.groups.get(table.group[i])) {
        if (!named[suspect.ordinal()]) {
          named[suspect.ordinal()] = true;
          rivals.add(suspect.spoken());
        }
      }
    }
    if (rivals.isEmpty()) {
      return "It moves the odds, now led by " + leading.spoken() + ".";
    }
    String list = rivals.get(0);
    for (int i = 1; i < rivals.size(); i++) {
      list += (i + 1 < rivals.size() ? ", " : " and ") + rivals.get(i);
    }
    return "A good answer clears " + list + " of this fault.";
  }

  private static int goodIndex(Check check) {
    for (int i = 0; i < check.outcomes().size(); i++) {
      if (check.outcomes().get(i).good()) {
        return i;
      }
    }
    return 0;
  }
}
