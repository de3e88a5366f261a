package variablerotor.e2e;

import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import org.junit.jupiter.api.extension.ConditionEvaluationResult;
import org.junit.jupiter.api.extension.ExecutionCondition;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.platform.commons.util.AnnotationUtils;
import variablerotor.sampling.Sampled;
import variablerotor.sampling.Share;

/**
 * On the longest stories of all, which start several machines of their own, one after the other or
 * side by side: each run has one of them, by the sample as with {@link Sampled}, so that no run has
 * them all at once. All of them run with {@code ./rotor test --all}.
 *
 * <p>On a class it is meant for all of its tests together, and what they stand on.
 */
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(InTurn.Drawn.class)
@interface InTurn {
  /** What is told. */
  Story value();

  /** Each of them in one place alone. */
  enum Story {
    STARTED_AGAIN,
    MANY_SERVERS,
    BACKUP_OF_EACH_DAY,
    BEHIND_A_PROXY,
    KEPT_ALIVE,
    REPLICA,
    BACKUP_BROUGHT_BACK,
    TRUSTED_BY_A_TELEPHONE
  }

  /** Says of each story whether it is drawn. */
  final class Drawn implements ExecutionCondition {
    @Override
    public ConditionEvaluationResult evaluateExecutionCondition(ExtensionContext context) {
      Story[] all = Story.values();
      Story turn = all[Math.floorMod(Share.SAMPLE, all.length)];
      return AnnotationUtils.findAnnotation(context.getElement(), InTurn.class)
          .filter(mine -> !Share.ALL && mine.value() != turn)
          .map(
              other ->
                  ConditionEvaluationResult.disabled(
                      turn + " has its turn, by sample; all: ./rotor test --all"))
          .orElseGet(() -> ConditionEvaluationResult.enabled(""));
    }
  }
}
