package variablerotor.core.route;

import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What lifts a condition or a block, so that it can be led to with one touch.
 *
 * @param target what {@code kind} says of it; empty where there is but one
 * @param title how it is said
 */
public record Opener(Kind kind, String target, String title) implements Node {
  /** Where it leads. */
  public enum Kind {
    /** To the next check: nothing is settled yet. */
    PROVE,
    /** To the check that reads this fact. */
    READING,
    /** To a question that is answered in place: a path in what was told. */
    ASK,
    /** It is said to be done, or settled with the customer; the reason's own id. */
    TICK,
    /** To the motors that might be fitted. */
    MOTORS,
    /** To the shop's habits: a school. */
    HABIT
  }

  /** Whether it is a question, of which one at most may be left. */
  boolean isQuestion() {
    return kind != Kind.TICK;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("kind", kind, "target", target, "title", title);
  }
}
