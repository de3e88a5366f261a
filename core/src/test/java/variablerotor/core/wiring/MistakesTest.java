package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.wiring.Finding.Kind;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

/** The classic mistakes on a wiring that was sound: each found, by its name, and mended. */
class MistakesTest {
  private static List<Kind> kinds(Result result) {
    return result.all().stream().map(Finding::kind).distinct().toList();
  }

  @ParameterizedTest
  @CsvSource({
    "SHORT_CIRCUIT, +CT.T1-CT.T2",
    "SHORT_CIRCUIT, +LOW.O-TR.C",
    "TWO_SPEEDS, -M.LOW-CAPPED_LOW.1 +K2.NO1-M.LOW",
    "NO_CAPACITOR, -M.CAP2-CAP.2",
    "CAPACITOR_WRONG, -M.CAP2-CAP.2 +M.HIGH-CAP.2",
    "COIL_VOLTAGE, -LOW.O-K1.A +CT.T1-K1.A",
    "CIRCUITS_JOINED, -LOW.O-K1.A +CT.T1-K1.A",
    "CIRCUITS_JOINED, +TR.C-SRC.L1",
    "UNGROUNDED, -SRC.G-M.G",
    "STAYS_OFF, -K1.B-TR.C",
    "UNEXPECTED, -K1.NO1-M.HIGH +K1.NC1-M.HIGH",
    "RUNS_WITHOUT_CALL, -CT.T1-DF.1 -CT.T2-M.COM +CT.L2-M.COM +CT.L1-M.HIGH +CT.T1-DF.1",
    "CHATTER, -LOW.O-K1.A +LOW.O-K1.COM2 +K1.NC2-K1.A"
  })
  void eachIsFoundByItsName(Kind kind, String changes) {
    Result result = Result.of(Wirings.changed(Wirings.staged(), changes.split(" ")));
    assertFalse(result.ok());
    assertTrue(kinds(result).contains(kind), result.all().toString());
  }

  /** One change of one wire, and the mend is that wire. */
  @ParameterizedTest
  @CsvSource({
    "+CT.T1-CT.T2, Take the wire between CT.T1 and CT.T2 off.",
    "-M.CAP2-CAP.2, Make a wire from CAP.2 to M.CAP2.",
    "-M.CAP2-CAP.2 +M.HIGH-CAP.2, 'Move the wire from CAP.2: off M.HIGH, on to M.CAP2.'",
    "-LOW.O-K1.A +CT.T1-K1.A, 'Move the wire from K1.A: off CT.T1, on to LOW.O.'",
    "+TR.C-SRC.L1, Take the wire between TR.C and SRC.L1 off.",
    "-SRC.G-M.G, Make a wire from M.G to SRC.G.",
    "-K1.B-TR.C, Make a wire from K1.B to TR.C.",
    "-K1.NO1-M.HIGH +K1.NC1-M.HIGH, 'Move the wire from M.HIGH: off K1.NC1, on to K1.NO1.'"
  })
  void theSmallestMendIsSaidAndHolds(String changes, String sentence) {
    Wiring wrong = Wirings.changed(Wirings.staged(), changes.split(" "));
    Mend mend = Mend.of(wrong, Result.of(wrong));
    assertNotNull(mend);
    assertEquals(sentence, mend.sentence());
    assertTrue(Result.of(mended(wrong, mend)).ok());
  }

  private static Wiring mended(Wiring wrong, Mend mend) {
    List<Wiring.Wire> wires = new ArrayList<>(wrong.wires());
    if (mend.off() != null) {
      wires.remove(mend.off());
    }
    if (mend.on() != null) {
      wires.add(mend.on());
    }
    return wrong.wired(wires);
  }

  @Test
  void aSoundWiringIsLeftAlone() {
    Wiring sound = Wirings.staged();
    Result result = Result.of(sound);
    assertTrue(result.ok(), result.all().toString());
    assertEquals(List.of(), result.all());
    assertNull(Mend.of(sound, result));
  }

  /** Low stage with K1, high with K2: 9 VA of the contactor and 7 of a relay. */
  @Test
  void whatPullsAndWhatItTakesIsTold() {
    Result result = Result.of(Wirings.staged());
    Run low =
        result.calls().stream()
            .filter(run -> run.name().equals("COOL.LOW"))
            .findFirst()
            .orElseThrow();
    assertEquals(List.of("CT", "K1"), low.relays());
    assertEquals(16, low.coilVa());
    assertEquals("HIGH", low.motor());
  }

