package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

/** Every pattern's truth table, as the trade has it, by simulation. */
class PlannerTest {
  private static PlanRequest asked(
      Pattern pattern,
      String calls,
      String contactor,
      boolean defrost,
      boolean outdoors,
      boolean relay,
      Map<CallId, String> speeds) {
    PlanRequest plain = Wirings.request(pattern);
    return PlanRequest.plan(pattern, plain.supply())
        .transformer(40.0, 9.0)
        .stages(plain.stages())
        .defrost(defrost)
        .calls(ids(calls))
        .contactorCalls(ids(contactor))
        .speeds(plain.speeds())
        .amps(2.6)
        .capacitor(5.0, 370.0)
        .speedFor(speeds)
        .outdoors(outdoors)
        .fanRelay(relay)
        .build();
  }

  private static List<CallId> ids(String names) {
    return Arrays.stream(names.split(" ")).map(CallId::valueOf).toList();
  }

  private static String table(Plan plan) {
    return plan.result().calls().stream()
        .map(run -> run.name() + "=" + run.motor())
        .collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @CsvSource({
    "A, COOL HEAT_PUMP GAS_HEAT, COOL HEAT_PUMP, true, true, false,"
        + " IDLE=OFF COOL=HIGH COOL.LOW=HIGH HEAT_PUMP=HIGH HEAT_PUMP.LOW=HIGH GAS_HEAT=OFF"
        + " DEFROST=OFF",
    "A1, COOL, COOL, true, true, false, IDLE=OFF COOL=HIGH COOL.LOW=HIGH DEFROST=OFF",
    "B, COOL GAS_HEAT FAN LIMIT OFF_DELAY, COOL, false, false, false,"
        + " IDLE=OFF COOL=HIGH GAS_HEAT=LOW FAN=HIGH LIMIT=LOW OFF_DELAY=LOW",
    "C, COOL HEAT_PUMP, COOL HEAT_PUMP, true, false, false,"
        + " IDLE=OFF COOL=HIGH HEAT_PUMP=HIGH DEFROST=HIGH",
    "C, COOL HEAT_PUMP, COOL HEAT_PUMP, true, true, false,"
        + " IDLE=OFF COOL=HIGH HEAT_PUMP=HIGH DEFROST=OFF",
    "C, COOL ELECTRIC_HEAT FAN, COOL, false, false, true,"
        + " IDLE=OFF COOL=HIGH ELECTRIC_HEAT=HIGH FAN=HIGH",
    "D, COOL GAS_HEAT FAN, COOL, false, false, false, IDLE=OFF COOL=RUN GAS_HEAT=RUN FAN=RUN",
    "E, COOL GAS_HEAT FAN LIMIT OFF_DELAY, COOL, true, false, false,"
        + " IDLE=OFF COOL=HIGH GAS_HEAT=LOW FAN=HIGH LIMIT=LOW OFF_DELAY=LOW DEFROST=HIGH"
  })
  void truthTables(
      Pattern pattern,
      String calls,
      String contactor,
      boolean defrost,
      boolean outdoors,
      boolean relay,
      String table) {
    Map<CallId, String> speeds = pattern == Pattern.D ? Map.of() : Map.of(CallId.GAS_HEAT, "LOW");
    Plan plan = Planner.of(asked(pattern, calls, contactor, defrost, outdoors, relay, speeds));
    assertEquals(table, table(plan));
    assertTrue(plan.result().ok(), plan.result().all().toString());
    assertTrue(plan.state() != Plan.State.BLOCKED, plan.reasons().toString());
  }

  /** Heat that comes on without the contactor: blocked on that very call, and a relay mends it. */
  @ParameterizedTest
  @EnumSource(
      value = CallId.class,
      names = {"ELECTRIC_HEAT", "GAS_HEAT"})
  void aLoanerDoesNotFireWithoutAir(CallId heat) {
    Plan plan = Planner.of(asked(Pattern.C, "COOL " + heat, "COOL", false, false, false, Map.of()));
    assertEquals(Plan.State.BLOCKED, plan.state());
    assertTrue(
        plan.reasons().stream()
            .anyMatch(
                one -> one.id().equals("HEAT_WITHOUT_AIR") && heat.name().equals(one.call())));
    assertEquals(
        "OFF",
        plan.result().calls().stream()
            .filter(run -> run.name().equals(heat.name()))
            .findFirst()
            .orElseThrow()
            .motor());
    Plan relay = Planner.of(asked(Pattern.C, "COOL " + heat, "COOL", false, false, true, Map.of()));
    assertEquals(Plan.State.CONDITIONAL, relay.state());
  }

  /** Ground first, then line, the motor's leads, and 24 V last; no wire twice. */
  @ParameterizedTest
  @EnumSource
  void wiresComeInTheOrderOfDoing(Pattern pattern) {
    Plan plan = Planner.of(Wirings.request(pattern, CallId.COOL));
    List<Plan.Step> steps = plan.wires();
    assertEquals(plan.wiring().wires().size(), steps.size());
    assertEquals(Plan.Circuit.GROUND, steps.get(0).circuit());
    for (int i = 1; i < steps.size(); i++) {
      assertEquals(i + 1, steps.get(i).n());
      Plan.Step before = steps.get(i - 1);
      Plan.Step now = steps.get(i);
      assertTrue(now.there() || !before.there(), "what the factory made stands at the end");
      assertTrue(now.there() != before.there() || now.circuit().compareTo(before.circuit()) >= 0);
    }
    assertEquals(
        steps.size(), steps.stream().map(one -> one.from() + " " + one.to()).distinct().count());
  }

  /** What an electrician would count: two relays outdoors are ten wires, and not twenty-three. */
  @ParameterizedTest
  @CsvSource({"A, 10", "A1, 7", "B, 4", "C, 3", "D, 13", "E, 6"})
  void onlyWhatIsMadeIsCounted(Pattern pattern, int wires) {
    Plan plan = Planner.of(Wirings.request(pattern, CallId.COOL));
    assertEquals(wires, plan.toMake());
    assertTrue(
        plan.wires().stream()
            .filter(Plan.Step::there)
            .allMatch(one -> one.from().part().matches("SRC|TR|CT|Y|G")));
  }

  /** Neutral is white, ground green; a second hot leg is neither. */
  @ParameterizedTest
  @CsvSource({"LINE_120, white", "LINE_240, red"})
  void coloursAreAnElectricians(PartType supply, String other) {
    PlanRequest one = Wirings.request(Pattern.E, CallId.COOL);
    Plan plan =
        Planner.of(
            PlanRequest.plan(Pattern.E, supply)
                .transformer(40.0, 9.0)
                .solidState(true)
                .calls(one.calls())
                .contactorCalls(one.contactorCalls())
                .speeds(List.of("LOW", "HIGH"))
                .amps(2.6)
                .capacitor(5.0, 370.0)
                .build());
    for (Plan.Step step : plan.wires()) {
      boolean neutral = step.to().toString().equals("M.COM");
      assertTrue(!neutral || step.colour().equals(other), step.toString());
      assertEquals(step.circuit() == Plan.Circuit.GROUND, step.colour().equals("green"));
    }
    assertEquals("HIGH", plan.result().calls().get(1).motor(), "by its name, not by its place");
  }

  /** Two stages on two speeds, a switch for the cold, a contactor of one pole, two transformers. */
  @Test
  void whatNotEveryUnitHas() {
    PlanRequest one = Wirings.request(Pattern.A, CallId.COOL);
    PlanRequest asked =
        PlanRequest.plan(Pattern.A, PartType.LINE_240)
            .transformer(40.0, 9.0)
            .stages(List.of("Y", "Y2"))
            .solidState(true)
            .calls(one.calls())
            .contactorCalls(one.contactorCalls())
            .speeds(List.of("LOW", "HIGH"))
            .amps(2.6)
            .capacitor(5.0, 370.0)
            .outdoors(true)
            .extras(new PlanRequest.Extras(1, true, 40.0, false, Map.of(CallId.COOL, "LOW")))
            .build();
    Plan plan = Planner.of(asked);
    assertEquals(Plan.State.CONDITIONAL, plan.state(), plan.reasons().toString());
    List<String> told =
        plan.result().calls().stream()
            .map(run -> run.name() + " " + run.motor() + " " + run.relays())
            .toList();
    assertEquals(
        List.of(
            "IDLE OFF []",
            "COOL HIGH [CT, K2, IR2]",
            "COOL.LOW LOW [CT, K1, IR1]",
            "COLD OFF [CT, K2, IR2]"),
        told);
    assertEquals(List.of(), plan.result().all());
  }

  private static Plan dual(Pattern pattern, PartType supply, int poles) {
    PlanRequest one = Wirings.request(pattern, CallId.COOL);
    return Planner.of(
        PlanRequest.plan(pattern, supply)
            .transformer(40.0, 9.0)
            .stages(one.stages())
            .defrost(true)
            .calls(one.calls())
            .contactorCalls(one.contactorCalls())
            .speeds(List.of("HIGH", "LOW"))
            .amps(2.6)
            .capacitor(5.0, 370.0)
            .outdoors(true)
            .extras(new PlanRequest.Extras(poles, false, null, true, Map.of()))
            .build());
  }

  /** The start winding between FAN and C, where the common is; the second lead capped alone. */
  @ParameterizedTest
  @CsvSource({"A, 1", "A, 2", "A1, 1", "A1, 2"})
  void aHalfOfTheCompressorsCapacitor(Pattern pattern, int poles) {
    Plan plan = dual(pattern, PartType.LINE_240, poles);
    assertEquals(Plan.State.CONDITIONAL, plan.state(), plan.reasons().toString());
    assertTrue(plan.result().ok(), plan.result().all().toString());
    assertTrue(plan.result().calls().stream().anyMatch(run -> run.motor().equals("HIGH")));
    assertEquals(
        List.of("M.CAP1 CAP.1", "CAP.2 CT.T2"),
        plan.wires().stream()
            .map(one -> one.from() + " " + one.to())
            .filter(one -> one.contains("CAP."))
            .sorted(java.util.Comparator.reverseOrder())
            .toList());
    assertTrue(
        plan.parts().stream().anyMatch(one -> one.need().contains("FAN 5 µF, 370 V AC")),
        plan.parts().toString());
  }

  @Test
  void threePhasesHaveNoCapacitorToShare() {
    assertEquals(Plan.State.BLOCKED, dual(Pattern.A, PartType.LINE_3PH, 3).state());
  }

  /** Both speeds of a changeover can be called at once, and never meet. */
  @Test
  void aChangeoverNeverFeedsTwoSpeeds() {
    Plan plan =
        Planner.of(
            asked(
                Pattern.E,
                "COOL GAS_HEAT",
                "COOL",
                true,
                false,
                false,
                Map.of(CallId.GAS_HEAT, "LOW")));
    Run both =
        plan.result().calls().stream()
            .filter(run -> run.name().equals("DEFROST"))
            .findFirst()
            .orElseThrow();
    assertEquals(List.of("K1", "K2"), both.relays());
    assertEquals("HIGH", both.motor());
  }
}
