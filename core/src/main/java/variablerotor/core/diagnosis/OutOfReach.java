package variablerotor.core.diagnosis;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;

/** The checks that cannot be made on this call, and so are not proposed. */
final class OutOfReach {
  /** They need the motor to run until it quits. */
  private static final Set<String> RUN_WARM = Set.of("winding.warm", "shaft.feel.warm");

  /** What is heard of a motor that does not start at all. */
  private static final Set<Answer> DOES_NOT_START =
      Set.of(Answer.SILENCE, Answer.CLICK, Answer.HUMS, Answer.TRIES_AND_GIVES_UP);

  private OutOfReach() {}

  /**
   * Whether it is of no use to ask. That everything it asks was told, and is no answer, is one
   * such: asking once more gives no other.
   *
   * @param check one that the facts do not answer
   */
  static boolean is(Situation situation, Check check) {
    Facts facts = situation.facts();
    boolean said = check.facts().stream().anyMatch(type -> facts.untold(type) != null);
    return said
        || check.facts().stream().allMatch(facts::has)
        || (check.state() == UnitState.MODULE_OFF && isOnePiece(situation))
        || (RUN_WARM.contains(check.id()) && doesNotStart(situation));
  }

  /** Whether the module does not come off, so that nothing behind it can be reached. */
  private static boolean isOnePiece(Situation situation) {
    return Boolean.FALSE.equals(situation.facts().flag(FactType.PLATE_MODULE_REMOVABLE))
        && FamilyModel.of(situation.family()).uses(FactType.PLATE_MODULE_REMOVABLE);
  }

  /** Whether a motor that is said to start, or to run, does not start at all now. */
  static boolean doesNotStart(Situation situation) {
    @Nullable Answer heard = situation.facts().choice(FactType.HEARD_ANSWER);
    return situation.symptom() != Symptom.NO_RUN && heard != null && DOES_NOT_START.contains(heard);
  }
}
