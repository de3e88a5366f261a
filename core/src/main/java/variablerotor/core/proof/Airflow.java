package variablerotor.core.proof;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * How much air moves, as it follows from what was read.
 *
 * @param cfm [cfm]
 * @param least with the instruments' usual errors [cfm]
 * @param most with the instruments' usual errors [cfm]
 * @param tons of cooling that it is for; null where that is not known
 * @param state of the air on the cooling tap
 */
public record Airflow(
    double cfm, double least, double most, Method method, @Nullable Double tons, Check.State state)
    implements Node {

  /** What it follows from. */
  public enum Method {
    ELECTRIC_HEAT("the electric heat and its rise"),
    GAS_HEAT("the gas heat and its rise"),
    PRESSURE_DROP("the pressure drop over a component"),
    INLET_RING("the inlet ring");

    private final String title;

    Method(String title) {
      this.title = title;
    }

    /** As it is named in a sentence. */
    public String title() {
      return title;
    }
  }

  /** A range of what was measured, before it is judged. */
  private record Measured(Method method, double cfm, double least, double most) {}

  /** Of the ways that all was read for, the one that is surest; null where there is none. */
  static @Nullable Airflow of(Readings readings, @Nullable Double tons) {
    Measured best = null;
    for (Measured one :
        new @Nullable Measured[] {
          electric(readings), gas(readings), drop(readings), ring(readings)
        }) {
      if (one != null && (best == null || spread(one) < spread(best))) {
        best = one;
      }
    }
    if (best == null) {
      return null;
    }
    return new Airflow(
        Numbers.round(best.cfm, 1),
        five(best.least),
        five(best.most),
        best.method,
        tons,
        state(best.cfm, tons, readings));
  }

  private static double spread(Measured one) {
    return (one.most - one.least) / one.cfm;
  }

  /** Nobody reads air finer than this. */
  private static double five(double cfm) {
    return 5.0 * Math.round(cfm / 5);
  }

  private static Check.State state(double cfm, @Nullable Double tons, Readings readings) {
    boolean open = "OFF".equals(readings.word(ReadingType.COVERS));
    if (tons == null || tons <= 0 || open || isOnHeat(readings)) {
      return Check.State.NOT_YET;
    }
    boolean right =
        cfm >= tons * ProofFigures.LEAST_AIR.value() && cfm <= tons * ProofFigures.MOST_AIR.value();
    return right ? Check.State.PASS : Check.State.FAIL;
  }

  /** Whether it was measured on the heat's own tap, which is judged by the rise. */
  static boolean isOnHeat(Readings readings) {
    return "HEAT".equals(readings.word(ReadingType.AIR_CALL));
  }

  private static @Nullable Measured electric(Readings readings) {
    Double volts = readings.number(ReadingType.HEAT_VOLTS);
    Double amps = readings.number(ReadingType.HEAT_AMPS);
    if (volts == null || amps == null) {
      return null;
    }
    Double phases = readings.number(ReadingType.HEAT_PHASES);
    double watts = volts * amps * (phases != null && phases == 3 ? Math.sqrt(3) : 1);
    return heat(
        Method.ELECTRIC_HEAT,
        watts * ProofFigures.BTU_A_WATT.value(),
        ProofFigures.POWER.value() / 100,
        readings);
  }

  private static @Nullable Measured gas(Readings readings) {
    Double input = readings.number(ReadingType.GAS_INPUT);
    Double efficiency = readings.number(ReadingType.GAS_EFFICIENCY);
    return input == null || efficiency == null
        ? null
        : heat(Method.GAS_HEAT, input * efficiency, ProofFigures.GAS_INPUT.value() / 100, readings);
  }

  /**
   * Heat ÷ (1.08 × density × rise).
   *
   * @param btu heat [Btu/h]
   * @param error of it, as a share
   */
  private static @Nullable Measured heat(
      Method method, double btu, double error, Readings readings) {
    Double rise = rise(readings);
    if (rise == null || rise <= 0) {
      return null;
    }
    Double feet = readings.number(ReadingType.ALTITUDE);
    double air =
        ProofFigures.HEAT_OF_AIR.value() * ProofFigures.densityRatio(feet == null ? 0 : feet);
    double off = ProofFigures.THERMOMETER.value();
    double sure = Math.max(rise - off, rise / 10);
    return new Measured(
        method,
        btu / (air * rise),
        btu * (1 - error) / (air * (rise + off)),
        btu * (1 + error) / (air * sure));
  }

  /** Of the air [°F]; null where it was not read at both places. */
  static @Nullable Double rise(Readings readings) {
    Double before = readings.number(ReadingType.AIR_RETURN);
    Double after = readings.number(ReadingType.AIR_SUPPLY);
    return before == null || after == null ? null : Numbers.round(after - before, 3);
  }

  /** Flow goes with the root of the pressure: ASHRAE Handbook Fundamentals, duct design. */
  private static @Nullable Measured drop(Readings readings) {
    Double now = readings.number(ReadingType.DROP);
    Double table = readings.number(ReadingType.DROP_REFERENCE);
    Double cfm = readings.number(ReadingType.DROP_REFERENCE_CFM);
    if (now == null || table == null || cfm == null) {
      return null;
    }
    double off = ProofFigures.MANOMETER.value();
    return new Measured(
        Method.PRESSURE_DROP,
        cfm * Math.sqrt(now / table),
        cfm * Math.sqrt(Math.max(now - off, 0) / table),
        cfm * Math.sqrt((now + off) / table));
  }

  /** Pascals that a manometer is off by: {@link ProofFigures#MANOMETER} in SI. */
  private static final double PASCALS = 2.5;

  private static @Nullable Measured ring(Readings readings) {
    Double pascals = readings.number(ReadingType.RING);
    Double k = readings.number(ReadingType.RING_K);
    if (pascals == null || k == null) {
      return null;
    }
    double one = ProofFigures.CFM_A_CUBIC_METRE.value() * k;
    return new Measured(
        Method.INLET_RING,
        one * Math.sqrt(pascals),
        one * Math.sqrt(Math.max(pascals - PASCALS, 0)),
        one * Math.sqrt(pascals + PASCALS));
  }

  /** For each ton [cfm/ton]; null where the tons are not known. */
  public @Nullable Double perTon() {
    return tons == null || tons <= 0 ? null : (Double) Numbers.round(cfm / tons, 1);
  }

  /** What it must be between [cfm]; empty where the tons are not known. */
  public List<Double> target() {
    return tons == null || tons <= 0
        ? List.of()
        : List.of(tons * ProofFigures.LEAST_AIR.value(), tons * ProofFigures.MOST_AIR.value());
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("cfm", cfm, "band", List.of(least, most), "method", method);
    Double perTon = perTon();
    if (perTon != null) {
      tree.put("cfmPerTon", perTon);
      tree.put("target", Tree.plain(target()));
    }
    tree.put("state", state.name());
    return tree;
  }
}
