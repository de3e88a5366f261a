package variablerotor.core.proof;

import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;

/**
 * A repair that is to be proved.
 *
 * @param way that was gone
 * @param limits what the unit's plate allows
 * @param fitted what is in it now
 */
public record ProofRequest(
    Route way, UnitPlate unit, Limits limits, Fitted fitted, Readings readings) {
  /** The name in the field {@code format}. */
  public static final String FORMAT = "variable-rotor-proof";

  /** The number in the field {@code version}. */
  public static final int VERSION = 1;

  /**
   * What the unit's plate allows; null where it is not known.
   *
   * @param leastRise of the air under heat [°F]
   * @param mostRise of the air under heat [°F]
   * @param mostStatic external static pressure [in. w.c.]
   */
  public record Limits(
      @Nullable Double leastRise, @Nullable Double mostRise, @Nullable Double mostStatic) {
    /** None known. */
    public static final Limits UNKNOWN = new Limits(null, null, null);
  }

  /**
   * The motor that runs now.
   *
   * @param fullLoadAmps on its plate [A]; null where it is not known
   * @param taps speeds that it can be set to; null where it is not known
   * @param hertz of its line [Hz]
   */
  public record Fitted(
      Family family, @Nullable Double fullLoadAmps, @Nullable Integer taps, double hertz) {}

  /** Whether it is the outdoor fan. */
  public boolean isOutdoors() {
    return unit.role() == null
        ? unit.isOutdoors(fitted.family())
        : unit.role() == UnitPlate.Role.OUTDOOR_FAN;
  }
}
