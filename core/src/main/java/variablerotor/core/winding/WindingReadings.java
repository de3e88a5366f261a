package variablerotor.core.winding;

import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Everything measured at the three leads, module off. Readings not taken are absent.
 *
 * @param pairs lead to lead [Ω], as shown by the meter
 * @param frame lead to bare frame [Ω], as shown by the meter
 * @param insulationMegohms 500 V DC tester [MΩ], or null
 * @param celsius winding temperature [°C]
 * @param meter what the meter adds
 * @param connection star, delta or unknown
 * @param referencePairOhms what a healthy pair of this very motor reads at 20 °C [Ω], or null
 * @param tests what was tried beside
 */
public record WindingReadings(
    Map<Pair, Ohms> pairs,
    Map<Phase, Ohms> frame,
    @Nullable Double insulationMegohms,
    double celsius,
    Meter meter,
    Connection connection,
    @Nullable Double referencePairOhms,
    WindingTests tests) {

  public WindingReadings {
    pairs = Map.copyOf(pairs);
    frame = Map.copyOf(frame);
  }

  /** Three pairs with a hand-held meter at 20 °C, the rest not measured. */
  public static WindingReadings ofPairs(Ohms ab, Ohms bc, Ohms ca) {
    Map<Pair, Ohms> pairs = new EnumMap<>(Pair.class);
    pairs.put(Pair.AB, ab);
    pairs.put(Pair.BC, bc);
    pairs.put(Pair.CA, ca);
    return new WindingReadings(
        pairs,
        Map.of(),
        null,
        Copper.REFERENCE_CELSIUS,
        Meter.HAND_HELD,
        Connection.UNKNOWN,
        null,
        WindingTests.NONE);
  }

  /** The same readings by another meter. */
  public WindingReadings withMeter(Meter other) {
    return new WindingReadings(
        pairs, frame, insulationMegohms, celsius, other, connection, referencePairOhms, tests);
  }

  /** The same with these readings to the frame [Ω]. */
  public WindingReadings withFrame(Map<Phase, Ohms> other) {
    return new WindingReadings(
        pairs, other, insulationMegohms, celsius, meter, connection, referencePairOhms, tests);
  }

  /** The same of a motor so connected. */
  public WindingReadings withConnection(Connection other) {
    return new WindingReadings(
        pairs, frame, insulationMegohms, celsius, meter, other, referencePairOhms, tests);
  }

  /**
   * @param megohms 500 V DC tester [MΩ]
   * @param at winding temperature [°C]
   */
  public WindingReadings withInsulation(double megohms, double at) {
    return new WindingReadings(
        pairs, frame, megohms, at, meter, connection, referencePairOhms, tests);
  }

  /**
   * @param pairOhmsAt20 what a healthy pair of this very motor reads at 20 °C [Ω]
   * @param at winding temperature [°C]
   */
  public WindingReadings withReference(double pairOhmsAt20, double at) {
    return new WindingReadings(
        pairs, frame, insulationMegohms, at, meter, connection, pairOhmsAt20, tests);
  }

  /** The same with what was tried beside. */
  public WindingReadings withTests(WindingTests other) {
    return new WindingReadings(
        pairs, frame, insulationMegohms, celsius, meter, connection, referencePairOhms, other);
  }

  /** Whether all three pairs were read. */
  public boolean allPairs() {
    return pairs.size() == Pair.values().length;
  }
}
