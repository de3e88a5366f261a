package variablerotor.core.proof;

import java.util.List;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/** What air is reckoned with, and what a repair must be. */
public final class ProofFigures {
  public static final Figure LEAST_AIR =
      new Figure(
          "proof.air.least",
          "Air of an indoor blower on cooling, for a ton, from",
          350,
          "cfm",
          Source.practice("350 to 450 about the nominal 400"));
  public static final Figure MOST_AIR =
      new Figure(
          "proof.air.most",
          "Air of an indoor blower on cooling, for a ton, to",
          450,
          "cfm",
          Source.practice("350 to 450 about the nominal 400"));

  /** 60 min/h by 0.075 lb/ft³ by 0.24 Btu/(lb °F). */
  public static final Figure HEAT_OF_AIR =
      new Figure(
          "proof.air.heat",
          "Heat that a cubic foot a minute of standard air takes up, for a degree",
          1.08,
          "Btu/(h cfm °F)",
          Source.standard("ASHRAE Handbook Fundamentals, standard air 0.075 lb/ft³"));

  public static final Figure BTU_A_WATT =
      new Figure(
          "proof.btuPerWatt",
          "Heat of a watt",
          3.412,
          "Btu/(h W)",
          Source.standard("ASHRAE Handbook Fundamentals, units and conversions"));

  /** Cubic feet a minute of a cubic metre an hour. */
  public static final Figure CFM_A_CUBIC_METRE =
      new Figure(
          "proof.cfmPerCubicMetre",
          "A cubic metre an hour",
          0.5886,
          "cfm",
          Source.standard("ASHRAE Handbook Fundamentals, units and conversions"));

  public static final Figure CAPACITOR_TOLERANCE =
      new Figure(
          "proof.capacitor",
          "A run capacitor is good within",
          6,
          "%",
          Source.practice("of what is marked on it"));

  public static final Figure THERMOMETER =
      new Figure(
          "proof.thermometer",
          "Two thermometers differ in their difference by up to",
          1,
          "°F",
          Source.practice("good pocket thermometers, read one after the other"));
  public static final Figure POWER =
      new Figure(
          "proof.power",
          "A meter's volts times amps are off by up to",
          2,
          "%",
          Source.practice("a clamp meter in its middle range"));
  public static final Figure GAS_INPUT =
      new Figure(
          "proof.gasInput",
          "A burner's input and efficiency are off by up to",
          5,
          "%",
          Source.practice("clocked at the meter, efficiency from the plate"));
  public static final Figure MANOMETER =
      new Figure(
          "proof.manometer",
          "A manometer is off by up to",
          0.01,
          "in. w.c.",
          Source.practice("a digital one, zeroed before"));

  private ProofFigures() {}

  /** Every figure of this class, with its source. */
  public static List<Figure> all() {
    return List.of(
        LEAST_AIR,
        MOST_AIR,
        HEAT_OF_AIR,
        BTU_A_WATT,
        CFM_A_CUBIC_METRE,
        CAPACITOR_TOLERANCE,
        THERMOMETER,
        POWER,
        GAS_INPUT,
        MANOMETER);
  }

  /**
   * Density of air at an altitude, as a share of that at sea level: the standard atmosphere (ASHRAE
   * Handbook Fundamentals, psychrometrics, from memory).
   *
   * @param feet above the sea [ft]
   */
  public static double densityRatio(double feet) {
    return StrictMath.pow(1 - 6.8754e-6 * feet, 5.2559);
  }
}
