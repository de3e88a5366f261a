package variablerotor.core.winding;

/** Insulation resistance at a common temperature. IEEE Std 43-2013 (from memory). */
public final class Insulation {
  private Insulation() {}

  /**
   * R₄₀ = K_T R_T with K_T = 0.5^((40 − T)/10): insulation doubles for every 10 °C that it is
   * colder.
   *
   * @param megohms measured [MΩ]
   * @param celsius winding temperature [°C]
   * @return corrected to 40 °C [MΩ]
   */
  public static double at40(double megohms, double celsius) {
    return megohms * Math.pow(0.5, (40 - celsius) / 10);
  }

  /** Whether the corrected value reaches the standard's least value. */
  public static boolean isSound(double megohms, double celsius) {
    return at40(megohms, celsius) >= WindingFigures.INSULATION_MINIMUM.value();
  }
}
