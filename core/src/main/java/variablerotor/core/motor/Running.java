package variablerotor.core.motor;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * How the unit is run: what a choice of another motor stands on. All may be null: not known.
 *
 * @param airflowCfm air that the fan moves [ft³/min]
 * @param staticInwc pressure across the blower [in. w.c.]
 * @param variableWatts that a variable-speed motor takes here for a thousand cubic feet a minute
 *     [W]
 * @param hoursPerYear that it runs [h]
 * @param yearsAhead that the unit is to last yet
 * @param staging steps of its cooling
 * @param lowestStageCfm the most air that its lowest stage may have [ft³/min]
 * @param oneSpeedCfm the air that a new motor's one speed gives [ft³/min]
 * @param heatOutputBtuh of gas heat [Btu/h]
 * @param riseLowF least temperature rise by the plate [°F]
 * @param riseHighF greatest temperature rise by the plate [°F]
 * @param transformerVa of the 24 V supply [VA]
 * @param hangingVa what hangs on it already [VA]
 * @param relayVa of one relay's coil [VA]
 */
public record Running(
    @Nullable Double airflowCfm,
    @Nullable Double staticInwc,
    @Nullable Double variableWatts,
    @Nullable Double hoursPerYear,
    @Nullable Double yearsAhead,
    @Nullable Staging staging,
    @Nullable Double lowestStageCfm,
    @Nullable Double oneSpeedCfm,
    @Nullable Double heatOutputBtuh,
    @Nullable Double riseLowF,
    @Nullable Double riseHighF,
    @Nullable Double transformerVa,
    @Nullable Double hangingVa,
    @Nullable Double relayVa)
    implements Node {

  /** Steps of cooling. */
  public enum Staging {
    ONE("One"),
    TWO("Two"),
    INVERTER("Inverter");

    private final String title;

    Staging(String title) {
      this.title = title;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }
  }

  /** Nothing known. */
  public static final Running UNKNOWN =
      new Running(
          null, null, null, null, null, null, null, null, null, null, null, null, null, null);

  /** Btu in an hour that one cubic foot a minute of standard air takes a degree up. */
  private static final double BTUH_PER_CFM_F = 1.08;

  /**
   * Temperature rise of gas heat at the one speed [°F]: output ÷ (1.08 × air), standard air (ASHRAE
   * Handbook Fundamentals, from memory); null where either is not known.
   */
  public @Nullable Double riseAtOneSpeed() {
    return heatOutputBtuh == null || oneSpeedCfm == null
        ? null
        : (Double) (heatOutputBtuh / (BTUH_PER_CFM_F * oneSpeedCfm));
  }

  /** Whether its lowest stage is less than the whole; false where that is not known. */
  public boolean hasStages() {
    return staging == Staging.TWO || staging == Staging.INVERTER;
  }

  /** The same, with this pressure across the blower [in. w.c.]. */
  public Running withStatic(@Nullable Double inwc) {
    return new Running(
        airflowCfm,
        inwc,
        variableWatts,
        hoursPerYear,
        yearsAhead,
        staging,
        lowestStageCfm,
        oneSpeedCfm,
        heatOutputBtuh,
        riseLowF,
        riseHighF,
        transformerVa,
        hangingVa,
        relayVa);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "airflowCfm", airflowCfm,
        "staticInwc", staticInwc,
        "variableWatts", variableWatts,
        "hoursPerYear", hoursPerYear,
        "yearsAhead", yearsAhead,
        "staging", staging,
        "lowestStageCfm", lowestStageCfm,
        "oneSpeedCfm", oneSpeedCfm,
        "heatOutputBtuh", heatOutputBtuh,
        "riseLowF", riseLowF,
        "riseHighF", riseHighF,
        "transformerVa", transformerVa,
        "hangingVa", hangingVa,
        "relayVa", relayVa);
  }
}
