package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ExerciseTest {
  @Test
  void everyMistakeIsHarmfulAndOneWireAway() {
    Set<Finding.Kind> kinds = EnumSet.noneOf(Finding.Kind.class);
    Set<PlanRequest.Pattern> patterns = EnumSet.noneOf(PlanRequest.Pattern.class);
    for (long seed = 0; seed < 300; seed++) {
      Exercise one = Exercise.of(seed);
      assertTrue(Result.of(one.right()).ok(), "the plan is sound: " + one.plan());
      assertFalse(Result.of(one.wrong()).ok());
      assertTrue(Math.abs(one.right().wires().size() - one.wrong().wires().size()) <= 1);
      assertTrue(one.off() != null || one.on() != null);
      one.findings().forEach(finding -> kinds.add(finding.kind()));
      patterns.add(one.plan().pattern());
    }
    // Most of what can go wrong comes up, on every pattern.
    assertTrue(kinds.size() >= 11, kinds.toString());
    assertEquals(EnumSet.allOf(PlanRequest.Pattern.class), patterns);
  }

  @Test
  void theSameSeedIsTheSameExercise() {
    assertEquals(Exercise.of(7), Exercise.of(7));
  }
}
