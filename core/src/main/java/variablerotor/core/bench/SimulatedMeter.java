package variablerotor.core.bench;

import java.util.Random;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactKind;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.text.Numbers;

/**
 * The display of a meter whose tips are on a simulated motor: it wanders while the tips settle,
 * then stands, with a count of flicker. The same tick shows the same, whoever asks.
 */
public final class SimulatedMeter {
  /** Ticks until the tips have settled. */
  private static final int SETTLES = 4;

  /** Of the readings on a call so many are simply wrong: tips slip, a range is off. Judgement. */
  public static final double SLIPS = 0.04;

  private final SimulatedMotor motor;
  private final double slips;
  private final int taken;

  /** One that never slips. */
  public SimulatedMeter(SimulatedMotor motor) {
    this(motor, 0, 0);
  }

  /**
   * @param slips share of readings that are simply wrong
   * @param taken how often the reading was taken before: a second one need not slip as the first
   */
  public SimulatedMeter(SimulatedMotor motor, double slips, int taken) {
    this.motor = motor;
    this.slips = slips;
    this.taken = taken;
  }

  /**
   * What the display shows.
   *
   * @param text as shown, such as {@code 5.7} or {@code OL}
   * @param value the number; null for OL
   * @param steady whether it has settled, so that it can be taken
   */
  public record Display(String text, @Nullable Double value, String unit, boolean steady) {}

  /** Whether a meter can be put there at all. */
  public static boolean measures(FactType type) {
    boolean told =
        type == FactType.POLE_PAIRS
            || type == FactType.METER_COUNT_OHMS
            || type == FactType.METER_LEAD_OHMS
            || type == FactType.WINDING_REFERENCE;
    return !told && (type.kind() == FactKind.NUMBER || type.kind() == FactKind.OHMS);
  }

  /**
   * @param tick count of displays since the tips were put there, from 0
   * @return null where this machine has no such terminals
   */
  public @Nullable Display at(FactType type, int tick) {
    FactValue truth = measures(type) ? motor.truth(type) : null;
    if (truth == null) {
      return null;
    }
    long seed = (motor.hidden().seed() * 31 + type.ordinal()) * 31 + taken;
    MeterModel session = new MeterModel(new Random(seed), slips);
    FactValue settled = session.read(type, truth);
    boolean steady = tick >= SETTLES;
    if (settled instanceof FactValue.Resistance resistance) {
      if (resistance.ohms().isOverLimit()) {
        return new Display("OL", null, type.unit(), steady);
      }
      return shown(type, resistance.ohms().value(), tick, seed);
    }
    return shown(type, ((FactValue.Quantity) settled).value(), tick, seed);
  }

  private static Display shown(FactType type, double settled, int tick, long seed) {
    Random flicker = new Random(seed ^ (tick * 0x9E3779B97F4A7C15L));
    double count = settled < 1 ? 0.01 : 0.1;
    double value = settled;
    if (tick < SETTLES) {
      value = settled * (0.4 + 0.6 * flicker.nextDouble()) + count;
    } else if (flicker.nextInt(6) == 0 && settled > 20 * count) {
      value = settled + (flicker.nextBoolean() ? count : -count);
    }
    double kept = Math.max(0, Numbers.round(value, 2));
    return new Display(
        Numbers.fixed(kept, settled < 10 ? 2 : 1), kept, type.unit(), tick >= SETTLES);
  }
}
