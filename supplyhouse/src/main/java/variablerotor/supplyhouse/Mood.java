package variablerotor.supplyhouse;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How the supply house behaves.
 *
 * @param delayMs how long each answer takes [ms]
 */
record Mood(int delayMs, Fails fails, Lies lies) {
  private static final int LONGEST_MS = 60_000;

  static final Mood GOOD = new Mood(0, Fails.NONE, Lies.NONE);

  /** In which way it does not answer. */
  enum Fails {
    NONE,
    ERROR,
    GARBAGE,
    DROP
  }

  /** What is wrong in what it answers. */
  enum Lies {
    NONE,
    NEGATIVE_STOCK,
    NO_PRICE,
    OTHER_CURRENCY
  }

  /**
   * @throws IllegalArgumentException with what is allowed
   */
  static Mood read(Object tree) {
    if (!(tree instanceof Map<?, ?> map)) {
      throw new IllegalArgumentException("required is an object");
    }
    Object delay = map.get("delayMs");
    if (!(delay instanceof Double ms && ms >= 0 && ms <= LONGEST_MS && ms == Math.rint(ms))) {
      throw new IllegalArgumentException("delayMs: allowed is a whole number, 0 to " + LONGEST_MS);
    }
    return new Mood(
        ms.intValue(),
        word(Fails.class, "fails", map.get("fails")),
        word(Lies.class, "lies", map.get("lies")));
  }

  private static <E extends Enum<E>> E word(Class<E> of, String field, @Nullable Object value) {
    for (E one : of.getEnumConstants()) {
      if (one.name().equals(value)) {
        return one;
      }
    }
    throw new IllegalArgumentException(
        field + ": allowed is one of " + java.util.Arrays.toString(of.getEnumConstants()));
  }

  Map<String, Object> tree() {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("delayMs", delayMs);
    tree.put("fails", fails.name());
    tree.put("lies", lies.name());
    return tree;
  }

  /** A part as it is told in this mood. */
  Map<String, Object> told(Map<String, Object> part) {
    Map<String, Object> told = new LinkedHashMap<>(part);
    switch (lies) {
      case NEGATIVE_STOCK -> told.put("stock", -3);
      case NO_PRICE -> told.remove("price");
      case OTHER_CURRENCY -> told.put("currency", "SEK");
      default -> {
        // As it is.
      }
    }
    return told;
  }
}
