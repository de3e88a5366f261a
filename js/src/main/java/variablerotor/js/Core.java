package variablerotor.js;

import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.Answers;

/** What the page can ask of the core: a tree of its JSON in, a tree of its JSON out. */
public final class Core {
  private Core() {}

  /** For the compiler: a module has no beginning of its own. */
  public static void main(String[] args) {}

  /** The diagnosis of a case, or what is wrong with it, as the command line answers. */
  @JSExport
  public static JSObject diagnose(JSObject tree) {
    try {
      return Trees.toScript(Answers.diagnose(Trees.fromScript(tree)));
    } catch (InputFaults faults) {
      return Trees.toScript(Tree.of("errors", faults.faults().stream().map(Core::told).toList()));
    }
  }

  /**
   * Four sums in which brackets count, for the test that holds the compiler to them: on the JVM and
   * here the same, to the last digit.
   */
  @JSExport
  public static double[] brackets(double a, double b, double c) {
    return new double[] {a * (b / c), a + (b - c), a - (b - c), a / (b * c)};
  }

  private static Object told(InputFault fault) {
    return Tree.of("path", fault.path(), "message", fault.message());
  }
}
