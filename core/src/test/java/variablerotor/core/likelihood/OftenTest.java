package variablerotor.core.likelihood;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static variablerotor.core.fact.Answer.FREE;
import static variablerotor.core.fact.Answer.LOCKED;
import static variablerotor.core.fact.Answer.STIFF;
import static variablerotor.core.likelihood.Often.always;
import static variablerotor.core.likelihood.Often.often;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import variablerotor.core.check.Outcome;
import variablerotor.core.fact.Answer;

@DisplayName("How often each answer is seen")
class OftenTest {
  private static final List<Outcome> FEELS =
      List.of(new Outcome(FREE, FREE, "Free", true), new Outcome(STIFF, STIFF, "Stiff", false));

  private static Likelihood of(Often<Answer> often) {
    return Likelihood.of(often, FEELS, Witness.MEASURED, Set.of(), Set.of());
  }

  @Test
  @DisplayName("is a share of all that are named, in whatever scale")
  void scale() {
    double[] expected = {0.75, 0.25};
    assertArrayEquals(expected, of(often(FREE, 75).or(STIFF, 25)).share(), 1e-12);
    assertArrayEquals(expected, of(often(STIFF, 1).or(FREE, 3)).share(), 1e-12);
  }

  @Test
  @DisplayName("is nothing for what is not named: a meter that shows it clears the fault")
  void notNamed() {
    assertArrayEquals(new boolean[] {true, false}, of(always(FREE)).possible());
  }

  @Test
  @DisplayName("is given once for each, above nothing, and only for answers that the check has")
  void refused() {
    assertThrows(IllegalArgumentException.class, () -> often(FREE, 1).or(FREE, 2));
    assertThrows(IllegalArgumentException.class, () -> often(FREE, 0));
    assertThrows(IllegalArgumentException.class, () -> often(FREE, Double.NaN));
    assertThrows(IllegalArgumentException.class, () -> of(often(FREE, 9).or(LOCKED, 1)));
  }
}
