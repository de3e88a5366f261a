package variablerotor.core.motor;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What is known of the unit that the motor stands in. Null where it is not known.
 *
 * @param coolingTons nominal cooling [ton of refrigeration]
 * @param heating the kinds of heat it gives; empty where that is not known
 * @param otherHeatOrCooling whether the building has another source
 * @param boardNeedsFeedback whether the board stops the unit without a speed signal
 * @param feedbackCanBeDisabled whether that proof of speed can be switched off
 */
public record UnitPlate(
    @Nullable Kind kind,
    @Nullable Role role,
    @Nullable Double coolingTons,
    @Nullable List<Heating> heating,
    @Nullable LocalDate installed,
    @Nullable LocalDate warrantyUntil,
    @Nullable Boolean otherHeatOrCooling,
    @Nullable Boolean boardNeedsFeedback,
    @Nullable Boolean feedbackCanBeDisabled)
    implements Node {

  public UnitPlate {
    heating = heating == null ? List.of() : List.copyOf(heating);
  }

  /** Empty where it was not said. */
  @Override
  public List<Heating> heating() {
    return Objects.requireNonNull(heating);
  }

  /** Nothing known. */
  public static final UnitPlate UNKNOWN = plate().build();

  /** Whether its warranty runs on this day; false where none is known. */
  public boolean inWarranty(LocalDate today) {
    return warrantyUntil != null && !warrantyUntil.isBefore(today);
  }

  /** Whether a motor of this family stands outdoors in it. */
  public boolean isOutdoors(Family family) {
    return role == Role.OUTDOOR_FAN
        || family == Family.STAGED_CONDENSER
        || family == Family.BLDC_THREE_WIRE;
  }

  /**
   * Which fan a motor of this family turns: as it was said, or as the unit has but one; null where
   * it may be either.
   */
  public @Nullable Role roleOf(Family family) {
    if (role != null || isOutdoors(family)) {
      return role == null ? Role.OUTDOOR_FAN : role;
    }
    if (kind == null) {
      return null;
    }
    return switch (kind) {
      case AIR_HANDLER, FURNACE, SPLIT_INDOOR -> Role.INDOOR_BLOWER;
      case HEAT_PUMP_OUTDOOR, CONDENSING_UNIT, SPLIT_OUTDOOR -> Role.OUTDOOR_FAN;
      case PACKAGED_UNIT, GROUND_SOURCE, ROOFTOP, MAKE_UP_AIR -> null;
    };
  }

  /** The same unit, with something else to be said of it. */
  public Builder but() {
    return new Builder()
        .kind(kind)
        .role(role)
        .coolingTons(coolingTons)
        .heating(heating)
        .installed(installed)
        .warrantyUntil(warrantyUntil)
        .otherHeatOrCooling(otherHeatOrCooling)
        .boardNeedsFeedback(boardNeedsFeedback)
        .feedbackCanBeDisabled(feedbackCanBeDisabled);
  }

  /** With what is known of it to be added. */
  public static Builder plate() {
    return new Builder();
  }

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

    /** As it is shown. */
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
    GAS("Gas"),
    ELECTRIC("Electric"),
    HEAT_PUMP("Heat pump"),
    HYDRONIC("Hot water"),
    /** It is known that it has no heat. */
    NONE("None");

    private final String title;

    Heating(String title) {
      this.title = title;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }
  }

  /** Whether it is told which heat the unit has, or that it has none. */
  public boolean tellsHeat() {
    return !heating().isEmpty();
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
        boardNeedsFeedback,
        "feedbackCanBeDisabled",
        feedbackCanBeDisabled);
  }

  /** Puts a plate together; what is not said, or is null, is not known. */
  public static final class Builder {
    private @Nullable Kind kind;
    private @Nullable Role role;
    private @Nullable Double coolingTons;
    private List<Heating> heating = List.of();
    private @Nullable LocalDate installed;
    private @Nullable LocalDate warrantyUntil;
    private @Nullable Boolean otherHeatOrCooling;
    private @Nullable Boolean boardNeedsFeedback;
    private @Nullable Boolean feedbackCanBeDisabled;

    private Builder() {}

    /** What kind of unit it is. */
    public Builder kind(@Nullable Kind given) {
      kind = given;
      return this;
    }

    /** Which of its fans the motor turns. */
    public Builder role(@Nullable Role given) {
      role = given;
      return this;
    }

    /** Nominal cooling [tons of refrigeration]. */
    public Builder coolingTons(@Nullable Double given) {
      coolingTons = given;
      return this;
    }

    /** Every kind of heat in it. */
    public Builder heating(@Nullable List<Heating> given) {
      heating = given == null ? List.of() : given;
      return this;
    }

    /** Day of installation. */
    public Builder installed(@Nullable LocalDate given) {
      installed = given;
      return this;
    }

    /** Last day under warranty. */
    public Builder warrantyUntil(@Nullable LocalDate given) {
      warrantyUntil = given;
      return this;
    }

    /** Whether the building has another source of heat or cooling. */
    public Builder otherHeatOrCooling(@Nullable Boolean given) {
      otherHeatOrCooling = given;
      return this;
    }

    /** Whether the board proves speed. */
    public Builder boardNeedsFeedback(@Nullable Boolean given) {
      boardNeedsFeedback = given;
      return this;
    }

    /** Whether the board's proof of speed can be switched off. */
    public Builder feedbackCanBeDisabled(@Nullable Boolean given) {
      feedbackCanBeDisabled = given;
      return this;
    }

    /** The plate; what was never given is not known. */
    public UnitPlate build() {
      return new UnitPlate(
          kind,
          role,
          coolingTons,
          heating,
          installed,
          warrantyUntil,
          otherHeatOrCooling,
          boardNeedsFeedback,
          feedbackCanBeDisabled);
    }
  }
}