  /** A free lead is a caution, a contact too weak as well: neither forbids power. */
  @Test
  void cautionsForbidNothing() {
    Result free = Result.of(Wirings.changed(Wirings.staged(), "-M.LOW-CAPPED_LOW.1"));
    assertTrue(free.ok());
    assertEquals(List.of(Kind.FLOATING_LEAD), kinds(free));
  }

  /** Two stages on one coil: into plain contacts a caution, into electronics a stop. */
  @ParameterizedTest
  @CsvSource({"false, true", "true, false"})
  void stagesTiedTogetherFeedBack(boolean solidState, boolean ok) {
    PlanRequest asked = Wirings.request(Pattern.A1, CallId.COOL);
    Plan plan =
        Planner.of(
            PlanRequest.plan(Pattern.A1, asked.supply())
                .transformer(40.0, 9.0)
                .stages(asked.stages())
                .solidState(solidState)
                .calls(asked.calls())
                .contactorCalls(asked.contactorCalls())
                .speeds(asked.speeds())
                .amps(2.6)
                .capacitor(5.0, 370.0)
                .outdoors(true)
                .build());
    assertEquals(ok, plan.result().ok());
    assertTrue(kinds(plan.result()).contains(Kind.BACK_FED));
    assertEquals(ok ? Plan.State.CONDITIONAL : Plan.State.BLOCKED, plan.state());
  }

  /** Two like coils one after the other have 12 V each (Kirchhoff), and neither pulls. */
  @Test
  void coilsInSeriesShareTheVoltage() {
    Result result =
        Result.of(Wirings.changed(Wirings.staged(), "-K1.B-TR.C", "-HIGH.O-K2.A", "+K1.B-K2.A"));
    List<String> sentences =
        result.all().stream()
            .filter(one -> one.kind() == Kind.COIL_VOLTAGE)
            .map(Finding::sentence)
            .toList();
    assertTrue(sentences.toString().contains("The coil of K1 gets 12 V"), sentences.toString());
    assertTrue(sentences.toString().contains("The coil of K2 gets 12 V"), sentences.toString());
  }

  /**
   * A 10 VA transformer with 25 VA on it: 26.4 ÷ (1 + 0.1 × 2.5) = 21.1 V, by hand; it still pulls.
   */
  @ParameterizedTest
  @CsvSource({"10, HIGH", "4, OFF"})
  void aTransformerThatIsTooSmallSags(double va, String motor) {
    Wiring sound = Wirings.staged();
    List<Part> parts =
        sound.parts().stream()
            .map(
                one ->
                    one.type() == PartType.TRANSFORMER
                        ? Part.named("TR", PartType.TRANSFORMER).va(va, 9.0).build()
                        : one)
            .toList();
    Result result = Result.of(new Wiring(parts, sound.wires(), sound.calls(), sound.expects()));
    assertTrue(kinds(result).contains(Kind.TRANSFORMER_OVERLOAD) || motor.equals("OFF"));
    Run low =
        result.calls().stream()
            .filter(run -> run.name().equals("COOL.LOW"))
            .findFirst()
            .orElseThrow();
    assertEquals(motor, low.motor(), low.toString());
  }

  @ParameterizedTest
  @CsvSource({
    "PHASE_MISSING, -CT.T2-OL.3",
    "PHASE_MISSING, -SRC.L2-CT.L2 +SRC.L1-CT.L2",
    "OVERLOAD_MISSING, -CT.T2-OL.3 -OL.4-M.V +CT.T2-M.V",
    "UNGROUNDED, -SRC.G-M.G"
  })
  void threePhases(Kind kind, String changes) {
    Wiring bypass = Planner.of(Wirings.request(Pattern.D, CallId.COOL)).wiring();
    assertTrue(Result.of(bypass).ok());
    Result result = Result.of(Wirings.changed(bypass, changes.split(" ")));
    assertFalse(result.ok());
    assertTrue(kinds(result).contains(kind), result.all().toString());
  }

