package variablerotor.core.family;

import static variablerotor.core.family.Family.BLDC_FIVE_WIRE;
import static variablerotor.core.family.Family.BLDC_THREE_WIRE;
import static variablerotor.core.family.Family.CONSTANT_AIRFLOW_PARALLEL;
import static variablerotor.core.family.Family.CONSTANT_AIRFLOW_SERIAL;
import static variablerotor.core.family.Family.CONSTANT_TORQUE;
import static variablerotor.core.family.Family.DRIVE_FED_INDUCTION;
import static variablerotor.core.family.Family.EC_PLUG_FAN;
import static variablerotor.core.family.Family.STAGED_CONDENSER;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Which kind of motor it is, by what can be seen of it: each answer leaves some families, and one
 * that cannot be told leaves all. Common practice.
 */
public final class WhichMotor {
  private WhichMotor() {}

  /**
   * Something to look at.
   *
   * @param ask in one short line
   */
  public record Question(String id, String ask, List<Answer> answers) implements Node {
    public Question {
      answers = List.copyOf(answers);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "ask", ask, "answers", answers);
    }
  }

  /**
   * What may be seen; it has a sketch of its own, known by its id.
   *
   * @param leaves the families that can look so
   */
  public record Answer(String id, String label, List<Family> leaves) implements Node {
    public Answer {
      leaves = List.copyOf(leaves);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "label", label, "leaves", leaves);
    }
  }

  /** In the order of asking: what is seen from the door first. */
  public static final List<Question> QUESTIONS =
      List.of(
          new Question(
              "PLACE",
              "Where does it sit?",
              List.of(
                  answer(
                      "HOUSED",
                      "Indoors or on a roof, in a blower housing",
                      CONSTANT_TORQUE,
                      CONSTANT_AIRFLOW_PARALLEL,
                      CONSTANT_AIRFLOW_SERIAL,
                      DRIVE_FED_INDUCTION),
                  answer("WALL", "In a wall, floor or ceiling unit", BLDC_FIVE_WIRE),
                  answer(
                      "OUTDOOR",
                      "Outdoors, blades before the coil",
                      STAGED_CONDENSER,
                      BLDC_FIVE_WIRE,
                      BLDC_THREE_WIRE),
                  answer("PLENUM", "A wheel with no housing", EC_PLUG_FAN, DRIVE_FED_INDUCTION))),
          new Question(
              "WIRES",
              "Which wires go to it?",
              List.of(
                  answer(
                      "THREE_LEADS",
                      "Three alike, from a board or a drive",
                      BLDC_THREE_WIRE,
                      DRIVE_FED_INDUCTION),
                  answer("FIVE_IN_ONE", "Five in one plug", BLDC_FIVE_WIRE),
                  answer("TAPS", "Line, and a row of numbered taps with a common", CONSTANT_TORQUE),
                  answer(
                      "WIDE_PLUG",
                      "A power plug, and a wide control plug of many pins",
                      CONSTANT_AIRFLOW_PARALLEL),
                  answer(
                      "FOUR_PLUG",
                      "A power plug, and a control plug of four",
                      CONSTANT_AIRFLOW_SERIAL),
                  answer("STAGES", "Line, and low, high and common", STAGED_CONDENSER),
                  answer("TERMINAL_BOX", "Clamps under a lid, line and control", EC_PLUG_FAN))),
          new Question(
              "MODULE",
              "Where are its electronics?",
              List.of(
                  answer(
                      "BOLTED_CAN",
                      "In a can on its end, with bolts and a seam",
                      CONSTANT_TORQUE,
                      CONSTANT_AIRFLOW_PARALLEL,
                      CONSTANT_AIRFLOW_SERIAL,
                      STAGED_CONDENSER),
                  answer("BESIDE", "In a box beside it, in the cabinet", STAGED_CONDENSER),
                  answer(
                      "SMOOTH", "None to be seen: a closed can", BLDC_FIVE_WIRE, BLDC_THREE_WIRE),
                  answer("HUB", "In the hub of the wheel", EC_PLUG_FAN),
                  answer(
                      "DRIVE_BOX", "In a drive with a display, feeding it", DRIVE_FED_INDUCTION))),
          new Question(
              "PLATE",
              "What does its plate ask for?",
              List.of(
                  answer(
                      "ONE_PHASE",
                      "AC, one phase",
                      CONSTANT_TORQUE,
                      CONSTANT_AIRFLOW_PARALLEL,
                      CONSTANT_AIRFLOW_SERIAL,
                      STAGED_CONDENSER,
                      EC_PLUG_FAN),
                  answer("THREE_PHASES", "AC, three phases", EC_PLUG_FAN, DRIVE_FED_INDUCTION),
                  answer("DC", "DC, some 300 V", BLDC_FIVE_WIRE, BLDC_THREE_WIRE))));

  private static Answer answer(String id, String label, Family... leaves) {
    return new Answer(id, label, Arrays.asList(leaves));
  }

  /**
   * The families that look as answered, in their order; none where the answers do not go together.
   *
   * @param answers by question the answer; a question that is not in it cannot be told
   * @throws IllegalArgumentException for an answer that its question does not have
   */
  public static List<Family> left(Map<String, String> answers) {
    Set<Family> left = EnumSet.noneOf(Family.class);
    for (Family family : Family.values()) {
      if (family.isVariableSpeed()) {
        left.add(family);
      }
    }
    for (Question question : QUESTIONS) {
      String given = answers.get(question.id);
      if (given != null) {
        left.retainAll(
            question.answers.stream()
                .filter(one -> one.id.equals(given))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(question.id + ": " + given))
                .leaves);
      }
    }
    return new ArrayList<>(left);
  }

  /**
   * What to look at next: the first question not asked yet of which some answer would leave fewer.
   *
   * @param asked the questions that were answered, or could not be told
   * @return null where none would part what is left
   */
  public static @Nullable Question next(Map<String, String> answers, Set<String> asked) {
    List<Family> left = left(answers);
    for (Question question : QUESTIONS) {
      boolean parts =
          left.size() > 1
              && question.answers.stream()
                  .anyMatch(
                      one ->
                          left.stream().anyMatch(one.leaves::contains)
                              && !one.leaves.containsAll(left));
      if (parts && !asked.contains(question.id)) {
        return question;
      }
    }
    return null;
  }
}
