package variablerotor.core.winding;

import java.util.List;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/** The figures that winding verdicts turn on. */
public final class WindingFigures {
  public static final Figure BALANCE_LIMIT =
      new Figure(
          "winding.balanceLimit",
          "Largest unbalance of the three pairs",
          10,
          "%",
          Source.practice("pairs within 10 % of each other; some shops accept only equal ones"));
  public static final Figure FRAME_CONDEMNED =
      new Figure(
          "winding.frameCondemned",
          "Lead to frame, condemned below",
          100_000,
          "Ω",
          Source.practice(
              "a hand-held ohmmeter must show OL; under 100 kΩ the motor is condemned"));
  public static final Figure INSULATION_MINIMUM =
      new Figure(
          "winding.insulationMinimum",
          "Least insulation at 500 V DC, corrected to 40 °C",
          5,
          "MΩ",
          Source.standard("IEEE Std 43-2013, random-wound windings under 1 kV"));
  public static final Figure INSULATION_CONDEMNED =
      new Figure(
          "winding.insulationCondemned",
          "Insulation at 40 °C that drying does not explain, below",
          2,
          "MΩ",
          Source.practice(
              "judgement: a damp winding reads a few MΩ, and comes back dry; from 2 to 5 MΩ it is"
                  + " dried and tested again"));
  public static final Figure COPPER_CONSTANT =
      new Figure(
          "winding.copperConstant",
          "Temperature constant of copper",
          234.5,
          "°C",
          Source.standard("IEEE Std 112; IEC 60034-1 uses 235"));
  public static final Figure PAIR_TYPICAL_LOW =
      new Figure(
          "winding.pairTypicalLow",
          "Healthy pairs are seldom below",
          1,
          "Ω",
          Source.practice("about 1 to 25 Ω by size and voltage; balance counts, not the level"));
  public static final Figure PAIR_TYPICAL_HIGH =
      new Figure(
          "winding.pairTypicalHigh",
          "Healthy pairs are seldom above",
          25,
          "Ω",
          Source.practice("about 1 to 25 Ω by size and voltage; balance counts, not the level"));
  public static final Figure METER_COUNT =
      new Figure(
          "meter.count",
          "One count of a hand-held ohmmeter",
          0.1,
          "Ω",
          Source.practice("usual resolution of the lowest range"));
  public static final Figure CONTACT_REPEATABILITY =
      new Figure(
          "meter.contactRepeatability",
          "Contact repeatability of hand-held probes",
          0.05,
          "Ω",
          Source.practice(
              "two readings of one pair differ by about this, whatever the display resolves"));
  public static final Figure FAR_LOWER =
      new Figure(
          "winding.farLower",
          "One low pair means two phases touching below this share of the other two",
          0.6,
          "",
          Source.memory(
              "a joint that adds two thirds of a pair is rarer than two phases touching"));
  public static final Figure EMF_LIMIT =
      new Figure(
          "winding.emfLimit",
          "Largest unbalance of the three back-EMF voltages",
          10,
          "%",
          Source.practice("the three voltages must agree within 10 %"));
  public static final Figure EMF_LEAST =
      new Figure(
          "winding.emfLeast",
          "Back-EMF that means something, at least",
          1,
          "V",
          Source.practice("judgement: below it the speed is too low, or the meter sees nothing"));

  private WindingFigures() {}

  /** Every figure of this class, with its source. */
  public static List<Figure> all() {
    return List.of(
        BALANCE_LIMIT,
        FRAME_CONDEMNED,
        INSULATION_MINIMUM,
        INSULATION_CONDEMNED,
        COPPER_CONSTANT,
        PAIR_TYPICAL_LOW,
        PAIR_TYPICAL_HIGH,
        METER_COUNT,
        CONTACT_REPEATABILITY,
        FAR_LOWER,
        EMF_LIMIT,
        EMF_LEAST);
  }
}
