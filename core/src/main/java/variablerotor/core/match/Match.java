package variablerotor.core.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A candidate, judged.
 *
 * @param points attribute by attribute; what neither plate tells is not judged
 */
public record Match(String id, State state, List<Point> points) implements Node {
  public Match {
    points = List.copyOf(points);
  }

  /** Whether it can be fitted. */
  public enum State {
    FITS,
    /** With what its points say. */
    FITS_WITH,
    NO
  }

  static Match of(String id, List<Point> points) {
    boolean no = points.stream().anyMatch(one -> one.state() == Point.State.NO);
    boolean change = points.stream().anyMatch(one -> one.state() == Point.State.CHANGE);
    return new Match(id, no ? State.NO : change ? State.FITS_WITH : State.FITS, points);
  }

  /** Without these known and matched no motor is advised to anybody. Common practice. */
  private static final List<String> NEEDED = List.of("kind", "volts", "horsepower");

  /** Whether kind, volts and horsepower are read on both plates, and go together. */
  public boolean tellsEnough() {
    return NEEDED.stream()
        .allMatch(
            needed ->
                points.stream()
                    .anyMatch(
                        one ->
                            one.attribute().equals(needed)
                                && !one.asks()
                                && one.state() != Point.State.NO));
  }

  /** What is still to be found out before it is bought: attributes by their names. */
  public List<String> open() {
    return points.stream().filter(Point::asks).map(Point::attribute).toList();
  }

  /** Whether this attribute goes as it is. */
  public boolean isOk(String attribute) {
    return points.stream()
        .anyMatch(one -> one.attribute().equals(attribute) && one.state() == Point.State.OK);
  }

  /** The same motor where its way is shut. */
  public Match shut(String why) {
    List<Point> all = new ArrayList<>(points);
    all.add(0, new Point("kind", Point.State.NO, false, why));
    return of(id, all);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("id", id, "state", state, "points", points);
  }
}
