package variablerotor.core.check;

import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.signal.LineVoltage;
import variablerotor.core.winding.Connection;
import variablerotor.core.winding.Copper;
import variablerotor.core.winding.Meter;
import variablerotor.core.winding.Ohms;
import variablerotor.core.winding.Pair;
import variablerotor.core.winding.Phase;
import variablerotor.core.winding.WindingAnalysis;
import variablerotor.core.winding.WindingFigures;
import variablerotor.core.winding.WindingReadings;
import variablerotor.core.winding.WindingTests;
import variablerotor.core.winding.WindingVerdict;

/**
 * All that a diagnosis is a function of.
 *
 * @param family the kind of motor
 * @param symptom what the fan does wrong
 * @param plateVolts the motor's rated volts as on its plate, or null where not known
 * @param connection star, delta or unknown
 * @param facts what was read, seen and told
 * @param balanceLimitPercent the shop's limit for the unbalance of winding pairs [%]
 */
public record Situation(
    Family family,
    Symptom symptom,
    @Nullable String plateVolts,
    Connection connection,
    Facts facts,
    double balanceLimitPercent) {

  /** With the usual limit, and nothing known of the plate. */
  public static Situation of(Family family, Symptom symptom, Facts facts) {
    return new Situation(
        family, symptom, null, Connection.UNKNOWN, facts, WindingFigures.BALANCE_LIMIT.value());
  }

  /** The same call, were it a motor of this family. */
  public Situation as(Family other) {
    return new Situation(other, symptom, plateVolts, connection, facts, balanceLimitPercent);
  }

  /** What the plate allows the line to be [V]. */
  public LineVoltage lineVoltage() {
    return LineVoltage.ofPlate(plateVolts);
  }

  /** The verdict on three pairs by themselves, wherever they were measured. */
  public WindingVerdict pairs(FactType ab, FactType bc, FactType ca) {
    return WindingAnalysis.of(
        new WindingReadings(
            read(ab, bc, ca),
            Map.of(),
            null,
            Copper.REFERENCE_CELSIUS,
            meter(),
            connection,
            null,
            WindingTests.NONE),
        balanceLimitPercent);
  }

  private Map<Pair, Ohms> read(FactType ab, FactType bc, FactType ca) {
    Map<Pair, Ohms> pairs = new EnumMap<>(Pair.class);
    put(pairs, Pair.AB, ab);
    put(pairs, Pair.BC, bc);
    put(pairs, Pair.CA, ca);
    return pairs;
  }

  private Meter meter() {
    return new Meter(
        facts.number(FactType.METER_LEAD_OHMS, 0),
        facts.number(FactType.METER_COUNT_OHMS, Meter.HAND_HELD.countOhms()));
  }

  /** The verdict on the winding readings among the facts. */
  public WindingVerdict winding() {
    Map<Pair, Ohms> pairs = read(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA);
    Map<Phase, Ohms> frame = new EnumMap<>(Phase.class);
    put(frame, Phase.A, FactType.WINDING_FRAME_A);
    put(frame, Phase.B, FactType.WINDING_FRAME_B);
    put(frame, Phase.C, FactType.WINDING_FRAME_C);
    return WindingAnalysis.of(
        new WindingReadings(
            pairs,
            frame,
            megohms(),
            facts.number(FactType.WINDING_CELSIUS, Copper.REFERENCE_CELSIUS),
            meter(),
            connection,
            facts.number(FactType.WINDING_REFERENCE),
            tests()),
        balanceLimitPercent);
  }

  /** Insulation [MΩ]; infinity for over range, null where it was not tested. */
  public @Nullable Double megohms() {
    return facts.ohms(FactType.WINDING_INSULATION) != null
        ? (Double) Double.POSITIVE_INFINITY
        : facts.number(FactType.WINDING_INSULATION);
  }

  private WindingTests tests() {
    Double ab = facts.number(FactType.EMF_AB);
    Double bc = facts.number(FactType.EMF_BC);
    Double ca = facts.number(FactType.EMF_CA);
    String feel = facts.choice(FactType.SHAFT_FEEL_MODULE_OFF);
    // All assembled, only a free one tells of the winding: a drag can be anything.
    if (feel == null && "FREE".equals(facts.choice(FactType.SHAFT_FEEL))) {
      feel = "FREE";
    }
    boolean told = feel != null && family.profile().hasMagnets();
    return new WindingTests(
        ab == null || bc == null || ca == null ? null : new WindingTests.Three(ab, bc, ca),
        told ? (Boolean) !"FREE".equals(feel) : null);
  }

  private <K> void put(Map<K, Ohms> map, K key, FactType type) {
    Ohms ohms = facts.ohms(type);
    if (ohms != null) {
      map.put(key, ohms);
    }
  }
}
