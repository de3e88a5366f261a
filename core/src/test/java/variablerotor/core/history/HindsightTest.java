package variablerotor.core.history;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Counted;
import variablerotor.core.likelihood.Experience;

@DisplayName("Whether a shop would have been right sooner")
class HindsightTest {
  private static final Family FAMILY = Family.CONSTANT_TORQUE;

  private static Fact volts(FactType type, double value) {
    return new Fact(type, new FactValue.Quantity(value), RepairPhase.BEFORE);
  }

  /** Line is there, and the board gives nothing with a call: the board. */
  private static final List<Fact> SILENT_BOARD =
      List.of(
          volts(FactType.LINE_VOLTS, 240),
          volts(FactType.CONTROL_VOLTS, 26),
          new Fact(FactType.CALL_PRESENT, new FactValue.Flag(true), RepairPhase.BEFORE),
          volts(FactType.COMMAND_VOLTS_BOARD, 0));

  private static Hindsight.Ended ended(List<Fact> facts, Suspect found) {
    return new Hindsight.Ended(
        Situation.of(FAMILY, Symptom.NO_RUN, Facts.of(facts)), facts, List.of(found));
  }

  private static Experience counted(Suspect found, int calls) {
    return Experience.of(List.of(new Counted(FAMILY, Symptom.NO_RUN, List.of(found), calls)), 40);
  }

  @Test
  @DisplayName("by the judged weights a dead module leads at once, and a silent board when read")
  void judged() {
    Hindsight both =
        Hindsight.of(
            List.of(ended(List.of(), Suspect.MODULE), ended(SILENT_BOARD, Suspect.COMMAND)),
            Experience.NONE);
    assertEquals(2, both.calls());
    assertEquals(1, both.judged().atOnce());
    assertEquals(4, both.judged().readings());
    assertEquals(both.judged(), both.learnt());
  }

  @Test
  @DisplayName("a shop that meets silent boards is led to them sooner")
  void learnt() {
    List<Hindsight.Ended> calls = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      calls.add(ended(SILENT_BOARD, Suspect.COMMAND));
    }
    Hindsight all = Hindsight.of(calls, counted(Suspect.COMMAND, 200));
    assertEquals(0, all.judged().atOnce());
    assertEquals(200, all.learnt().atOnce());
    assertEquals(0, all.learnt().readings());
  }

  @Test
  @DisplayName("no call tells its own answer")
  void notItsOwn() {
    Hindsight one =
        Hindsight.of(List.of(ended(SILENT_BOARD, Suspect.COMMAND)), counted(Suspect.COMMAND, 1));
    assertEquals(one.judged(), one.learnt());
  }

  @Test
  @DisplayName("what never led is said, and counts every reading")
  void never() {
    Hindsight wrong = Hindsight.of(List.of(ended(SILENT_BOARD, Suspect.WHEEL)), Experience.NONE);
    assertEquals(1, wrong.judged().never());
    assertEquals(4, wrong.judged().readings());
  }
}
