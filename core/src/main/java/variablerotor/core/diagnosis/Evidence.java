package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Observation;
import variablerotor.core.check.Situation;
import variablerotor.core.check.UnitState;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.FactType;
import variablerotor.core.odds.Check;
import variablerotor.core.odds.FamilyModel;
import variablerotor.core.odds.Witness;
import variablerotor.core.winding.WindingVerdict;

/** What the facts of one call say to each check, and what is believed after them. */
final class Evidence {
  /** How often two faults of a call are independent of each other. Judgement. */
  private static final double TWO_AT_ONCE = 0.05;

  final Situation situation;
  final CauseTable table;
  final WindingVerdict winding;

  /** By check of the table; null where the facts do not answer it. */
  final @Nullable Observation[] seen;

  /** By check of the table the outcome that was seen, or {@link CauseTable#OPEN}. */
  final int[] answers;

  final Belief belief;

  /** Whether one cause at a time explains too little, so that two at once are weighed. */
  final boolean doubled;

  private Evidence(
      Situation situation,
      CauseTable table,
      WindingVerdict winding,
      @Nullable Observation[] seen,
      boolean doubled) {
    this.situation = situation;
    this.table = table;
    this.winding = winding;
    this.seen = seen;
    this.doubled = doubled;
    answers = table.nothingAnswered();
    for (int c = 0; c < answers.length; c++) {
      Observation one = seen[c];
      answers[c] = one == null ? CauseTable.OPEN : table.checks.get(c).index(one.outcome());
    }
    belief = believe(answers);
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
    @Nullable Observation[] seen = new Observation[table.checks.size()];
    for (int c = 0; c < seen.length; c++) {
      seen[c] = table.checks.get(c).read(reading);
    }
    Evidence one = new Evidence(situation, table, winding, seen, false);
    if (one.belief.anyAllowed() && one.leaderExplainsAll()) {
      return one;
    }
    Evidence two =
        new Evidence(situation, tables.doubles(situation.symptom()), winding, seen, true);
    if (!two.belief.anyAllowed()) {
      return one;
    }
    double better = two.belief.logEvidence + StrictMath.log(TWO_AT_ONCE);
    return !one.belief.anyAllowed() || better > one.belief.logEvidence ? two : one;
  }

  /** Whether the likeliest listed cause names every answer that was seen. */
  private boolean leaderExplainsAll() {
    int best = -1;
    for (int i = 0; i < belief.allowed.length; i++) {
      boolean listed = belief.allowed[i] && i != table.unlisted;
      if (listed && (best < 0 || belief.probability[i] > belief.probability[best])) {
        best = i;
      }
    }
    for (int c = 0; best >= 0 && c < answers.length; c++) {
      boolean weighs = table.checks.get(c).witness() != Witness.TOLD;
      if (answers[c] >= 0 && weighs && table.share[c][best][answers[c]] < UNEXPLAINED) {
        return false;
      }
    }
    return true;
  }

  /** An answer seen less often than this under a cause is not explained by it. Judgement. */
  private static final double UNEXPLAINED = 0.03;

  /** What is believed after these answers. */
  Belief believe(int[] given) {
    Belief result = Belief.start(table, codeWeight());
    for (int c = 0; c < given.length; c++) {
      if (given[c] != CauseTable.OPEN) {
        result = result.after(c, given[c]);
      }
    }
    return result;
  }

  /** What is believed with one check answered otherwise, or not at all. */
  Belief without(int check, int otherwise) {
    int[] given = answers.clone();
    given[check] = otherwise;
    return believe(given);
  }

  /** Whether meter, hand or eye has been at the unit yet; what was told beforehand is not that. */
  boolean anythingLookedAt() {
    for (int c = 0; c < seen.length; c++) {
      if (seen[c] != null && !table.checks.get(c).isSoft()) {
        return true;
      }
    }
    return false;
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
      for (Check check : FamilyModel.of(situation.family()).checks()) {
        if (check.facts().contains(fact) && !check.isSoft()) {
          return check.state();
        }
      }
    }
    return UnitState.POWER_ON;
  }

  /** The defects that are plain to see, each to be mended whatever else is. */
  List<Diagnosis.Found> found() {
    List<Diagnosis.Found> found = new ArrayList<>();
    for (int c = 0; c < seen.length; c++) {
      Observation one = seen[c];
      Check check = table.checks.get(c);
      Action action = one == null ? null : Remedies.ofDefect(check.station());
      if (one != null && action != null && check.isDefect(one.outcome())) {
        List<String> facts = one.facts().stream().map(FactType::id).toList();
        found.add(new Diagnosis.Found(check.station(), action, one.sentence(), facts));
      }
    }
    return found;
  }
}