  /** A loaner on the line side never stops. */
  @Test
  void aLoanerOnTheLineSideNeverStops() {
    Wiring loaner = Planner.of(Wirings.request(Pattern.C, CallId.COOL)).wiring();
    Wiring wrong =
        Wirings.changed(loaner, "-CT.T1-M.HIGH", "-CT.T2-M.COM", "+CT.L1-M.HIGH", "+CT.L2-M.COM");
    assertTrue(kinds(Result.of(wrong)).contains(Kind.RUNS_WITHOUT_CALL));
    // Without a table, an empty call is judged all the same.
    Result free = Result.of(new Wiring(wrong.parts(), wrong.wires(), wrong.calls(), List.of()));
    assertTrue(kinds(free).contains(Kind.RUNS_WITHOUT_CALL));
  }

  @Test
  void aLargeCabinetRunsOnEveryCall() {
    Result result = Result.of(LargeWiring.of(200, 64));
    assertTrue(result.ok(), result.all().toString());
    assertTrue(result.calls().stream().allMatch(run -> run.relays().size() == 2));
  }

  /** Names and the order of wires say nothing. */
  @Property(tries = 40)
  void namesAndOrderChangeNothing(@ForAll @IntRange(max = 100_000) int seed) {
    Random random = new Random(seed);
    Wiring wiring = broken(random);
    Map<String, String> names = new LinkedHashMap<>();
    wiring.parts().forEach(part -> names.put(part.id(), "X" + random.nextInt(1_000_000_000)));
    List<Wiring.Wire> wires = new ArrayList<>();
    for (Wiring.Wire one : wiring.wires()) {
      Terminal from = new Terminal(names.get(one.from().part()), one.from().name());
      Terminal to = new Terminal(names.get(one.to().part()), one.to().name());
      wires.add(random.nextBoolean() ? new Wiring.Wire(from, to) : new Wiring.Wire(to, from));
    }
    Collections.shuffle(wires, random);
    List<Part> parts =
        wiring.parts().stream().map(part -> part.named(names.get(part.id()))).toList();
    Result other = Result.of(new Wiring(parts, wires, wiring.calls(), wiring.expects()));
    assertEquals(told(Result.of(wiring)), told(other));
  }

  private static List<String> told(Result result) {
    return result.calls().stream()
        .map(
            run ->
                run.name()
                    + run.motor()
                    + run.coilVa()
                    + run.findings().stream()
                        .map(one -> one.kind().name())
                        .sorted()
                        .collect(Collectors.joining(",")))
        .toList();
  }

  /** A sound wiring with one to three wires moved anywhere. */
  private static Wiring broken(Random random) {
    Wiring sound = Wirings.staged();
    List<Terminal> terminals = new Board(sound).terminals;
    List<Wiring.Wire> wires = new ArrayList<>(sound.wires());
    for (int i = 0; i <= random.nextInt(3); i++) {
      Wiring.Wire one = wires.remove(random.nextInt(wires.size()));
      Terminal to = terminals.get(random.nextInt(terminals.size()));
      if (!to.equals(one.from())) {
        wires.add(new Wiring.Wire(one.from(), to));
      }
    }
    return sound.wired(wires);
  }

  /** One more wire parts no conductors. */
  @Property(tries = 60)
  void aWireMoreJoinsMoreAndPartsNothing(@ForAll @IntRange(max = 100_000) int seed) {
    Random random = new Random(seed);
    Wiring wiring = broken(random);
    Board before = new Board(wiring);
    Terminal from = before.terminals.get(random.nextInt(before.terminals.size()));
    Terminal to = before.terminals.get(random.nextInt(before.terminals.size()));
    List<Wiring.Wire> more = new ArrayList<>(wiring.wires());
    more.add(new Wiring.Wire(from, to));
    Board after = new Board(wiring.wired(more));
    for (Terminal one : before.terminals) {
      for (Terminal other : before.terminals) {
        if (before.wired.joined(before.at(one), before.at(other))) {
          assertTrue(after.wired.joined(after.at(one), after.at(other)));
        }
      }
    }
  }

  /** Whatever is broken: a mend that is said leaves nothing that must be stopped. */
  @Property(tries = 12)
  void aMendNeverBringsAStop(@ForAll @IntRange(max = 100_000) int seed) {
    Wiring wrong = broken(new Random(seed));
    Mend mend = Mend.of(wrong, Result.of(wrong));
    if (mend != null && mend.at().isEmpty()) {
      assertTrue(Result.of(mended(wrong, mend)).all().stream().noneMatch(Finding::stops));
    }
  }
}
