package variablerotor.core.proof;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A repair that is to be proved.
 *
 * @param way that was gone
 * @param limits what the unit's plate allows
 * @param fitted what is in it now
 */
public record ProofRequest(
    Route way, UnitPlate unit, Limits limits, Fitted fitted, Readings readings) implements Node {
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
   * @param rpm on its plate [r/min]; null where it is not known
   * @param hertz of its line [Hz]
   */
  public record Fitted(
      Family family,
      @Nullable Double fullLoadAmps,
      @Nullable Integer taps,
      @Nullable Double rpm,
      double hertz) {}

  /** The same in the unit as it is told by now. */
  public ProofRequest in(UnitPlate now) {
    return new ProofRequest(way, now, limits, fitted, readings);
  }

  /** The document that asks for it. */
  @Override
  public Map<String, Object> tree() {
    Map<String, Object> plate = unit.tree();
    plate.put(
        "riseF",
        limits.leastRise() == null
            ? null
            : Tree.plain(List.of(limits.leastRise(), Objects.requireNonNull(limits.mostRise()))));
    plate.put("ratedStaticInWc", limits.mostStatic());
    @SuppressWarnings("unchecked")
    Map<String, Object> tree =
        (Map<String, Object>)
            Tree.withoutNulls(
                Tree.of(
                    "format", FORMAT,
                    "version", VERSION,
                    "way", way,
                    "unit", plate,
                    "fitted",
                        Tree.of(
                            "family", fitted.family(),
                            "fullLoadAmps", fitted.fullLoadAmps(),
                            "speedTaps", fitted.taps(),
                            "rpm", fitted.rpm(),
                            "hertz", fitted.hertz()),
                    "readings", readings.list()));
    return tree;
  }

  /** Whether it is the outdoor fan. */
  public boolean isOutdoors() {
    return unit.role() == null
        ? unit.isOutdoors(fitted.family())
        : unit.role() == UnitPlate.Role.OUTDOOR_FAN;
  }
}
