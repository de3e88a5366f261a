package variablerotor.core.kept;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;

/**
 * Something that nobody knows any more, as it was told.
 *
 * @param what its name in the wording that it was told in, such as {@code motor.brushes}
 * @param said as text
 */
public record AsTold(String what, String said) {
  /** Decimals of a number whose unit nobody knows. */
  private static final int DECIMALS = 6;

  /**
   * Everything that a tree says, leaf by leaf.
   *
   * @param path of the tree in its document; empty for the whole
   */
  public static List<AsTold> all(String path, @Nullable Object tree) {
    List<AsTold> all = new ArrayList<>();
    add(all, path, tree);
    return all;
  }

  private static void add(List<AsTold> all, String path, @Nullable Object tree) {
    if (tree instanceof Map<?, ?> map) {
      map.forEach((name, value) -> add(all, path.isEmpty() ? "" + name : path + "." + name, value));
    } else if (tree instanceof List<?> list) {
      for (int at = 0; at < list.size(); at++) {
        add(all, path + "[" + at + "]", list.get(at));
      }
    } else if (tree != null) {
      all.add(
          new AsTold(
              path,
              tree instanceof Number number
                  ? Numbers.plain(number.doubleValue(), DECIMALS)
                  : String.valueOf(tree)));
    }
  }
}
