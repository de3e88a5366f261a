package variablerotor.core.family;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What can be seen of a motor leads to its family, and never past it. */
class WhichMotorTest {
  /** Whoever can tell everything is led to this family alone. */
  @ParameterizedTest
  @EnumSource(value = Family.class, mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void everyFamilyIsReached(Family family) {
    Map<String, String> answers = new HashMap<>();
    Set<String> asked = new HashSet<>();
    WhichMotor.Question question = WhichMotor.next(answers, asked);
    while (question != null) {
      asked.add(question.id());
      WhichMotor.Answer seen =
          question.answers().stream()
              .filter(one -> one.leaves().contains(family))
              .findFirst()
              .orElseThrow();
      answers.put(question.id(), seen.id());
      assertTrue(WhichMotor.left(answers).contains(family), answers.toString());
      question = WhichMotor.next(answers, asked);
    }
    assertEquals(List.of(family), WhichMotor.left(answers));
  }

  @Test
  void whatCannotBeToldLeavesAllAndTheNextIsAsked() {
    assertEquals(8, WhichMotor.left(Map.of()).size());
    assertEquals("PLACE", WhichMotor.next(Map.of(), Set.of()).id());
    assertEquals("WIRES", WhichMotor.next(Map.of(), Set.of("PLACE")).id());
    Set<String> all = new HashSet<>();
    WhichMotor.QUESTIONS.forEach(one -> all.add(one.id()));
    assertNull(WhichMotor.next(Map.of(), all));
  }

  @Test
  void aQuestionThatWouldPartNothingIsNotAsked() {
    assertNull(WhichMotor.next(Map.of("PLACE", "WALL"), Set.of("PLACE")));
    Map<String, String> smooth = Map.of("PLACE", "OUTDOOR", "MODULE", "SMOOTH");
    WhichMotor.Question next = WhichMotor.next(smooth, Set.of("PLACE", "MODULE"));
    assertNotNull(next);
    assertEquals("WIRES", next.id(), "the plate says DC of either");
  }

  @Test
  void answersThatDoNotGoTogetherLeaveNone() {
    assertEquals(List.of(), WhichMotor.left(Map.of("PLACE", "WALL", "WIRES", "TAPS")));
    assertThrows(
        IllegalArgumentException.class, () -> WhichMotor.left(Map.of("PLACE", "ON_THE_MOON")));
  }

  /** Each sketch is known by its answer's id, so no two share one. */
  @Test
  void everyAnswerHasAnIdOfItsOwn() {
    List<String> ids = new ArrayList<>();
    WhichMotor.QUESTIONS.forEach(one -> one.answers().forEach(answer -> ids.add(answer.id())));
    assertEquals(ids.size(), new HashSet<>(ids).size());
  }
}
