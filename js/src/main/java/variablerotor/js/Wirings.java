package variablerotor.js;

import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;
import variablerotor.core.view.WiringAnswers;

/** What a page asks of a wiring: planned, made, run, mended and drawn. */
public final class Wirings {
  private Wirings() {}

  /** For the compiler: a module has no beginning of its own. */
  public static void main(String[] args) {}

  /** A conversion planned and run. */
  @JSExport
  public static JSObject plan(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::plan);
  }

  /** The same unit planned by another pattern. */
  @JSExport
  public static JSObject otherwise(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::otherwise);
  }

  /** A conversion of which nothing is wired yet. */
  @JSExport
  public static JSObject begin(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::begin);
  }

  /** A conversion after one thing was done to it. */
  @JSExport
  public static JSObject edit(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::edit);
  }

  /** A conversion as wired, run call by call. */
  @JSExport
  public static JSObject run(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::run);
  }

  /** What is to be seen before power, and at it. */
  @JSExport
  public static JSObject checks(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::checks);
  }

  /** The smallest change that mends a wiring. */
  @JSExport
  public static JSObject mend(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::mend);
  }

  /** A ladder or the connections, lit as at one moment of a call. */
  @JSExport
  public static JSObject draw(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::draw);
  }

  /** A wiring with a mistake hidden in it. */
  @JSExport
  public static JSObject exercise(JSObject tree) {
    return Asked.answered(tree, WiringAnswers::exercise);
  }
}
