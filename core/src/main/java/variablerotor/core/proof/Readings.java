package variablerotor.core.proof;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PlanRequest.CallId;

/** What was read; of one thing read twice, the last. */
public final class Readings {
  private final Map<ReadingType, Double> numbers;
  private final Map<ReadingType, String> words;
  private final Map<CallId, Boolean> runs;

  /**
   * @param runs whether it runs on a call
   */
  public Readings(
      Map<ReadingType, Double> numbers, Map<ReadingType, String> words, Map<CallId, Boolean> runs) {
    this.numbers = copy(ReadingType.class, numbers);
    this.words = copy(ReadingType.class, words);
    this.runs = copy(CallId.class, runs);
  }

  private static <E extends Enum<E>, V> Map<E, V> copy(Class<E> kind, Map<E, V> given) {
    Map<E, V> copy = new EnumMap<>(kind);
    copy.putAll(given);
    return Collections.unmodifiableMap(copy);
  }

  /** In its unit; null where it was not read. */
  public @Nullable Double number(ReadingType type) {
    return numbers.get(type);
  }

  /** Null where it was not read. */
  public @Nullable String word(ReadingType type) {
    return words.get(type);
  }

  /** Whether the motor runs on this call; null where it was not tried. */
  public @Nullable Boolean runs(CallId call) {
    return runs.get(call);
  }

  /** Whether all of these were read. */
  public boolean have(ReadingType... types) {
    for (ReadingType type : types) {
      if (!numbers.containsKey(type) && !words.containsKey(type)) {
        return false;
      }
    }
    return true;
  }

  /** As the open format lists them. */
  List<Map<String, Object>> list() {
    List<Map<String, Object>> list = new ArrayList<>();
    numbers.forEach((type, value) -> list.add(Tree.of("id", type.id(), "value", value)));
    words.forEach((type, value) -> list.add(Tree.of("id", type.id(), "value", value)));
    runs.forEach(
        (call, value) ->
            list.add(
                Tree.of("id", ReadingType.RUN + call.name(), "value", value ? "RUNS" : "STOPS")));
    return list;
  }

  /** None. */
  public static final Readings NONE = new Readings(Map.of(), Map.of(), Map.of());

  /** The calls that were tried. */
  public Map<CallId, Boolean> runs() {
    return runs;
  }
}
