package variablerotor.core.kept;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * The words in which things are kept. Each row that a shop keeps says in which wording it was
 * written. Whoever renames or drops a fact, a field, a kind or an answer counts {@link #NOW} up and
 * adds a {@link Step} from the wording before; old rows are never written anew.
 */
public final class Wording {
  /** What is written today. */
  public static final int NOW = 1;

  /** What there is to be kept; each is a tree of the open formats, or of a row's fields. */
  public enum Kind {
    /** As in the case format: {@code id}, {@code value}, {@code phase}, … */
    READING,
    PARTICULARS,
    PART,
    MOTOR,
    WIRING,
    FIT,
    PROOF,
    /** {@code route}, {@code candidate}. */
    DECISION,
    /** {@code route}. */
    OFFER,
    /** {@code route}. */
    ANSWER,
    /** {@code was}. */
    OUTCOME
  }

  /**
   * From one wording to the next.
   *
   * @param from the older
   * @param reword of a tree of that kind, that in the newer
   */
  public record Step(int from, Kind kind, UnaryOperator<Map<String, Object>> reword) {}

  private static final Wording TODAY = new Wording(List.of());

  private final List<Step> steps;

  /**
   * @param steps in the order of wordings
   */
  public Wording(List<Step> steps) {
    this.steps = List.copyOf(steps);
  }

  /** Every step that there was. */
  public static Wording today() {
    return TODAY;
  }

  /**
   * The same in today's words, as far as steps know them.
   *
   * @param tree of that kind; what is no object stays as it is
   * @param written the wording it was written in
   */
  @Nullable Object reworded(Kind kind, int written, @Nullable Object tree) {
    Object now = tree;
    for (Step step : steps) {
      if (step.kind() == kind && step.from() >= written && now instanceof Map<?, ?> map) {
        Map<String, Object> copy = new LinkedHashMap<>();
        map.forEach((name, value) -> copy.put(String.valueOf(name), value));
        now = step.reword().apply(copy);
      }
    }
    return now;
  }
}
