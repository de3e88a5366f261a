package variablerotor.core.wiring;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What a conversion is planned for.
 *
 * @param supply a line
 * @param transformerVa of the 24 V supply [VA]; null where it is not known
 * @param transformerLoadVa what hangs on it besides the parts shown [VA]
 * @param stages of the equipment, the lowest first; empty for one
 * @param solidState whether the board's outputs must not be fed from behind
 * @param calls that the equipment gives
 * @param contactorCalls those that pull the compressor's contactor
 * @param amps full load of the new motor [A]
 * @param microfarads that it asks for [µF]
 * @param capacitorVolts that it asks for [V]
 * @param speedFor which speed a call is to have; where none is told, the first
 * @param outdoors whether it is the outdoor fan
 * @param oneCabinet whether contactor and blower stand in one, on one supply
 * @param fanRelay whether calls without the contactor get a relay of their own
 */
public record PlanRequest(
    Pattern pattern,
    PartType supply,
    @Nullable Double transformerVa,
    @Nullable Double transformerLoadVa,
    List<String> stages,
    boolean solidState,
    boolean defrost,
    List<CallId> calls,
    List<CallId> contactorCalls,
    List<String> speeds,
    @Nullable Double amps,
    @Nullable Double microfarads,
    @Nullable Double capacitorVolts,
    Map<CallId, String> speedFor,
    boolean outdoors,
    boolean oneCabinet,
    boolean fanRelay)
    implements Node {
  public PlanRequest {
    stages = List.copyOf(stages);
    calls = List.copyOf(calls);
    contactorCalls = List.copyOf(contactorCalls);
    speeds = List.copyOf(speeds);
    speedFor = Collections.unmodifiableMap(new LinkedHashMap<>(speedFor));
  }

  /** The name in the field {@code format}. */
  public static final String FORMAT = "variable-rotor-plan";

  /** The number in the field {@code version}. */
  public static final int VERSION = 1;

  /** How a conversion is wired. */
  public enum Pattern {
    /** Outdoor staged fan, a relay a stage. */
    A,
    /** The same with one relay for all stages. */
    A1,
    /** Indoor constant-torque blower with an adapter board. */
    B,
    /** A loaner on the contactor's load side. */
    C,
    /** A drive bypassed with a contactor and an overload relay. */
    D,
    /** Indoor fan relay with changeover. */
    E
  }

  /** What the equipment calls for. */
  public enum CallId {
    COOL("cooling"),
    HEAT_PUMP("heat pump"),
    ELECTRIC_HEAT("electric heat"),
    GAS_HEAT("gas heat"),
    FAN("fan alone"),
    /** The limit is open: blower on, heat off. */
    LIMIT("limit open"),
    /** The call has ended, the fan's output is still on. */
    OFF_DELAY("off-delay");

    private final String title;

    CallId(String title) {
      this.title = title;
    }

    /** As it is named in a sentence. */
    public String title() {
      return title;
    }

    /** Whether it is heat that would burn without air. */
    public boolean isFire() {
      return this == ELECTRIC_HEAT || this == GAS_HEAT;
    }
  }

  /** The same, with a relay of its own for calls without the contactor. */
  public PlanRequest withFanRelay() {
    return new PlanRequest(
        pattern,
        supply,
        transformerVa,
        transformerLoadVa,
        stages,
        solidState,
        defrost,
        calls,
        contactorCalls,
        speeds,
        amps,
        microfarads,
        capacitorVolts,
        speedFor,
        outdoors,
        oneCabinet,
        true);
  }

  /** The document that asks for it. */
  @Override
  public Map<String, Object> tree() {
    Map<String, Object> told = new LinkedHashMap<>();
    speedFor.forEach((call, speed) -> told.put(call.name(), speed));
    @SuppressWarnings("unchecked")
    Map<String, Object> tree =
        (Map<String, Object>)
            Tree.withoutNulls(
                Tree.of(
                    "format", FORMAT,
                    "version", VERSION,
                    "pattern", pattern,
                    "role", outdoors ? "OUTDOOR_FAN" : "INDOOR_BLOWER",
                    "cabinet", oneCabinet ? "ONE" : "SPLIT",
                    "supply", supply,
                    "transformerVa", transformerVa,
                    "transformerLoadVa", transformerLoadVa,
                    "stages", stages,
                    "outputs", solidState ? "SOLID_STATE" : "PLAIN",
                    "defrost", defrost,
                    "calls", calls,
                    "contactorCalls", contactorCalls,
                    "motor",
                        Tree.of(
                            "speeds", speeds,
                            "amps", amps,
                            "microfarads", microfarads,
                            "capacitorVolts", capacitorVolts),
                    "speedFor", told,
                    "fanRelay", fanRelay));
    return tree;
  }

  /** The speed that a call is to have. */
  String speed(CallId call) {
    String told = speedFor.get(call);
    return told != null ? told : speeds.isEmpty() ? "RUN" : speeds.get(0);
  }
}
