package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Outcome;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.FactType;
import variablerotor.core.likelihood.Check;
import variablerotor.core.text.Numbers;

/**
 * What is worth a look before a way forward is chosen: the readings that a proof rests on once
 * more, in the state that the unit is in first; the questions for plate and counter; and what may
 * have killed a part, and would kill the next.
 */
final class BeforeChoosing {
  /** A companion of a proved fault likelier than this is worth a look. Judgement. */
  private static final double WORTH_A_LOOK = 0.01;

  private final Evidence evidence;
  private final Judgement judgement;
  private final UnitState now;

  BeforeChoosing(Evidence evidence, Judgement judgement, UnitState now) {
    this.evidence = evidence;
    this.judgement = judgement;
    this.now = now;
  }

  /**
   * @param doubted checks to take once more, by index
   * @param questions for plate and counter
   */
  List<Diagnosis.NextTest> list(List<Integer> doubted, List<FactType> questions) {
    List<Diagnosis.NextTest> list =
        onceMore(
            doubted,
            (judgement.proved == 0 ? "What is to be done" : "What is proved")
                + " rests on it: one wrong reading would turn it. Take it once more.");
    for (Check check : evidence.table.checks) {
      if (questions.contains(check.facts().get(0)) && check.isSoft()) {
        list.add(question(check, judgement, 1));
      }
    }
    companions(list);
    return list;
  }

  /** Checks that were made, to be made again: those that need the least change of state first. */
  List<Diagnosis.NextTest> onceMore(Collection<Integer> doubted, String why) {
    List<Diagnosis.NextTest> list = new ArrayList<>();
    for (int c : doubted) {
      list.add(test(evidence.table.checks.get(c), why, true));
    }
    list.sort((one, other) -> Double.compare(one.travelMinutes(), other.travelMinutes()));
    return list;
  }

  /** What a new module alone waits for. */
  List<Diagnosis.NextTest> waitedFor() {
    List<String> ids = evidence.unchecked();
    return evidence.table.checks.stream()
        .filter(check -> ids.contains(check.id()))
        .map(check -> test(check, "A new module goes only onto a motor that was checked.", false))
        .toList();
  }

  /**
   * A question for the plate or the counter; it needs no change of state. Its answers are taken as
   * alike, so it is worth a bit where the electronics are the thing to replace.
   *
   * @param electronics how likely they are
   */
  static Diagnosis.NextTest question(Check check, Judgement judgement, double electronics) {
    Suspect leading = judgement.belief.leading();
    List<Diagnosis.Answer> answers = new ArrayList<>();
    for (Outcome outcome : check.outcomes()) {
      double alike = 1.0 / check.outcomes().size();
      answers.add(new Diagnosis.Answer(outcome, Numbers.round(alike, 4), leading, false));
    }
    return new Diagnosis.NextTest(
        check,
        check.minutes(),
        0,
        Numbers.round(electronics, 4),
        "It decides between a new module and the motor with it.",
        answers,
        false);
  }

  private Diagnosis.NextTest test(Check check, String why, boolean again) {
    int c = evidence.table.checks.indexOf(check);
    double[] chances = judgement.belief.outcomes(c);
    List<Diagnosis.Answer> answers = new ArrayList<>();
    for (int o = 0; o < chances.length; o++) {
      Belief after = again ? evidence.without(c, o) : judgement.belief.after(c, o);
      answers.add(
          new Diagnosis.Answer(
              check.outcomes().get(o), Numbers.round(chances[o], 4), after.leading(), false));
    }
    return new Diagnosis.NextTest(
        check, check.minutes(), now.minutesTo(check.state()), 0, why, answers, again);
  }

  /** The checks not made that tell whether something else is broken with what is proved. */
  private void companions(List<Diagnosis.NextTest> list) {
    if (judgement.action == 0 || !Remedies.action(judgement.action).isDear()) {
      return;
    }
    boolean[] rivals = judgement.belief.rivals();
    for (int c = 0; c < evidence.answers.length; c++) {
      Check check = evidence.table.checks.get(c);
      if (!check.isSoft() && evidence.table.mayCome(c, evidence.answers)) {
        double parted = 0;
        for (int i = 0; i < rivals.length; i++) {
          boolean several = evidence.table.causes.get(i).faults().size() > 1;
          boolean cleared = evidence.table.keptGood[c][i] == 0;
          parted += rivals[i] && several && cleared ? judgement.belief.probability[i] : 0;
        }
        if (parted >= WORTH_A_LOOK) {
          list.add(test(check, "What killed it may kill the next: worth a look.", false));
        }
      }
    }
  }
}
