package variablerotor.core.check;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.Answer;
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
 * @param also further complaints beside the first
 */
public record Situation(
    Family family,
    Symptom symptom,
    @Nullable String plateVolts,
    Connection connection,
    Facts facts,
    double balanceLimitPercent,
    List<Symptom> also) {
  public Situation {
    also = List.copyOf(also);
  }

  /** With one complaint. */
  public Situation(
      Family family,
      Symptom symptom,
      @Nullable String plateVolts,
      Connection connection,
      Facts facts,
      double balanceLimitPercent) {
    this(family, symptom, plateVolts, connection, facts, balanceLimitPercent, List.of());
  }

  /** With the usual limit, and nothing known of the plate. */
  public static Situation of(Family family, Symptom symptom, Facts facts) {
    return new Situation(
        family, symptom, null, Connection.UNKNOWN, facts, WindingFigures.BALANCE_LIMIT.value());
  }

  /** The same call, were it a motor of this family. */
  public Situation as(Family other) {
    return new Situation(other, symptom, plateVolts, connection, facts, balanceLimitPercent, also);
  }

  /** What of the facts says something by itself. */
  public Standing standing() {
    return Standing.of(this);
  }

  /** The same call with these facts. */
  public Situation with(Facts other) {
    return new Situation(family, symptom, plateVolts, connection, other, balanceLimitPercent, also);
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

  /**
   * The verdict on the winding readings among the facts, cold and warm. What was measured at the
   * motor's own joint goes before what was measured through its wires.
   */
  public WindingVerdict winding() {
    Map<Pair, Ohms> joint =
        read(FactType.WINDING_JOINT_AB, FactType.WINDING_JOINT_BC, FactType.WINDING_JOINT_CA);
    Map<Pair, Ohms> pairs =
        joint.size() == Pair.values().length
            ? joint
            : read(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA);
    WindingVerdict warm =
        pairs(FactType.WINDING_WARM_AB, FactType.WINDING_WARM_BC, FactType.WINDING_WARM_CA);
    Map<Phase, Ohms> frame = jointFrame();
    return cold(pairs, frame.isEmpty() ? plugFrame() : frame).andWarm(warm);
  }

  /** The verdict on what was measured cold at the motor's plug, or at the far end of its wires. */
  public WindingVerdict windingAtPlug() {
    return cold(read(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA), plugFrame());
  }

  /** The verdict on what was measured at the motor's own joint, the wires to it left out. */
  public WindingVerdict windingAtJoint() {
    return cold(
        read(FactType.WINDING_JOINT_AB, FactType.WINDING_JOINT_BC, FactType.WINDING_JOINT_CA),
        jointFrame());
  }

  /** What the leads read to the frame at the motor's plug; those that were measured. */
  private Map<Phase, Ohms> plugFrame() {
    Map<Phase, Ohms> frame = new EnumMap<>(Phase.class);
    put(frame, Phase.A, FactType.WINDING_FRAME_A);
    put(frame, Phase.B, FactType.WINDING_FRAME_B);
    put(frame, Phase.C, FactType.WINDING_FRAME_C);
    return frame;
  }

  /** What the leads read to the frame at the motor's own joint; those that were measured. */
  public Map<Phase, Ohms> jointFrame() {
    Map<Phase, Ohms> frame = new EnumMap<>(Phase.class);
    put(frame, Phase.A, FactType.WINDING_JOINT_FRAME_A);
    put(frame, Phase.B, FactType.WINDING_JOINT_FRAME_B);
    put(frame, Phase.C, FactType.WINDING_JOINT_FRAME_C);
    return frame;
  }

  private WindingVerdict cold(Map<Pair, Ohms> pairs, Map<Phase, Ohms> frame) {
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
    Answer feel = facts.choice(FactType.SHAFT_FEEL_MODULE_OFF);
    // All assembled, only a free one tells of the winding: a drag can be anything.
    if (feel == null && facts.choice(FactType.SHAFT_FEEL) == Answer.FREE) {
      feel = Answer.FREE;
    }
    boolean told = feel != null && family.profile().hasMagnets();
    return new WindingTests(
        ab == null || bc == null || ca == null ? null : new WindingTests.Three(ab, bc, ca),
        told ? (Boolean) !Answer.FREE.equals(feel) : null);
  }

  private <K> void put(Map<K, Ohms> map, K key, FactType type) {
    Ohms ohms = facts.ohms(type);
    if (ohms != null) {
      map.put(key, ohms);
    }
  }
}
