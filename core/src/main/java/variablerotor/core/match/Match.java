package variablerotor.core.match;

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

  @Override
  public Map<String, Object> tree() {
    return Tree.of("id", id, "state", state, "points", points);
  }
}
