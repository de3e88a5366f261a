package variablerotor.core.bench;

import java.util.List;
import java.util.Random;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactKind;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.winding.Ohms;
import variablerotor.core.winding.WindingFigures;

/**
 * What a hand-held meter makes of a true value: a gain error common to the session, half a count of
 * resolution, contact repeatability on ohms. One reading in so many is simply wrong, if asked for.
 */
public final class MeterModel {
  /** Gain error of a hand-held meter, at most [share]. Common practice: one percent. */
  private static final double GAIN = 0.01;

  private final Random random;
  private final double gain;
  private final double wrongRate;

  /**
   * @param wrongRate share of readings and sights that are simply wrong, 0 for sound ones
   */
  public MeterModel(Random random, double wrongRate) {
    this.random = random;
    this.wrongRate = wrongRate;
    gain = 1 + GAIN * (2 * random.nextDouble() - 1);
  }

  /** As it is read off. */
  public FactValue read(FactType type, FactValue truth) {
    boolean wrong = random.nextDouble() < wrongRate;
    if (truth instanceof FactValue.Quantity quantity) {
      double value = wrong ? quantity.value() * random.nextDouble() : quantity.value();
      return new FactValue.Quantity(within(type, round(gain * value, count(type, value))));
    }
    if (truth instanceof FactValue.Resistance resistance) {
      return new FactValue.Resistance(ohms(resistance.ohms(), wrong));
    }
    if (wrong && truth instanceof FactValue.Flag flag) {
      return new FactValue.Flag(!flag.value());
    }
    if (wrong && type.kind() == FactKind.CHOICE) {
      List<Answer> words = type.choices();
      return new FactValue.Choice(words.get(random.nextInt(words.size())));
    }
    return truth;
  }

  private static double within(FactType type, double value) {
    return Math.max(type.least(), Math.min(type.most(), value));
  }

  private Ohms ohms(Ohms truth, boolean wrong) {
    if (truth.isOverLimit()) {
      return wrong ? new Ohms(round(50 * random.nextDouble(), 0.1)) : truth;
    }
    double count = truth.value() < 600 ? WindingFigures.METER_COUNT.value() : truth.value() / 1000;
    double contact = WindingFigures.CONTACT_REPEATABILITY.value() * (2 * random.nextDouble() - 1);
    double value = wrong ? truth.value() * (0.3 + random.nextDouble()) : truth.value();
    return new Ohms(Math.max(0, round(gain * value + contact, count)));
  }

  private static double count(FactType type, double value) {
    boolean volts = type.unit().startsWith("V");
    return type.unit().equals("in. w.c.") ? 0.01 : volts && value >= 600 ? 1 : 0.1;
  }

  /** Rounded to a count. */
  private static double round(double value, double count) {
    // Through whole counts and back, so that 5.7 does not come out as 5.700000000000001.
    double perUnit = 1 / count;
    return perUnit >= 1
        ? Math.round(value * perUnit) / Math.rint(perUnit)
        : Math.round(value / count) * count;
  }
}
