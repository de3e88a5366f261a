package variablerotor.core.wiring;

import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
 * @param extras what not every unit has
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
    boolean fanRelay,
    Extras extras)
    implements Node {

  /**
   * What not every unit has.
   *
   * @param contactorPoles of the compressor's contactor; one joins its other line always
   * @param fanCycling whether a switch on head pressure stands in the outdoor fan's line
   * @param secondTransformerVa of the transformer that feeds the board's outputs, where the relays
   *     hang on another: isolation relays stand between [VA]; null where there is one alone
   * @param dualCapacitor whether the outdoor fan has the second half of the compressor's capacitor
   * @param lowSpeeds the speed that a call's low stage is to have, where it is another
   */
  public record Extras(
      int contactorPoles,
      boolean fanCycling,
      @Nullable Double secondTransformerVa,
      boolean dualCapacitor,
      Map<CallId, String> lowSpeeds) {
    public Extras {
      lowSpeeds = Collections.unmodifiableMap(new LinkedHashMap<>(lowSpeeds));
    }

    /** As most units are. */
    public static final Extras NONE = new Extras(2, false, null, false, Map.of());
  }

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

  /** What is asked for some patterns, and means nothing for the others. */
  public enum Ask {
    CONTACTOR_CALLS,
    CONTACTOR_POLES,
    /** Whether a switch on head pressure cycles the fan. */
    FAN_CYCLING,
    DUAL_CAPACITOR,
    STAGES,
    OUTPUTS,
    CABINET,
    /** Which line, where it need not have three phases. */
    LINE,
    SECOND_TRANSFORMER,
    CAPACITOR,
    SPEEDS,
    SPEED_OF_CALL,
    SPEED_OF_LOW_STAGE
  }

  /** How a conversion is wired. */
  public enum Pattern {
    /** Outdoor staged fan, a relay a stage. */
    A(
        "Outdoor fan, a relay a stage",
        "Either stage runs the one speed.",
        outdoors(Ask.SPEED_OF_LOW_STAGE)),
    /** The same with one relay for all stages. */
    A1("Outdoor fan, one relay", "Tidier; ties the outputs of the stages together.", outdoors()),
    /** Indoor constant-torque blower with an adapter board. */
    B(
        "Adapter board on the taps",
        "Each speed tap gives a speed of the new motor.",
        ofOnePhase(Ask.SPEED_OF_CALL)),
    /** A loaner on the contactor's load side. */
    C(
        "With the contactor, on loan",
        "Runs with the compressor, in one cabinet.",
        ofOnePhase(Ask.CONTACTOR_CALLS, Ask.CONTACTOR_POLES, Ask.CABINET)),
    /** A drive bypassed with a contactor and an overload relay. */
    D("Drive bypassed", "Contactor and overload relay, full speed.", EnumSet.noneOf(Ask.class)),
    /** Indoor fan relay with changeover. */
    E(
        "Indoor fan relay",
        "Changes over between the cooling and the heat speed.",
        ofOnePhase(Ask.SPEED_OF_CALL));

    private final String title;
    private final String detail;
    private final Set<Ask> asks;

    Pattern(String title, String detail, Set<Ask> asks) {
      this.title = title;
      this.detail = detail;
      this.asks = Collections.unmodifiableSet(asks);
    }

    private static Set<Ask> ofOnePhase(Ask... more) {
      Set<Ask> asks =
          EnumSet.of(Ask.OUTPUTS, Ask.LINE, Ask.SECOND_TRANSFORMER, Ask.CAPACITOR, Ask.SPEEDS);
      Collections.addAll(asks, more);
      return asks;
    }

    private static Set<Ask> outdoors(Ask... more) {
      Set<Ask> asks =
          ofOnePhase(
              Ask.CONTACTOR_CALLS,
              Ask.CONTACTOR_POLES,
              Ask.FAN_CYCLING,
              Ask.DUAL_CAPACITOR,
              Ask.STAGES);
      Collections.addAll(asks, more);
      return asks;
    }

    /** As it is headed. */
    public String title() {
      return title;
    }

    /** In one short line. */
    public String detail() {
      return detail;
    }

    /** What is asked for it, beside what is for all. */
    public Set<Ask> asks() {
      return asks;
    }

    /** Whether it is for an outdoor fan alone. */
    public boolean isOutdoors() {
      return this == A || this == A1;
    }

    /** Whether it is for an indoor blower alone. */
    boolean isIndoors() {
      return this == B || this == E;
    }
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

  /**
   * The same unit wired otherwise. What only the old pattern asks for is kept, so that nothing is
   * lost by looking at another; {@link #asked} leaves it out.
   */
  public PlanRequest as(Pattern next) {
    boolean three = next == Pattern.D;
    PartType line = supply == PartType.LINE_3PH ? PartType.LINE_240 : supply;
    Builder other =
        but(next, three ? PartType.LINE_3PH : line)
            .outdoors(next.isOutdoors() || (outdoors && !next.isIndoors()))
            .fanRelay(fanRelay && next == Pattern.C);
    if (next.isOutdoors() && stages.isEmpty()) {
      other.stages(List.of("LOW", "HIGH"));
    }
    if (!three && speeds.isEmpty()) {
      other.speeds(List.of("HIGH", "LOW"));
    }
    return other.build();
  }

  /** The same without what its pattern does not ask for. */
  public PlanRequest asked() {
    Set<Ask> asks = pattern.asks();
    boolean capacitor = asks.contains(Ask.CAPACITOR);
    boolean lowSpeed =
        asks.contains(Ask.SPEED_OF_LOW_STAGE) && stages.size() > 1 && speeds.size() > 1;
    return but()
        .capacitor(capacitor ? microfarads : null, capacitor ? capacitorVolts : null)
        .speeds(asks.contains(Ask.SPEEDS) ? speeds : List.of())
        .speedFor(asks.contains(Ask.SPEED_OF_CALL) ? speedFor : Map.of())
        .extras(
            new Extras(
                asks.contains(Ask.CONTACTOR_POLES)
                    ? extras.contactorPoles()
                    : Extras.NONE.contactorPoles(),
                asks.contains(Ask.FAN_CYCLING) && extras.fanCycling(),
                asks.contains(Ask.SECOND_TRANSFORMER) ? extras.secondTransformerVa() : null,
                asks.contains(Ask.DUAL_CAPACITOR) && extras.dualCapacitor(),
                lowSpeed ? extras.lowSpeeds() : Map.of()))
        .build();
  }

  /** The same, with a relay of its own for calls without the contactor. */
  public PlanRequest withFanRelay() {
    return but().fanRelay(true).build();
  }

  /** A plan with nothing but these told: one cabinet, a contactor of two poles, no call. */
  public static Builder plan(Pattern pattern, PartType supply) {
    return new Builder(pattern, supply);
  }

  private Builder but() {
    return but(pattern, supply);
  }

  private Builder but(Pattern otherPattern, PartType otherSupply) {
    return plan(otherPattern, otherSupply)
        .transformer(transformerVa, transformerLoadVa)
        .stages(stages)
        .solidState(solidState)
        .defrost(defrost)
        .calls(calls)
        .contactorCalls(contactorCalls)
        .speeds(speeds)
        .amps(amps)
        .capacitor(microfarads, capacitorVolts)
        .speedFor(speedFor)
        .outdoors(outdoors)
        .oneCabinet(oneCabinet)
        .fanRelay(fanRelay)
        .extras(extras);
  }

  /** Each by its name; see the record for what they are. */
  public static final class Builder {
    private final Pattern pattern;
    private final PartType supply;
    private @Nullable Double transformerVa;
    private @Nullable Double transformerLoadVa;
    private List<String> stages = List.of();
    private boolean solidState;
    private boolean defrost;
    private List<CallId> calls = List.of();
    private List<CallId> contactorCalls = List.of();
    private List<String> speeds = List.of();
    private @Nullable Double amps;
    private @Nullable Double microfarads;
    private @Nullable Double capacitorVolts;
    private Map<CallId, String> speedFor = Map.of();
    private boolean outdoors;
    private boolean oneCabinet = true;
    private boolean fanRelay;
    private Extras extras = Extras.NONE;

    private Builder(Pattern pattern, PartType supply) {
      this.pattern = pattern;
      this.supply = supply;
    }

    public Builder transformer(@Nullable Double va, @Nullable Double loadVa) {
      transformerVa = va;
      transformerLoadVa = loadVa;
      return this;
    }

    public Builder stages(List<String> names) {
      stages = names;
      return this;
    }

    public Builder solidState(boolean so) {
      solidState = so;
      return this;
    }

    public Builder defrost(boolean so) {
      defrost = so;
      return this;
    }

    public Builder calls(List<CallId> these) {
      calls = these;
      return this;
    }

    public Builder contactorCalls(List<CallId> these) {
      contactorCalls = these;
      return this;
    }

    public Builder speeds(List<String> names) {
      speeds = names;
      return this;
    }

    public Builder amps(@Nullable Double full) {
      amps = full;
      return this;
    }

    public Builder capacitor(@Nullable Double itsMicrofarads, @Nullable Double itsVolts) {
      microfarads = itsMicrofarads;
      capacitorVolts = itsVolts;
      return this;
    }

    public Builder speedFor(Map<CallId, String> these) {
      speedFor = these;
      return this;
    }

    public Builder outdoors(boolean so) {
      outdoors = so;
      return this;
    }

    public Builder oneCabinet(boolean so) {
      oneCabinet = so;
      return this;
    }

    public Builder fanRelay(boolean so) {
      fanRelay = so;
      return this;
    }

    public Builder extras(Extras these) {
      extras = these;
      return this;
    }

    public PlanRequest build() {
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
          fanRelay,
          extras);
    }
  }

  /** The document that asks for it. */
  @Override
  public Map<String, Object> tree() {
    Map<String, Object> told = new LinkedHashMap<>();
    speedFor.forEach((call, speed) -> told.put(call.name(), speed));
    extras.lowSpeeds().forEach((call, speed) -> told.put(call.name() + ".LOW", speed));
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
    if (extras.contactorPoles() != Extras.NONE.contactorPoles()) {
      tree.put("contactorPoles", extras.contactorPoles());
    }
    if (extras.fanCycling()) {
      tree.put("fanCycling", true);
    }
    if (extras.dualCapacitor()) {
      tree.put("dualCapacitor", true);
    }
    if (extras.secondTransformerVa() != null) {
      tree.put("secondTransformerVa", extras.secondTransformerVa());
    }
    return tree;
  }

  /**
   * The speed that a call is to have: the one told for it; for an open limit and for the air after
   * a call that of the heat, where there is one; else the fastest.
   */
  String speed(CallId call) {
    String told = speedFor.get(call);
    if (told != null) {
      return told;
    }
    if (call == CallId.LIMIT || call == CallId.OFF_DELAY) {
      for (CallId heat : calls) {
        if (heat.isFire()) {
          return speed(heat);
        }
      }
    }
    return speeds.isEmpty() ? "RUN" : Speeds.sorted(speeds).get(0);
  }

  /** The speed of a call's low stage. */
  String lowSpeed(CallId call) {
    String told = extras.lowSpeeds().get(call);
    return told == null ? speed(call) : told;
  }
}
