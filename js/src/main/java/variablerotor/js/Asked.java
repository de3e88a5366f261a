package variablerotor.js;

import java.util.List;
import org.teavm.jso.JSObject;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;

/** One question of the page: a tree of its JSON in, a tree of its JSON out. */
final class Asked {
  private Asked() {}

  /** A tree answered with a tree. */
  interface Question {
    Object answer(Object tree) throws InputFaults;
  }

  static JSObject answered(JSObject tree, Question question) {
    try {
      Object told = Trees.fromScript(tree);
      if (told == null) {
        throw new InputFaults(List.of(new InputFault("", "found nothing; allowed is an object")));
      }
      return Trees.toScript(question.answer(told));
    } catch (InputFaults faults) {
      return Trees.toScript(Tree.of("errors", faults.faults().stream().map(Asked::told).toList()));
    }
  }

  private static Object told(InputFault fault) {
    return Tree.of("path", fault.path(), "message", fault.message());
  }
}
