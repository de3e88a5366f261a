package variablerotor.core.casefile;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import variablerotor.core.wiring.Part;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

/** From a plain tree to what a conversion is planned for; every fault is told with its path. */
public final class PlanReader {
  private final List<InputFault> faults = Fields.faults();

  private PlanReader() {}

  /**
   * @param tree maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static PlanRequest read(Object tree) throws InputFaults {
    return told(tree).document();
  }

  /**
   * The same, and the fields that nobody knows.
   *
   * @throws InputFaults with every fault found
   */
  public static Told<PlanRequest> told(Object tree) throws InputFaults {
    PlanReader reader = new PlanReader();
    PlanRequest document = reader.request(tree);
    return new Told<>(document, Fields.unknownOf(reader.faults));
  }

  private PlanRequest request(Object tree) throws InputFaults {
    Fields root = Document.root(tree, "a plan", PlanRequest.FORMAT, PlanRequest.VERSION, faults);
    Pattern pattern = root.word("pattern", Pattern.values());
    if (pattern == null && !root.has("pattern")) {
      root.fault("pattern", "found nothing; required is A, A1, B, C, D or E");
    }
    boolean three = pattern == Pattern.D;
    PartType supply = root.word("supply", PartType.values());
    PartType line = supply == null ? (three ? PartType.LINE_3PH : PartType.LINE_240) : supply;
    if (!line.isLine() || (three && line != PartType.LINE_3PH)) {
      root.fault(
          "supply",
          "found "
              + line
              + "; allowed is "
              + (three ? "LINE_3PH for pattern D" : "LINE_240, LINE_120 or LINE_3PH"));
    }
    Fields motor = root.object("motor");
    List<String> speeds = texts(motor, "speeds");
    if (speeds.isEmpty() && !three) {
      motor.fault("speeds", "found nothing; required are the names of the motor's speed leads");
    }
    List<CallId> calls = root.words("calls", CallId.values());
    String outputs = root.text("outputs", 20);
    if (outputs != null && !outputs.equals("PLAIN") && !outputs.equals("SOLID_STATE")) {
      root.fault("outputs", "found \"" + outputs + "\"; allowed is PLAIN or SOLID_STATE");
    }
    String cabinet = root.text("cabinet", 20);
    if (cabinet != null && !cabinet.equals("ONE") && !cabinet.equals("SPLIT")) {
      root.fault("cabinet", "found \"" + cabinet + "\"; allowed is ONE or SPLIT");
    }
    String role = root.text("role", 20);
    if (role != null && !role.equals("INDOOR_BLOWER") && !role.equals("OUTDOOR_FAN")) {
      root.fault("role", "found \"" + role + "\"; allowed is INDOOR_BLOWER or OUTDOOR_FAN");
    }
    Integer poles = root.whole("contactorPoles", 1, 3);
    Map<CallId, String> lowSpeeds = new LinkedHashMap<>();
    boolean staged = pattern == Pattern.A || pattern == Pattern.A1;
    PlanRequest request =
        PlanRequest.plan(pattern == null ? Pattern.A : pattern, line)
            .transformer(
                root.number("transformerVa", 1, 1e5), root.number("transformerLoadVa", 0, 1e5))
            .stages(texts(root, "stages"))
            .solidState("SOLID_STATE".equals(outputs))
            .defrost(Boolean.TRUE.equals(root.flag("defrost")))
            .calls(List.copyOf(new LinkedHashSet<>(calls)))
            .contactorCalls(
                root.has("contactorCalls")
                    ? root.words("contactorCalls", CallId.values())
                    : List.of(CallId.COOL, CallId.HEAT_PUMP))
            .speeds(speeds)
            .amps(motor.number("amps", 0.01, 10_000))
            .capacitor(
                motor.number("microfarads", 0.1, 10_000), motor.number("capacitorVolts", 1, 10_000))
            .speedFor(speedFor(root, speeds, lowSpeeds))
            .outdoors(staged || "OUTDOOR_FAN".equals(role))
            .oneCabinet(!"SPLIT".equals(cabinet))
            .fanRelay(Boolean.TRUE.equals(root.flag("fanRelay")))
            .extras(
                new PlanRequest.Extras(
                    poles == null ? PlanRequest.Extras.NONE.contactorPoles() : poles,
                    Boolean.TRUE.equals(root.flag("fanCycling")),
                    root.number("secondTransformerVa", 1, 1e5),
                    Boolean.TRUE.equals(root.flag("dualCapacitor")),
                    lowSpeeds))
            .build();
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return request;
  }

  private static List<String> texts(Fields told, String field) {
    return told.names(field, name -> Part.isLead(name) && !name.contains("."), "names, each once");
  }

  private Map<CallId, String> speedFor(
      Fields root, List<String> speeds, Map<CallId, String> lowSpeeds) {
    Map<CallId, String> told = new LinkedHashMap<>();
    Fields given = root.object("speedFor");
    for (CallId id : CallId.values()) {
      for (boolean low : new boolean[] {false, true}) {
        String field = low ? id.name() + ".LOW" : id.name();
        String speed = given.text(field, 30);
        if (speed != null && !speeds.contains(speed)) {
          given.fault(field, "found \"" + speed + "\"; allowed is " + String.join(", ", speeds));
        } else if (speed != null) {
          (low ? lowSpeeds : told).put(id, speed);
        }
      }
    }
    for (String unknown : given.unknown()) {
      faults.add(new InputFault(unknown, "is not a call; allowed are the calls of the format"));
    }
    return told;
  }
}
