package variablerotor.js;

import java.util.List;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.Answers;
import variablerotor.core.view.WiringAnswers;

/** What the page can ask of the core: a tree of its JSON in, a tree of its JSON out. */
public final class Core {
  private Core() {}

  /** For the compiler: a module has no beginning of its own. */
  public static void main(String[] args) {}

  /** One question: a tree answered with a tree. */
  private interface Question {
    Object answer(Object tree) throws InputFaults;
  }

  private static JSObject answered(JSObject tree, Question question) {
    try {
      Object told = Trees.fromScript(tree);
      if (told == null) {
        throw new InputFaults(List.of(new InputFault("", "found nothing; allowed is an object")));
      }
      return Trees.toScript(question.answer(told));
    } catch (InputFaults faults) {
      return Trees.toScript(Tree.of("errors", faults.faults().stream().map(Core::told).toList()));
    }
  }

  /** The diagnosis of a case, or what is wrong with it, as the command line answers. */
  @JSExport
  public static JSObject diagnose(JSObject tree) {
    return answered(tree, Answers::diagnose);
  }

  /** A conversion planned and run. */
  @JSExport
  public static JSObject plan(JSObject tree) {
    return answered(tree, WiringAnswers::plan);
  }

  /** The same unit planned by another pattern. */
  @JSExport
  public static JSObject otherwise(JSObject tree) {
    return answered(tree, WiringAnswers::otherwise);
  }

  /** A conversion of which nothing is wired yet. */
  @JSExport
  public static JSObject begin(JSObject tree) {
    return answered(tree, WiringAnswers::begin);
  }

  /** A conversion after one thing was done to it. */
  @JSExport
  public static JSObject edit(JSObject tree) {
    return answered(tree, WiringAnswers::edit);
  }

  /** A conversion as wired, run call by call. */
  @JSExport
  public static JSObject run(JSObject tree) {
    return answered(tree, WiringAnswers::run);
  }

  /** What is to be seen before power, and at it. */
  @JSExport
  public static JSObject checks(JSObject tree) {
    return answered(tree, WiringAnswers::checks);
  }

  /** The smallest change that mends a wiring. */
  @JSExport
  public static JSObject mend(JSObject tree) {
    return answered(tree, WiringAnswers::mend);
  }

  /** A ladder or the connections, lit as at one moment of a call. */
  @JSExport
  public static JSObject draw(JSObject tree) {
    return answered(tree, WiringAnswers::draw);
  }

  /** A repair held against its limits. */
  @JSExport
  public static JSObject proof(JSObject tree) {
    return answered(tree, Answers::proof);
  }

  /** The steps of a job, with what was done of them. */
  @JSExport
  public static JSObject fit(JSObject tree) {
    return answered(tree, Answers::fit);
  }

  /** A wiring with a mistake hidden in it. */
  @JSExport
  public static JSObject exercise(JSObject tree) {
    return answered(tree, WiringAnswers::exercise);
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
