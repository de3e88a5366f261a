package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.sampling.Sampled;

/**
 * What was settled never opens again by an answer that its leading cause expects: every usual cause
 * of every complaint of every family answers each check as it most often does, first until it is
 * settled what to do, then on to the last one.
 */
class SettledStaysTest {
  @ParameterizedTest
  @Sampled(4)
  @EnumSource(value = Family.class, mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void anExpectedAnswerOpensNothingAgain(Family family) {
    int settled = 0;
    List<String> opened = new ArrayList<>();
    for (Symptom symptom : Symptom.values()) {
      Evidence evidence = Evidence.of(Situation.of(family, symptom, Facts.of(List.of())));
      CauseTable table = evidence.table;
      Remedies remedies = new Remedies(evidence.situation, table);
      for (int hidden = 0; hidden < table.causes.size(); hidden++) {
        if (!table.usual[hidden]) {
          continue;
        }
        int[] given = table.nothingAnswered();
        int action = 0;
        for (int c = 0; c < given.length; c++) {
          Judgement before = judge(evidence.believe(given), remedies, table);
          int leader = before.belief.leadingCause();
          given[c] = likeliest(table.share[c][action == 0 ? hidden : leader]);
          Judgement after = judge(evidence.believe(given), remedies, table);
          if (action != 0 && after.action != action && !clearsWithin(table, leader, c, given[c])) {
            opened.add(
                symptom
                    + " "
                    + table.causes.get(hidden).faults()
                    + " by "
                    + table.checks.get(c).id()
                    + " "
                    + table.checks.get(c).outcomes().get(given[c]).value());
            break;
          }
          settled += action == 0 && after.action != 0 ? 1 : 0;
          action = after.action;
        }
      }
    }
    assertEquals(List.of(), opened);
    assertTrue(settled > 20, family + ": settled " + settled);
  }

  /** Whether an answer clears another usual cause of the leader's own link: that is news. */
  private static boolean clearsWithin(CauseTable table, int leader, int check, int outcome) {
    for (int i = 0; i < table.causes.size(); i++) {
      boolean same = table.group[i] == table.group[leader] && i != leader;
      if (same && table.usual[i] && !table.possible[check][i][outcome]) {
        return true;
      }
    }
    return false;
  }

  private static Judgement judge(Belief belief, Remedies remedies, CauseTable table) {
    return new Judgement(belief, remedies, Goal.named(table), remedies.goal(), true, 0);
  }

  private static int likeliest(double[] shares) {
    int best = 0;
    for (int o = 1; o < shares.length; o++) {
      best = shares[o] > shares[best] ? o : best;
    }
    return best;
  }
}
