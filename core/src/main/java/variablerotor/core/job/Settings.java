package variablerotor.core.job;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.cost.CostFigures;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Schools;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.winding.WindingFigures;

/**
 * The shop's own figures and habits. What is null the shop did not say, and nobody invents it.
 *
 * @param labourPerHour [currency/h]
 * @param balanceLimitPercent largest unbalance of winding pairs that counts as sound [%]
 * @param currency ISO 4217
 * @param timeZone name in the IANA time zone database, such as "Europe/Lisbon"
 * @param taxPercent on what a customer pays [%]
 * @param taxOnLabour whether labour is taxed as parts are
 * @param energyPerKwh [currency/kWh]
 * @param fanHoursPerYear that a fan runs here [h]
 * @param lifeYears that a unit is expected to last
 * @param moduleAloneYears age of a motor from which on module and motor are replaced together
 *     [years]
 * @param habits where the trade disagrees, one to a school
 * @param name of the shop, as it stands on papers
 * @param phone on which the shop is reached
 */
public record Settings(
    double labourPerHour,
    double balanceLimitPercent,
    String currency,
    String timeZone,
    @Nullable Double taxPercent,
    boolean taxOnLabour,
    @Nullable Double energyPerKwh,
    @Nullable Double fanHoursPerYear,
    double lifeYears,
    double moduleAloneYears,
    List<Habit> habits,
    @Nullable String name,
    @Nullable String phone)
    implements Node {
  public Settings {
    habits = List.copyOf(habits);
  }

  /** Labour until the shop sets its own [currency/h]. Chosen here: a round figure to change. */
  private static final double USUAL_LABOUR = 120;

  /** Until the shop sets its own, in this time zone. */
  public static Settings usual(String timeZone) {
    return new Settings(
        USUAL_LABOUR,
        WindingFigures.BALANCE_LIMIT.value(),
        "USD",
        timeZone,
        null,
        false,
        null,
        null,
        CostFigures.UNIT_LIFE_YEARS.value(),
        CostFigures.MODULE_ALONE_YEARS.value(),
        Schools.USUAL.all(),
        null,
        null);
  }

  /** The same but for what is said of the builder. */
  public Builder but() {
    return new Builder(this);
  }

  /** Tax on a first cost; null where no rate is set or the cost is not known. */
  public @Nullable Double tax(@Nullable Double part, @Nullable Double labour) {
    return taxPercent == null || part == null || labour == null
        ? null
        : (Double) ((part + (taxOnLabour ? labour : 0)) * taxPercent / 100);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "labourPerHour", labourPerHour,
        "balanceLimitPercent", balanceLimitPercent,
        "currency", currency,
        "timeZone", timeZone,
        "taxPercent", taxPercent,
        "taxOnLabour", taxOnLabour,
        "energyPerKwh", energyPerKwh,
        "fanHoursPerYear", fanHoursPerYear,
        "lifeYears", lifeYears,
        "moduleAloneYears", moduleAloneYears,
        "habits", habits,
        "name", name,
        "phone", phone);
  }

  /** Settings with some things changed. */
  public static final class Builder {
    private double labourPerHour;
    private double balanceLimitPercent;
    private String currency;
    private String timeZone;
    private @Nullable Double taxPercent;
    private boolean taxOnLabour;
    private @Nullable Double energyPerKwh;
    private @Nullable Double fanHoursPerYear;
    private double lifeYears;
    private double moduleAloneYears;
    private List<Habit> habits;
    private @Nullable String name;
    private @Nullable String phone;

    private Builder(Settings from) {
      labourPerHour = from.labourPerHour;
      balanceLimitPercent = from.balanceLimitPercent;
      currency = from.currency;
      timeZone = from.timeZone;
      taxPercent = from.taxPercent;
      taxOnLabour = from.taxOnLabour;
      energyPerKwh = from.energyPerKwh;
      fanHoursPerYear = from.fanHoursPerYear;
      lifeYears = from.lifeYears;
      moduleAloneYears = from.moduleAloneYears;
      habits = from.habits;
      name = from.name;
      phone = from.phone;
    }

    /** [currency/h]. */
    public Builder labourPerHour(double given) {
      labourPerHour = given;
      return this;
    }

    /** Largest unbalance of winding pairs that counts as sound [%]. */
    public Builder balanceLimitPercent(double given) {
      balanceLimitPercent = given;
      return this;
    }

    /** ISO 4217. */
    public Builder currency(String given) {
      currency = given;
      return this;
    }

    /** Name in the IANA time zone database. */
    public Builder timeZone(String given) {
      timeZone = given;
      return this;
    }

    /** On what a customer pays [%]. */
    public Builder taxPercent(@Nullable Double given) {
      taxPercent = given;
      return this;
    }

    /** Whether labour is taxed as parts are. */
    public Builder taxOnLabour(boolean given) {
      taxOnLabour = given;
      return this;
    }

    /** [currency/kWh]. */
    public Builder energyPerKwh(@Nullable Double given) {
      energyPerKwh = given;
      return this;
    }

    /** That a fan runs here [h]. */
    public Builder fanHoursPerYear(@Nullable Double given) {
      fanHoursPerYear = given;
      return this;
    }

    /** That a unit is expected to last. */
    public Builder lifeYears(double given) {
      lifeYears = given;
      return this;
    }

    /** Age from which on module and motor are replaced together [years]. */
    public Builder moduleAloneYears(double given) {
      moduleAloneYears = given;
      return this;
    }

    /** Where the trade disagrees, one to a school. */
    public Builder habits(List<Habit> given) {
      habits = given;
      return this;
    }

    /** Of the shop, as it stands on papers. */
    public Builder name(@Nullable String given) {
      name = given;
      return this;
    }

    /** On which the shop is reached. */
    public Builder phone(@Nullable String given) {
      phone = given;
      return this;
    }

    /** The settings. */
    public Settings build() {
      return new Settings(
          labourPerHour,
          balanceLimitPercent,
          currency,
          timeZone,
          taxPercent,
          taxOnLabour,
          energyPerKwh,
          fanHoursPerYear,
          lifeYears,
          moduleAloneYears,
          habits,
          name,
          phone);
    }
  }
}
