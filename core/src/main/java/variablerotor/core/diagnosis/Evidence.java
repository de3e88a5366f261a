package variablerotor.core.diagnosis;

import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Observation;
import variablerotor.core.check.Situation;
import variablerotor.core.check.UnitState;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.FactType;
import variablerotor.core.odds.Check;
import variablerotor.core.winding.WindingVerdict;

/** What the facts of one call say to each check, and what is believed after them. */
final class Evidence {
  final Situation situation;
  final CauseTable table;
  final WindingVerdict winding;

  /** By check of the table; null where the facts do not answer it. */
  final Observation[] seen;

  final Belief belief;

  /** Whether one cause at a time explains nothing, so that two at once are weighed. */
  final boolean doubled;

  private Evidence(
      Situation situation,
      CauseTable table,
      WindingVerdict winding,
      Observation[] seen,
      boolean doubled) {
    this.situation = situation;
    this.table = table;
    this.winding = winding;
    this.seen = seen;
    this.doubled = doubled;
    belief = believe();
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered, or a plate that cannot be
   *     read
   */
  static Evidence of(Situation situation) {
    Tables tables = Tables.of(situation.family());
    CauseTable table = tables.single(situation.symptom());
    WindingVerdict winding = situation.winding();
    WaysToAnswer reading = new WaysToAnswer(situation, winding);
    Observation[] seen = new Observation[table.checks.size()];
    for (int c = 0; c < seen.length; c++) {
      seen[c] = table.checks.get(c).read(reading);
    }
    Evidence one = new Evidence(situation, table, winding, seen, false);
    if (one.belief.anyAllowed()) {
      return one;
    }
    Evidence two =
        new Evidence(situation, tables.doubles(situation.symptom()), winding, seen, true);
    return two.belief.anyAllowed() ? two : one;
  }

  private Belief believe() {
    Belief result = Belief.start(table, codeWeight());
    for (int c = 0; c < seen.length; c++) {
      if (seen[c] != null) {
        result = result.after(c, outcome(c));
      }
    }
    return result;
  }

  boolean contradicted() {
    return !belief.anyAllowed();
  }

  boolean anythingSeen() {
    for (Observation one : seen) {
      if (one != null) {
        return true;
      }
    }
    return false;
  }

  boolean[] done() {
    boolean[] done = new boolean[seen.length];
    for (int c = 0; c < seen.length; c++) {
      done[c] = seen[c] != null;
    }
    return done;
  }

  /** Index of the outcome that was seen. */
  int outcome(int check) {
    return table.checks.get(check).index(seen[check].outcome());
  }

  /** A code moves suspicion, and never decides: it multiplies the odds of what it raises. */
  private double[] codeWeight() {
    var raised = situation.facts().names(FactType.CODE_SUSPECTS);
    double[] weight = new double[table.causes.size()];
    for (int i = 0; i < weight.length; i++) {
      weight[i] = 1;
      for (Suspect suspect : table.groups.get(table.group[i])) {
        if (raised.contains(suspect.name())) {
          weight[i] = CheckFigures.CODE_WEIGHT.value();
        }
      }
    }
    return weight;
  }

  /** The state that the last check recorded left the unit in. */
  UnitState presentState() {
    for (FactType fact : situation.facts().latestFirst()) {
      for (Check check : table.checks) {
        if (check.facts().contains(fact) && !check.isSoft()) {
          return check.state();
        }
      }
    }
    return UnitState.POWER_ON;
  }
}
