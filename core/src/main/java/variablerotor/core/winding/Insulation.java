package variablerotor.core.winding;

/**
 * Insulation resistance at a common temperature. IEEE Std 43-2013 (from memory): what a winding's
 * insulation is made of decides how much it changes with temperature, and is seldom known.
 */
public final class Insulation {
  private static final double KELVIN = 273;

  /** From 10 to 40 °C, thermosetting insulation [K]. IEEE Std 43-2013 (from memory). */
  private static final double THERMOSETTING = 1245;

  /** From 40 °C up, thermosetting insulation [K]. IEEE Std 43-2013 (from memory). */
  private static final double THERMOSETTING_HOT = 4230;

  private Insulation() {}

  /** What a reading says. */
  public enum State {
    SOUND,
    LOW,
    /**
     * Under the least value, but not far, or enough for one kind of insulation only: dry, and test
     * again.
     */
    UNCERTAIN
  }

  /**
   * As for thermosetting insulation, usual today: R₄₀ = K_T R_T with K_T = exp(−1245 (1/(T + 273) −
   * 1/313)) up to 40 °C, and 4230 in place of 1245 above.
   *
   * @param megohms measured [MΩ]; infinity for over range
   * @param celsius winding temperature [°C]
   * @return corrected to 40 °C [MΩ]
   */
  public static double at40(double megohms, double celsius) {
    double rate = celsius <= 40 ? THERMOSETTING : THERMOSETTING_HOT;
    return megohms * Math.exp(-rate * (1 / (celsius + KELVIN) - 1 / (40 + KELVIN)));
  }

  /**
   * As for thermoplastic insulation: K_T = 0.5^((40 − T)/10), twice for every 10 °C that it is
   * colder.
   *
   * @return corrected to 40 °C [MΩ]
   */
  public static double thermoplasticAt40(double megohms, double celsius) {
    return megohms * Math.pow(0.5, (40 - celsius) / 10);
  }

  /**
   * Whether the corrected value reaches the standard's least value, whatever it is made of. A value
   * that is moist rather than broken is not condemned: that is one far below for either kind.
   */
  public static State state(double megohms, double celsius) {
    double one = at40(megohms, celsius);
    double other = thermoplasticAt40(megohms, celsius);
    if (Math.max(one, other) < WindingFigures.INSULATION_CONDEMNED.value()) {
      return State.LOW;
    }
    boolean enough = Math.min(one, other) >= WindingFigures.INSULATION_MINIMUM.value();
    return enough ? State.SOUND : State.UNCERTAIN;
  }
}
