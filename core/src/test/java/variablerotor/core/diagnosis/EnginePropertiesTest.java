package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.Fact;
import variablerotor.core.family.Family;

class EnginePropertiesTest {
  private static List<Fact> someFacts(Random random) {
    List<Fact> all =
        Calls.facts(
            "line.volts",
            200 + random.nextInt(60),
            "command.volts",
            random.nextBoolean() ? 25 : 0,
            "command.volts.board",
            random.nextBoolean() ? 25 : 12,
            "shaft.feel",
            random.nextBoolean() ? "FREE" : "COGGING",
            "connector.look",
            random.nextBoolean() ? "SEATED" : "LOOSE",
            "winding.ab",
            10,
            "winding.bc",
            10,
            "winding.ca",
            10 + random.nextInt(6),
            "module.look",
            random.nextBoolean() ? "CLEAN" : "BURNT");
    List<Fact> some = new ArrayList<>(all);
    some.removeIf(fact -> random.nextInt(3) == 0);
    return some;
  }

  @Property(tries = 200)
  void orderOfFactsDoesNotMatter(@ForAll int seed, @ForAll @IntRange(max = 9) int symptom) {
    Random random = new Random(seed);
    List<Fact> facts = someFacts(random);
    List<Fact> shuffled = new ArrayList<>(facts);
    Collections.shuffle(shuffled, random);
    Symptom complaint = Symptom.values()[symptom];
    Diagnosis one = Calls.torque(complaint, facts);
    Diagnosis two = Calls.torque(complaint, shuffled);
    assertEquals(one.verdict(), two.verdict());
    assertEquals(one.suspects(), two.suspects());
    assertEquals(one.stations(), two.stations());
  }

  @Property(tries = 200)
  void aSupersededFactLeavesNoTrace(@ForAll int seed) {
    List<Fact> facts = someFacts(new Random(seed));
    List<Fact> withSlip = new ArrayList<>(facts);
    withSlip.addAll(0, Calls.facts("line.volts", 3, "shaft.feel", "LOCKED"));
    withSlip.addAll(Calls.facts("line.volts", 240, "shaft.feel", "FREE"));
    List<Fact> clean = new ArrayList<>(facts);
    clean.addAll(Calls.facts("line.volts", 240, "shaft.feel", "FREE"));
    assertEquals(Calls.torque(Symptom.NO_RUN, clean), Calls.torque(Symptom.NO_RUN, withSlip));
  }

  @Property(tries = 200)
  void moreResistanceInOnePhaseNeverLowersItsSuspicion(
      @ForAll @DoubleRange(min = 2, max = 20) double pair,
      @ForAll @DoubleRange(max = 3) double less,
      @ForAll @DoubleRange(max = 3) double more) {
    double before = windingShare(pair, less);
    double after = windingShare(pair, less + more);
    assertTrue(after >= before - 1e-9, before + " then " + after);
  }

  private static double windingShare(double pair, double extra) {
    Diagnosis diagnosis =
        Calls.torque(
            Symptom.STARTS_THEN_STOPS,
            "winding.ab",
            pair + extra,
            "winding.bc",
            pair,
            "winding.ca",
            pair + extra);
    return ConstantTorqueTest.share(diagnosis, Suspect.WINDING);
  }

  @Property(tries = 200)
  void probabilitiesSumToOne(@ForAll int seed, @ForAll @IntRange(max = 9) int symptom) {
    Diagnosis diagnosis = Calls.torque(Symptom.values()[symptom], someFacts(new Random(seed)));
    double sum =
        diagnosis.suspects().stream().mapToDouble(Diagnosis.SuspectView::probability).sum();
    assertEquals(1, sum, 1e-9);
  }

  /** Every fault can be convicted: with its own most usual answers to every check, it leads. */
  @Test
  void everyCauseLeadsOnItsOwnAnswers() {
    for (Symptom symptom : Symptom.values()) {
      CauseTable table = Tables.of(Family.CONSTANT_TORQUE).single(symptom);
      for (int cause = 0; cause < table.causes.size(); cause++) {
        double[] ones = new double[table.causes.size()];
        java.util.Arrays.fill(ones, 1);
        Belief belief = Belief.start(table, ones);
        for (int check = 0; check < table.checks.size(); check++) {
          belief = belief.after(check, usual(table.share[check][cause]));
        }
        assertTrue(belief.allowed[cause], symptom + " " + table.causes.get(cause));
      }
    }
  }

  private static int usual(double[] shares) {
    int best = 0;
    for (int i = 0; i < shares.length; i++) {
      best = shares[i] > shares[best] ? i : best;
    }
    return best;
  }

  @Test
  void causeTableIsSound() {
    for (Symptom symptom : Symptom.values()) {
      CauseTable table = Tables.of(Family.CONSTANT_TORQUE).single(symptom);
      assertTrue(table.causes.size() > 1, symptom.name());
      for (double[][] check : table.share) {
        for (double[] cause : check) {
          double sum = 0;
          for (double share : cause) {
            sum += share;
          }
          assertEquals(1, sum, 1e-9);
        }
      }
    }
  }

  @Test
  void changingStateCostsMinutesBothWays() {
    assertEquals(0, UnitState.POWER_ON.minutesTo(UnitState.POWER_ON));
    assertEquals(7, UnitState.POWER_ON.minutesTo(UnitState.MODULE_OFF));
    assertEquals(10, UnitState.MODULE_OFF.minutesTo(UnitState.POWER_ON));
    assertEquals(15, UnitState.MODULE_OFF.minutesTo(UnitState.ON_BENCH));
    assertEquals(2, UnitState.POWER_ON.minutesTo(UnitState.CONTROL_PLUG_OUT));
  }
}
