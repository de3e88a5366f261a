package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

/**
 * What the fan did on each call of the equipment, and what it does now: the table that a conversion
 * must reproduce, and where it cannot, what the customer is told.
 *
 * @param lost what every fixed speed takes away, whatever the wiring
 */
public record BeforeAfter(List<Row> rows, List<String> lost) implements Node {
  public BeforeAfter {
    rows = List.copyOf(rows);
    lost = List.copyOf(lost);
  }

  /** How the two stand to each other. */
  public enum Verdict {
    SAME,
    /** It runs, at a speed that another call has, too. */
    ONE_SPEED,
    /** It ran, and stands now. */
    LOST,
    /** It stood, and runs now. */
    ADDED,
    /** The wiring must be stopped on this call, or has none such. */
    WRONG
  }

  /**
   * One call.
   *
   * @param before what the fan did with the motor that the unit was made for
   * @param after what it does as it is wired
   * @param sentence what it means; empty where it is the same
   */
  public record Row(String call, String before, String after, Verdict verdict, String sentence)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "call", call,
          "before", before,
          "after", after,
          "verdict", verdict,
          "sentence", sentence);
    }
  }

  /** Always said to the customer. Common practice. */
  private static final List<String> LOST =
      List.of(
          "The air no longer stays the same when filters load up or registers close.",
          "It starts hard, not softly, and is heard.",
          "No low speed for comfort and for drying the air.",
          "It takes more energy.");

  /** A drive that is bypassed leaves a motor at full speed. */
  private static final List<String> LOST_WITH_A_DRIVE =
      List.of(
          "Full speed on every call: more energy, more noise, more static.",
          "It starts hard, and the drive no longer guards the motor: the overload relay does.");

  /** The calls of the equipment, against a wiring that was run. */
  public static BeforeAfter of(PlanRequest asked, Result result) {
    List<Row> rows = new ArrayList<>();
    Map<String, String> had = new LinkedHashMap<>();
    for (Run run : result.calls()) {
      rows.add(row(asked, run, had));
      if (isOn(run.motor())) {
        had.putIfAbsent(run.motor(), run.name());
      }
    }
    return new BeforeAfter(rows, asked.pattern() == Pattern.D ? LOST_WITH_A_DRIVE : LOST);
  }

  private static boolean isOn(String motor) {
    return !motor.equals("OFF");
  }

  private static Row row(PlanRequest asked, Run run, Map<String, String> had) {
    boolean on = ran(asked, run.name());
    String before = on ? air(asked, run.name()) : "stood";
    String after =
        isOn(run.motor()) ? (run.motor().equals("RUN") ? "runs" : run.motor()) : "stands";
    String stop =
        run.findings().stream()
            .filter(Finding::stops)
            .map(Finding::sentence)
            .findFirst()
            .orElse(null);
    // A fan that stands where it ran is told as that, before what the table says of it.
    if (on && !isOn(run.motor())) {
      return new Row(run.name(), before, after, Verdict.LOST, lost(run.name()));
    }
    if (!on && isOn(run.motor())) {
      return new Row(
          run.name(), before, after, Verdict.ADDED, "It stood on this call, and runs now.");
    }
    if (stop != null) {
      return new Row(run.name(), before, after, Verdict.WRONG, stop);
    }
    String other = had.get(run.motor());
    if (on && other != null && !sameAir(asked, run.name(), other)) {
      return new Row(
          run.name(),
          before,
          after,
          Verdict.ONE_SPEED,
          "Each had its own air; now the same as on " + title(other) + "." + held(run.name()));
    }
    return new Row(run.name(), before, after, Verdict.SAME, held(run.name()).trim());
  }

  /** Outdoors only the stage made a difference; indoors every call had its own. */
  private static boolean sameAir(PlanRequest asked, String one, String other) {
    return asked.outdoors() && one.endsWith(LOW) == other.endsWith(LOW);
  }

  private static final String LOW = ".LOW";

  /** A call in words. */
  public static String title(String call) {
    CallId id = id(call);
    return switch (call) {
      case "IDLE" -> "nothing called";
      case "DEFROST" -> "defrost";
      case "COLD" -> "low head pressure";
      default -> id == null ? call : id.title() + (call.endsWith(LOW) ? ", low stage" : "");
    };
  }

  /** Every call that a plan can have. */
  public static List<String> calls() {
    List<String> calls = new ArrayList<>(List.of("IDLE", "DEFROST", "COLD"));
    for (CallId id : CallId.values()) {
      calls.add(id.name());
      calls.add(id.name() + LOW);
    }
    return calls;
  }

  private static @Nullable CallId id(String call) {
    for (CallId id : CallId.values()) {
      if (call.equals(id.name()) || call.equals(id.name() + LOW)) {
        return id;
      }
    }
    return null;
  }

  /** Whether the unit's own fan ran on this call. */
  private static boolean ran(PlanRequest asked, String call) {
    if (call.equals("DEFROST")) {
      return !asked.outdoors();
    }
    CallId id = id(call);
    // Outdoors the fan goes with the compressor; indoors every call moves air.
    return id != null && (!asked.outdoors() || asked.contactorCalls().contains(id));
  }

  private static String air(PlanRequest asked, String call) {
    if (asked.pattern() == Pattern.D) {
      return "ran, as fast as the drive let it";
    }
    if (call.endsWith(LOW)) {
      return "ran slowly";
    }
    return asked.outdoors() ? "ran" : "ran, with the air of this call";
  }

  private static String lost(String call) {
    CallId id = id(call);
    if (id != null && id.isFire()) {
      return "This heat comes on with no air: it must not be left so.";
    }
    if (id == CallId.LIMIT) {
      return "The limit is open and nothing cools the exchanger: it must not be left so.";
    }
    if (id == CallId.FAN) {
      return "The fan alone no longer runs.";
    }
    if (id == CallId.OFF_DELAY) {
      return "The air stops with the call: what heat or cold is left in the unit stays there.";
    }
    return "It ran on this call, and stands now.";
  }

  private static String held(String call) {
    return id(call) == CallId.ELECTRIC_HEAT
        ? " Sequenced elements stay hot after their call: see that the air does, too."
        : "";
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("rows", rows, "lost", lost);
  }
}
