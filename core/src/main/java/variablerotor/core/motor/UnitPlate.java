package variablerotor.core.motor;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What is known of the unit that the motor stands in. Null where it is not known.
 *
 * @param coolingTons nominal cooling [ton of refrigeration]
 * @param heating the kinds of heat it gives; empty for none or not known
 * @param otherHeatOrCooling whether the building has another source
 * @param boardNeedsFeedback whether the board stops the unit without a speed signal
 */
public record UnitPlate(
    @Nullable Kind kind,
    @Nullable Role role,
    @Nullable Double coolingTons,
    @Nullable List<Heating> heating,
    @Nullable LocalDate installed,
    @Nullable LocalDate warrantyUntil,
    @Nullable Boolean otherHeatOrCooling,
    @Nullable Boolean boardNeedsFeedback)
    implements Node {

  public UnitPlate {
    heating = heating == null ? List.of() : List.copyOf(heating);
  }

  /** Nothing known. */
  public static final UnitPlate UNKNOWN =
      new UnitPlate(null, null, null, List.of(), null, null, null, null);

  /** What stands on the slab, the roof or in the closet. */
  public enum Kind {
    AIR_HANDLER("Air handler"),
    FURNACE("Furnace"),
    PACKAGED_UNIT("Packaged unit"),
    HEAT_PUMP_OUTDOOR("Heat pump, outdoor"),
    CONDENSING_UNIT("Condensing unit"),
    SPLIT_INDOOR("Split, indoor"),
    SPLIT_OUTDOOR("Split, outdoor"),
    GROUND_SOURCE("Ground source"),
    ROOFTOP("Rooftop"),
    MAKE_UP_AIR("Make-up air");

    private final String title;

    Kind(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  /** Which fan it is. */
  public enum Role {
    INDOOR_BLOWER,
    OUTDOOR_FAN
  }

  /** A kind of heat. */
  public enum Heating {
    GAS,
    ELECTRIC,
    HEAT_PUMP,
    HYDRONIC
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "kind",
        kind,
        "role",
        role,
        "coolingTons",
        coolingTons,
        "heating",
        heating,
        "installed",
        installed,
        "warrantyUntil",
        warrantyUntil,
        "otherHeatOrCooling",
        otherHeatOrCooling,
        "boardNeedsFeedback",
        boardNeedsFeedback);
  }
}
