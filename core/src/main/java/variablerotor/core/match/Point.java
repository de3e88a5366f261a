package variablerotor.core.match;

import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One attribute of a candidate against the motor that it is to stand in for.
 *
 * @param attribute as the open format names it
 * @param asks whether it is to be found out: one side of it is not known
 * @param sentence why
 */
public record Point(String attribute, State state, boolean asks, String sentence) implements Node {

  /** How far it goes. */
  public enum State {
    /** As it is. */
    OK,
    /** With something done or checked while fitting. */
    CHANGE,
    /** Not at all. */
    NO
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("attribute", attribute, "state", state, "asks", asks, "sentence", sentence);
  }
}
