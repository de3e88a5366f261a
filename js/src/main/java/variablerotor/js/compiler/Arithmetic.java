package variablerotor.js.compiler;

import org.teavm.jso.JSBody;

/**
 * What {@link KeepBrackets} puts in place of each operation on doubles. The innermost step is
 * written in the script's own language, so that the compiler cannot take it apart again.
 */
public final class Arithmetic {
  private Arithmetic() {}

  public static double sum(double one, double other) {
    return plus(one, other);
  }

  public static double difference(double one, double other) {
    return minus(one, other);
  }

  public static double product(double one, double other) {
    return times(one, other);
  }

  public static double quotient(double one, double other) {
    return over(one, other);
  }

  @JSBody(
      params = {"one", "other"},
      script = "return one + other;")
  private static native double plus(double one, double other);

  @JSBody(
      params = {"one", "other"},
      script = "return one - other;")
  private static native double minus(double one, double other);

  @JSBody(
      params = {"one", "other"},
      script = "return one * other;")
  private static native double times(double one, double other);

  @JSBody(
      params = {"one", "other"},
      script = "return one / other;")
  private static native double over(double one, double other);
}
