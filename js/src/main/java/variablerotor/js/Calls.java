package variablerotor.js;

import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;
import variablerotor.core.view.Answers;
import variablerotor.core.view.CallAnswers;

/** What a page asks of a call: its diagnosis, ways and choice, its fitting and its proof. */
public final class Calls {
  private Calls() {}

  /** For the compiler: a module has no beginning of its own. */
  public static void main(String[] args) {}

  /** One page, one shop: its worker keeps what was said of it. */
  private static final CallAnswers CALLS = new CallAnswers();

  /** The diagnosis of a case, or what is wrong with it, as the command line answers. */
  @JSExport
  public static JSObject diagnose(JSObject tree) {
    return Asked.answered(tree, Answers::diagnose);
  }

  /** What the shop brings to each call, from now on. */
  @JSExport
  public static JSObject shop(JSObject tree) {
    return Asked.answered(tree, CALLS::shop);
  }

  /** A call that the device holds as a log, whole. */
  @JSExport
  public static JSObject call(JSObject tree) {
    return Asked.answered(tree, CALLS::call);
  }

  /** The choice of such a call. */
  @JSExport
  public static JSObject choice(JSObject tree) {
    return Asked.answered(tree, CALLS::choice);
  }

  /** What the customer is shown of such a call. */
  @JSExport
  public static JSObject sheet(JSObject tree) {
    return Asked.answered(tree, CALLS::sheet);
  }

  /** What stands on the label of its unit. */
  @JSExport
  public static JSObject label(JSObject tree) {
    return Asked.answered(tree, CALLS::label);
  }

  /** Taps along with a lamp, counted. */
  @JSExport
  public static JSObject count(JSObject tree) {
    return Asked.answered(tree, Answers::count);
  }

  /** A repair held against its limits. */
  @JSExport
  public static JSObject proof(JSObject tree) {
    return Asked.answered(tree, Answers::proof);
  }

  /** The steps of a job, with what was done of them. */
  @JSExport
  public static JSObject fit(JSObject tree) {
    return Asked.answered(tree, Answers::fit);
  }

  /**
   * Four sums in which brackets count, for the test that holds the compiler to them: on the JVM and
   * here the same, to the last digit.
   */
  @JSExport
  public static double[] brackets(double a, double b, double c) {
    return new double[] {a * (b / c), a + (b - c), a - (b - c), a / (b * c)};
  }
}
