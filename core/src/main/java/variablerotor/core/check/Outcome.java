package variablerotor.core.check;

import java.util.Map;
import variablerotor.core.fact.Answer;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One answer that a check can have.
 *
 * @param value its stable name
 * @param answer the word of the fact that gives it, where the check is answered by a word
 * @param label as on a button
 * @param good whether the link is as it should be
 */
public record Outcome(Answer value, Answer answer, String label, boolean good) implements Node {

  @Override
  public Map<String, Object> tree() {
    return Tree.of("value", value, "answer", answer, "label", label, "good", good);
  }
}
