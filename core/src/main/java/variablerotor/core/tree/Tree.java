package variablerotor.core.tree;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The one writer from records to plain trees. */
public final class Tree {
  private Tree() {}

  /**
   * A branch with these fields, in this order.
   *
   * @param namesAndValues a name, its value, a name, its value, and so on
   * @throws IllegalArgumentException for a value that has no plain form
   */
  public static Map<String, Object> of(@Nullable Object... namesAndValues) {
    Map<String, Object> branch = new LinkedHashMap<>();
    for (int i = 0; i + 1 < namesAndValues.length; i += 2) {
      branch.put((String) namesAndValues[i], plain(namesAndValues[i + 1]));
    }
    return branch;
  }

  /**
   * @throws IllegalArgumentException for a value that has no plain form
   */
  public static @Nullable Object plain(@Nullable Object value) {
    if (value == null || value instanceof String || value instanceof Boolean) {
      return value;
    }
    if (value instanceof Node node) {
      return node.tree();
    }
    if (value instanceof Number number) {
      return number.doubleValue();
    }
    if (value instanceof Enum<?> word) {
      return word.name();
    }
    if (value instanceof LocalDate) {
      return value.toString();
    }
    if (value instanceof List<?> list) {
      List<Object> items = new ArrayList<>();
      for (Object item : list) {
        items.add(plain(item));
      }
      return items;
    }
    if (value instanceof Map<?, ?> map) {
      Map<String, Object> branch = new LinkedHashMap<>();
      map.forEach((name, inner) -> branch.put(String.valueOf(name), plain(inner)));
      return branch;
    }
    throw new IllegalArgumentException("no plain form: " + value.getClass().getName());
  }

  /** The same tree without the fields that are null, at any depth. */
  public static Object withoutNulls(Object tree) {
    if (tree instanceof Map<?, ?> map) {
      Map<String, Object> kept = new LinkedHashMap<>();
      map.forEach(
          (name, value) -> {
            if (value != null) {
              kept.put(String.valueOf(name), withoutNulls(value));
            }
          });
      return kept;
    }
    if (tree instanceof List<?> list) {
      List<Object> kept = new ArrayList<>();
      for (Object item : list) {
        kept.add(withoutNulls(item));
      }
      return kept;
    }
    return tree;
  }
}
