package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

/** Wirings for tests: those of the planner, and changes of single wires. */
public final class Wirings {
  private Wirings() {}

  public static PlanRequest request(Pattern pattern, CallId... calls) {
    boolean three = pattern == Pattern.D;
    return PlanRequest.plan(pattern, three ? PartType.LINE_3PH : PartType.LINE_240)
        .transformer(40.0, 9.0)
        .stages(List.of("LOW", "HIGH"))
        .calls(List.of(calls))
        .contactorCalls(List.of(CallId.COOL, CallId.HEAT_PUMP))
        .speeds(three ? List.of() : List.of("HIGH", "LOW"))
        .amps(2.6)
        .capacitor(5.0, 370.0)
        .outdoors(pattern == Pattern.A || pattern == Pattern.A1)
        .build();
  }

  /** Pattern A with its defrost contact, as it is planned. */
  public static Wiring staged() {
    PlanRequest asked = request(Pattern.A, CallId.COOL, CallId.HEAT_PUMP);
    return Planner.of(
            PlanRequest.plan(asked.pattern(), asked.supply())
                .transformer(asked.transformerVa(), asked.transformerLoadVa())
                .stages(asked.stages())
                .defrost(true)
                .calls(asked.calls())
                .contactorCalls(asked.contactorCalls())
                .speeds(asked.speeds())
                .amps(asked.amps())
                .capacitor(asked.microfarads(), asked.capacitorVolts())
                .speedFor(asked.speedFor())
                .outdoors(true)
                .build())
        .wiring();
  }

  public static Wiring.Wire wire(String text) {
    String[] ends = text.split("-");
    return new Wiring.Wire(terminal(ends[0]), terminal(ends[1]));
  }

  private static Terminal terminal(String text) {
    int point = text.indexOf('.');
    return new Terminal(text.substring(0, point), text.substring(point + 1));
  }

  /**
   * @param changes wires as {@code -K1.A-TR.C} to be taken off, {@code +K1.A-TR.C} to be made
   */
  public static Wiring changed(Wiring wiring, String... changes) {
    List<Wiring.Wire> wires = new ArrayList<>(wiring.wires());
    for (String change : changes) {
      Wiring.Wire wire = wire(change.substring(1));
      if (change.startsWith("+")) {
        wires.add(wire);
      } else if (!wires.removeIf(wire::isLike)) {
        throw new IllegalArgumentException("no wire " + change + " in " + wires);
      }
    }
    return wiring.wired(wires);
  }

  /** The same with the contactor's two load sides joined. */
  public static Wiring shorted() {
    return changed(staged(), "+CT.T1-CT.T2");
  }
}
