package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Observation;
import variablerotor.core.fact.FactType;

/**
 * What a proof rests on: the readings of which some other answer would unprove the suspect or turn
 * the remedy. Those that are wrong often enough, by all that the others say, are worth taking once
 * more before a dear part is chosen.
 */
final class RestsOn {
  private static final double SLIP = CheckFigures.SLIP.value() / 100;
  private static final double DOUBTED = CheckFigures.DOUBTED.value() / 100;

  /** The checks that would turn it, in the order of the table. */
  final List<Integer> checks = new ArrayList<>();

  private final Evidence evidence;

  /**
   * @param judge passes judgement on another belief of the same table
   */
  RestsOn(Evidence evidence, Judgement judgement, Function<Belief, Judgement> judge) {
    this.evidence = evidence;
    if (judgement.proved == 0 && judgement.action == 0) {
      return;
    }
    for (int c = 0; c < evidence.answers.length; c++) {
      if (evidence.answers[c] >= 0 && turns(c, judgement, judge)) {
        checks.add(c);
      }
    }
  }

  private boolean turns(int check, Judgement judgement, Function<Belief, Judgement> judge) {
    int outcomes = evidence.table.checks.get(check).outcomes().size();
    for (int o = 0; o < outcomes; o++) {
      if (o != evidence.answers[check]
          && judgement.isTurnedBy(judge.apply(evidence.without(check, o)))) {
        return true;
      }
    }
    return false;
  }

  /** The facts of those checks, without what was measured twice already. */
  List<FactType> facts() {
    Set<FactType> facts = new LinkedHashSet<>();
    for (int c : checks) {
      for (FactType fact : factsOf(c)) {
        if (!evidence.situation.facts().isConfirmed(fact)) {
          facts.add(fact);
        }
      }
    }
    return List.copyOf(facts);
  }

  private List<FactType> factsOf(int check) {
    Observation seen = evidence.seen[check];
    return seen == null ? List.of() : seen.facts();
  }

  /** The checks worth taking once more: not confirmed, and wrong often enough. */
  List<Integer> doubted() {
    List<Integer> doubted = new ArrayList<>();
    for (int c : checks) {
      boolean open =
          factsOf(c).stream().anyMatch(fact -> !evidence.situation.facts().isConfirmed(fact));
      if (open && wrong(c) >= DOUBTED) {
        doubted.add(c);
      }
    }
    return doubted;
  }

  /**
   * How likely a reading is wrong, by all the others: where it slips, any answer comes alike often.
   */
  private double wrong(int check) {
    double with = evidence.belief.logEvidence;
    double without = evidence.without(check, CauseTable.OPEN).logEvidence;
    int outcomes = evidence.table.checks.get(check).outcomes().size();
    double slipped = SLIP * StrictMath.exp(without - with) / outcomes;
    return slipped / (slipped + 1 - SLIP);
  }
}
