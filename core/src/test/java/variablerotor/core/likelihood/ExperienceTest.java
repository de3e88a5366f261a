package variablerotor.core.likelihood;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;

@DisplayName("What a shop's own ended calls do to the judged weights")
class ExperienceTest {
  private static final Family FAMILY = Family.CONSTANT_TORQUE;
  private static final List<Suspect> MODULE = List.of(Suspect.MODULE);

  private static Counted never(List<Suspect> suspects, int calls) {
    return new Counted(FAMILY, Symptom.RUNS_ALWAYS, suspects, calls);
  }

  private static Experience.Row row(Experience experience, List<Suspect> suspects) {
    return experience.rows(FAMILY, Symptom.RUNS_ALWAYS).stream()
        .filter(one -> one.suspects().equals(suspects))
        .findFirst()
        .orElseThrow();
  }

  /**
   * By hand: a motor that never stops has the weights 43 (stuck relay), 12 (fan switch), 10
   * (crossed wires), 30 (module stuck on) and 0.3 (nothing wrong), 95.3 in all; three faults that
   * seldom come under it have 0.08 each, and what nobody listed 3 % of all that is usual, 95.3 x
   * 0.03 / 0.97 = 2.9474. The module has 30 and one of the 0.08: 30.08 of 98.4874.
   */
  @Test
  @DisplayName("a share is what was judged and what was counted, weighed by what they are worth")
  void share() {
    double judged = 30.08 / (95.3 + 3 * 0.08 + 95.3 * 0.03 / 0.97);
    assertEquals(judged, row(Experience.NONE, MODULE).judged(), 1e-12);
    assertEquals(0.30542, judged, 1e-5);
    Experience ten = Experience.of(List.of(never(MODULE, 10)), 40);
    // (40 x 0.30542 + 10) / (40 + 10)
    assertEquals(0.44434, row(ten, MODULE).learnt(), 1e-5);
    // 55.08 of 98.4874 were judged to be the command: (40 x 0.55926 + 0) / 50
    assertEquals(0.44741, row(ten, List.of(Suspect.COMMAND)).learnt(), 1e-5);
    assertEquals(10, row(ten, MODULE).calls());
  }

  @Test
  @DisplayName("shares sum to one, whatever was counted; nothing comes of a single call")
  void sums() {
    Experience odd = Experience.of(List.of(never(MODULE, 3), never(List.of(Suspect.NONE), 1)), 7);
    double sum =
        odd.rows(FAMILY, Symptom.RUNS_ALWAYS).stream().mapToDouble(Experience.Row::learnt).sum();
    assertEquals(1, sum, 1e-12);
    Experience one = Experience.of(List.of(never(MODULE, 1)), Experience.STRENGTH.value());
    assertEquals(row(one, MODULE).judged(), row(one, MODULE).learnt(), 0.02);
  }

  @Test
  @DisplayName("what was counted under another complaint or of another family moves nothing")
  void elsewhere() {
    Experience other =
        Experience.of(
            List.of(
                new Counted(FAMILY, Symptom.NOISE, MODULE, 90),
                new Counted(Family.STAGED_CONDENSER, Symptom.RUNS_ALWAYS, MODULE, 90)),
            40);
    assertEquals(1, row(other, MODULE).factor(), 1e-12);
  }

  @Test
  @DisplayName("what the model has not as such counts for its first cause, else as unlisted")
  void places() {
    Experience mixed =
        Experience.of(
            List.of(
                never(List.of(Suspect.MODULE, Suspect.WHEEL), 2), never(List.of(Suspect.DRIVE), 3)),
            40);
    assertEquals(2, row(mixed, MODULE).calls());
    assertEquals(3, row(mixed, List.of(Suspect.OTHER)).calls());
  }

  @Test
  @DisplayName("without a call they stand as if it had never been")
  void without() {
    Experience two = Experience.of(List.of(never(MODULE, 2)), 40);
    Experience one = two.without(FAMILY, Symptom.RUNS_ALWAYS, MODULE);
    assertEquals(1, row(one, MODULE).calls());
    assertTrue(one.without(FAMILY, Symptom.RUNS_ALWAYS, MODULE).isNone());
    assertThrows(IllegalArgumentException.class, () -> Experience.of(List.of(), 0));
  }

  /** By hand: planned a minute, 10 times 4 min: (20 x 1 + 40) / 30 = 2 min. */
  @Test
  @DisplayName("what checks took moves what is planned for them, and no other family's")
  void minutes() {
    Experience timed =
        Experience.NONE.timed(
            List.of(
                new Experience.Timed(FAMILY, "line.volts", 10, 40),
                new Experience.Timed(FAMILY, "no.such.check", 10, 40)));
    assertEquals(2, timed.minutes(FAMILY).get("line.volts"), 1e-12);
    assertEquals(1, timed.minutes(FAMILY).size());
    assertTrue(timed.minutes(Family.EC_PLUG_FAN).isEmpty());
  }
}
