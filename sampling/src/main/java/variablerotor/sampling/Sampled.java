package variablerotor.sampling;

import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.extension.ConditionEvaluationResult;
import org.junit.jupiter.api.extension.ExecutionCondition;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.platform.commons.util.AnnotationUtils;

/**
 * On what is slow and seldom turns: of so many tests, or invocations of one test, each run takes
 * one. Which one, the sample says, a number that the test command takes from the commit and prints:
 * the same commit is tested alike wherever it is, and one after another they all come up. All of
 * them run with {@code ./rotor test --all}.
 *
 * <p>On a class it is meant for each of its tests, but for those that have one of their own.
 */
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(Sampled.Drawn.class)
public @interface Sampled {
  /** Of so many one; 1 is each time. */
  int value();

  /** Says of each test whether it is drawn. */
  final class Drawn implements ExecutionCondition {
    private static final Pattern INVOCATION = Pattern.compile("#(\\d+)]$");

    @Override
    public ConditionEvaluationResult evaluateExecutionCondition(ExtensionContext context) {
      Matcher invocation = INVOCATION.matcher(context.getUniqueId());
      boolean once = invocation.find();
      // Of a test with invocations of its own it is these that are drawn.
      boolean whole = context.getTestMethod().isEmpty() || (!once && isTemplate(context));
      if (Share.ALL || whole) {
        return ConditionEvaluationResult.enabled("");
      }
      Method test = context.getRequiredTestMethod();
      int of = of(test);
      int place = place(test, of) + (once ? Integer.parseInt(invocation.group(1)) : 0);
      return Share.has(place, of)
          ? ConditionEvaluationResult.enabled("drawn by sample " + Share.SAMPLE)
          : ConditionEvaluationResult.disabled(
              "one of "
                  + of
                  + " is drawn, by sample "
                  + Share.SAMPLE
                  + "; all: ./rotor test --all");
    }

    private static boolean isTemplate(ExtensionContext context) {
      return AnnotationUtils.isAnnotated(
          context.getRequiredTestMethod(), org.junit.jupiter.api.TestTemplate.class);
    }

    private static int of(Method test) {
      Sampled mine = test.getAnnotation(Sampled.class);
      Sampled all = test.getDeclaringClass().getAnnotation(Sampled.class);
      return mine != null ? mine.value() : all == null ? 1 : all.value();
    }

    /**
     * Among the tests of its class of which one of so many is drawn, by name: so that of so many in
     * a row one is. Each class begins elsewhere, so that not all have their dearest in one run.
     */
    private static int place(Method test, int of) {
      Class<?> all = test.getDeclaringClass();
      List<String> names =
          Arrays.stream(all.getDeclaredMethods())
              .filter(
                  one ->
                      AnnotationUtils.isAnnotated(
                          one, org.junit.platform.commons.annotation.Testable.class))
              .filter(one -> of(one) == of)
              .map(Method::getName)
              .sorted()
              .toList();
      return names.indexOf(test.getName()) + all.getSimpleName().hashCode();
    }
  }
}
