package variablerotor.core.motor;

import java.time.LocalDate;
import java.util.List;

/**
 * What is known of the unit that the motor stands in. Null where it is not known.
 *
 * @param coolingTons nominal cooling [ton of refrigeration]
 * @param heating the kinds of heat it gives; empty for none or not known
 * @param otherHeatOrCooling whether the building has another source
 * @param boardNeedsFeedback whether the board stops the unit without a speed signal
 */
public record UnitPlate(
    Kind kind,
    Role role,
    Double coolingTons,
    List<Heating> heating,
    LocalDate installed,
    LocalDate warrantyUntil,
    Boolean otherHeatOrCooling,
    Boolean boardNeedsFeedback) {

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
}
