package variablerotor.core.signal;

import variablerotor.core.text.Numbers;

/** Speeds of one wheel on two calls: whether it turns as it is asked to. */
public enum WheelSpeed {
  FOLLOWS,
  STAYS,
  FALLS;

  /**
   * A miscounted blade leaves it as it is: both speeds are wrong by the same share.
   *
   * @param less on the call or command set for less air [r/min]
   * @param more on the one set for more [r/min]
   */
  public static WheelSpeed of(double less, double more) {
    double apart = SignalFigures.SPEED_APART.value() / 100;
    if (more > less * (1 + apart)) {
      return FOLLOWS;
    }
    return less > more * (1 + apart) ? FALLS : STAYS;
  }

  /** What was read, in a sentence that ends with a full stop. */
  public static String told(double less, double more) {
    return Numbers.plain(less, 0)
        + " r/min on the call set for less air, "
        + Numbers.plain(more, 0)
        + " on the one set for more: "
        + switch (of(less, more)) {
          case FOLLOWS -> "the speed follows the call.";
          case STAYS -> "the same speed, it does not follow the call.";
          case FALLS -> "slower where it should be faster.";
        };
  }
}
