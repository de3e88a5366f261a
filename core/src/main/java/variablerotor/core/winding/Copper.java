package variablerotor.core.winding;

/**
 * Resistance of copper against temperature, R₂ = R₁ (k + T₂) / (k + T₁). IEEE Std 112 (from
 * memory).
 */
public final class Copper {
  /** Temperature constant of copper [°C], IEEE Std 112 (from memory); IEC 60034-1 uses 235. */
  public static final double K = WindingFigures.COPPER_CONSTANT.value();

  /** The temperature at which winding figures are compared [°C]. */
  public static final double REFERENCE_CELSIUS = 20;

  private Copper() {}

  /** The resistance [Ω] at {@code to} [°C] of a winding that reads {@code ohms} at {@code from}. */
  public static double at(double ohms, double from, double to) {
    return ohms * (K + to) / (K + from);
  }
}
