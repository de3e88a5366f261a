package variablerotor.core.code;

import java.util.ArrayList;
import java.util.List;

/**
 * When a lamp was looked at without a break.
 *
 * @param since when it began [s]
 * @param blind spans in which a flash could have been missed, or was not to be told from something
 *     else
 */
public record Watch(double since, List<Blind> blind) {
  public Watch {
    blind = List.copyOf(blind);
  }

  /** Gaps with less sight than this between them are one [s]. */
  private static final double TOUCHING = 0.1;

  /**
   * A span without sight.
   *
   * @param from its beginning [s]
   * @param to its end [s]
   */
  public record Blind(double from, double to) {}

  /** Whether nothing could have been missed from one time to another [s]. */
  public boolean isClear(double from, double to) {
    for (Blind gap : blind) {
      if (gap.from() < to && gap.to() > from) {
        return false;
      }
    }
    return true;
  }

  /** Whether no single gap in this span is longer than that [s]. */
  boolean isNearlyClear(double from, double to, double longest) {
    double begin = Double.NaN;
    double end = Double.NaN;
    for (Blind gap : inOrder()) {
      if (gap.from() >= to || gap.to() <= from) {
        continue;
      }
      // Gaps that touch are one.
      begin = gap.from() <= end + TOUCHING ? begin : gap.from();
      end = Math.max(gap.to(), begin);
      if (end - begin > longest) {
        return false;
      }
    }
    return true;
  }

  private List<Blind> inOrder() {
    List<Blind> sorted = new ArrayList<>(blind);
    sorted.sort((one, other) -> Double.compare(one.from(), other.from()));
    return sorted;
  }
}
