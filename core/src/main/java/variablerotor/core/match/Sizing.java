package variablerotor.core.match;

import org.jspecify.annotations.Nullable;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;

/** How large a motor is to be whose plate cannot be read: an estimate, and said to be one. */
public final class Sizing {
  private Sizing() {}

  /** Standard ratings [hp] (NEMA MG 1, from memory). */
  private static final double[] SIZES = {
    1 / 6.0, 1 / 5.0, 1 / 4.0, 1 / 3.0, 1 / 2.0, 3 / 4.0, 1, 1.5, 2, 3, 5, 7.5, 10, 15, 20
  };

  /** Two plates mean the same rating within this share, as .33 and 1/3 do. */
  static final double SAME = 0.03;

  /** Up to so many tons half a horsepower is usual, above it one. Common practice. */
  private static final double SMALL_TONS = 3;

  /** Air power of one horsepower [ft³/min × in. w.c.] (ASHRAE Handbook, from memory). */
  private static final double CFM_INWC_PER_HP = 6356;

  /** Share of shaft power that a forward-curved blower in its unit gives to the air. Judgement. */
  private static final double BLOWER_SHARE = 0.4;

  /** The next standard rating above this one [hp]. */
  static double nextSize(double horsepower) {
    for (double size : SIZES) {
      if (size > horsepower * (1 + SAME)) {
        return size;
      }
    }
    return horsepower;
  }

  /**
   * Of an indoor blower by the unit's tons [hp]; null where they are not known, or where it is an
   * outdoor fan. Common practice.
   */
  public static @Nullable Double horsepower(UnitPlate unit, Running running) {
    Double tons = unit.coolingTons();
    if (unit.role() == UnitPlate.Role.OUTDOOR_FAN) {
      return null;
    }
    if (tons != null) {
      return tons <= SMALL_TONS ? 0.5 : 1.0;
    }
    Double air = running.airflowCfm();
    Double pressure = running.staticInwc();
    return air == null || pressure == null ? null : (Double) byAirPower(air, pressure);
  }

  /**
   * The standard rating that air power asks for [hp]: air × pressure ÷ 6356 ÷ the blower's share.
   *
   * @param air [ft³/min]
   * @param pressure across the blower [in. w.c.]
   */
  public static double byAirPower(double air, double pressure) {
    double shaft = air * pressure / CFM_INWC_PER_HP / BLOWER_SHARE;
    for (double size : SIZES) {
      if (size >= shaft) {
        return size;
      }
    }
    return shaft;
  }
}
