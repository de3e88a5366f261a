package variablerotor.core.cost;

import java.util.List;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/** Hours and ages that money decisions start from. */
public final class CostFigures {
  public static final Figure SWAP_HOURS =
      new Figure(
          "labour.swap",
          "Indoor blower motor or module, on site",
          1,
          "h",
          Source.practice("about an hour for an indoor swap"));
  public static final Figure CONVERSION_HOURS =
      new Figure(
          "labour.conversion",
          "Conversion to fixed speed, on site",
          1.75,
          "h",
          Source.practice("one and a half to two hours"));
  public static final Figure MODULE_ALONE_YEARS =
      new Figure(
          "module.aloneYears",
          "A module alone only on a motor younger than",
          8,
          "years",
          Source.practice("older motors get both; shops differ"));

  public static final Figure LOAN_HOURS =
      new Figure(
          "labour.loan",
          "A motor lent, in and out again",
          2,
          "h",
          Source.practice("an indoor swap, twice"));

  public static final Figure FIXED_SPEED_WATTS =
      new Figure(
          "watts.fixedSpeed",
          "Fixed-speed blower, for a thousand cubic feet a minute",
          365,
          "W",
          Source.standard("10 CFR 430 Subpart B Appendix M, coil-only default; M1 has 441"));

  public static final Figure UNIT_LIFE_YEARS =
      new Figure(
          "unit.lifeYears",
          "A unit is expected to last",
          15,
          "years",
          Source.standard("ASHRAE Handbook HVAC Applications, service lives of split systems"));

  public static final Figure CFM_PER_TON =
      new Figure(
          "air.perTon",
          "Air of an indoor blower, for a ton of cooling",
          400,
          "cfm",
          Source.practice("until the air is measured"));

  private CostFigures() {}

  /** Every figure of this class, with its source. */
  public static List<Figure> all() {
    return List.of(
        SWAP_HOURS,
        CONVERSION_HOURS,
        LOAN_HOURS,
        MODULE_ALONE_YEARS,
        FIXED_SPEED_WATTS,
        UNIT_LIFE_YEARS,
        CFM_PER_TON);
  }
}
