package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;
import variablerotor.core.wiring.Wiring.Wire;

class ProgressTest {
  private static final PlanRequest STAGED =
      Wirings.request(Pattern.A, CallId.COOL, CallId.HEAT_PUMP);
  private static final Wiring PLANNED = Planner.of(STAGED).wiring();

  private static Progress progress(Wiring wiring) {
    return Progress.of(new AsWired(STAGED, wiring, List.of(), List.of()));
  }

  /** Wire by wire, in any order: what is not there yet is no fault. */
  @ParameterizedTest
  @EnumSource(Pattern.class)
  void madeAsPlannedNothingIsEverWrong(Pattern pattern) {
    PlanRequest asked = Wirings.request(pattern, CallId.COOL);
    Wiring planned = Planner.of(asked).wiring();
    List<Wire> order = new ArrayList<>(planned.wires());
    java.util.Collections.shuffle(order, new Random(pattern.ordinal()));
    for (int made = 0; made <= order.size(); made++) {
      Progress now =
          Progress.of(
              new AsWired(asked, planned.wired(order.subList(0, made)), List.of(), List.of()));
      assertTrue(now.result().ok(), made + " of " + order + now.result().all());
      assertEquals(order.size() - made, now.toMake().size());
      assertEquals(made == order.size(), now.done());
      assertNull(now.mend());
    }
  }

  /** From one post to the next instead of all from one: the same conductor. */
  @Test
  void aChainOfWiresIsAsGoodAsAStar() {
    Wiring chained = Wirings.changed(PLANNED, "-K2.B-TR.C", "+K2.B-K1.B");
    Progress progress = progress(chained);
    assertTrue(progress.done());
    assertEquals(List.of(), progress.strange());
  }

  /** Three wires to a capacitor, the second lead capped alone: as planned. */
  @Test
  void eitherHookupOfACapacitorIsAsPlanned() {
    Wiring capped =
        Wirings.changed(
            new Wiring(
                withCap(PLANNED.parts()), PLANNED.wires(), PLANNED.calls(), PLANNED.expects()),
            "-M.CAP2-CAP.2",
            "+M.COM-CAP.2",
            "+M.CAP2-CAPPED_CAP2.1");
    Progress progress = progress(capped);
    assertEquals(List.of(), progress.strange());
    assertTrue(progress.done(), progress.toString());
    assertNull(progress.mend());
  }

  private static List<Part> withCap(List<Part> parts) {
    List<Part> more = new ArrayList<>(parts);
    more.add(Part.of("CAPPED_CAP2", PartType.JOINT));
    return more;
  }

  /** Half made, one wire on the wrong post: told at once, with the post that was meant. */
  @ParameterizedTest
  @CsvSource({
    "K1.NO1-M.HIGH, K1.NC1-M.HIGH, 'Move the wire from M.HIGH: off K1.NC1, on to K1.NO1.'",
    "LOW.O-K1.A, CT.T1-K1.A, 'Move the wire from CT.T1: off K1.A, on to K1.COM1.'",
    "M.CAP2-CAP.2, M.HIGH-CAP.2, 'Move the wire from CAP.2: off M.HIGH, on to M.CAP2.'"
  })
  void aWireOnTheWrongPostIsFoundBeforeTheRestIsMade(String meant, String made, String sentence) {
    List<Wire> some = new ArrayList<>(PLANNED.wires().subList(0, 6));
    some.removeIf(Wirings.wire(meant)::isLike);
    some.add(Wirings.wire(made));
    Progress progress = progress(PLANNED.wired(some));
    assertFalse(progress.result().ok());
    assertEquals(List.of(Wirings.wire(made)), progress.strange());
    Mend mend = progress.mend();
    assertNotNull(mend);
    assertEquals(sentence, mend.sentence());
  }

  /**
   * The line side of a contactor that is pulled on every call where it counts: no call shows it.
   */
  @Test
  void whatNoCallShowsIsStillNotThePlan() {
    Wiring wrong = Wirings.changed(PLANNED, "-CT.T1-K1.COM1", "+CT.L1-K1.COM1");
    Progress progress = progress(wrong);
    assertEquals(1, progress.strange().size());
    assertNotNull(progress.mend());
    assertFalse(progress.done());
  }

  @Test
  void withoutAPlanItIsRunAsItIs() {
    Progress progress = Progress.of(new AsWired(null, Wirings.shorted(), List.of(), List.of()));
    assertFalse(progress.result().ok());
    assertEquals(List.of(), progress.toMake());
  }
}
